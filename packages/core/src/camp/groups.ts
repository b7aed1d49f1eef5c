import { FieldError } from '../units/fieldError';
import { Writer, type Solve, type Term } from '../build/week/programme';
import { ofMove } from './cost';
import { groupFaults, groupsFor } from './groupings';
import { servedBy } from './served';
import { follows, nowhere, secondVisit, type CampTable } from './table';
import { unwatched, type CampWatch } from './types';
import { bestAlone, routeWorth } from './worth';

/** Groups with the stations that each goes through. */
export interface Rotation {
  /** Athletes of each group, by position. */
  members: number[][];
  /** Station by group and slot, `nowhere` for none. */
  stations: number[][];
  /** Of the rotation for these groups. */
  bound: number;
}

interface Wish {
  table: CampTable;
  best: readonly number[];
  solve: Solve;
}

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

/** The rotation that serves given groups best, each station held by one group at a time. */
function rotationOf(
  { table, best, solve }: Wish,
  members: readonly (readonly number[])[],
  { floor, seconds }: { floor: number; seconds: number },
): { stations: number[][]; bound: number } | null {
  const { slots, stations, need, heavy, heavyLimit, day, settled } = table;
  const writer = new Writer();
  const missing = -20;
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
      const [first, second] = [writer.column(1, true, gain), writer.column(1, true, gain * secondVisit)];
      const visits = terms(cells[g]!.map((row) => row[s]!));
      writer.atMost(null, [[first, 1], [second, 1], ...visits.map(([column]) => [column, -1] as const)], 0);
      return { first, second };
    });
    cells[g]!.forEach((row) => {
      // A group without a station costs more than any station is worth.
      const none = writer.column(1, true, missing * group.length);
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
  const solved = solve(writer.programme, { gap: 0.002, seconds });
  if (solved.status !== 'solved') return null;
  const at = (column: number | null) => column !== null && (solved.values[column] ?? 0) > 0.5;
  return {
    stations: cells.map((group) => group.map((row) => row.findIndex(at))),
    // Less what stands for groups without a station, which is no worth.
    bound:
      solved.bound - idle.reduce((sum, { column, people }) => sum + missing * people * Number(at(column)), 0),
  };
}

/** What a group's stations give one of its athletes: where they are not there yet, nothing. */
const worthIn = (table: CampTable, a: number, stations: readonly number[]): number =>
  routeWorth(
    table.need[a]!,
    stations.map((s, t) => (table.present[a]![t] && s >= 0 && table.may[a]![s] ? s : nowhere)),
  );

/**
 * The groups that there were, where a camp is planned anew: whoever went the same way. Whoever is new joins the smallest
 * group of their age; null where nothing was planned, or where the groups do not keep the rules any more.
 */
function groupsBefore(
  table: CampTable,
  sizes: { count: number; min: number; max: number },
): number[][] | null {
  const { before, present, ages, slots } = table;
  const ways: { way: number[]; group: number[] }[] = [];
  const fresh: number[] = [];
  before.forEach((route, a) => {
    if (!route || route.every((s) => s === nowhere)) return void fresh.push(a);
    // Somebody who came later or left went the same way for as long as they were there.
    const same = ways.find(({ way }) =>
      slots.every((_, t) => route[t] === nowhere || way[t] === nowhere || route[t] === way[t]),
    );
    if (!same) return void ways.push({ way: [...route], group: [a] });
    same.group.push(a);
    route.forEach((s, t) => s !== nowhere && (same.way[t] = s));
  });
  if (ways.length === 0) return null;
  const groups = ways.map(({ group }) => group);
  while (groups.length < sizes.count) groups.push([]);
  for (const a of fresh) {
    const spread = (group: readonly number[]) =>
      Math.max(...group.map((b) => ages[b]!), ages[a]!) - Math.min(...group.map((b) => ages[b]!), ages[a]!);
    const [joined] = groups
      .filter((group) => group.length < sizes.max)
      .sort((x, y) => spread(x) - spread(y) || x.length - y.length);
    if (!joined) return null;
    joined.push(a);
  }
  const whole =
    groups.length === sizes.count && groups.every((group) => group.some((a) => present[a]!.some(Boolean)));
  // A group that shrank stays a group.
  return whole && groupFaults(table, groups, { ...sizes, min: 0 }) === 0 ? groups : null;
}

interface RotateHow {
  solve: Solve;
  seed: number;
  seconds: number;
  watch?: CampWatch;
}

/** Steps of the floor that are tried. */
const floors = [0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2, 0.1, 0];
const rounds = 3;

/**
 * Groups that rotate: groups for the stations, and stations for the groups, in turn; the rotation is proven for the groups
 * that were found.
 *
 * @throws FieldError where no groups keep the rules
 * @example rotate(camp, { count: 6, min: 3, max: 4 }, { solve, seed: 1, seconds: 1 }).members.length // 6
 */
export function rotate(
  table: CampTable,
  sizes: { count: number; min: number; max: number },
  { solve, seed, seconds, watch = unwatched }: RotateHow,
): Rotation {
  const best = bestAlone(table);
  const wish = { table, best, solve };
  const kept = groupsBefore(table, sizes);
  if (kept) {
    const again = bestRotation(wish, kept, seconds);
    const idle = (stations: readonly number[], g: number) =>
      stations.some((s, t) => s < 0 && kept[g]!.some((a) => table.present[a]![t]));
    if (again && !again.stations.some(idle)) return { members: kept, ...again };
  }
  const share = seconds / (2 * rounds);
  // At first those belong together who need the same: the station that a group needs most is taken for its own.
  const likely = (a: number, group: number) => table.need[a]![group % table.stations.length]!;
  let members = groupsFor(table, sizes, { worth: likely, seed, seconds: share });
  if (groupFaults(table, members, sizes) > 0)
    throw new FieldError(
      'rules',
      'no groups keep the sizes, the span of ages, and who is together and apart; loosen one of them',
    );
  let found: (Rotation & { floor: number; total: number }) | null = null;
  for (let round = 0; round < rounds && !(found && watch.stopped()); round++) {
    watch.progress('search', round / rounds);
    const next = bestRotation(wish, members, share);
    if (next) {
      const groupOf = new Map(members.flatMap((group, g) => group.map((a) => [a, g] as const)));
      const worths = table.athletes.map((_, a) => worthIn(table, a, next.stations[groupOf.get(a)!]!));
      const { floor, objective: total } = servedBy(table, best, worths);
      if (!found || floor > found.floor || (floor === found.floor && total > found.total))
        found = { members, ...next, floor, total };
    }
    const rotation: readonly (readonly number[])[] = (next ?? found)?.stations ?? [];
    if (rotation.length === 0) break;
    const fits = (a: number, g: number) =>
      best[a]! > 0 ? worthIn(table, a, rotation[g]!) + 4 * (worthIn(table, a, rotation[g]!) / best[a]!) : 0;
    const regrouped = groupsFor(table, sizes, {
      worth: fits,
      start: members,
      seed: seed + round + 1,
      seconds: share,
    });
    if (groupFaults(table, regrouped, sizes) === 0) members = regrouped;
  }
  if (!found)
    throw new FieldError(
      'stations',
      'no station can hold these groups; give larger stations or smaller groups',
    );
  return found;
}

/** The rotation with the highest floor that can be had. */
function bestRotation(wish: Wish, members: readonly (readonly number[])[], seconds: number) {
  for (const floor of floors) {
    const found = rotationOf(wish, members, { floor, seconds });
    if (found) return found;
  }
  return null;
}
