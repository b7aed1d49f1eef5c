import {
  assignedLast,
  breaksOf,
  changeOver,
  flawCases,
  fromMph,
  growthOf,
  growthWords,
  historyOf,
  homeTotal,
  homeWork,
  limitsOverTime,
  powerAndVelocity,
  rungBelow,
  shortRelook,
  stageSpans,
  throwWeeks,
  transferOf,
  velocityChange,
  workedCases,
  type DatedLook,
  type HomeSet,
  type SessionVelocity,
  type StageStep,
} from '../src';
import { first, like, on, session } from './sessions';

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
    expect(changeOver(line, on(21), on(28)).verdict).toBe('unchanged');
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
