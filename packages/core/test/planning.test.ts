import {
  addDays,
  dayOf,
  doneOf,
  groupWeek,
  limitsInputOf,
  parseDose,
  thrownIn,
  usualWeek,
  weekInputFor,
  weekSheet,
  withSets,
} from '../src';

const monday = '2026-06-08';
const planned = (drill: string, recent: unknown[] = []) => ({
  id: `p ${drill}`,
  drill,
  dose: '3x8',
  gate: {},
  recent,
});
const page: any = {
  athlete: {
    discipline: 'overhand',
    throws: 'R',
    league: { maxPerDay: null, maxPerGame: null },
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
    carryDays: 28,
    allHard: false,
    growthNote: true,
  },
  upcoming: [
    { date: addDays(monday, 1), kind: 'lesson', minutes: 45, title: 'Cage 1' },
    { date: addDays(monday, 5), kind: 'game', minutes: null, title: 'Away' },
  ],
  trace: {
    result: {
      roots: [{ id: 'oh.lift-stall', share: 0.6, explains: [] }],
      bodyFirst: [],
      approach: { teach: 'instruct' },
    },
  },
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
  pain: { lock: null, cleared: null },
  history: [],
  lastThrow: null,
};

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
  const kinds = (more: object) =>
    usualWeek({ ...page, plan: null, upcoming: [], ...more }, monday).map(({ kind }) => kind);
  // Nobody wrote lessons down: two are assumed, three days apart.
  expect(kinds({})).toEqual(['lesson', 'home', 'home', 'lesson', 'home', 'off', 'off']);
  const on = (n: number, kind: 'lesson' | 'game') => ({ date: addDays(monday, n), kind, minutes: null });
  // The day of the look is one, unless the calendar has something else; a diary is believed.
  const looks = [{ date: addDays(monday, 1) }];
  expect(kinds({ looks })).toEqual(['home', 'lesson', 'home', 'home', 'lesson', 'off', 'off']);
  expect(kinds({ looks, upcoming: [on(3, 'lesson')] }).slice(0, 5)).toEqual([
    'home',
    'lesson',
    'home',
    'lesson',
    'home',
  ]);
  expect(kinds({ looks, upcoming: [on(1, 'game')] })[1]).toBe('game');
});

it('makes a day of a kind as it usually is, and keeps the minutes it is given', () => {
  expect(dayOf(monday, 'team', page)).toMatchObject({ minutes: 30, equipment: ['wall'], places: ['field'] });
  expect(dayOf(monday, 'bullpen', page, 20)).toMatchObject({
    minutes: 20,
    equipment: ['ball', 'net', 'wall'],
    places: ['cage', 'mound', 'field'],
  });
  expect(dayOf(monday, 'off', page).minutes).toBe(0);
});

it('lays what a group has in common over everybody’s own days', () => {
  const own = usualWeek(page, monday);
  const days = groupWeek(page, monday, new Map([[addDays(monday, 3), 'lesson']]));
  expect(days[3]).toMatchObject({ kind: 'lesson', minutes: 45, equipment: ['ball', 'net', 'wall'] });
  expect(days.filter((_, n) => n !== 3)).toEqual(own.filter((_, n) => n !== 3));
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

describe('an academy that counts every throw as a hard one', () => {
  const academy = { ...page.academy, allHard: true };
  it('plans and checks its weeks so', () => {
    const days = usualWeek(page, monday);
    expect(weekInputFor(page, days)!.allHard).toBe(false);
    expect(weekInputFor({ ...page, academy }, days)!.allHard).toBe(true);
    expect(limitsInputOf(page.athlete, academy, page.pain, page.thrownLately)).toMatchObject({
      allHard: true,
      league: page.athlete.league,
    });
    const items = [
      { date: monday, drill: 'on-time-hand-throw', sets: 2 },
      { date: monday, drill: 'hip-first-lean', sets: 2 },
    ];
    const none = () => undefined;
    expect(thrownIn(items, none)).toEqual([{ date: monday, count: 16, kind: 'practice', effort: 50 }]);
  });
});

describe('the sheet of a week', () => {
  const assigned = {
    ...page,
    athlete: { ...page.athlete, givenName: 'Wren', familyName: 'Ablethorpe', voice: 'feel' },
    plan: {
      ...page.plan,
      assignment: {
        ...page.plan.assignment,
        items: [
          { date: addDays(monday, -7), drill: 'hip-first-lean', sets: 2, dose: '2x8' },
          { date: addDays(monday, -7), drill: 'full-delivery', sets: 1, dose: '1x10' },
          { date: addDays(monday, -6), drill: 'slow-glide-hold', sets: 3, dose: '3x5 hold 3 s' },
        ],
      },
    },
  };

  const sheeted = {
    plan: assigned.plan,
    assignment: assigned.plan!.assignment,
    academy: 'The Barn',
    levels: { 'slow-glide-hold': 'whole glide' },
    cues: [
      { drill: 'full-delivery', text: 'Sit behind the ball' },
      { drill: 'full-delivery', text: 'Ride the back hip' },
    ],
  };

  it('gives the level and the cue that were chosen last', () => {
    const [first, second] = weekSheet(assigned.athlete, { ...sheeted, lock: null }).days;
    expect(first!.items.map(({ level, cue }) => [level?.name, cue])).toEqual([
      [undefined, expect.any(String)],
      ['flat, short', 'Ride the back hip'],
    ]);
    expect(second!.items[0]!.level).toEqual({
      name: 'whole glide',
      change: 'Freeze just before the foot lands.',
    });
  });

  it('says each day in the athlete’s voice, with what is thrown, and no surname', () => {
    const sheet = weekSheet(assigned.athlete, { ...sheeted, lock: null });
    const [first, second] = sheet.days;
    expect(first!.items.map(({ name, sets, amount, throws }) => [name, sets, amount, throws])).toEqual([
      ['Hip-first lean', 2, '8 reps', 0],
      ['Full delivery, flat ground', 1, '10 reps', 10],
    ]);
    expect([first!.throws, second!.throws]).toEqual([10, 0]);
    expect(second!.items[0]!.amount).toBe('5 reps, hold 3 s');
    expect(first!.items[0]!.cue).toMatch(/^Feel|^Let|^The/);
    expect(JSON.stringify(sheet)).not.toContain('Ablethorpe');
    const lock = { since: monday, at: `${monday}T10:00:00.000Z`, site: 'elbow' as const, saidBy: 'Isla' };
    const locked = weekSheet(assigned.athlete, { ...sheeted, lock });
    expect(locked.days.slice(0, 2).map(({ items, throws }) => [items.length, throws])).toEqual([
      [1, 0],
      [1, 0],
    ]);
    expect(
      weekSheet(assigned.athlete, { ...sheeted, plan: null, assignment: null, lock: null }).days,
    ).toEqual([]);
  });
});
