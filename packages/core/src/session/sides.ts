import type { Dose } from '../build/dose';
import type { Hand } from '../catalogue';
import { texts } from './texts';

/** Which side of the body works in a rep, or to which side it goes. */
export const repSides = ['lead', 'trail'] as const;
export type RepSide = (typeof repSides)[number];

export interface SideNow {
  side: RepSide;
  /** Reps of this set on that side so far, and how many it has. */
  rep: number;
  reps: number;
  /** The other side was just finished: time to change. */
  change: boolean;
}

/**
 * The side whose turn it is in a dose that is done on each: the one that was chosen, as long as it has reps left in
 * this set, else the one that has. Null for a dose without sides.
 *
 * @param done reps of each side since the last set whose end was marked
 * @example sideNow(parseDose('3x8'), { lead: 0, trail: 0 }, null) // null
 */
export function sideNow(
  dose: Dose,
  done: Readonly<Record<RepSide, number>>,
  chosen: RepSide | null,
): SideNow | null {
  if (dose.sides === 1) return null;
  const reps = dose.reps?.to ?? 1;
  const complete = Math.min(Math.floor(done.lead / reps), Math.floor(done.trail / reps));
  const inSet = { lead: done.lead - complete * reps, trail: done.trail - complete * reps };
  const first = chosen ?? 'lead';
  const other = first === 'lead' ? 'trail' : 'lead';
  const side = inSet[first] < reps ? first : other;
  return { side, rep: Math.min(inSet[side], reps), reps, change: side === other && inSet[other] === 0 };
}

/**
 * “left side”, or “to the left”: from the throwing hand, never written down.
 *
 * @example repSideWords('lead', 'R', parseDose('3x8 each')) // 'left side'
 */
export function repSideWords(side: RepSide, hand: Hand, { sideWord }: Pick<Dose, 'sideWord'>): string {
  const left = (side === 'lead') === (hand === 'R');
  const word = left ? 'left' : 'right';
  return sideWord === 'each way' ? texts.toTheSide(word) : `${word} side`;
}
