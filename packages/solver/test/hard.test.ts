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
        days: [0, 3].map((n) => ({
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

/** Enough of them that nothing but the rule keeps a day free. */
const easyThrows = [
  'on-time-hand-throw',
  'delayed-hand-throw',
  'turn-around-throw',
  'close-arm-throw',
  'strap-release-throw',
  'pre-hinged-throw',
  'stand-closed-throw',
  'chest-to-glove-throw',
];

it.each([
  ['2013-06-09', 2],
  ['2013-06-01', 1],
])('keeps %s free of throws on %d days of a week', async (birthdate, free) => {
  const solve = await loadSolver();
  const { days } = planWeek(
    {
      discipline: 'overhand',
      birthdate,
      weekThrows: 2000,
      league: null,
      allHard: false,
      pain: openThrows,
      throws: [],
      candidates: [candidate('warm-up-flow', 0.1), ...easyThrows.map((id) => candidate(id, 1))],
      days: [0, 1, 2, 3, 4, 5, 6].map((n) => ({
        date: addDays(monday, n),
        kind: 'lesson',
        minutes: 16,
        equipment: everything,
        places: ['home', 'field', 'cage', 'mound'],
      })),
    },
    solve,
  );
  const thrown = days.filter(({ items }) => items.some(({ drill }) => drillOf(drill)!.throws > 0));
  expect(7 - thrown.length).toBe(free);
});
