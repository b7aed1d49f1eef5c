import type { Timetable } from './cost';
import { follows, nowhere } from './table';
import { texts } from './texts';

/**
 * Whether somebody is too old or too young for a station in a slot, where ages are too far apart: of all ranges that are
 * near enough the one stays that holds most who are there, so that as few as can be have to leave.
 */
function isOutOfAge({ table, T, at }: Timetable, a: number, t: number, s: number): boolean {
  const { ageSpan, ages } = table;
  if (ageSpan === null) return false;
  const there = ages.filter((_, b) => at[b * T + t] === s);
  const range = (from: number) => there.filter((age) => age >= from && age <= from + ageSpan).length;
  const from = [...there]
    .sort((x, y) => x - y)
    .reduce((best, age) => (range(age) > range(best) ? age : best));
  return ages[a]! < from || ages[a]! > from + ageSpan;
}

/**
 * Why somebody who may not stay at a station in a slot has to leave it; null where they may.
 *
 * @example whyNot(timetable(), 0, 0) // null
 */
export function whyNot(timetable: Timetable, a: number, t: number): string | null {
  const { table } = timetable;
  const s = timetable.station(a, t);
  if (s < 0) return null;
  const name = table.stations[s]!;
  const there = timetable.count[s * timetable.T + t]!;
  if (isOutOfAge(timetable, a, t, s)) return texts.tooFewOrTooFar(name);
  if (there > table.capacity[s]!) return texts.isFull(name);
  const own = whyNotOwn(timetable, a, t);
  if (own) return own;
  return there < table.minimum[s]! ? texts.tooFewOrTooFar(name) : null;
}

/** Why somebody may not be where they are in a slot on account of their other slots, or of whom they are kept apart from. */
function whyNotOwn(timetable: Timetable, a: number, t: number): string | null {
  const { table } = timetable;
  const s = timetable.station(a, t);
  if (s < 0) return null;
  const name = table.stations[s]!;
  if (table.heavy[s]) {
    const last = follows(table, t) ? timetable.station(a, t - 1) : nowhere;
    if (last >= 0 && table.heavy[last]) return texts.wouldBeThrowsTwoSlots(name);
    const today = table.slots.filter((_, u) => {
      const station = timetable.station(a, u);
      return table.day[u] === table.day[t] && u <= t && station >= 0 && table.heavy[station];
    });
    if (today.length > table.heavyLimit[a]!) return texts.wouldBeMoreThrowsThanDay(name);
  }
  const other = table.apart.some(
    (ids) => ids.includes(a) && ids.some((b) => b !== a && timetable.station(b, t) === s),
  );
  return other ? texts.athleteToBeKeptApart(name) : null;
}

/**
 * Whether a slot of somebody breaks no rule, nor makes a later one break one: one more throw may be too many for it.
 *
 * @example isFine(timetable(), 0, 0) // true
 */
export const isFine = (timetable: Timetable, a: number, t: number): boolean =>
  timetable.table.slots.every((_, u) => u < t || whyNot(timetable, a, u) === null);

/**
 * The same as far as it hangs on somebody's other slots, on whom they are kept apart from, and on the ages of those who are
 * there: not on how many they are.
 *
 * @example couldBe(timetable(), 0, 0) // true
 */
export function couldBe(timetable: Timetable, a: number, t: number): boolean {
  const { table, at, T } = timetable;
  const { ageSpan, ages, slots } = table;
  const s = timetable.station(a, t);
  const near = (b: number) => Math.abs(ages[a]! - ages[b]!) <= ageSpan!;
  if (ageSpan !== null && ages.some((_, b) => at[b * T + t] === s && !near(b))) return false;
  return slots.every((_, u) => u < t || whyNotOwn(timetable, a, u) === null);
}
