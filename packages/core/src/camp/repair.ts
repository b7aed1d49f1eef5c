import type { Timetable } from './cost';
import { Leeway, type Freedom } from './freedom';
import { roomMade } from './roomMade';
import { nowhere } from './table';
import { texts } from './texts';
import { isFine, whyNot } from './whyNot';

/**
 * Takes out of their slots whoever breaks a rule there, and puts them where they break none: where there is room, or where
 * others make room by going elsewhere in the same slot.
 *
 * @returns who is at no station, and why
 * @example repaired(timetable(), nobody).length // 120
 */
export function repaired(timetable: Timetable, freedom: Freedom): string[] {
  const { athlete, slot, stations } = freedom;
  const { table } = timetable;
  const leeway = new Leeway(freedom, timetable);
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
      const fit = isFine(timetable, a, t);
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
    else if (!roomMade(timetable, leeway, a, t)) {
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
