import { less, ones, Writer, type Solve, type Term } from '../build/week/programme';
import { follows, secondVisit, sideBySide, sharedSlots, type CampTable } from './table';

/** Columns of an athlete: by station and slot, null where they cannot be. */
type Cells = readonly (readonly (number | null)[])[];

/** Everybody is at one station in each of their slots. */
function cellsOf(
  { athletes, stations, slots, may, present, open, settled }: CampTable,
  writer: Writer,
): Cells[] {
  return athletes.map((_, a) => {
    const cells = stations.map((__, s) =>
      slots.map((___, t) => {
        const pin = settled[a]![t] ?? null;
        const can = pin === null ? may[a]![s]! && open[s]![t]! : pin === s;
        return present[a]![t] && can ? writer.column(1, true) : null;
      }),
    );
    slots.forEach((__, t) => {
      const here = ones(cells.map((row) => row[t]));
      writer.row(null, 1, here, 1);
    });
    return cells;
  });
}

/**
 * What a station holds in a slot, from how many on it opens, and which ages come: it takes those from one age on, as far as they
 * may be apart. That says more to a solver than which two ages exclude each other.
 */
function addStations(table: CampTable, cells: readonly Cells[], writer: Writer): void {
  const { stations, slots, ages, ageSpan, capacity, minimum, apart } = table;
  const youngest = ageSpan === null ? [Math.min(...ages)] : [...new Set(ages)];
  stations.forEach((_, s) =>
    slots.forEach((__, t) => {
      const here = cells.map((of) => of[s]![t] ?? null);
      if (here.every((column) => column === null)) return;
      const from = youngest.map((age) => ({ age, column: writer.column(1, true) }));
      const opened = from.map(({ column }) => column);
      writer.atMost(null, ones(opened), 1);
      writer.atMost(null, [...ones(here), ...opened.map((column): Term => [column, -capacity[s]!])], 0);
      writer.atLeast(null, [...ones(here), ...opened.map((column): Term => [column, -minimum[s]!])], 0);
      here.forEach((column, a) => {
        if (column === null) return;
        const fits = from.filter(
          ({ age }) => ages[a]! >= age && (ageSpan === null || ages[a]! <= age + ageSpan),
        );
        writer.atMost(null, [[column, 1], ...less(fits.map((each) => each.column))], 0);
      });
      for (const ids of apart) writer.atMost(null, ones(ids.map((a) => here[a])), 1);
    }),
  );
}

function addThrows(
  { heavy, heavyLimit, day, slots }: CampTable,
  cells: readonly Cells[],
  writer: Writer,
): void {
  cells.forEach((of, a) => {
    const throws = (t: number) => ones(of.flatMap((row, s) => (heavy[s] ? [row[t]] : [])));
    slots.forEach((_, t) => {
      if (follows({ day }, t)) writer.atMost(null, [...throws(t - 1), ...throws(t)], 1);
    });
    for (const d of new Set(day))
      writer.atMost(
        null,
        slots.flatMap((_, t) => (day[t] === d ? throws(t) : [])),
        heavyLimit[a]!,
      );
  });
}

/** Needs are whole and a second visit is worth half: routes are worth multiples of this. */
const ofWorth = secondVisit;

/** What each must be served at least. */
function addLeast(
  { need }: CampTable,
  cells: readonly Cells[],
  least: readonly number[],
  writer: Writer,
): void {
  cells.forEach((of, a) => {
    const worth: Term[] = [];
    need[a]!.forEach((weight, s) => {
      if (weight === 0) return;
      const first = writer.column(1, false);
      const second = writer.column(1, false);
      writer.atMost(null, [[first, 1], [second, 1], ...less(of[s]!)], 0);
      worth.push([first, weight], [second, weight * secondVisit]);
    });
    if (least[a]! > 0) writer.atLeast(null, worth, Math.ceil(least[a]! / ofWorth - 1e-9) * ofWorth);
  });
}

/** Friends are side by side in half of the slots in which all of them are there. */
function addFriends(table: CampTable, cells: readonly Cells[], writer: Writer): void {
  for (const ids of sideBySide(table)) {
    const { shared, together } = sharedSlots(table, ids);
    const sides = table.stations.flatMap((_, s) =>
      shared.flatMap((t) => {
        const here = ids.map((a) => cells[a]![s]![t] ?? null);
        if (here.includes(null)) return [];
        const side = writer.column(1, false);
        for (const column of here) writer.implies(side, column!);
        return [side];
      }),
    );
    writer.atLeast(null, ones(sides), together);
  }
}

/**
 * Routes of everybody at once that keep every rule of a camp and serve each at least so much, whatever else they are worth; exact.
 * Everybody is at a station in each of their slots.
 *
 * @param least by athlete, worth
 * @param seconds that the solver may take
 * @returns by athlete and slot the station, whether there are such routes where none were found in the time, and what it took
 * @example exactRoutes(camp, bestAlone(camp), solve, 2).at.length // 120
 */
export function exactRoutes(
  table: CampTable,
  least: readonly number[],
  solve: Solve,
  seconds: number,
): { at: number[] | null; impossible: boolean; seconds: number } {
  const writer = new Writer();
  const cells = cellsOf(table, writer);
  addStations(table, cells, writer);
  addThrows(table, cells, writer);
  addLeast(table, cells, least, writer);
  addFriends(table, cells, writer);
  // Any routes will do: what they are worth beyond that is for the search that goes on from them.
  const solved = solve(writer.programme, { gap: 1, seconds });
  const impossible = solved.status === 'infeasible';
  if (solved.status !== 'solved') return { at: null, impossible, seconds: solved.seconds };
  const is = (column: number | null | undefined) =>
    column !== null && column !== undefined && (solved.values[column] ?? 0) > 0.5;
  const at = cells.flatMap((of) => table.slots.map((_, t) => of.findIndex((row) => is(row[t]))));
  return { at, impossible, seconds: solved.seconds };
}
