import { addDays, drillOf, drills, openThrows, parseDose, planWeek, type Candidate } from '@wrightonic/core';
import { loadSolver } from '../src';

const monday = '2026-06-08';
const everything = [...new Set(drills.flatMap(({ equipment }) => equipment.flat()))];
const candidate = (id: string, value: number): Candidate => {
  const drill = drillOf(id)!;
  return { drill, dose: parseDose(drill.dose), value, lessonOnly: false };
};

it('gives half as much a day where every throw counts as a hard one', async () => {
  const solve = await loadSolver();
  const most = (hard: boolean) => {
    const { days } = planWeek(
      {
        discipline: 'overhand',
        birthdate: '2011-01-01',
        league: { maxPerDay: 12, maxPerGame: null },
        allHard: hard,
        pain: openThrows,
        throws: [],
        candidates: [candidate('warm-up-flow', 0.1), candidate('on-time-hand-throw', 1)],
        days: [0, 1, 3, 5].map((n) => ({
          date: addDays(monday, n),
          kind: 'lesson',
          minutes: 45,
          equipment: everything,
          places: ['home', 'field', 'cage', 'mound'],
        })),
      },
      solve,
    );
    const sets = days.flatMap(({ items }) => items.filter(({ drill }) => drill === 'on-time-hand-throw'));
    return Math.max(...sets.map((item) => item.sets));
  };
  // Two sets are sixteen throws at half effort: eight against the league's twelve, or sixteen.
  expect([most(false), most(true)]).toEqual([2, 1]);
});
