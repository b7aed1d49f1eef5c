import type { Timetable } from './cost';
import type { Leeway } from './freedom';
import { nowhere, sideBySide } from './table';
import { couldBe, isFine } from './whyNot';

/** Who goes to a station, from which one. */
interface Step {
  a: number;
  from: number;
}

/**
 * Makes room for somebody who is at no station in a slot: others of that slot go one station further, as few of them as
 * can be (a shortest augmenting path, Berge 1957). Friends stay where they are.
 *
 * @returns whether there is a way; else nothing is changed
 * @example roomMade(timetable(), leeway, 0, 0) // false
 */
export function roomMade(timetable: Timetable, leeway: Leeway, a: number, t: number): boolean {
  const { table, S } = timetable;
  const befriended = new Set(sideBySide(table).flat());
  /** By station, how it was come to. */
  const steps = new Map<number, Step>();
  const goOn = (who: number, from: number): void => {
    for (let s = 0; s < S; s++) {
      if (s === from || steps.has(s) || !leeway.allows(who, t, s)) continue;
      timetable.set(who, t, s);
      if (couldBe(timetable, who, t)) steps.set(s, { a: who, from });
      timetable.set(who, t, from);
    }
  };
  const settled = (last: number): boolean => {
    const changed: [number, number][] = [];
    for (let s = last; s !== nowhere;) {
      const { a: who, from } = steps.get(s)!;
      timetable.set(who, t, s);
      changed.push([who, from]);
      s = from;
    }
    if (changed.every(([who]) => isFine(timetable, who, t))) return true;
    for (const [who, from] of changed) timetable.set(who, t, from);
    return false;
  };
  goOn(a, nowhere);
  // Stations are gone through as they are come to: those that are found meanwhile come after them.
  for (const s of steps.keys()) {
    const there = timetable.count[s * timetable.T + t]!;
    if (there < table.capacity[s]! && settled(s)) return true;
    for (let b = 0; b < timetable.A; b++)
      if (timetable.station(b, t) === s && !befriended.has(b) && leeway.allows(b, t, nowhere)) goOn(b, s);
  }
  return false;
}
