import { follows, type CampTable } from './table';
import { texts } from './texts';

/** A rule that a plan breaks: who, where and when, in words. */
export interface CampFault {
  rule: 'place' | 'capacity' | 'minimum' | 'age' | 'throws' | 'together' | 'apart' | 'pin';
  words: string;
}

type Route = readonly (number | null)[];

/** Where one athlete is and may not be, and their throws. */
function faultsOfRoute(table: CampTable, a: number, route: Route): CampFault[] {
  const { athletes, stations, slots, may, present, open, heavy, heavyLimit, day, settled } = table;
  const who = athletes[a]!;
  const faults: CampFault[] = [];
  const thrown = new Map<number, number>();
  route.forEach((s, t) => {
    const pin = settled[a]![t];
    if (pin !== null && pin !== undefined && pin !== (s ?? -1) && present[a]![t])
      faults.push({ rule: 'pin', words: texts.isNotWhereFixed(who, slots[t]) });
    if (s === null) return;
    const where = `${who} at ${stations[s]} in ${slots[t]}`;
    if (!present[a]![t]) faults.push({ rule: 'place', words: texts.notThereThen(where) });
    if (!may[a]![s]) faults.push({ rule: 'place', words: texts.cannotBeThere(where) });
    if (!open[s]![t]) faults.push({ rule: 'place', words: `${where}: closed` });
    if (!heavy[s]) return;
    thrown.set(day[t]!, (thrown.get(day[t]!) ?? 0) + 1);
    const last = follows(table, t) ? route[t - 1] : null;
    if (last !== null && last !== undefined && heavy[last])
      faults.push({ rule: 'throws', words: texts.throwsTwoSlots(where) });
  });
  for (const n of thrown.values())
    if (n > heavyLimit[a]!)
      faults.push({
        rule: 'throws',
        words: texts.throwsTooOften(who, n, heavyLimit[a]),
      });
  return faults;
}

/** Whether a station in a slot holds those who are there. */
function faultsOfCell(table: CampTable, s: number, t: number, there: readonly number[]): CampFault[] {
  const { stations, slots, capacity, minimum, ageSpan, ages } = table;
  if (there.length === 0) return [];
  const where = `${stations[s]} in ${slots[t]}`;
  const faults: CampFault[] = [];
  if (there.length > capacity[s]!)
    faults.push({ rule: 'capacity', words: `${where}: ${there.length} of ${capacity[s]}` });
  if (there.length < minimum[s]!)
    faults.push({ rule: 'minimum', words: texts.tooFewToOpen(where, there.length, minimum[s]) });
  const span = Math.max(...there.map((a) => ages[a]!)) - Math.min(...there.map((a) => ages[a]!));
  if (ageSpan !== null && span > ageSpan)
    faults.push({ rule: 'age', words: texts.tooFarApart(where, span, ageSpan) });
  return faults;
}

function faultsOfCompany(table: CampTable, routes: readonly Route[]): CampFault[] {
  const { athletes, present, together, apart, slots } = table;
  const names = (ids: readonly number[]) => ids.map((a) => athletes[a]).join(', ');
  const faults: CampFault[] = [];
  for (const ids of together) {
    const shared = slots.flatMap((_, t) => (ids.every((a) => present[a]![t]) ? [t] : []));
    const side = shared.filter((t) => {
      const first = routes[ids[0]!]![t];
      return first !== null && ids.every((a) => routes[a]![t] === first);
    });
    if (2 * side.length < shared.length)
      faults.push({
        rule: 'together',
        words: texts.togetherInSome(names(ids), side.length, shared.length),
      });
  }
  for (const ids of apart)
    slots.forEach((slot, t) => {
      const seen = new Map<number, number>();
      for (const a of ids) {
        const s = routes[a]![t];
        if (s === null || s === undefined) continue;
        const other = seen.get(s);
        if (other !== undefined)
          faults.push({ rule: 'apart', words: texts.bothAtOneStation(names([other, a]), slot) });
        seen.set(s, a);
      }
    });
  return faults;
}

/**
 * Every hard rule that routes break, each in words; the same for a plan that was made and for one that somebody changed by
 * hand.
 *
 * @param routes station by athlete and slot, null for none
 * @returns empty where every rule holds
 * @example campFaults(camp, camp.athletes.map(() => camp.slots.map(() => null))) // []
 */
export function campFaults(table: CampTable, routes: readonly Route[]): CampFault[] {
  const { stations, slots } = table;
  return [
    ...routes.flatMap((route, a) => faultsOfRoute(table, a, route)),
    ...stations.flatMap((_, s) =>
      slots.flatMap((__, t) =>
        faultsOfCell(
          table,
          s,
          t,
          routes.flatMap((route, a) => (route[t] === s ? [a] : [])),
        ),
      ),
    ),
    ...faultsOfCompany(table, routes),
  ];
}
