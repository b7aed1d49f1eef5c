import { minutesOf } from '../units';
import { blocksInOrder, slotsOf, type CampBlock } from './setup';

/** Where a camp is in its days. */
export interface CampMoment {
  /** The block that runs, and the next one of the day; null before, between and after. */
  now: CampBlock | null;
  next: CampBlock | null;
  /** The first slot that has not begun; null when the last one has. */
  nextSlot: CampBlock | null;
  /** The slot that runs, else the last one that was; null before the first. */
  lastSlot: CampBlock | null;
  /** Minutes that are left of the block that runs. */
  left: number;
}

/**
 * What runs at a camp at a time of day at the venue, and what comes next.
 *
 * @param day ISO day
 * @param minute after midnight
 * @example campMoment([{ id: 'a', day: '2031-07-14', start: '09:00', minutes: 25, kind: 'slot' }], '2031-07-14', 545).left // 20
 */
export function campMoment(blocks: readonly CampBlock[], day: string, minute: number): CampMoment {
  const order = blocksInOrder(blocks);
  const begun = (block: CampBlock) =>
    block.day < day || (block.day === day && minutesOf(block.start) <= minute);
  const today = order.filter((block) => block.day === day);
  const now = today.find((block) => begun(block) && minute < minutesOf(block.start) + block.minutes) ?? null;
  const slots = slotsOf({ blocks });
  return {
    now,
    next: today.find((block) => !begun(block)) ?? null,
    nextSlot: slots.find((slot) => !begun(slot)) ?? null,
    lastSlot: slots.filter(begun).at(-1) ?? null,
    left: now ? minutesOf(now.start) + now.minutes - minute : 0,
  };
}
