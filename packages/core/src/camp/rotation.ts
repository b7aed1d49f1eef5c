import { Writer, type Solve, type Term } from '../build/week/programme';
import type { Turns } from './groupings';
import { follows, nowhere, secondVisit, type CampTable } from './table';
import { mostHeavy, routeWorth } from './worth';
import { texts } from './texts';

type Group = readonly number[];

/**
 * The station that is settled for a group in a slot, by a pin or because the slot is over; null where none is. Who came
 * from another group was elsewhere.
 */
function settledFor({ settled }: CampTable, group: Group, t: number): number | null {
  const times = new Map<number, number>();
  for (const a of group) {
    const s = settled[a]![t];
    if (s !== null && s !== undefined) times.set(s, (times.get(s) ?? 0) + (s >= 0 ? 1 : 0.5));
  }
  const [most] = [...times].sort((x, y) => y[1] - x[1]);
  return most ? most[0] : null;
}

/** Whether a whole group may be at a station in a slot: open, large enough, for each of those who are there. */
function possible(table: CampTable, group: Group, s: number, t: number): boolean {
  const there = group.filter((a) => table.present[a]![t]);
  return (
    table.open[s]![t] === true &&
    there.length <= table.capacity[s]! &&
    there.length >= table.minimum[s]! &&
    there.every((a) => table.may[a]![s])
  );
}

export interface BoundWish {
  table: CampTable;
  /** What each could get alone. */
  best: readonly number[];
  solve: Solve;
}

/**
 * What no turns of given groups are worth more than: how often each group is at each station, with the slots left out, as
 * all turns keep these rules.
 *
 * @param wish the camp, what each could get alone, and the solver
 * @param floor least share of everybody who needs something, 0..1
 * @param whole false for the relaxation, which is quicker and at least as great
 * @param seconds to find it in
 * @returns null where no turns have this floor
 * @example turnsBound({ table: camp, best: bestAlone(camp), solve }, [[0, 1, 2, 3]], { floor: 0, whole: true, seconds: 1 }) // 28.5
 */
export function turnsBound(
  { table, best, solve }: BoundWish,
  members: readonly Group[],
  { floor, whole, seconds }: { floor: number; whole: boolean; seconds: number },
): number | null {
  const { stations, slots, need, heavy } = table;
  const writer = new Writer();
  const perStation: Term[][] = stations.map(() => []);
  let fromElsewhere = 0;
  for (const group of members) {
    if (group.length === 0) continue;
    const settled = slots.map((_, t) => settledFor(table, group, t));
    // What somebody brings along from another group is worth this at most.
    const brought = new Map(
      group.map((a) => {
        const own = settled.map((s, t) =>
          table.settled[a]![t] === s ? nowhere : (table.settled[a]![t] ?? nowhere),
        );
        return [a, routeWorth(need[a]!, own)];
      }),
    );
    for (const worth of brought.values()) fromElsewhere += worth;
    const columns = stations.map((_, s) => {
      const fixed = settled.filter((each) => each === s).length;
      const may = slots.filter((__, t) => settled[t] === null && possible(table, group, s, t)).length + fixed;
      const gain = group.reduce((sum, a) => sum + need[a]![s]!, 0);
      const visits = [
        writer.column(Math.min(1, may), whole, gain),
        writer.column(Math.max(0, Math.min(1, may - 1)), whole, gain * secondVisit),
        writer.column(Math.max(0, may - 2), whole),
      ] as const;
      const all = visits.map((column): Term => [column, 1]);
      if (fixed > 0) writer.atLeast(null, all, fixed);
      perStation[s]!.push(...all);
      return { visits, all };
    });
    // What is over stands, whoever has left since and whatever was closed.
    const here = slots.map((_, t) => settled[t] !== null || group.some((a) => table.present[a]![t]));
    const thrown = settled.filter((s) => s !== null && s >= 0 && heavy[s]).length;
    writer.atMost(
      null,
      columns.flatMap(({ all }) => all),
      here.filter(Boolean).length,
    );
    writer.atMost(
      null,
      columns.flatMap(({ all }, s) => (heavy[s] ? all : [])),
      Math.max(
        thrown,
        mostHeavy(
          { ...table, present: [here], heavyLimit: [Math.min(...group.map((a) => table.heavyLimit[a]!))] },
          0,
        ),
      ),
    );
    for (const a of group)
      if (best[a]! > 0)
        writer.atLeast(
          null,
          columns.flatMap(({ visits: [first, second] }, s): Term[] =>
            need[a]![s]! > 0
              ? [
                  [first, need[a]![s]!],
                  [second, need[a]![s]! * secondVisit],
                ]
              : [],
          ),
          floor * best[a]! - brought.get(a)! - 1e-9,
        );
  }
  perStation.forEach((visits, s) => {
    const held = (t: number) => members.filter((group) => settledFor(table, group, t) === s).length;
    const most = slots.reduce((sum, _, t) => sum + Math.max(Number(table.open[s]![t]), held(t)), 0);
    writer.atMost(null, visits, most);
  });
  const solved = solve(writer.programme, { gap: 0.002, seconds });
  return solved.status === 'solved' || (solved.status === 'none' && whole && Number.isFinite(solved.bound))
    ? solved.bound + fromElsewhere
    : null;
}

/**
 * Turns without what breaks a rule: whoever may not be where they are is at no station, or at one that is free for them.
 *
 * @example lawful(camp, { members: [[0, 1, 2, 3]], stations: [[0, 1, 2, 3, 4]] })[0].length // 5
 */
export function lawful(table: CampTable, { members, stations }: Turns): number[][] {
  const { slots, heavy, heavyLimit, day } = table;
  const all = stations.map((route) => [...route]);
  const limitOf = (g: number) => Math.min(...members[g]!.map((a) => heavyLimit[a]!));
  const throws = (g: number, t: number) =>
    slots.filter((_, u) => u !== t && day[u] === day[t] && all[g]![u]! >= 0 && heavy[all[g]![u]!]).length;
  const threw = (g: number, t: number) => all[g]![t] !== undefined && all[g]![t]! >= 0 && heavy[all[g]![t]!];
  const fits = (g: number, t: number, s: number) =>
    possible(table, members[g]!, s, t) &&
    (!heavy[s] ||
      (throws(g, t) < limitOf(g) &&
        !(follows(table, t) && threw(g, t - 1)) &&
        !(t + 1 < slots.length && follows(table, t + 1) && threw(g, t + 1))));
  const free = (g: number, t: number) =>
    members[g]!.some((a) => table.present[a]![t]) && settledFor(table, members[g]!, t) === null;
  const cells = members.flatMap((_, g) => slots.flatMap((__, t) => (free(g, t) ? [[g, t] as const] : [])));
  members.forEach((group, g) =>
    slots.forEach((_, t) => group.some((a) => table.present[a]![t]) || (all[g]![t] = nowhere)),
  );
  for (const [g, t] of cells) if (all[g]![t]! >= 0 && !fits(g, t, all[g]![t]!)) all[g]![t] = nowhere;
  for (const [g, t] of cells) {
    if (all[g]![t] !== nowhere) continue;
    const taken = new Set(all.map((route) => route[t]));
    all[g]![t] = table.stations.findIndex((_, s) => !taken.has(s) && fits(g, t, s));
  }
  return all;
}

/**
 * Why a group is at no station in a slot, in words that follow a colon.
 *
 * @example whyIdle(camp, { members: [[0, 1]], stations: [[-1]] }, 0, 0) // 'every open station needs more than 2'
 */
export function whyIdle(table: CampTable, { members, stations }: Turns, g: number, t: number): string {
  const { open, capacity, minimum, may, present } = table;
  const there = members[g]!.filter((a) => present[a]![t]);
  const opened = table.stations.flatMap((_, s) => (open[s]![t] ? [s] : []));
  if (opened.length === 0) return texts.noStationIsOpenThen;
  const large = opened.filter((s) => capacity[s]! >= there.length);
  if (large.length === 0) return texts.noOpenStationTakes(there.length);
  const holding = large.filter((s) => minimum[s]! <= there.length);
  if (holding.length === 0) return texts.everyOpenStation(there.length);
  const allowed = holding.filter((s) => there.every((a) => may[a]![s]));
  if (allowed.length === 0) return texts.somebodyIsBarred;
  const taken = new Set(stations.map((route) => route[t]));
  return allowed.every((s) => taken.has(s)) ? texts.otherGroupsAreUsing : texts.tooManyThrows;
}
