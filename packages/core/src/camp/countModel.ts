import { ones, Writer, type Solve, type Term } from '../build/week/programme';
import { secondVisit, sharedSlots, sideBySide, type CampTable } from './table';
import { mostHeavy, openFor } from './worth';

/** How often each athlete visits each station, whatever the slot. */
export interface Counts {
  /** By athlete and station. */
  visits: number[][];
  objective: number;
  bound: number;
}

/** Whoever could get something alone; the others need nothing and have no share. */
const needy = (best: readonly number[]): number[] => best.flatMap((most, a) => (most > 0 ? [a] : []));

interface Columns {
  first: number;
  second: number;
  more: number;
}

/** Of friends, the slots that they have to spend side by side, and those that they can spend so at each station. */
function sharedVisits(table: CampTable, ids: readonly number[]): { least: number; most: number[] } {
  const { stations, open, may } = table;
  const { shared, together } = sharedSlots(table, ids);
  const most = stations.map((_, s) =>
    ids.every((a) => may[a]![s]) ? shared.filter((t) => open[s]![t]).length : 0,
  );
  return { least: together, most };
}

interface CountsWanted {
  /** Least share of everybody who needs something, 0..1. */
  floor: number;
  /** False for the relaxation, which is quicker and at least as great. */
  whole: boolean;
  /** Everybody is somewhere in every slot; a plan may have to leave some, so that this gives no bound. */
  filled?: boolean;
  /** False where friends cannot be kept together. */
  friends?: boolean;
  gap: number;
  seconds: number;
}

/**
 * How often each athlete is at each station, with the slots left out: every plan of the camp keeps these rules, so that
 * no plan is worth more than the best of these counts.
 *
 * @returns null where no counts have this floor
 * @example bestCounts(camp, bestAlone(camp), solve, { floor: 0, whole: false, gap: 0.01, seconds: 2 }).visits.length // 24
 */
export function bestCounts(
  table: CampTable,
  best: readonly number[],
  solve: Solve,
  { floor, whole, filled = false, friends = true, gap, seconds }: CountsWanted,
): Counts | null {
  const { athletes, stations, may, need, heavy, present, capacity, open } = table;
  const writer = new Writer();
  const columns = athletes.map((_, a) =>
    stations.map((__, s): Columns | null => {
      const slots = may[a]![s] ? openFor(table, a, s) : 0;
      if (slots === 0) return null;
      return {
        first: writer.column(1, whole, need[a]![s]!),
        second: writer.column(Math.min(1, slots - 1), whole, need[a]![s]! * secondVisit),
        more: writer.column(Math.max(0, slots - 2), whole),
      };
    }),
  );
  const visits = (column: Columns | null): Term[] =>
    column
      ? [
          [column.first, 1],
          [column.second, 1],
          [column.more, 1],
        ]
      : [];
  athletes.forEach((_, a) => {
    const slots = present[a]!.filter(Boolean).length;
    writer.row(null, filled ? slots : 0, columns[a]!.flatMap(visits), slots);
    writer.atMost(
      null,
      columns[a]!.flatMap((column, s) => (heavy[s] ? visits(column) : [])),
      mostHeavy(table, a),
    );
  });
  stations.forEach((_, s) =>
    writer.atMost(
      null,
      columns.flatMap((row) => visits(row[s]!)),
      capacity[s]! * open[s]!.filter(Boolean).length,
    ),
  );
  for (const ids of friends ? sideBySide(table) : []) {
    const { least, most } = sharedVisits(table, ids);
    const side = most.map((slots) => writer.column(slots, whole));
    writer.atLeast(null, ones(side), least);
    for (const a of ids)
      side.forEach((column, s) =>
        writer.atMost(null, [[column, 1], ...visits(columns[a]![s]!).map(([visit]): Term => [visit, -1])], 0),
      );
  }
  for (const a of needy(best)) {
    const worth = columns[a]!.flatMap((column, s): Term[] =>
      column && need[a]![s]! > 0
        ? [
            [column.first, need[a]![s]!],
            [column.second, need[a]![s]! * secondVisit],
          ]
        : [],
    );
    writer.atLeast(null, worth, floor * best[a]! - 1e-9);
  }
  const solved = solve(writer.programme, { gap, seconds });
  if (solved.status !== 'solved') return null;
  const at = (column: number) => Math.round(solved.values[column] ?? 0);
  return {
    visits: columns.map((row) =>
      row.map((column) => (column ? at(column.first) + at(column.second) + at(column.more) : 0)),
    ),
    objective: solved.objective,
    bound: solved.bound,
  };
}
