import type { AthletePage, Lesson, OpenSession } from '@wrightonic/contract';
import { athletesToPrefetch, isSparing, mostPrefetched } from '../src/offline/toPrefetch';
import {
  answered,
  acknowledged,
  isHeld,
  pendingEvents,
  logged,
  restored,
} from '../src/offline/pendingEvents';
import { catalogueBook, lastTap, throwThatStays, unmeasured } from '@wrightonic/core';
import { sessionEvents, withPendingEvents } from '../src/offline/local';
import type { Entry } from '../src/offline/outbox';
import { entry, isla, page } from './entries';
import { countOf, drillsToday, openSessionId, threadWith, thrown } from '../src/features/work/session';

const begun = entry({
  kind: 'look-begun',
  athleteId: 'athlete',
  look: 'quick',
  place: '',
  zone: 'America/New_York',
});
const finding = (node: string, severity: number | null) =>
  entry({ kind: 'finding', lookId: begun.event.id, node, severity });

describe('a look on this device', () => {
  it('shows at once, the newest grade last, a grade taken back as not looked at', () => {
    const entries = [
      begun,
      finding('oh.wobble', 2),
      finding('oh.lift-stall', 1),
      finding('oh.wobble', 0),
      finding('oh.lift-stall', null),
    ];
    const [look] = withPendingEvents(page.athlete.id, page, entries, isla).looks;
    // One second after midnight in Greenwich it is the evening before in New York.
    expect(look).toMatchObject({
      finished: false,
      by: 'Isla',
      date: '2026-04-30',
      findings: { 'oh.wobble': 0 },
    });
    expect('oh.lift-stall' in look!.findings).toBe(false);
  });
  it('is not there twice once the server has it, and a finished one is the server’s', () => {
    const stored = { id: begun.event.id, finished: true, findings: { 'oh.wobble': 3 } };
    const known = { ...page, looks: [stored] } as unknown as AthletePage;
    expect(withPendingEvents(page.athlete.id, known, [begun, finding('oh.wobble', 1)], isla).looks).toEqual([
      stored,
    ]);
  });
  it('leaves out what was refused and what is about somebody else', () => {
    const refused = { ...finding('oh.wobble', 2), why: 'no' };
    const other = { ...begun, athleteId: 'other' };
    expect(withPendingEvents(page.athlete.id, page, [begun, refused], isla).looks[0]!.findings).toEqual({});
    expect(withPendingEvents(page.athlete.id, page, [other], isla).looks).toEqual([]);
  });
  it('finishes', () => {
    const entries = [
      begun,
      finding('oh.wobble', 2),
      entry({ kind: 'look-finished', lookId: begun.event.id }),
    ];
    expect(withPendingEvents(page.athlete.id, page, entries, isla).looks[0]!.finished).toBe(true);
  });
});

describe('the journal', () => {
  const { reducer } = pendingEvents;
  const start = reducer(undefined, { type: 'start' });
  it('waits until the server has answered, and keeps a refusal with its reason', () => {
    const [one, two] = [entry({ kind: 'undo' }), entry({ kind: 'undo' })];
    let state = [one, two].reduce((was, each) => reducer(was, logged(each)), start);
    expect(state.waiting).toEqual([one.event.id, two.event.id]);
    state = reducer(
      state,
      answered({
        responses: [
          { id: one.event.id, stored: true },
          { id: two.event.id, stored: false, why: 'unknown drill' },
        ],
        at: 5,
      }),
    );
    expect(state.waiting).toEqual([]);
    expect(state.entries.map(({ why, sentAt }) => [why, sentAt])).toEqual([
      [undefined, 5],
      ['unknown drill', undefined],
    ]);
  });
  it('takes up what an earlier page left, before what is new, and nothing twice', () => {
    const [old, fresh] = [entry({ kind: 'undo' }), entry({ kind: 'undo' })];
    const state = reducer(reducer(start, logged(fresh)), restored([old, fresh]));
    expect(state.waiting).toEqual([old.event.id, fresh.event.id]);
    expect(state.entries).toHaveLength(2);
  });
  it('does not send again what an earlier page had sent, and still shows it', () => {
    const sent = entry({ kind: 'rep', sessionId: 's' }, { sentAt: 1 });
    const state = reducer(start, restored([sent]));
    expect([state.waiting, state.entries, state.ready]).toEqual([[], [sent], true]);
    expect(reducer(state, acknowledged([sent.event.id])).entries).toEqual([]);
  });

  it('keeps what was sent until everything that shows it was asked for afterwards', () => {
    const mark = entry({ kind: 'clip-mark', clipId: 'c' }, { sentAt: 1000 });
    expect(isHeld(mark, 1001)).toBe(true);
    expect(isHeld(mark, 1000)).toBe(false);
    expect(isHeld(mark, 1001, { clips: 1001 })).toBe(true);
    expect(isHeld(mark, 1001, { clips: 1000 })).toBe(false);
    // Another list shows none of it; what is not sent is held by nothing.
    expect(isHeld(mark, 1001, { throws: 0, screens: 0 })).toBe(true);
    expect(isHeld(entry({ kind: 'clip-mark' }), 1001)).toBe(false);
  });
});

const rep = (outcome: 'clean' | 'missed', drill = 'full-delivery') =>
  entry({ kind: 'rep', sessionId: 's', drill, outcome });
const throwOf = (velocity: number | null, effort: number | null = 90, more: object = {}) =>
  entry({ kind: 'throw', sessionId: 's', drill: 'full-delivery', velocity, effort, ...more });
/** A rep, and the throw that it is. */
const tap = (velocity: number | null = null, more: object = {}): [Entry, Entry] => {
  const first = rep('clean');
  return [first, throwOf(velocity, 90, { repId: first.event.id, ...more })];
};
const events = (entries: Entry[]) => entries.map(({ event }) => event);

describe('what is said about an athlete on this device', () => {
  it('lays a struck link over the page, once', () => {
    const fields = { cause: 'oh.lift-stall', effect: 'oh.jump', struck: true, reason: 'Not here' };
    const struck = entry({ kind: 'link-struck', athleteId: 'athlete', ...fields });
    const seen = withPendingEvents(page.athlete.id, page, [struck, struck], { ...isla, by: 'Me' });
    expect(seen.strikes).toEqual([expect.objectContaining({ ...fields, by: 'Me', id: struck.event.id })]);
  });
  it('lays what others tell over the page until it is taken back', () => {
    const told = entry({ kind: 'instruction', athleteId: 'athlete', from: 'coach', text: 'Push' });
    expect(
      withPendingEvents(page.athlete.id, page, [told], { ...isla, by: 'Me' }).instructions,
    ).toMatchObject([{ by: 'coach', text: 'Push' }]);
    const undone = entry({ kind: 'undo', sessionId: null, of: told.event.id });
    expect(
      withPendingEvents(page.athlete.id, page, [told, undone], { ...isla, by: 'Me' }).instructions,
    ).toEqual([]);
  });
  it('takes a game off the days ahead', () => {
    const game = { id: 'game', date: '2026-06-09', kind: 'game' as const, minutes: null, title: 'Away' };
    const other = { ...game, id: 'other', date: '2026-06-10' };
    const undone = entry({ kind: 'undo', sessionId: null, of: 'game' });
    expect(
      withPendingEvents(page.athlete.id, { ...page, upcoming: [game, other] }, [undone], {
        ...isla,
        by: 'Me',
      }).upcoming,
    ).toEqual([other]);
  });
});

describe('a session', () => {
  it('is the newest begun here that was not ended, else the server’s', () => {
    const here = entry({ kind: 'session-begun' });
    const stored = {
      session: { id: 'theirs' },
      events: [],
      elsewhere: { hard: 0, easy: 0 },
    } as unknown as OpenSession;
    expect(openSessionId(stored, [])).toBe('theirs');
    expect(openSessionId(stored, [here])).toBe(here.event.id);
    expect(
      openSessionId(undefined, [here, entry({ kind: 'session-ended', sessionId: here.event.id })]),
    ).toBeNull();
    expect(openSessionId(stored, [entry({ kind: 'session-ended', sessionId: 'theirs' })])).toBeNull();
  });

  it('joins both sides without doubles and without what was taken back', () => {
    const [a, b, c] = [rep('clean'), rep('missed'), rep('clean')];
    const undo = entry({ kind: 'undo', sessionId: 's', of: b.event.id });
    const joined = sessionEvents('s', events([a, b]), [b, undo, c]);
    expect(joined.map(({ id }) => id)).toEqual([a.event.id, c.event.id]);
    expect(countOf(joined, 'full-delivery')).toEqual({ clean: 2, missed: 0 });
    expect(sessionEvents('other', events([a]), [c])).toEqual([]);
  });

  it('takes back a whole tap: the rep with its throw, joined by id, however far apart', () => {
    const [first, second] = tap();
    const kinds = (list: Entry[]) => lastTap(events(list)).map(({ kind }) => kind);
    expect(kinds([rep('clean'), first, second])).toEqual(['throw', 'rep']);
    expect(kinds([first, second, rep('missed', 'hip-first-lean')])).toEqual(['rep']);
    expect(kinds(tap(31, { source: 'radar' }))).toEqual(['throw', 'rep']);
    // A throw that was claimed without a rep, and a velocity that was typed for one.
    expect(kinds([rep('clean'), throwOf(31, 90, { source: 'radar' })])).toEqual(['throw']);
    expect(kinds(tap(31))).toEqual(['throw']);
    expect(lastTap([])).toEqual([]);
  });

  it('gives a typed velocity to the throw just logged, unless that has one', () => {
    expect(unmeasured(events(tap()), 'full-delivery')).toMatchObject({ kind: 'throw' });
    expect(unmeasured(events([throwOf(33)]), 'full-delivery')).toBeNull();
    expect(unmeasured(events([throwOf(null)]), 'hip-first-lean')).toBeNull();
  });

  it('keeps the throw of a rep whose typed velocity is taken back, and not one more', () => {
    const typed = events(tap(33));
    expect(throwThatStays(lastTap(typed))).toBe(typed[1]);
    expect(throwThatStays(lastTap(events([throwOf(31), throwOf(33)])))).toBeNull();
    expect(throwThatStays(lastTap(events(tap())))).toBeNull();
    expect(throwThatStays(lastTap(events(tap(33, { source: 'radar' }))))).toBeNull();
  });

  it('counts throws of the day, wherever they were thrown', () => {
    const counted = thrown(page, events([throwOf(null), throwOf(30, 60)]), { hard: 10, easy: 4 });
    expect(counted).toMatchObject({ hard: 11, easy: 5, counted: 13.5, max: 95, left: 81 });
  });
});

describe('what is worked today', () => {
  const plain = { levels: {}, book: catalogueBook };
  const planned = (id: string, drill: string) => ({ id, drill, dose: '3x8', recent: [], gate: { n: 0 } });
  const thread = {
    thread: 'lower',
    stage: 'move',
    stages: [
      { stage: 'prep', drills: [planned('1', 'warm-up-flow')] },
      { stage: 'feel', drills: [planned('2', 'hip-first-lean')] },
      { stage: 'move', drills: [planned('3', 'flat-ground-fall')] },
    ],
  };
  const withPlan = (assignment: unknown) =>
    ({ ...page, plan: { threads: [thread], assignment } }) as unknown as AthletePage;
  it('is what was assigned for the day, else prep and the present stage', () => {
    const item = { date: '2026-05-01', drill: 'hip-first-lean', sets: 2, planned: '2', dose: '2x8' };
    const assignment = { items: [item, { ...item, drill: 'arm-band-care', planned: null }] };
    const ids = (day: string) => drillsToday(withPlan(assignment), day).map(({ id }) => id);
    expect(ids('2026-05-01')).toEqual(['2', 'arm-band-care']);
    expect(drillsToday(withPlan(assignment), '2026-05-01')[0]!.dose).toBe('2x8');
    expect(ids('2026-05-02')).toEqual(['1', '3']);
    expect(drillsToday(page, '2026-05-01')).toEqual([]);
  });
  it('moves the gates along while it goes on', () => {
    const reps = Array.from({ length: 20 }, () => rep('clean', 'flat-ground-fall'));
    const moved = threadWith(thread as never, 's', events(reps), plain);
    expect(moved.stages[2]!.drills[0]!.gate).toMatchObject({ n: 20, k: 20, decision: 'up' });
    const hurt = entry({ kind: 'pain', sessionId: 's', moment: 'after', level: 'pain', site: 'knee' });
    expect(
      threadWith(thread as never, 's', events([...reps, hurt]), plain).stages[2]!.drills[0]!.gate.decision,
    ).toBe('back');
  });
});

describe('what is read along for days without a connection', () => {
  const lesson = (athleteId: string, instructorId: string) => ({ athleteId, instructorId }) as Lesson;
  it('are the athletes of one’s own lessons, each once, or those of the academy where one has none', () => {
    const day = [lesson('a', 'me'), lesson('b', 'you'), lesson('a', 'me'), lesson('c', 'me')];
    expect(athletesToPrefetch(day, 'me')).toEqual(['a', 'c']);
    expect(athletesToPrefetch(day, 'somebody')).toEqual(['a', 'b', 'c']);
    expect(athletesToPrefetch([], 'me')).toEqual([]);
  });
  it('are forty at most', () => {
    const many = (n: number) => Array.from({ length: n }, (_, at) => lesson(`a${at}`, 'me'));
    expect([39, 40, 41].map((n) => athletesToPrefetch(many(n), 'me').length)).toEqual([
      39,
      40,
      mostPrefetched,
    ]);
  });
  it.each([
    [{}, false],
    [{ connection: { saveData: true } }, true],
    [{ getBattery: async () => ({ level: 0.19, charging: false }) }, true],
    [{ getBattery: async () => ({ level: 0.2, charging: false }) }, false],
    [{ getBattery: async () => ({ level: 0.1, charging: true }) }, false],
    [{ getBattery: () => Promise.reject(new Error('not here')) }, false],
  ])('stops on a device that is to be spared (%#)', async (device, spared) => {
    expect(await isSparing(device)).toBe(spared);
  });
});
