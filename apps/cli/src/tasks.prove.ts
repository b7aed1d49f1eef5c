import { compareInput, historyInput } from '@wrightonic/contract';
import {
  checkFindings,
  compareLooks,
  historyOf,
  nodesFor,
  readWorth,
  worthOf,
  type Discipline,
} from '@wrightonic/core';
import { InputError } from './input';
import { refuseRows, task } from './task';

const idsOf = (discipline: Discipline): string[] => nodesFor(discipline).map(({ id }) => id);
const seed = 1;

/** Whether it worked, whether it stayed, and what it was worth. */
export const proveTasks = [
  task({
    name: 'compare',
    reads: 'json',
    about:
      'Two looks, checkpoint by checkpoint: better, same, slipped, new, not looked at; the sum over what both looked at.',
    example:
      '{ "discipline": "overhand", "before": { "date": "2026-09-01", "findings": { "oh.lift-stall": 2, "oh.jump": 1 } }, "after": { "date": "2026-10-12", "findings": { "oh.lift-stall": 0, "oh.knee-in": 1 } } }',
    schema: compareInput,
    run: ({ discipline, before, after }) => {
      checkFindings(before.findings, discipline, 'before.findings');
      checkFindings(after.findings, discipline, 'after.findings');
      if (after.date < before.date) throw new InputError('after.date: must not come before before.date');
      const { points, count, sum } = compareLooks(before.findings, after.findings, idsOf(discipline));
      return {
        points: points.map(({ id, before: from, after: to, change }) => ({ id, from, to, state: change })),
        better: count.better,
        same: count.same,
        slipped: count.slipped,
        sum,
      };
    },
  }),
  task({
    name: 'history',
    reads: 'json',
    about:
      'Looks over time, oldest first: what was kept, what is back again and since when, and the grades of each checkpoint.',
    example:
      '{ "discipline": "overhand", "looks": [{ "date": "2026-06-01", "findings": { "oh.jump": 3 } }, { "date": "2026-07-01", "findings": { "oh.jump": 1 } }, { "date": "2026-08-01", "findings": { "oh.jump": 0 } }] }',
    schema: historyInput,
    run: ({ discipline, looks }) => {
      looks.forEach(({ date, findings }, n) => {
        checkFindings(findings, discipline, `looks.${n}.findings`);
        if (n > 0 && date < looks[n - 1]!.date)
          throw new InputError(`looks.${n}.date: must not come before the look before it`);
      });
      return historyOf(looks, idsOf(discipline));
    },
  }),
  task<string>({
    name: 'worth',
    reads: 'csv',
    about:
      'Who cleared which flaw, with usual velocity before and after: the change against that of those who did not, with\n' +
      'a 90 % interval. Fewer than eight of either are too few. It is no proof of cause.',
    example:
      'athlete,flaw,cleared_on,velocity_before,velocity_after,weeks\nA7,oh.jump,2026-10-12,61.2,63.0,8\nB2,oh.jump,,60.4,60.9,8',
    run: (csv) => {
      const { rows, problems } = readWorth(csv);
      refuseRows(problems);
      return { flaws: worthOf(rows, seed) };
    },
  }),
] as const;
