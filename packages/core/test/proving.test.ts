import {
  addDays,
  assignedLast,
  breaksOf,
  changeOver,
  comparedIds,
  compareLooks,
  entriesOn,
  flawCases,
  fromMph,
  growthOf,
  growthWords,
  historyOf,
  homeTotal,
  homeWork,
  limitsOverTime,
  measuredTwice,
  nextWords,
  nodesFor,
  powerAndVelocity,
  reportWords,
  rungBelow,
  sessionTrend,
  shortRelook,
  stageSpans,
  sumWords,
  throwWeeks,
  timelineOf,
  transferOf,
  trendBand,
  velocityChange,
  workedCases,
  writeTimeline,
  type DatedLook,
  type HomeSet,
  type SessionVelocity,
  type StageStep,
} from '../src';
import { sessionVelocities } from '../src/measure/velocity';
import { pretendLooks, pretendThrows, saltmarshRoster, sessionDays, type Story } from '../src/simulate';
import { noCourse } from './samples';

const first = '2026-03-02';
const on = (days: number) => addDays(first, days);
const like = { effort: 90, pitch: 'fastball', ball: 145 };
const session = (days: number, mph: number, more: Partial<SessionVelocity> = {}): SessionVelocity => ({
  date: on(days),
  n: 12,
  usual: fromMph(mph),
  top: fromMph(mph + 2),
  robustSd: fromMph(0.5),
  step: fromMph(0.1),
  simulated: 0,
  like,
  ...more,
});

describe('an absence', () => {
  it('begins at 21 days without anything', () => {
    expect(breaksOf([on(0), on(21)], on(21))).toEqual([{ from: on(0), to: on(21), days: 21 }]);
    expect(breaksOf([on(0), on(20)], on(20))).toEqual([]);
  });

  it('lasts until somebody comes back, and what is to come is no work yet', () => {
    expect(breaksOf([on(0), on(90)], on(30))).toEqual([{ from: on(0), to: null, days: 30 }]);
  });

  const breaks = breaksOf([on(0), on(40)], on(41));
  it('asks for a short look at what had been kept, until a look is finished since', () => {
    expect(shortRelook(breaks, [on(0)], ['oh.jump'])?.ids).toEqual(['oh.jump']);
    expect(shortRelook(breaks, [on(0), on(40)], ['oh.jump'])).toBeNull();
    expect(shortRelook(breaks, [on(0)], [])).toBeNull();
    expect(shortRelook([], [on(0)], ['oh.jump'])).toBeNull();
  });
});

describe('stages over time', () => {
  const step = (
    days: number,
    stage: StageStep['stage'],
    thread: StageStep['thread'] = 'lower',
  ): StageStep => ({
    thread,
    focus: 'oh.jump',
    stage,
    on: on(days),
    planned: false,
  });

  it('last until the next one of the same thread', () => {
    const spans = stageSpans([step(0, 'feel'), step(2, 'feel', 'arm'), step(5, 'move'), step(6, 'move')]);
    expect(spans.map(({ thread, stage, from, to }) => [thread, stage, from, to])).toEqual([
      ['lower', 'feel', on(0), on(5)],
      ['arm', 'feel', on(2), null],
      ['lower', 'move', on(5), null],
    ]);
  });

  it('leave out what was left again on the same day', () => {
    expect(stageSpans([step(0, 'feel'), step(0, 'move')]).map(({ stage }) => stage)).toEqual(['move']);
  });

  it.each([
    ['blend', 'connect'],
    ['feel', 'feel'],
    // A stage that the ladder has no more begins at its lowest rung.
    ['compete', 'feel'],
  ] as const)('reopen one rung below: %s at %s', (ended, reopened) =>
    expect(rungBelow(['prep', 'feel', 'connect', 'blend'], ended)).toBe(reopened),
  );
});

describe('what reaches the delivery', () => {
  const threads = [
    {
      focus: 'oh.jump',
      stages: [
        { stage: 'feel' as const, drills: [{ drill: 'hip-snap' }] },
        { stage: 'deliver' as const, drills: [{ drill: 'full-delivery' }] },
      ],
    },
  ];
  const found = (drill: [number, number], delivery: [number, number]) =>
    transferOf(threads, [
      { drill: 'hip-snap', clean: drill[0], missed: drill[1] },
      { drill: 'full-delivery', clean: delivery[0], missed: delivery[1] },
    ])[0]!.notReaching.length;

  it.each<[string, [number, number], [number, number], number]>([
    ['clean in eight of ten, and not in the delivery', [8, 2], [5, 5], 1],
    ['not clean enough by itself', [79, 21], [5, 5], 0],
    ['too few reps of the drill', [9, 0], [5, 5], 0],
    ['too few reps of the delivery', [8, 2], [4, 5], 0],
    ['the delivery is clean in six of ten', [8, 2], [6, 4], 0],
    ['the delivery is clean in 59 of 100', [8, 2], [59, 41], 1],
  ])('%s', (_, drill, delivery, n) => expect(found(drill, delivery)).toBe(n));

  it('says nothing of what nobody worked', () => expect(transferOf(threads, [])).toEqual([]));
});

describe('work at home', () => {
  const done = (days: number, set: number, late = false, counted = false): HomeSet => ({
    date: on(days),
    drill: 'hip-snap',
    set,
    clean: counted ? 5 : null,
    missed: counted ? 1 : null,
    at: `${on(days)}T18:00:00Z`,
    doneOn: on(days + (late ? 1 : 0)),
    late,
  });
  const assigned = [0, 1, 2].map((days) => ({ date: on(days), drill: 'hip-snap', sets: 2 }));

  it('holds what was ticked against what was assigned, late ticks as late', () => {
    const [week] = homeWork(assigned, [done(0, 1, false, true), done(1, 1, true), done(1, 3)], on(3));
    expect(week).toMatchObject({ week: on(0), assigned: 6, done: 2, late: 1, clean: 5, missed: 1 });
    expect(week!.drills).toHaveLength(1);
  });

  it('counts today only as far as it is done, and no day to come', () => {
    expect(homeTotal(homeWork(assigned, [done(1, 1)], on(1)))).toMatchObject({ assigned: 3, done: 1 });
    expect(homeWork(assigned, [], on(-1))).toEqual([]);
  });

  it('lets a week that was assigned later take the days of an earlier one, and leaves lessons out', () => {
    const days = (kind: 'home' | 'lesson') => [{ date: on(0), kind }];
    const [a, b] = [{ ...assigned[0]!, sets: 1 }, assigned[0]!];
    expect(
      assignedLast([
        { days: days('home'), items: [a] },
        { days: days('home'), items: [b] },
      ]),
    ).toEqual([b]);
    expect(assignedLast([{ days: days('lesson'), items: [a] }])).toEqual([]);
  });
});

describe('the body with it', () => {
  const size = (days: number, heightCm: number | null) => ({ date: on(days), heightCm, massKg: 60 });
  it.each([
    ['grown by 2 cm in half a year', [size(0, 160), size(183, 162)], 2],
    ['too little', [size(0, 160), size(183, 161.9)], null],
    ['measured longer ago', [size(0, 160), size(184, 162)], null],
    ['what was not measured is passed over', [size(0, 160), size(90, null), size(100, 164)], 4],
    ['nothing measured', [], null],
  ])('%s', (_, sizes, cm) => expect(growthOf(sizes)?.cm ?? null).toBe(cm));

  it('says since when, as a note', () =>
    expect(growthWords(growthOf([size(0, 160), size(100, 164)])!)).toBe(
      `Grew 4 cm since ${on(0)}: expect the timing to wander for a while.`,
    ));

  it('sets the power of a jump beside the session within four weeks', () => {
    const screens = [{ date: on(40), watts: 3500 }];
    expect(powerAndVelocity(screens, [session(12, 70)])[0]).toMatchObject({ watts: 3500, session: on(12) });
    expect(powerAndVelocity(screens, [session(11, 70)])).toEqual([]);
    expect(powerAndVelocity([{ date: on(40), watts: null }], [session(40, 70)])).toEqual([]);
  });

  it('sets limits beside the flaws that they can cause, the strongest link first', () => {
    const links = [
      { cause: 'lim.balance', effect: 'oh.jump', weight: 0.3 },
      { cause: 'lim.balance', effect: 'oh.wobble', weight: 0.6 },
      { cause: 'lim.power', effect: 'oh.short-stride', weight: 0.5 },
    ];
    const grades = (id: string, severity: 0 | 2) => ({ id, grades: [{ date: first, severity }] });
    const timeline = [grades('oh.jump', 2), grades('oh.wobble', 2), grades('oh.short-stride', 0)];
    const screens = [{ date: first, grades: { 'lim.balance': 2, 'lim.power': 0 } as const, watts: null }];
    const found = limitsOverTime(screens, timeline, links);
    expect(found.map(({ id, explains }) => [id, explains.map((each) => each.id)])).toEqual([
      ['lim.balance', ['oh.wobble', 'oh.jump']],
    ]);
  });

  it('throws per week go by hard and easy ones', () => {
    const day = { kind: 'practice' as const, count: 10 };
    expect(
      throwWeeks([
        { ...day, date: on(6), effort: null },
        { ...day, date: on(0), effort: 60 },
        { ...day, date: on(7), effort: 90 },
      ]),
    ).toEqual([
      { week: on(0), hard: 10, easy: 10 },
      { week: on(7), hard: 10, easy: 0 },
    ]);
  });
});

describe('a change over a span', () => {
  const line = [0, 7, 14, 21, 28].map((days) => session(days, 70 + days / 14));
  it('compares the first and the last session of the span, by how far all of them wander', () => {
    expect(changeOver(line, on(0), on(28))).toMatchObject({ verdict: 'faster' });
    expect(changeOver(line, on(0), on(28)).change).toEqual(velocityChange(line));
    expect(changeOver(line, on(21), on(28)).verdict).toBe('no real change');
    expect(
      changeOver(
        [...line].reverse().map((each, n) => ({ ...each, date: on(7 * n) })),
        on(0),
        on(28),
      ).verdict,
    ).toBe('slower');
  });
  it('says who was measured once, or not at all', () => {
    expect(changeOver(line, on(28), on(60)).verdict).toBe('one session');
    expect(changeOver(line, on(29), on(60)).verdict).toBe('not measured');
    expect(changeOver([], on(0), on(60)).verdict).toBe('not measured');
  });
  it('sets nothing against throws of another effort, and says what is simulated', () => {
    const other = session(35, 60, { like: { ...like, effort: 60 }, simulated: 4 });
    expect(changeOver([...line, other], on(0), on(40))).toMatchObject({
      verdict: 'one session',
      simulated: 4,
    });
  });
});

describe('a trend as it is drawn', () => {
  const line = [0, 7, 14, 21, 28].map((days) => session(days, 70 + days / 7));
  it('goes through the sessions and no further than half of their span', () => {
    const band = trendBand(line, sessionTrend(line));
    expect(band.map(({ date, projected }) => [date, projected])).toEqual([
      [on(0), false],
      [on(14), false],
      [on(28), false],
      [on(42), true],
    ]);
    expect(band[2]!.middle).toBeCloseTo(fromMph(74));
    for (const { low, middle, high } of band) {
      expect(low).toBeLessThanOrEqual(middle + 1e-9);
      expect(high).toBeGreaterThanOrEqual(middle - 1e-9);
    }
  });
  it('is not projected where it is not real', () => {
    const flat = [0, 7, 14, 21, 28].map((days, n) => session(days, 70 + (n % 2)));
    expect(trendBand(flat, sessionTrend(flat)).some(({ projected }) => projected)).toBe(false);
    expect(trendBand(line, null)).toEqual([]);
  });
});

describe('what clearing was worth', () => {
  const look = (days: number, grade: 0 | 1 | 2 | 3): DatedLook => ({
    date: on(days),
    findings: { 'oh.jump': grade },
  });
  const casesOf = (looks: DatedLook[]) => flawCases(historyOf(looks, ['oh.jump']).timeline);

  it('follows a flaw from the look that saw it to the one since which it is gone', () => {
    expect(casesOf([look(0, 3), look(30, 1), look(60, 0)])).toEqual([
      { flaw: 'oh.jump', seenOn: on(0), clearedOn: on(30), lastOn: on(60) },
    ]);
    expect(casesOf([look(0, 2), look(30, 0), look(60, 2)])[0]!.clearedOn).toBeNull();
    expect(casesOf([look(0, 1), look(30, 0)])).toEqual([]);
    expect(casesOf([look(0, 3)])).toEqual([]);
  });

  const one = (athlete: string, clearedOn: string | null, sessions: SessionVelocity[]) => ({
    athlete,
    flaw: 'oh.jump',
    seenOn: on(0),
    clearedOn,
    lastOn: on(90),
    sessions,
  });
  it('follows those who did not clear it over as many weeks', () => {
    const sessions = [session(0, 70), session(28, 72), session(90, 78)];
    const found = workedCases([one('A', on(28), sessions), one('B', null, sessions)]);
    expect(found.map(({ after, weeks }) => [after, weeks])).toEqual([
      [fromMph(72), 4],
      [fromMph(72), 4],
    ]);
  });
  it('leaves out whoever was not measured within three weeks of both ends', () => {
    const near = (days: number) => workedCases([one('A', on(60), [session(21, 70), session(days, 72)])]);
    expect(near(81)).toHaveLength(1);
    expect(near(82)).toHaveLength(0);
  });
});

it('tells whether what was measured twice differs by more than both errors', () => {
  const at = (value: number) => ({ 'oh.lean-back': { value, error: 4 }, 'oh.jump': {} });
  const before = {
    'oh.lean-back': { value: 20, error: 3 },
    'oh.jump': { value: 1 },
    'oh.wobble': { value: 2 },
  };
  expect(measuredTwice(before, at(15)).map(({ real }) => real)).toEqual([false]);
  expect(measuredTwice(before, at(14.9))[0]).toMatchObject({ real: true, needed: 5 });
  const unknown = measuredTwice({ 'oh.jump': { value: 1 } }, { 'oh.jump': { value: 2, error: 1 } });
  expect(unknown[0]).toMatchObject({ real: null, needed: null, difference: 1 });
});

describe('what a report says', () => {
  const look = (days: number, findings: DatedLook['findings']): DatedLook => ({ date: on(days), findings });
  const input = {
    givenName: 'Wren',
    discipline: 'overhand' as const,
    before: look(0, { 'oh.lift-stall': 3, 'oh.jump': 0, 'oh.wobble': 2, 'oh.no-sit': 1 }),
    after: look(60, { 'oh.lift-stall': 1, 'oh.jump': 1, 'oh.wobble': 2 }),
    velocity: changeOver([], on(0), on(60)),
    unit: 'mph' as const,
    home: [],
  };

  it('counts what got better and what slipped, and names no flaw', () => {
    const { movement, velocity, home } = reportWords(input);
    expect(movement).toBe(
      `1 of 3 things in Wren’s delivery is better than on ${on(0)}; 1 slipped and needs work again.`,
    );
    expect(velocity).toBe('Wren’s velocity has not been measured yet.');
    expect(home).toBeNull();
  });

  it.each([
    ['no look', { before: null, after: null }, /^Nobody has looked/],
    ['one look', { before: null }, /^There is one look so far/],
    ['the same look twice', { before: input.after }, /^There is one look so far/],
    ['nothing to work on', { before: look(0, { 'oh.jump': 0 }) }, /1 slipped|no better/],
    [
      'all clean',
      { before: look(0, { 'oh.jump': 0 }), after: look(60, { 'oh.jump': 0 }) },
      /nothing in Wren/,
    ],
  ])('%s', (_, more, said) => expect(reportWords({ ...input, ...more }).movement).toMatch(said));

  it('says the sum of gains and losses in one sentence', () => {
    const { findings: was } = input.before;
    const compared = compareLooks(was, input.after.findings, comparedIds('overhand'));
    expect(sumWords('overhand', compared)).toMatch(
      /^Better in lift, worse in glide: 5 points in all before, 4 after\.$/,
    );
    const same = compareLooks(was, was, comparedIds('overhand'));
    expect(sumWords('overhand', same)).toMatch(/^No phase moved: 6 points in all before, 6 after\.$/);
  });

  it('puts locked throws before everything that comes next', () => {
    const next = nextWords({
      lock: { site: 'elbow' },
      threads: [{ focus: 'oh.lift-stall', stage: 'move' }],
      relookOn: on(70),
      target: { velocity: fromMph(75), by: on(90) },
      unit: 'mph',
      names: false,
    });
    expect(next[0]).toMatch(/^No throws until/);
    expect(next[1]).not.toMatch(/Momentum/);
    expect(next.slice(2)).toEqual([`Next look: ${on(70)}.`, `Target: 75.0 mph by ${on(90)}.`]);
  });
});

describe('one axis of time', () => {
  const entries = timelineOf(
    {
      ...noCourse,
      sessions: [session(3, 70)],
      looks: [{ date: on(3), findings: { 'oh.jump': 2, 'oh.wobble': 1 } }],
      injuries: [{ site: 'back', what: 'Stress reaction', from: on(-200), to: null }],
      throwWeeks: [{ week: on(0), hard: 20, easy: 4 }],
    },
    { velocity: 'mph', size: 'metric' },
  );
  it('tells everything that holds on a day', () => {
    expect(entriesOn(entries, on(3)).map(({ lane }) => lane)).toEqual([
      'velocity',
      'looks',
      'away',
      'throws',
    ]);
    expect(entriesOn(entries, on(7)).map(({ lane }) => lane)).toEqual(['away']);
  });
  it('is a table, a row for each figure and each grade', () => {
    const rows = writeTimeline(
      entries,
      historyOf([{ date: on(3), findings: { 'oh.jump': 2 } }], ['oh.jump']).timeline,
    )
      .trim()
      .split('\r\n');
    expect(rows).toHaveLength(1 + 3 + 2 + 1 + 2 + 1);
    expect(rows.at(-1)).toBe(`${on(3)},${on(3)},Grade,Jumps off the rubber,severity,2,`);
  });
});

/** What is told of each of the demo's stories must be what the story is. */
describe('stories of the demo', () => {
  const today = '2026-11-30';
  const ago = (days: number) => addDays(today, -days);
  const told = saltmarshRoster.map((athlete, n) => {
    const looks = pretendLooks(athlete, 100 + n).map(({ daysAgo, findings }) => ({
      date: ago(daysAgo),
      findings,
    }));
    const days = sessionDays(athlete, 100 + n);
    const throws = days.flatMap((daysAgo) =>
      pretendThrows(athlete, daysAgo, 100 + n).map((thrown) => ({
        ...thrown,
        date: ago(daysAgo),
        pitch: 'fastball',
        ball: 145,
      })),
    );
    const history = historyOf(
      looks,
      nodesFor(athlete.discipline).map(({ id }) => id),
    );
    const breaks = breaksOf([...days.map(ago), ...looks.map(({ date }) => date)], today);
    return {
      story: athlete.story,
      name: athlete.givenName,
      history,
      velocity: changeOver(sessionVelocities(throws), ago(200), today).verdict,
      relook: shortRelook(
        breaks,
        looks.map(({ date }) => date),
        history.kept,
      ),
      movement: reportWords({
        givenName: athlete.givenName,
        discipline: athlete.discipline,
        before: looks[0] ?? null,
        after: looks.at(-1) ?? null,
        velocity: changeOver([], today, today),
        unit: 'mph',
        home: [],
      }).movement,
    };
  });
  const of = (story: Story) => told.filter((each) => each.story === story);

  it('whoever improves is faster and moves better', () => {
    for (const { velocity, movement, history } of of('improves')) {
      expect(velocity).toBe('faster');
      expect(movement).toMatch(/is better|are better/);
      expect(history.backAgain).toEqual([]);
    }
  });
  it('whoever slips back is told so, and no faster', () => {
    for (const { velocity, history, relook } of of('slips-back')) {
      expect(velocity).toBe('no real change');
      expect(history.backAgain.length).toBeGreaterThan(0);
      // Somebody has looked since.
      expect(relook).toBeNull();
    }
  });
  it('whoever moves well and gains nothing has no real change', () => {
    for (const { velocity } of of('flat')) expect(velocity).toBe('no real change');
  });
  it('whoever comes back after an absence is asked for a short look at what was kept', () => {
    expect(of('returns')).toHaveLength(1);
    for (const { relook, history } of of('returns')) {
      expect(relook?.away.days).toBeGreaterThanOrEqual(21);
      expect(relook?.ids).toEqual(history.kept);
    }
  });
  it('whoever is new is measured nowhere', () => {
    for (const { velocity, movement } of of('new')) {
      expect(velocity).toBe('not measured');
      expect(movement).toMatch(/^Nobody has looked/);
    }
  });
});
