import { addDays, minutesOf } from '../units';
import { slotsOf, type CampBlock, type CampSetup, type CampStaff } from './setup';

/** Something that happens while a camp runs, from a slot to the end of its day. */
export interface CampChange {
  id: string;
  /** `away`, `late` and `left` are of an athlete, `sick` of one of the staff, `closed` of an area. */
  kind: 'away' | 'late' | 'left' | 'sick' | 'closed';
  subject: string;
  /** The first slot for which it holds; of somebody who is late, the first in which they are there. */
  slot: string;
}

/**
 * The slots for which a change holds: from its slot to the end of that day, and for somebody late all before it.
 *
 * @example slotsOfChange({ kind: 'sick', slot: 'b' }, [{ id: 'a', day: '2031-07-14' }, { id: 'b', day: '2031-07-14' }]) // [ 'b' ]
 */
export function slotsOfChange(
  { kind, slot }: Pick<CampChange, 'kind' | 'slot'>,
  slots: readonly Pick<CampBlock, 'id' | 'day'>[],
): string[] {
  const at = slots.findIndex(({ id }) => id === slot);
  if (at < 0) return [];
  const { day } = slots[at]!;
  return slots.flatMap((each, t) =>
    each.day === day && (kind === 'late' ? t < at : t >= at) ? [each.id] : [],
  );
}

/** Who leads which station in a slot. */
export type CoachesOfSlot = Readonly<Record<string, string>>;

export interface Staffing {
  /** By slot, the coach of each station; a station that is not in it has none. */
  coaches: Readonly<Record<string, CoachesOfSlot>>;
  /** Stations that nobody can lead, by slot; all of them may be open where a camp has no staff yet. */
  without: Readonly<Record<string, readonly string[]>>;
}

/**
 * Whether one of the staff is there for the whole of a slot.
 *
 * @example isThere({ hours: [{ day: '2031-07-14', from: '08:00', to: '12:00' }] }, { day: '2031-07-14', start: '11:30', minutes: 31 }) // false
 */
export const isThere = (
  { hours }: Pick<CampStaff, 'hours'>,
  { day, start, minutes }: Pick<CampBlock, 'day' | 'start' | 'minutes'>,
): boolean =>
  hours.some(
    (each) =>
      each.day === day &&
      minutesOf(each.from) <= minutesOf(start) &&
      minutesOf(each.to) >= minutesOf(start) + minutes,
  );

/** Gives a station a coach, moving others to another of theirs where that makes room; as many stations as can be. */
function give(
  station: string,
  wishes: ReadonlyMap<string, readonly string[]>,
  of: Map<string, string>,
  tried: Set<string>,
): boolean {
  for (const coach of wishes.get(station)!) {
    if (tried.has(coach)) continue;
    tried.add(coach);
    const has = of.get(coach);
    if (has === undefined || give(has, wishes, of, tried)) {
      of.set(coach, station);
      return true;
    }
  }
  return false;
}

/**
 * Who leads which station in each slot: as many stations as can be, each coach where they were in the slot before as far
 * as that goes, and the load spread. In the order of the stations: the first ones are led first.
 *
 * @param sick slots in which one of the staff is away
 * @param open stations that are to be led in a slot; all of them when left out
 * @example staffed({ blocks: [], staff: [], stations: [] }, new Map()).coaches // {}
 */
export function staffed(
  setup: Pick<CampSetup, 'blocks' | 'staff' | 'stations'>,
  sick: ReadonlyMap<string, ReadonlySet<string>>,
  open?: ReadonlyMap<string, ReadonlySet<string>>,
): Staffing {
  const coaches: Record<string, CoachesOfSlot> = {};
  const without: Record<string, string[]> = {};
  const load = new Map(setup.staff.map(({ id }) => [id, 0]));
  let last: ReadonlyMap<string, string> = new Map();
  for (const slot of slotsOf(setup)) {
    const there = setup.staff.filter((each) => isThere(each, slot) && !sick.get(each.id)?.has(slot.id));
    const stations = setup.stations.filter(({ id }) => open?.get(slot.id)?.has(id) ?? true);
    const wishes = new Map(
      stations.map(({ id, skill }) => [
        id,
        there
          .filter(({ skills }) => skill === null || skills.includes(skill))
          .sort(
            (a, b) =>
              Number(last.get(b.id) === id) - Number(last.get(a.id) === id) ||
              load.get(a.id)! - load.get(b.id)!,
          )
          .map((each) => each.id),
      ]),
    );
    const of = new Map<string, string>();
    for (const { id } of stations) give(id, wishes, of, new Set());
    for (const coach of of.keys()) load.set(coach, load.get(coach)! + 1);
    coaches[slot.id] = Object.fromEntries([...of].map(([coach, station]) => [station, coach]));
    without[slot.id] = setup.staff.length
      ? stations.flatMap(({ id }) => (Object.hasOwn(coaches[slot.id]!, id) ? [] : [id]))
      : [];
    last = of;
  }
  return { coaches, without };
}

/**
 * Every day of a camp.
 *
 * @example daysOf({ firstDay: '2031-07-31', lastDay: '2031-08-01' }) // [ '2031-07-31', '2031-08-01' ]
 */
export function daysOf({ firstDay, lastDay }: Pick<CampSetup, 'firstDay' | 'lastDay'>): string[] {
  const days: string[] = [];
  for (let day = firstDay; day <= lastDay && days.length < longestCamp; day = addDays(day, 1)) days.push(day);
  return days;
}

/** Days of a camp at most. */
export const longestCamp = 14;
