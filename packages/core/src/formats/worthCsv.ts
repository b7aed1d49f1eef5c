import { nodeOf } from '../catalogue';
import type { Worked } from '../prove/worth';
import { isDay } from '../units';
import { numberIn, readTable, type RowProblem } from './csv';
import { texts } from './texts';

const columns = ['athlete', 'flaw', 'cleared_on', 'velocity_before', 'velocity_after', 'weeks'] as const;
const fastest = 200;
const longestWeeks = 520;

/**
 * Reads who worked on which flaw: athlete, flaw, cleared_on (empty where it was not), velocity_before, velocity_after,
 * weeks. Velocities are in one unit, whichever.
 *
 * @throws TableError for what is no such table
 * @example readWorth('athlete,flaw,cleared_on,velocity_before,velocity_after,weeks\nA,oh.jump,,61,62,8').rows.length // 1
 */
export function readWorth(text: string): { rows: Worked[]; problems: RowProblem[] } {
  const { rows, problems } = readTable(text, { required: columns, optional: [] });
  const read = rows.map(({ row, cells }): Worked => {
    const wrong = (field: string, message: string) => problems.push({ row, field, message });
    const number = (field: (typeof columns)[number], above: number, most: number): number => {
      const value = numberIn(cells[field]);
      if (value === null || !(value > above && value <= most)) wrong(field, texts.mustBeAbove(above, most));
      return value ?? NaN;
    };
    const { athlete = '', flaw = '', cleared_on: cleared = '' } = cells;
    if (!athlete) wrong('athlete', 'is required');
    if (nodeOf(flaw)?.type !== 'flaw') wrong('flaw', texts.mustBeAFlaw);
    if (cleared && !isDay(cleared)) wrong('cleared_on', texts.mustBeRealDayOrEmpty);
    return {
      athlete,
      flaw,
      clearedOn: cleared || null,
      before: number('velocity_before', 0, fastest),
      after: number('velocity_after', 0, fastest),
      weeks: number('weeks', 0, longestWeeks),
    };
  });
  return { rows: read, problems };
}
