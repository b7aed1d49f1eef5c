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
  // Two sets are sixteen throws at 50 %: eight against the league's twelve, or sixteen.
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

const days = (kind: 'lesson' | 'home', minutes = 60) =>
  [0, 3].map((n) => ({
    date: addDays(monday, n),
    kind,
    minutes,
    equipment: everything,
    places: ['home', 'field', 'cage', 'mound'] as const,
  }));
const asked = {
  discipline: 'overhand' as const,
  birthdate: '2008-06-01',
  league: null,
  allHard: false,
  pain: openThrows,
  throws: [],
  weekThrows: 2000,
};
const dry = ['hip-first-lean', 'cross-tap', 'hip-snap', 'tall-lift-wall', 'pivot-line'];

it.each([
  ['2016-06-09', 2],
  ['2016-06-08', 3],
  ['2013-06-09', 3],
  ['2013-06-01', 5],
])('gives somebody born on %s %d drills a day besides prep', async (birthdate, most) => {
  const candidates = [candidate('warm-up-flow', 0), ...dry.map((id) => candidate(id, 1))];
  const plan = planWeek({ ...asked, birthdate, candidates, days: days('lesson') }, await loadSolver());
  for (const { items } of plan.days)
    expect(items.filter(({ drill }) => drillOf(drill)!.stage !== 'prep')).toHaveLength(most);
});

it('holds three throwing drills in a lesson, and begins every day with the warm-up', async () => {
  const candidates = [candidate('warm-up-flow', 0), ...easyThrows.map((id) => candidate(id, 1))];
  const plan = planWeek({ ...asked, candidates, days: days('lesson') }, await loadSolver());
  for (const { items } of plan.days) {
    expect(items[0]!.drill).toBe('warm-up-flow');
    expect(items.filter(({ drill }) => drillOf(drill)!.throws > 0)).toHaveLength(3);
  }
  const home = planWeek({ ...asked, candidates, days: days('home') }, await loadSolver());
  expect(Math.max(...home.days.map(({ items }) => items.length))).toBe(5);
});

it('lets a day go without the warm-up that is too short for both, and never throws', async () => {
  const candidates = [candidate('warm-up-flow', 0), candidate('cross-tap', 1), candidate(easyThrows[0]!, 1)];
  const plan = planWeek({ ...asked, candidates, days: days('lesson', 5) }, await loadSolver());
  expect(plan.days.map(({ items }) => items.map(({ drill }) => drill))).toEqual([
    ['cross-tap'],
    ['cross-tap'],
  ]);
});

it('says first what a week misses, with the thing that would bring it', async () => {
  const away = days('home').map((day) => ({ ...day, equipment: [] }));
  const serving = { ...candidate('pivot-line', 1), serves: ['oh.pivot-away'] };
  const left = ['No tape line: Pivot on the line left out.'];
  const focuses = [{ id: 'oh.pivot-away', left }];
  const candidates = [candidate('warm-up-flow', 0), candidate('hip-in-turns', 0.2), serving];
  const plan = planWeek({ ...asked, candidates, days: away, focuses }, await loadSolver());
  expect(plan.missed).toEqual([
    'This week holds nothing but preparation.',
    'No drill for “Pivot foot not along the rubber” in this week. No tape line: Pivot on the line left out. Pivot on the line: there is no tape line.',
  ]);
  expect(plan.limitedBy.slice(0, 2)).toEqual(plan.missed);
  // Worked on earlier in the week, it is not missed in the rest.
  const done = [{ date: monday, drill: 'pivot-line', sets: 1 }];
  const rest = planWeek({ ...asked, candidates, days: away.slice(1), focuses, done }, await loadSolver());
  expect(rest.missed).toEqual([]);
  const there = planWeek({ ...asked, candidates, days: days('home'), focuses }, await loadSolver());
  expect(there.missed).toEqual([]);
});
