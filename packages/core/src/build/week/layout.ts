import { ageOn } from '../../units';
import { pitchLimitRow, throwLimits } from '../../safety';
import { knownOn, type Layout } from './columns';
import { isHardOne, throwsOf } from './day';
import { writeCandidates, writeDays } from './drillRows';
import { Writer } from './programme';
import { writeThrows, writeWeek } from './throwRows';
import type { WeekInput, WeekItem } from './types';

/**
 * A week as an integer programme.
 *
 * @param tight bounds of single cells are drawn close, which helps the solver; without it every rule stands as a row
 *   of its own, so that a clash can be named and a week of the instructor's own be checked
 * @example layOut(week, true).rows.length // 7
 */
export function layOut(input: WeekInput, tight: boolean): Layout {
  const writer = new Writer();
  const layout: Layout = {
    programme: writer.programme,
    cells: [],
    chosen: [],
    segments: [],
    days: [],
    known: input.days.map(({ date }) => knownOn(input, date)),
    rows: input.days.map(({ date }) => pitchLimitRow(input.discipline, ageOn(input.birthdate, date))),
    open: input.days.map(({ date }) => throwLimits({ ...input, on: date }).leftToday),
  };
  const context = { input, writer, layout };
  writeCandidates(context, tight);
  writeDays(context);
  writeThrows(context);
  writeWeek(context);
  return layout;
}

/**
 * The values of every column that a week of given items has.
 *
 * @example valuesOf(week, layOut(week, false), [item]).includes(2) // true
 */
export function valuesOf(input: WeekInput, layout: Layout, items: readonly WeekItem[]): number[] {
  const values = layout.programme.gain.map(() => 0);
  const perCandidate = new Map<number, number>();
  for (const cell of layout.cells) {
    const { id } = input.candidates[cell.candidate]!.drill;
    const { date } = input.days[cell.day]!;
    const sets = items
      .filter((item) => item.drill === id && item.date === date)
      .reduce((n, item) => n + item.sets, 0);
    if (sets === 0) continue;
    values[cell.sets] = sets;
    values[cell.used] = 1;
    values[layout.chosen[cell.candidate]!] = 1;
    perCandidate.set(cell.candidate, (perCandidate.get(cell.candidate) ?? 0) + sets);
    const one = input.candidates[cell.candidate]!;
    if (one.drill.stage !== 'prep') values[layout.days[cell.day]!.worked] = 1;
    if (one.drill.throws === 0) continue;
    values[layout.days[cell.day]!.throwing] = 1;
    if (isHardOne(one, input.allHard)) values[layout.days[cell.day]!.hard] = 1;
  }
  for (const [candidate, sets] of perCandidate)
    layout.segments[candidate]!.forEach((column, n) => (values[column] = n < sets ? 1 : 0));
  layout.days.forEach((columns, d) => {
    const hard = layout.cells
      .filter((cell) => cell.day === d)
      .reduce((sum, cell) => {
        const one = input.candidates[cell.candidate]!;
        return (
          sum + (isHardOne(one, input.allHard) && one.drill.throws ? throwsOf(one) * values[cell.sets]! : 0)
        );
      }, layout.known[d]!.hard);
    columns.rest.forEach((column, n) => (values[column] = hard > layout.rows[d]!.restUpTo[n]! ? 1 : 0));
  });
  return values;
}
