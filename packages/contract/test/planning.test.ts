import { addDays, parseDose, withSets } from '@wrightonic/core';
import { doneOf, emptyAthlete, usualWeek, weekInputFor, type AthletePage } from '../src';

const monday = '2026-06-08';
const planned = (drill: string, recent: unknown[] = []) => ({
  id: `p ${drill}`,
  drill,
  dose: '3x8',
  gate: {},
  recent,
});
const page = {
  athlete: {
    ...emptyAthlete,
    birthdate: '2011-01-01',
    age: 15,
    equipment: ['wall'],
    days: ['mon', 'tue', 'wed', 'thu', 'fri'],
  },
  approach: {},
  academy: {
    equipment: ['ball', 'net'],
    weekThrows: null,
    buildUpWeeks: null,
    rampPercent: 20,
    allHard: false,
  },
  ahead: [
    { date: addDays(monday, 1), kind: 'lesson', minutes: 45, title: 'Cage 1' },
    { date: addDays(monday, 5), kind: 'game', minutes: null, title: 'Away' },
  ],
  trace: { result: { roots: [{ id: 'oh.lift-stall', share: 0.6, explains: [] }], bodyFirst: [] } },
  plan: {
    startsOn: monday,
    threads: [
      {
        thread: 'lower',
        focus: 'oh.lift-stall',
        share: 0.6,
        stage: 'feel',
        stages: [
          { stage: 'prep', drills: [planned('warm-up-flow')] },
          { stage: 'feel', drills: [planned('hip-first-lean', [{ session: 's', clean: 8, missed: 0 }])] },
        ],
      },
    ],
    assignment: {
      from: addDays(monday, -7),
      days: [0, 1, 2, 3, 4, 5, 6].map((n) => ({
        date: addDays(monday, n - 7),
        kind: n === 2 ? 'off' : 'home',
        minutes: n === 0 ? 50 : 20,
        equipment: ['wall'],
        places: ['home'],
        pitches: null,
      })),
      items: [
        { date: addDays(monday, -7), drill: 'hip-first-lean', sets: 2 },
        { date: addDays(monday, -6), drill: 'hip-first-lean', sets: 3 },
      ],
    },
  },
  sessions: [{ id: 's', date: addDays(monday, -7) }],
  thrownLately: [],
  history: [],
  lastThrow: null,
} as unknown as AthletePage;

it('takes days as they are likely to be: the calendar, else the last week, else the days with time', () => {
  const days = usualWeek(page, monday);
  expect(days.map(({ kind, minutes }) => [kind, minutes])).toEqual([
    ['home', 50],
    ['lesson', 45],
    ['off', 20],
    ['home', 20],
    ['home', 20],
    ['game', 15],
    ['home', 20],
  ]);
  expect(days[1]!.equipment).toEqual(['ball', 'net', 'wall']);
  const fresh = usualWeek({ ...page, plan: null, ahead: [] }, monday);
  expect(fresh.map(({ kind }) => kind)).toEqual(['home', 'home', 'home', 'home', 'home', 'off', 'off']);
});

it('counts as done what was worked on its day', () => {
  expect(doneOf(page, monday)).toEqual([{ date: addDays(monday, -7), drill: 'hip-first-lean', sets: 2 }]);
  expect(doneOf({ ...page, plan: null }, monday)).toEqual([]);
});

it('makes a week of a page: doses of the plan, pitches of a game, drills that were added by hand', () => {
  const days = usualWeek(page, monday).map((day) => (day.kind === 'game' ? { ...day, pitches: 60 } : day));
  const input = weekInputFor(page, days, { also: ['full-delivery'] })!;
  expect(input.throws).toEqual([{ date: addDays(monday, 5), count: 60, kind: 'game' }]);
  const byId = new Map(input.candidates.map((each) => [each.drill.id, each]));
  expect(byId.get('hip-first-lean')).toMatchObject({ value: 0.6, dose: parseDose('3x8') });
  expect(byId.get('full-delivery')).toMatchObject({ value: 0 });
  expect(weekInputFor({ ...page, plan: null }, days)).toBeNull();
  const away = weekInputFor({ ...page, lastThrow: addDays(monday, -40) }, days)!;
  expect(away.buildUp).toMatchObject({ week: 1, of: 3 });
});

it.each([
  ['3x8', 2, '2x8'],
  ['3x5 hold 3 s', 1, '1x5 hold 3 s'],
  ['3x3 hold 3,4,5 s', 2, '2x3 hold 3,4 s'],
  ['3x3 hold 3,4,5 s', 4, '4x3 hold 3,4,5,5 s'],
  ['10+10', 2, '10+10'],
  ['2x8 each, last hold 20 s', 1, '1x8 each, last hold 20 s'],
])('writes %s with %i sets as %s', (dose, sets, written) => expect(withSets(dose, sets)).toBe(written));
