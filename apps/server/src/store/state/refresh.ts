import type { LogEvent, LogKind } from '@wrightonic/contract';
import { dayAt } from '@wrightonic/core';
import type { Academy } from '../scope';
import { markMoves, refreshState, stateParts, type StateOf, type StatePart } from './athleteStates';
import { countReps, countThrowDays } from './counts';
import { findCases } from './flawCases';
import { countHomeDays } from './homeDays';
import { judgeCalls } from './judgedCalls';

/** What changed of an athlete's history, and so has to be counted anew. */
interface Touched {
  parts: Set<StatePart>;
  sessions: Set<string>;
  days: Set<string>;
  calls: boolean;
}

/** The parts of a state that hang on events of a kind; the calls of traces are judged by finished looks. */
const turned: Partial<Record<LogKind, { parts: readonly StatePart[]; calls?: true }>> = {
  'look-begun': { parts: ['look'] },
  finding: { parts: ['look'] },
  'look-told': { parts: ['look'], calls: true },
  'look-corrected': { parts: ['look'], calls: true },
  'look-finished': { parts: ['look'], calls: true },
  'session-begun': { parts: ['moves', 'seen'] },
  rep: { parts: ['moves'] },
  throw: { parts: [] },
  pitch: { parts: [] },
  undo: { parts: ['moves'] },
  'level-chosen': { parts: ['moves'] },
  pain: { parts: ['moves', 'pain'] },
  'throws-cleared': { parts: ['pain'] },
};

/** Kinds after which the reps of their session are counted anew. */
const counting = new Set<LogKind>(['rep', 'undo', 'pain']);

interface Owner {
  athlete: string;
  date: string;
}

/** Whose each session, look or throw is, and of which day. */
async function owners(
  academy: Academy,
  table: 'sessions' | 'looks' | 'throws',
  ids: Iterable<string>,
): Promise<Map<string, Owner>> {
  const list = [...new Set(ids)];
  if (list.length === 0) return new Map();
  const rows: { id: string; athlete_id: string; date: string }[] = await academy
    .from(table)
    .whereIn('id', list)
    .select('id', 'athlete_id', 'date');
  return new Map(rows.map(({ id, athlete_id, date }) => [id, { athlete: athlete_id, date }]));
}

/** In which session each rep was done. */
async function sessionsOfReps(academy: Academy, reps: readonly string[]): Promise<Map<string, string>> {
  if (reps.length === 0) return new Map();
  const rows: { id: string; session_id: string }[] = await academy
    .from('rep_events')
    .whereIn('id', reps as string[])
    .select('id', 'session_id');
  return new Map(rows.map(({ id, session_id }) => [id, session_id]));
}

/** Which of these looks are finished: what is graded in one of them later changes how things turned out. */
async function finishedOf(academy: Academy, looks: readonly string[]): Promise<Set<string>> {
  if (looks.length === 0) return new Set();
  return new Set(
    await academy
      .from('look_ends')
      .whereIn('look_id', looks as string[])
      .pluck('look_id'),
  );
}

/** Which of what is kept beside the history hangs on events. */
async function touchedBy(academy: Academy, events: readonly LogEvent[]): Promise<Map<string, Touched>> {
  const meant = events.filter(({ kind }) => kind in turned);
  const back = await sessionsOfReps(
    academy,
    meant.flatMap((event) => (event.kind === 'undo' ? [event.of] : [])),
  );
  /** An undo may leave out in which session it takes something back. */
  const sessionOf = (event: LogEvent): string | null =>
    (event.kind === 'undo' ? back.get(event.of) : undefined) ??
    ('sessionId' in event ? event.sessionId : null);
  const graded = meant.flatMap((event) => (event.kind === 'finding' ? [event.lookId] : []));
  const [sessions, looks, throws, finished] = await Promise.all([
    owners(
      academy,
      'sessions',
      meant.flatMap((event) => sessionOf(event) ?? []),
    ),
    owners(
      academy,
      'looks',
      meant.flatMap((event) => ('lookId' in event ? [event.lookId] : [])),
    ),
    owners(
      academy,
      'throws',
      meant.flatMap((event) => (event.kind === 'undo' ? [event.of] : [])),
    ),
    finishedOf(academy, graded),
  ]);
  const touched = new Map<string, Touched>();
  const of = (athlete: string): Touched => {
    const known = touched.get(athlete) ?? {
      parts: new Set(),
      sessions: new Set(),
      days: new Set(),
      calls: false,
    };
    touched.set(athlete, known);
    return known;
  };
  for (const event of meant) {
    const practice = sessionOf(event);
    const session = practice === null ? undefined : sessions.get(practice);
    const look = 'lookId' in event ? looks.get(event.lookId) : undefined;
    const undone = event.kind === 'undo' ? throws.get(event.of) : undefined;
    const named = 'athleteId' in event ? event.athleteId : undefined;
    const athlete = named ?? session?.athlete ?? look?.athlete ?? undone?.athlete;
    if (!athlete) continue;
    const mine = of(athlete);
    const { parts, calls = false } = turned[event.kind]!;
    parts.forEach((part) => mine.parts.add(part));
    mine.calls ||= calls || (event.kind === 'finding' && finished.has(event.lookId));
    if (counting.has(event.kind) && practice) mine.sessions.add(practice);
    if (event.kind === 'throw' && session) mine.days.add(session.date);
    if (event.kind === 'pitch') mine.days.add(dayAt(new Date(event.at), event.zone));
    if (undone) mine.days.add(undone.date);
  }
  return touched;
}

/** Whoever else changes what is kept of these athletes waits until this transaction ends; in one order for everybody. */
async function lockStates(academy: Academy, athletes: readonly string[]): Promise<void> {
  for (const athlete_id of [...athletes].sort()) await academy.touch('athlete_states', { athlete_id });
}

/** Brings what is kept beside the history up to date after events; call it in their transaction. */
export async function refreshAfter(
  academy: Academy,
  events: readonly LogEvent[],
  of: StateOf,
): Promise<void> {
  const touched = await touchedBy(academy, events);
  await lockStates(academy, [...touched.keys()]);
  for (const [athlete, { parts, sessions, days, calls }] of touched) {
    if (sessions.size) await countReps(academy, [...sessions]);
    if (days.size) await countThrowDays(academy, athlete, [...days]);
    // A rep is logged every few seconds, and the proposals are read now and then.
    if (parts.delete('moves')) await markMoves(academy, athlete);
    if (parts.size) await refreshState(academy, athlete, [...parts], of);
    if (!calls) continue;
    await judgeCalls(academy, athlete);
    await findCases(academy, athlete);
  }
}

/** The same after a change that is no event of the log. */
export async function refreshAthletes(
  academy: Academy,
  athletes: readonly string[],
  parts: readonly StatePart[],
  of: StateOf,
): Promise<void> {
  await lockStates(academy, athletes);
  for (const athlete of athletes) {
    await refreshState(academy, athlete, parts, of);
    if (parts.includes('trace')) await judgeCalls(academy, athlete);
  }
}

/** Athletes of whom everything is made anew at once: while the database works for some, the server does for others. */
const sideBySide = 4;

/** Does something for each athlete, some at once. */
async function forEach(athletes: readonly string[], work: (athlete: string) => Promise<void>): Promise<void> {
  const waiting = athletes.values();
  await Promise.all(
    Array.from({ length: sideBySide }, async () => {
      for (const athlete of waiting) await work(athlete);
    }),
  );
}

/** Makes everything that is kept of athletes anew from their history, beside the counts of their reps. */
export async function rebuildAthletes(
  academy: Academy,
  athletes: readonly string[],
  of: StateOf,
): Promise<void> {
  await forEach(athletes, (athlete) =>
    academy.current(async (current) => {
      await lockStates(current, [athlete]);
      await countThrowDays(current, athlete);
      await countHomeDays(current, athlete, of.zone);
      await refreshState(current, athlete, stateParts, of);
      await judgeCalls(current, athlete);
      await findCases(current, athlete);
      await current.put('athlete_states', { athlete_id: athlete, incomplete: false });
    }),
  );
}

/** The same with their reps counted: of some athletes session by session, of an academy in one go. */
export async function countAthletes(academy: Academy, athletes?: readonly string[]): Promise<void> {
  if (!athletes) return academy.current((current) => countReps(current));
  await forEach(athletes, (athlete) =>
    academy.current(async (current) => {
      const sessions: string[] = await current.from('sessions').where({ athlete_id: athlete }).pluck('id');
      if (sessions.length) await countReps(current, sessions);
    }),
  );
}
