import type { Timetable } from './cost';
import type { Freedom } from './freedom';
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

/** Why somebody who may not stay at a station in a slot has to leave it; null where they may. */
function whyNot(timetable: Timetable, a: number, t: number): string | null {
  const { table } = timetable;
  const s = timetable.station(a, t);
  if (s < 0) return null;
  const name = table.stations[s]!;
  const there = timetable.count[s * timetable.T + t]!;
  if (isOutOfAge(timetable, a, t, s)) return texts.tooFewOrTooFar(name);
  if (there > table.capacity[s]!) return texts.isFull(name);
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
  if (other) return texts.athleteToBeKeptApart(name);
  return there < table.minimum[s]! ? texts.tooFewOrTooFar(name) : null;
}

/**
 * Takes out of their slots whoever breaks a rule there, and puts them where they break none.
 *
 * @returns who is at no station, and why
 * @example repaired(timetable(), nobody).length // 120
 */
export function repaired(timetable: Timetable, { athlete, slot, stations }: Freedom): string[] {
  const { table } = timetable;
  const why = new Map<string, string>();
  for (let again = true; again;) {
    again = false;
    for (let n = athlete.length - 1; n >= 0; n--) {
      const [a, t] = [athlete[n]!, slot[n]!];
      const reason = whyNot(timetable, a, t);
      if (!reason) continue;
      timetable.set(a, t, nowhere);
      why.set(texts.hasNoStationFor(table.athletes[a], table.slots[t]), reason);
      again = true;
    }
  }
  for (let n = 0; n < athlete.length; n++) {
    const [a, t] = [athlete[n]!, slot[n]!];
    if (timetable.station(a, t) !== nowhere) continue;
    const fits = stations[n]!.filter((s) => {
      timetable.set(a, t, s);
      // One more throw may be too many for a later slot of the day.
      const later = table.slots.some((_, u) => u > t && whyNot(timetable, a, u) !== null);
      const fit = whyNot(timetable, a, t) === null && !later;
      timetable.set(a, t, nowhere);
      return fit;
    });
    const most = (s: number) => table.need[a]![s]!;
    if (fits.length)
      timetable.set(
        a,
        t,
        fits.reduce((s, other) => (most(other) > most(s) ? other : s)),
      );
    else {
      const words = texts.hasNoStationFor(table.athletes[a], table.slots[t]);
      if (!why.has(words)) why.set(words, texts.noRoom);
    }
  }
  return table.athletes.flatMap((name, a) =>
    table.slots.flatMap((id, t) => {
      if (!table.present[a]![t] || timetable.station(a, t) !== nowhere) return [];
      const words = texts.hasNoStationFor(name, id);
      return [`${words}: ${why.get(words) ?? texts.noneIsPossible}.`];
    }),
  );
}
