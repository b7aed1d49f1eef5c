import { addDays, ageOn } from '../../units';
import { throwFreeDayBelow, throwLimits, type ThrowLimits } from '../../safety';
import { warmUp } from '../ladder';
import { armCare } from './candidates';
import { knownOn, rule, sumOf, type Cell, type Context, type DayColumns, type Layout } from './columns';
import { isHardOne, throwsOf, weekdayName } from './day';
import type { Term } from './programme';
import type { WeekDay, WeekInput } from './types';
import { texts } from './texts';

/** Days without throws in every week. */
const throwFreeDays = 1;

/** A cell with what its throws count. */
interface Throwing {
  cells: readonly Cell[];
  isHard: (cell: Cell) => boolean;
  perSet: (cell: Cell) => number;
}

/** Flags of one day: whether anything is thrown, whether anything hard, whether anything is worked at all. */
function writeFlags({ input, writer }: Context, cells: readonly Cell[], throwing: Throwing): DayColumns {
  const columns: DayColumns = {
    throwing: writer.column(1, true),
    hard: writer.column(1, true),
    worked: writer.column(1, false),
    rest: [],
  };
  writer.atMost(
    null,
    [
      [columns.worked, 1],
      ...cells
        .filter(({ candidate }) => input.candidates[candidate]!.drill.stage !== 'prep')
        .map(({ used }): Term => [used, -1]),
    ],
    0,
  );
  for (const cell of throwing.cells) writer.implies(cell.used, columns.throwing);
  for (const cell of throwing.cells.filter(throwing.isHard)) writer.implies(cell.used, columns.hard);
  writer.implies(columns.hard, columns.throwing);
  return columns;
}

/** How many throws a day may still hold, and days that hold none. */
function writeDayLimit(
  { input, writer, layout }: Context,
  day: WeekDay,
  columns: DayColumns,
  { cells, isHard, perSet }: Throwing,
): void {
  const name = weekdayName(day.date);
  const before = throwLimits({ ...input, on: day.date });
  const atMost = dayMaximum(input, before);
  const counted = sumOf(cells, (cell) => perSet(cell) * (isHard(cell) ? 1 : 0.5));
  const left = Math.max(0, atMost - before.thrownToday);
  // With the flag inside, a day that rests has no budget.
  writer.atMost(
    rule(
      'limit',
      `${name}: ${left} throws ${before.thrownToday ? 'are left' : 'at most'} (${before.because})`,
      day.date,
    ),
    [...counted, [columns.throwing, -left]],
    0,
  );
  const none = (why: string) =>
    writer.atMost(rule('limit', texts.noThrowing(name, why), day.date), [[columns.throwing, 1]], 0);
  if (before.restUntil && before.restUntil > day.date) none(before.because);
  if (layout.known.length && isGameOfUnknown(layout, input, addDays(day.date, -1)))
    none(texts.dayAfterUnknownGame);
}

/** Rest by how many hard throws the day holds, what is known included. */
function writeRestLevels(
  { input, writer, layout }: Context,
  d: number,
  columns: DayColumns,
  throwing: Throwing,
) {
  const hardTerms = sumOf(throwing.cells.filter(throwing.isHard), throwing.perSet);
  const known = layout.known[d]!;
  const marks = layout.rows[d]!.restUpTo;
  if (marks.length === 0 || (hardTerms.length === 0 && !known.hard)) return;
  const atMost = dayMaximum(input, throwLimits({ ...input, on: input.days[d]!.date }));
  const ceiling = Math.max(atMost, known.hard) + known.hard;
  const levels = marks.map((from, n) => ({ from, to: marks[n + 1] ?? Math.max(ceiling, from) }));
  columns.rest = levels.map(() => writer.column(1, true));
  writer.atMost(
    null,
    [
      ...hardTerms,
      ...levels.map(({ from, to }, n): Term => [
        columns.rest[n]!,
        -(Math.min(to, ceiling) - Math.min(from, ceiling)),
      ]),
    ],
    levels[0]!.from - known.hard,
  );
  columns.rest.slice(1).forEach((column, n) => writer.implies(column, columns.rest[n]!));
}

/** A day that throws begins with a warm-up and ends with arm care. */
function writeWarmUp({ input, writer }: Context, day: WeekDay, cells: readonly Cell[], columns: DayColumns) {
  const name = weekdayName(day.date);
  const cellOf = (id: string) => cells.find(({ candidate }) => input.candidates[candidate]!.drill.id === id);
  const warm = cellOf(warmUp);
  const care = cellOf(armCare);
  writer.atMost(
    rule('habit', texts.warmUpBeforeThrowing(name), day.date),
    [[columns.throwing, 1], ...(warm ? [[warm.used, -1] as const] : [])],
    0,
  );
  if (care)
    writer.atMost(
      rule('habit', texts.armCareWithThrowing(name), day.date),
      [
        [columns.throwing, 1],
        [care.used, -1],
      ],
      0,
    );
}

/** Throws that a day may hold, those of a build-up among them. */
const dayMaximum = ({ buildUp }: WeekInput, { maxToday }: Pick<ThrowLimits, 'maxToday'>): number =>
  Math.floor(maxToday * (buildUp?.share ?? 1));

/**
 * The day's maximum, days of rest, days in a row, and what comes before throws.
 *
 * @example layout.open // [ 95, 95, 95, 95, 95, 95, 95 ]
 */
export function writeThrows(context: Context): void {
  const { input, layout } = context;
  for (const [d, day] of input.days.entries()) {
    const cells = layout.cells.filter((cell) => cell.day === d);
    const throwing: Throwing = {
      cells: cells.filter(({ candidate }) => input.candidates[candidate]!.drill.throws > 0),
      isHard: ({ candidate }) => isHardOne(input.candidates[candidate]!, input.allHard),
      perSet: ({ candidate }) => throwsOf(input.candidates[candidate]!),
    };
    const columns = writeFlags(context, cells, throwing);
    layout.days.push(columns);
    writeDayLimit(context, day, columns, throwing);
    writeRestLevels(context, d, columns, throwing);
    if (throwing.cells.length) writeWarmUp(context, day, cells, columns);
  }
  writeRest(
    context,
    input.days.map(({ date }) => date),
  );
}

const isGameOfUnknown = (layout: Layout, input: WeekInput, date: string): boolean => {
  const at = input.days.findIndex((day) => day.date === date);
  return at >= 0 && layout.known[at]!.unknown;
};

/** What one day's throws mean for the days after it. */
function writeRest({ input, writer, layout }: Context, dates: readonly string[]): void {
  const at = new Map(dates.map((date, d) => [date, d]));
  /** Known throws, whether the day is in the week or not. */
  const knownAt = (date: string) => {
    const d = at.get(date);
    return d === undefined ? knownOn(input, date) : layout.known[d]!;
  };
  const isFixed = (date: string) => knownAt(date).all > 0 || knownAt(date).unknown;
  const isFixedHard = (date: string) => knownAt(date).hard > 0 || knownAt(date).unknown;
  dates.forEach((date, d) => {
    layout.days[d]!.rest.forEach((column, n) => {
      const later = addDays(date, n + 1);
      // What is known needs this rest by itself; that is not the plan's to mend.
      if (isFixed(later) && layout.known[d]!.hard > layout.rows[d]!.restUpTo[n]!) return;
      const target = at.get(later);
      const words = rule('limit', texts.restAfterThrows(weekdayName(date), weekdayName(later)), date);
      if (isFixed(later)) writer.atMost(words, [[column, 1]], 0);
      else if (target !== undefined)
        writer.atMost(
          words,
          [
            [column, 1],
            [layout.days[target]!.throwing, 1],
          ],
          1,
        );
    });
  });
  // Days in a row, those before the week included.
  const firsts = new Set(dates.flatMap((date) => [-2, -1, 0].map((back) => addDays(date, back))));
  for (const first of firsts) {
    const run = [0, 1, 2].map((n) => addDays(first, n));
    const third = at.get(run[2]!);
    const row = layout.rows[third ?? 0]!;
    const terms: Term[] = [];
    let fixed = 0;
    run.forEach((date, n) => {
      const column = at.get(date);
      if (n < 2 ? isFixedHard(date) : isFixed(date)) fixed++;
      else if (column !== undefined)
        terms.push([n < 2 ? layout.days[column]!.hard : layout.days[column]!.throwing, 1]);
    });
    const named = run.map(weekdayName).join(', ');
    if (input.discipline === 'overhand' || row.thirdDay === 0)
      writer.atMost(rule('limit', texts.neverOnThreeDays(named), run[2]), terms, 2 - fixed);
    else if (third !== undefined && row.thirdDay !== null)
      thirdDay({ input, writer, layout }, third, terms, fixed, named);
  }
}

/** Windmill on a third day in a row: a lower maximum instead of a day of rest. */
function thirdDay(
  { input, writer, layout }: Context,
  d: number,
  hard: readonly Term[],
  fixed: number,
  named: string,
): void {
  const { thirdDay: atMost, maxPerDay } = layout.rows[d]!;
  const lower = Math.max(0, maxPerDay - atMost!);
  const cells = layout.cells.filter((cell) => cell.day === d);
  const counted = sumOf(cells, ({ candidate }) => {
    const one = input.candidates[candidate]!;
    return throwsOf(one) * (isHardOne(one, input.allHard) ? 1 : 0.5);
  });
  const firstTwo = hard.filter(([column]) => column !== layout.days[d]!.throwing);
  const known = layout.known[d]!;
  writer.atMost(
    rule('limit', texts.atMostOnThirdDay(atMost, named), input.days[d]!.date),
    [...counted, ...firstTwo.map(([column]): Term => [column, lower])],
    maxPerDay - known.hard - (known.all - known.hard) / 2 + lower - lower * fixed,
  );
}

/**
 * Throws of the whole week, and days without any.
 *
 * @example layout.programme.rows.length > 100 // true
 */
export function writeWeek({ input, writer, layout }: Context): void {
  const first = input.days[0]!.date;
  const last = addDays(first, 6);
  const inWeek = input.throws.filter(({ date }) => date >= first && date <= last);
  const known = inWeek.reduce((sum, { count }) => sum + count, 0);
  const dayMost = throwLimits({ ...input, throws: [], on: first }).maxToday;
  const atMost = Math.floor((input.weekThrows ?? 3 * dayMost) * (input.buildUp?.share ?? 1));
  writer.atMost(
    rule('limit', texts.atMostThrowsInWeek(atMost)),
    sumOf(layout.cells, ({ candidate }) => throwsOf(input.candidates[candidate]!)),
    Math.max(0, atMost - known),
  );
  const freeDays = ageOn(input.birthdate, first) < throwFreeDayBelow ? throwFreeDays + 1 : throwFreeDays;
  const fixedDays = new Set([
    ...inWeek.filter(({ count }) => count > 0).map(({ date }) => date),
    ...input.days.filter((_, d) => layout.known[d]!.unknown).map(({ date }) => date),
  ]);
  writer.atMost(
    rule('limit', texts.daysWithoutThrows(freeDays)),
    input.days.flatMap(({ date }, d): Term[] => (fixedDays.has(date) ? [] : [[layout.days[d]!.throwing, 1]])),
    Math.max(0, 7 - freeDays - fixedDays.size),
  );
}
