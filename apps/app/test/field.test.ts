import type { EventOf, Lesson, LogEvent, SharedPage } from '@wrightonic/contract';
import {
  claimedByRep,
  catalogueBook,
  effortChoices,
  ladderEfforts,
  rungNow,
  typedInstant,
  type HomeEvent,
  nothingAtHome,
  throwsAtHome,
  withHome,
} from '@wrightonic/core';
import { dayCount, dayFor } from '../src/features/today/day';
import { eventsToShow, merged, notAcknowledged } from '../src/features/shared/homeQueue';
import { groupOf } from '../src/features/work/group';
import { goesHome, sessionWords } from '../src/features/work/report';
import { withWorked } from '../src/features/work/session';
import { lastRepAt, setsDone } from '../src/features/work/sets';
import { withLessonChanges } from '../src/offline/lessons';
import { broughtUp } from '../src/offline/older';
import type { Entry, HomeEntry } from '../src/offline/database';

const start = Date.UTC(2026, 4, 1, 15);
const drill = 'full-delivery';
let n = 0;
/** An event so many seconds after the start. */
const event = (seconds: number, fields: Record<string, unknown>): LogEvent =>
  ({
    id: `e${String(n++).padStart(6, '0')}`,
    at: new Date(start + seconds * 1000).toISOString(),
    sessionId: 's',
    ...fields,
  }) as unknown as LogEvent;
const rep = (seconds: number, outcome = 'clean', of = drill) =>
  event(seconds, { kind: 'rep', drill: of, outcome });
const thrown = (seconds: number, velocity: number | null, effort = 90): EventOf<'throw'> =>
  event(seconds, {
    kind: 'throw',
    drill,
    velocity,
    effort,
    pitch: 'fastball',
    ballG: 145,
  }) as EventOf<'throw'>;
const at = (seconds: number) => start + seconds * 1000;

describe('a radar that is quicker than the thumb', () => {
  const reading = (seconds: number) => ({ velocity: 31, at: at(seconds) });
  it('gives the newest fresh reading to the rep that is tapped next, and counts none by itself', () => {
    expect(claimedByRep([reading(0)], at(15))).toEqual(reading(0));
    expect(claimedByRep([reading(0)], at(15) + 1)).toBeNull();
    expect(claimedByRep([reading(0), reading(9)], at(10))).toEqual(reading(9));
    expect(claimedByRep([], at(0))).toBeNull();
  });
});

describe('a ladder of efforts', () => {
  it('asks for as much as age and drill allow, and for no less than three rungs', () => {
    expect(ladderEfforts(16, 100)).toEqual([60, 70, 80, 90, 100]);
    expect(ladderEfforts(12, 100)).toEqual([50, 60, 70, 80, 90]);
    expect(ladderEfforts(16, 70)).toEqual([50, 60, 70]);
    expect(ladderEfforts(16, 60)).toBeNull();
    expect(effortChoices(12, 90, 90)).toEqual([50, 60, 70, 80, 90]);
  });
  it('moves on after three measured throws at each', () => {
    const events = [60, 60, 60, 70, 70].map((effort, i) => thrown(i * 10, 30, effort));
    expect(rungNow(events, [60, 70, 80]).effort).toBe(70);
    expect(rungNow([...events, thrown(60, null, 70)], [60, 70, 80]).effort).toBe(70);
    const all = [60, 70, 80].flatMap((effort) => [1, 2, 3].map((i) => thrown(i, 30, effort)));
    expect(rungNow(all, [60, 70, 80])).toMatchObject({
      effort: null,
      counts: [{ n: 3 }, { n: 3 }, { n: 3 }],
    });
  });
});

describe('sets and what is worked', () => {
  it('counts from the last mark, and knows when the rest began', () => {
    const done = event(20, {
      kind: 'set-done',
      drill,
      constraints: [],
      clean: 2,
      missed: 0,
      workaround: null,
    });
    const events = [rep(0), rep(5), done, rep(30, 'missed')];
    expect(setsDone(events, drill)).toEqual({ sets: 1, reps: 1 });
    expect(lastRepAt(events, drill)).toBe(at(30));
    expect(lastRepAt(events, 'blend-pairs')).toBeNull();
  });
  it('puts what was added or worked behind the drills of today', () => {
    const today = withWorked(
      [],
      [rep(0, 'clean', 'hip-first-lean')],
      ['full-delivery', 'no-such'],
      catalogueBook,
    );
    expect(today.map((each) => each.drill)).toEqual(['hip-first-lean', 'full-delivery']);
    expect(withWorked(today, [rep(0, 'clean', 'hip-first-lean')], [], catalogueBook)).toHaveLength(2);
  });
});

describe('a session in words', () => {
  const words = (events: LogEvent[]) =>
    sessionWords(events, { name: 'Wren', unit: 'mph', book: catalogueBook });
  it('says drills, throws, velocity and pain', () => {
    const throws = [30, 30.2, 30.4, 30.6, 31].map((velocity, i) => thrown(10 * i, velocity));
    const pain = event(99, { kind: 'pain', moment: 'after', level: 'pain', site: 'elbow', score: null });
    const hips = [1, 2, 3].map((i) => rep(i, i === 3 ? 'missed' : 'clean', 'hip-first-lean'));
    expect(words([...hips, ...throws, pain])).toBe(
      'Wren practiced Hip-first lean (2 of 3 clean). Wren made 5 throws. Usual velocity was 68.0 mph at 90 % effort, and the top was 69.3 mph. Wren felt pain in the elbow. Please see a licensed clinician before the next throws.',
    );
    expect(words([thrown(0, 30)])).toBe(
      'No reps were counted for Wren. Wren made 1 throw. It was measured at 67.1 mph.',
    );
  });
  it('sends home what is assigned until the next lesson', () => {
    const items = ['2026-05-01', '2026-05-02', '2026-05-04'].map((date, i) => ({ date, drill: `d${i}` }));
    const pain = { lock: null, cleared: null };
    const page = {
      plan: { assignment: { items } },
      upcoming: [{ kind: 'lesson', date: '2026-05-03' }],
      pain,
    };
    expect(goesHome(page as never, '2026-05-01', catalogueBook)).toEqual(['d1']);
    expect(goesHome({ ...page, upcoming: [] } as never, '2026-05-01', catalogueBook)).toEqual(['d1', 'd2']);
    const dry = [
      { date: '2026-05-02', drill: 'easy-catch' },
      { date: '2026-05-02', drill: 'hip-first-lean' },
    ];
    const locked = {
      ...page,
      plan: { assignment: { items: dry } },
      pain: { ...pain, lock: { site: 'elbow' } },
    };
    expect(goesHome(locked as never, '2026-05-01', catalogueBook)).toEqual(['hip-first-lean']);
  });
});

const lesson = (id: string, startsAt: string, more: Partial<Lesson> = {}): Lesson => ({
  id,
  athleteId: id,
  name: id,
  fromHere: 1,
  instructorId: 'i',
  startsAt,
  minutes: 30,
  place: 'Cage 1',
  state: 'on',
  movedFrom: null,
  series: null,
  reason: '',
  ...more,
});

describe('lessons', () => {
  const four = '2026-05-01T16:00:00.000Z';
  const all = [lesson('a', four), lesson('b', four), lesson('c', four, { place: 'Mound' })];
  it('put together who is there at the same time and place, or who was chosen for the day', () => {
    const group = (chosen: { date: string; ids: string[] } | null, id = 'a') =>
      groupOf(id, { chosen, today: '2026-05-01', lessons: all });
    expect(group(null)).toEqual(['a', 'b']);
    expect(group(null, 'x')).toEqual(['x']);
    expect(group({ date: '2026-05-01', ids: ['a', 'c'] })).toEqual(['a', 'c']);
    expect(group({ date: '2026-04-30', ids: ['a', 'c'] })).toEqual(['a', 'b']);
  });
  it('are the day of the instructor first, and everybody’s where there are none or somebody asks', () => {
    const others = { instructorId: 'j' };
    const day = (lessons: Lesson[], everybody = false) =>
      dayFor({
        lessons,
        entries: [],
        today: '2026-05-01',
        zone: 'Europe/London',
        instructorId: 'i',
        everybody,
      });
    const off = lesson('off', four, { state: 'called-off' });
    const mixed = [lesson('mine', four), off, lesson('b', four, others), lesson('c', four, others)];
    const mine = day(mixed);
    expect(mine).toMatchObject({ hidden: 2, taking: 1, own: true });
    expect(mine.shown.map(({ id }) => id)).toEqual(['mine', 'off']);
    expect(dayCount(mine, 'the barn')).toBe('1 lesson of yours');
    const whole = day(mixed, true);
    expect(whole).toMatchObject({ hidden: 0, taking: 3, own: false });
    expect(dayCount(whole, 'the barn')).toBe('3 lessons at the barn');
    expect(day([lesson('b', four, others)])).toMatchObject({ hidden: 0, taking: 1, own: false });
    // Read on another day of the venue.
    expect(day([lesson('late', '2026-05-01T23:00:00.000Z')]).shown).toEqual([]);
    expect(day([lesson('night', '2026-05-01T22:59:00.000Z')]).shown).toHaveLength(1);
    expect(dayCount(day([]), 'the barn')).toBe('the barn');
  });
  it('stand as they were changed on this device, the later ones of a series as well', () => {
    const series = ['01', '08', '15'].map((day) =>
      lesson(day, `2026-05-${day}T16:00:00.000Z`, { series: 's' }),
    );
    const entry = (fields: object, why?: string): Entry => ({
      event: event(0, {
        kind: 'lesson-changed',
        startsAt: null,
        place: null,
        reason: '',
        rest: false,
        ...fields,
      }),
      athleteId: 'a',
      personId: 'p',
      ...(why ? { why } : {}),
    });
    const off = withLessonChanges(series, [entry({ lessonId: '08', state: 'called-off', rest: true })]);
    expect(off.map(({ state }) => state)).toEqual(['on', 'called-off', 'called-off']);
    const to = '2026-05-20T10:00:00.000Z';
    const moved = withLessonChanges(series, [entry({ lessonId: '01', state: 'moved', startsAt: to })]);
    expect(moved.at(-1)).toMatchObject({ id: '01', startsAt: to, movedFrom: '2026-05-01T16:00:00.000Z' });
    const back = withLessonChanges(moved, [entry({ lessonId: '01', state: 'on' })]);
    expect(back[0]).toMatchObject({ id: '01', startsAt: '2026-05-01T16:00:00.000Z', movedFrom: null });
    expect(withLessonChanges(series, [entry({ lessonId: '01', state: 'no-show' }, 'refused')])).toEqual(
      series,
    );
  });
  it('are moved to a day and a time that exist', () => {
    expect(typedInstant('2026-07-01', '16:30', 'Europe/London')).toBe('2026-07-01T15:30:00.000Z');
    expect(typedInstant('2026-02-30', '16:30', 'Europe/London')).toBeNull();
    expect(typedInstant('2026-07-01', '24:00', 'Europe/London')).toBeNull();
  });
});

describe('what an earlier version of the app kept', () => {
  const brought = (path: string, data: unknown) =>
    broughtUp({ path, data, at: 5 }).map((each) => [each.path, each.data]);
  it('is filled up with nothing, bears the names of today, and loses nothing', () => {
    expect(brought('athletes/a', { athlete: 'x' })).toEqual([['athletes/a', { athlete: 'x', norms: [] }]]);
    expect(brought('athletes/a/look', { looks: [] })).toEqual([['athletes/a/look', { looks: [] }]]);
    const [[, work]] = brought('athletes/a/work', {
      levels: { 'hip-snap': 'slow' },
      ahead: ['game'],
      plan: { id: 'p', threads: [{ thread: 'arm', held: ['why'] }] },
    }) as [[string, object]];
    expect(work).toEqual({
      home: { sets: [], pain: [], games: [] },
      levels: { 'hip-snap': 'slow' },
      upcoming: ['game'],
      plan: { id: 'p', threads: [{ thread: 'arm', limitedBy: ['why'] }] },
      cues: [],
      cueCounts: [],
      drillTotals: [],
    });
    const before = { me: { person: { hand: 'R' } } };
    expect(brought('session', before)).toEqual([
      [
        'session',
        {
          me: {
            person: { hand: 'R', sizeUnit: 'us', zoneView: 'pitcher', dateOrder: 'auto', hours: 'auto' },
          },
        },
      ],
    ]);
    expect(brought('session', { me: null })).toEqual([['session', { me: null }]]);
    const { state: _, movedFrom: __, ...kept } = lesson('a', '2026-05-01T16:00:00.000Z', { series: 's' });
    expect(brought('lessons', [kept])).toEqual([
      ['lessons', [lesson('a', '2026-05-01T16:00:00.000Z', { series: 's' })]],
    ]);
    expect(brought('drills', [1])).toEqual([['drills', [1]]]);
  });
  it('is one response for each part where it was one about an athlete', () => {
    const whole = { athlete: 'x', looks: [1], told: [2], velocities: [{ scatter: 3 }] };
    const parts = new Map(brought('athletes/a', whole) as [string, Record<string, unknown>][]);
    expect([...parts.keys()]).toEqual(
      ['', '/look', '/trace', '/build', '/work', '/prove'].map((p) => `athletes/a${p}`),
    );
    expect(parts.get('athletes/a')).toMatchObject({ athlete: 'x', norms: [] });
    expect(parts.get('athletes/a/build')).toMatchObject({ instructions: [2], cues: [] });
    expect(parts.get('athletes/a/prove')).toMatchObject({ looks: [1], velocities: [{ robustSd: 3 }] });
  });
});

describe('the page behind a link', () => {
  const home = nothingAtHome;
  const ticked = (seconds: number, set: number, more: object = {}): HomeEntry => {
    const { id, at: when } = event(seconds, {});
    const fields = { date: '2026-05-01', drill: 'easy-catch', set, clean: null, missed: null, ...more };
    return { id, token: 't', event: { id, at: when, kind: 'set-ticked', ...fields } as HomeEvent };
  };
  const dayOf = (when: string) => when.slice(0, 10);
  it('lays over what was read until a page that was read later holds it', () => {
    const sent = { ...ticked(0, 1), sentAt: '2026-05-01T15:00:05.000Z' };
    const refused = { ...ticked(1, 2), why: 'no' };
    const open = ticked(2, 3);
    const all = merged([open], [sent, refused]);
    expect(all.map(({ event: { id } }) => id)).toEqual([sent.id, refused.id, open.id]);
    expect(notAcknowledged(all, '2026-05-01T15:00:04.000Z')).toHaveLength(3);
    expect(notAcknowledged(all, '2026-05-01T15:00:06.000Z')).toEqual([refused, open]);
    expect(withHome(home, eventsToShow(all), dayOf).sets.map(({ set }) => set)).toEqual([1, 3]);
  });
  it('adds what was ticked here to the throws of the day, hard and easy apart', () => {
    const page = {
      home,
      days: [{ date: '2026-05-01', items: [{ drill: 'easy-catch', sets: 2, throws: 20, effort: 60 }] }],
    } as unknown as SharedPage;
    const with2 = withHome(home, [ticked(0, 1).event, ticked(1, 2).event], dayOf);
    expect(throwsAtHome(page, with2, '2026-05-01')).toEqual({ hard: 0, easy: 20 });
    expect(throwsAtHome({ ...page, home: with2 }, with2, '2026-05-01')).toEqual({ hard: 0, easy: 0 });
    expect(
      throwsAtHome(
        page,
        { ...with2, games: [{ date: '2026-05-01', pitches: 30, title: 'x' }] },
        '2026-05-01',
      ),
    ).toEqual({ hard: 30, easy: 20 });
  });
});
