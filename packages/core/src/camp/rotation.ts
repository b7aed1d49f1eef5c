import { Writer, type Solve, type Term } from '../build/week/programme';
import { ofMove } from './cost';
import { floorStep } from './served';
import { follows, nowhere, secondVisit, type CampTable } from './table';
import { mostHeavy } from './worth';

export interface RotationWish {
  table: CampTable;
  /** What each could get alone. */
  best: readonly number[];
  solve: Solve;
}

/** What a slot at no station costs, for each of the group: more than any station is worth. */
const missing = -20;
/** How close programmes are solved. */
const gap = 0.002;

/** Stations at which a whole group may be in a slot: open, large enough, for each of those who are there. */
function possible(table: CampTable, group: readonly number[], s: number, t: number): boolean {
  const there = group.filter((a) => table.present[a]![t]);
  return (
    table.open[s]![t] === true &&
    there.length <= table.capacity[s]! &&
    there.length >= table.minimum[s]! &&
    there.every((a) => table.may[a]![s])
  );
}

type Members = readonly (readonly number[])[];

/** Stations of each group by slot, and what no rotation of these groups is worth more than. */
export interface GroupRoutes {
  stations: number[][];
  bound: number;
}

/**
 * The rotation that serves given groups best, each station held by one group at a time, as one programme over all slots.
 */
function rotationOf(
  { table, best, solve }: RotationWish,
  members: Members,
  { floor, seconds }: { floor: number; seconds: number },
): GroupRoutes | null {
  const { slots, stations, need, heavy, heavyLimit, day, settled } = table;
  const writer = new Writer();
  const idle: { column: number; people: number }[] = [];
  const cells = members.map((group) =>
    slots.map((_, t) =>
      stations.map((__, s) => {
        const stay = ofMove * group.filter((a) => table.before[a]?.[t] === s).length;
        const was = group.some((a) => settled[a]![t] === s);
        return was || possible(table, group, s, t) ? writer.column(1, true, stay) : null;
      }),
    ),
  );
  const terms = (columns: readonly (number | null)[]): Term[] =>
    columns.flatMap((column) => (column === null ? [] : [[column, 1] as const]));
  members.forEach((group, g) => {
    if (group.length === 0) return;
    const visited = stations.map((_, s) => {
      const gain = group.reduce((sum, a) => sum + need[a]![s]!, 0);
      // Whole by themselves: a first visit is worth more than a second, so it is counted first.
      const [first, second] = [writer.column(1, false, gain), writer.column(1, false, gain * secondVisit)];
      const visits = terms(cells[g]!.map((row) => row[s]!));
      writer.atMost(null, [[first, 1], [second, 1], ...visits.map(([column]) => [column, -1] as const)], 0);
      return { first, second };
    });
    cells[g]!.forEach((row) => {
      const none = writer.column(1, false, missing * group.length);
      idle.push({ column: none, people: group.length });
      writer.row(null, 1, [...terms(row), [none, 1]], 1);
    });
    for (const a of group)
      if (best[a]! > 0)
        writer.atLeast(
          null,
          visited.flatMap(({ first, second }, s): Term[] => [
            [first, need[a]![s]!],
            [second, need[a]![s]! * secondVisit],
          ]),
          floor * best[a]! - 1e-9,
        );
    const heavyAt = (t: number) => terms(cells[g]![t]!.filter((_, s) => heavy[s]));
    const limit = Math.min(...group.map((a) => heavyLimit[a]!));
    for (const d of new Set(day))
      writer.atMost(
        null,
        slots.flatMap((_, t) => (day[t] === d ? heavyAt(t) : [])),
        limit,
      );
    slots.forEach((_, t) => {
      if (follows(table, t)) writer.atMost(null, [...heavyAt(t - 1), ...heavyAt(t)], 1);
      const pin = group.map((a) => settled[a]![t]).find((s) => s !== null && s !== undefined && s >= 0);
      const column = pin === undefined || pin === null ? null : cells[g]![t]![pin];
      if (column !== null && column !== undefined) writer.atLeast(null, [[column, 1]], 1);
    });
  });
  slots.forEach((_, t) =>
    stations.forEach((__, s) => writer.atMost(null, terms(cells.map((group) => group[t]![s]!)), 1)),
  );
  const solved = solve(writer.programme, { gap, seconds });
  if (solved.status !== 'solved') return null;
  const at = (column: number | null) => column !== null && (solved.values[column] ?? 0) > 0.5;
  return {
    stations: cells.map((group) => group.map((row) => row.findIndex(at))),
    // Less what stands for groups without a station, which is no worth.
    bound:
      solved.bound - idle.reduce((sum, { column, people }) => sum + missing * people * Number(at(column)), 0),
  };
}

const plusColumns = (columns: readonly (number | null)[]): Term[] =>
  columns.flatMap((column) => (column === null ? [] : [[column, 1] as const]));

/** Slots in which a group may be at a station. */
const slotsFor = (table: CampTable, group: readonly number[], s: number): number =>
  table.slots.reduce((sum, _, t) => sum + Number(possible(table, group, s, t)), 0);

/** Slots in which anybody of a group is there. */
const slotsOfGroup = (table: CampTable, group: readonly number[]): number =>
  table.slots.filter((_, t) => group.some((a) => table.present[a]![t])).length;

interface GroupCounts {
  /** By group and station. */
  visits: number[][];
  bound: number;
}

/**
 * How often each group is at each station, with the slots left out: every rotation keeps these rules, so that none is worth
 * more.
 */
function countsOf(
  { table, best, solve }: RotationWish,
  members: Members,
  { floor, seconds }: { floor: number; seconds: number },
): GroupCounts | null {
  const { stations, need, heavy, open } = table;
  const writer = new Writer();
  const idle: { column: number; people: number }[] = [];
  const columns = members.map((group) =>
    stations.map((_, s) => {
      const slots = group.length ? slotsFor(table, group, s) : 0;
      if (slots === 0) return null;
      const gain = group.reduce((sum, a) => sum + need[a]![s]!, 0);
      return {
        first: writer.column(1, true, gain),
        second: writer.column(Math.min(1, slots - 1), true, gain * secondVisit),
        more: writer.column(Math.max(0, slots - 2), true),
      };
    }),
  );
  const visits = (column: (typeof columns)[number][number]): Term[] =>
    column ? plusColumns([column.first, column.second, column.more]) : [];
  members.forEach((group, g) => {
    if (group.length === 0) return;
    const slots = slotsOfGroup(table, group);
    const none = writer.column(slots, true, missing * group.length);
    idle.push({ column: none, people: group.length });
    writer.row(null, slots, [...columns[g]!.flatMap(visits), [none, 1]], slots);
    writer.atMost(
      null,
      columns[g]!.flatMap((column, s) => (heavy[s] ? visits(column) : [])),
      Math.min(...group.map((a) => mostHeavy(table, a))),
    );
    for (const a of group)
      if (best[a]! > 0)
        writer.atLeast(
          null,
          columns[g]!.flatMap((column, s): Term[] =>
            column && need[a]![s]! > 0
              ? [
                  [column.first, need[a]![s]!],
                  [column.second, need[a]![s]! * secondVisit],
                ]
              : [],
          ),
          floor * best[a]! - 1e-9,
        );
  });
  stations.forEach((_, s) =>
    writer.atMost(
      null,
      columns.flatMap((row) => visits(row[s]!)),
      open[s]!.filter(Boolean).length,
    ),
  );
  const solved = solve(writer.programme, { gap, seconds });
  if (solved.status !== 'solved') return null;
  const at = (column: number) => Math.round(solved.values[column] ?? 0);
  return {
    visits: columns.map((row) =>
      row.map((column) => (column ? at(column.first) + at(column.second) + at(column.more) : 0)),
    ),
    bound: solved.bound - idle.reduce((sum, { column, people }) => sum + missing * people * at(column), 0),
  };
}

/** Lays counts out over the slots: no station twice, throws never two slots in a row. */
function laidOut(
  { table, solve }: RotationWish,
  members: Members,
  visits: readonly (readonly number[])[],
  seconds: number,
): number[][] | null {
  const { slots, stations, heavy, heavyLimit, day, settled } = table;
  const writer = new Writer();
  const cells = members.map((group, g) =>
    slots.map((_, t) =>
      stations.map((__, s) => {
        const was = group.some((a) => settled[a]![t] === s);
        const may = visits[g]![s]! > 0 && group.length > 0 && possible(table, group, s, t);
        return was || may ? writer.column(1, true, 1) : null;
      }),
    ),
  );
  members.forEach((group, g) => {
    if (group.length === 0) return;
    const heavyAt = (t: number) => plusColumns(cells[g]![t]!.filter((_, s) => heavy[s]));
    cells[g]!.forEach((row, t) => {
      writer.atMost(null, plusColumns(row), 1);
      if (follows(table, t)) writer.atMost(null, [...heavyAt(t - 1), ...heavyAt(t)], 1);
      const pin = group.map((a) => settled[a]![t]).find((s) => s !== null && s !== undefined && s >= 0);
      const column = pin === undefined || pin === null ? null : row[pin];
      if (column !== null && column !== undefined) writer.atLeast(null, [[column, 1]], 1);
    });
    stations.forEach((_, s) =>
      writer.atMost(null, plusColumns(cells[g]!.map((row) => row[s]!)), visits[g]![s]!),
    );
    for (const d of new Set(day))
      writer.atMost(
        null,
        slots.flatMap((_, t) => (day[t] === d ? heavyAt(t) : [])),
        Math.min(...group.map((a) => heavyLimit[a]!)),
      );
  });
  slots.forEach((_, t) =>
    stations.forEach((__, s) => writer.atMost(null, plusColumns(cells.map((group) => group[t]![s]!)), 1)),
  );
  const solved = solve(writer.programme, { gap, seconds });
  if (solved.status !== 'solved') return null;
  const at = (column: number | null) => column !== null && (solved.values[column] ?? 0) > 0.5;
  return cells.map((group) => group.map((row) => row.findIndex(at)));
}

/** Puts groups that are at no station at one that is free, where the rules allow it. */
function filled(table: CampTable, members: Members, routes: number[][]): number[][] {
  const { slots, stations, heavy, heavyLimit, day } = table;
  const all = routes.map((route) => [...route]);
  const throws = (g: number, d: number) =>
    slots.filter((_, t) => day[t] === d && all[g]![t]! >= 0 && heavy[all[g]![t]!]).length;
  members.forEach((group, g) =>
    slots.forEach((_, t) => {
      if (all[g]![t] !== nowhere || !group.some((a) => table.present[a]![t])) return;
      const taken = new Set(all.map((route) => route[t]));
      const beside = [
        follows(table, t) ? all[g]![t - 1]! : nowhere,
        t + 1 < slots.length && follows(table, t + 1) ? all[g]![t + 1]! : nowhere,
      ];
      const limit = Math.min(...group.map((a) => heavyLimit[a]!));
      const free = stations.findIndex(
        (__, s) =>
          !taken.has(s) &&
          possible(table, group, s, t) &&
          (!heavy[s] || (throws(g, day[t]!) < limit && beside.every((other) => other < 0 || !heavy[other]))),
      );
      if (free >= 0) all[g]![t] = free;
    }),
  );
  return all;
}

/**
 * The rotation with the highest floor for given groups: first how often each group is at each station, which gives the
 * bound, then in which slots.
 *
 * @param wish the camp, what each could get alone, and the solver
 * @param seconds to find it in
 * @returns null where no rotation was found
 * @example bestRotation({ table: camp, best: bestAlone(camp), solve }, [[0, 1, 2, 3]], 1)?.stations[0].length // 5
 */
export function bestRotation(wish: RotationWish, members: Members, seconds: number): GroupRoutes | null {
  let [low, high] = [0, Math.round(1 / floorStep)];
  let counts = countsOf(wish, members, { floor: 0, seconds });
  if (!counts) return null;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    const found = countsOf(wish, members, { floor: middle * floorStep, seconds });
    if (found) {
      counts = found;
      low = middle;
    } else high = middle - 1;
  }
  const stations = laidOut(wish, members, counts.visits, seconds);
  return stations && { stations: filled(wish.table, members, stations), bound: counts.bound };
}

/**
 * The rotation of groups that stay as they are, with as few moves as can be.
 *
 * @example sameRotation({ table: camp, best: bestAlone(camp), solve }, [[0, 1, 2, 3]], 1)?.stations[0].length // 5
 */
export const sameRotation = (wish: RotationWish, members: Members, seconds: number): GroupRoutes | null =>
  rotationOf(wish, members, { floor: 0, seconds });
