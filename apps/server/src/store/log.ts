import { dayAt, type LevelCount, type RepSide } from '@wrightonic/core';
import type { EventOf, LogEvent, LogKind, SessionRecord } from '@wrightonic/contract';
import { storeChoices } from './choices';
import { storeClip } from './clips';
import { setOf, storeConstraints } from './constraints';
import { storeCurves } from './curves';
import { storeInstruction } from './instructions';
import { storeLesson, storeLessonChange } from './lessons';
import { storeStrike } from './links';
import { storeGrade, storeLookTold } from './looks';
import { missingParent, notUndone, type Academy } from './scope';
import { storeScreen } from './screens';
import { flightColumns, flightOfRow, sidesOf, storePitch } from './throws';
import { told } from './told';

type Store<K extends LogKind> = (academy: Academy, event: EventOf<K>, by: string) => Promise<void>;

/** One way of storing each kind of event; each may come twice. */
const stores: { [K in LogKind]: Store<K> } = {
  'look-begun': (academy, event, by) =>
    academy.add('looks', {
      ...told(event, by),
      athlete_id: event.athleteId,
      kind: event.look,
      zone: event.zone,
      date: dayAt(new Date(event.at), event.zone),
      looked_at: new Date(event.at),
      place: event.place,
    }),
  'look-told': storeLookTold,
  finding: (academy, event, by) => storeGrade(academy, event, null, by),
  'look-corrected': (academy, event, by) => storeGrade(academy, event, event.reason, by),
  'look-finished': (academy, event, by) =>
    academy.add('look_ends', { ...told(event, by), look_id: event.lookId }),
  'link-struck': storeStrike,
  instruction: storeInstruction,
  'session-begun': (academy, event, by) =>
    academy.add('sessions', {
      ...told(event, by),
      athlete_id: event.athleteId,
      plan_id: event.planId,
      // The venue's own day: what a device calls today may be another.
      date: dayAt(new Date(event.at), event.zone),
      zone: event.zone,
    }),
  pain: (academy, event, by) =>
    academy.add('pain_reports', {
      ...told(event, by),
      session_id: event.sessionId,
      moment: event.moment,
      level: event.level,
      score: event.score,
      site: event.site,
    }),
  'throws-cleared': async (academy, event, by) => {
    const athlete = event.athleteId ?? (event.sessionId && (await sessionAthlete(academy, event.sessionId)));
    if (!athlete) throw missingParent('no athlete');
    await academy.add('pain_clearances', {
      ...told(event, by),
      athlete_id: athlete,
      session_id: event.sessionId,
      cleared_by: event.clearedBy,
      reason: event.reason,
    });
  },
  rep: (academy, event, by) =>
    academy.add('rep_events', {
      ...told(event, by),
      session_id: event.sessionId,
      drill: event.drill,
      outcome: event.outcome,
      reason: event.reason ?? null,
      level: event.level ?? null,
      side: event.side ?? null,
      cue_id: event.cueId ?? null,
    }),
  noted: (academy, event, by) =>
    academy.add('session_notes', {
      ...told(event, by),
      session_id: event.sessionId,
      drill: event.drill,
      text: event.text,
    }),
  throw: async (academy, event, by) => {
    const session = await academy.from('sessions').where({ id: event.sessionId }).first('athlete_id', 'date');
    if (!session) throw missingParent('no session');
    await academy.add('throws', {
      ...told(event, by),
      athlete_id: session.athlete_id,
      session_id: event.sessionId,
      date: session.date,
      drill: event.drill,
      velocity: event.velocity,
      effort: event.effort,
      pitch: event.pitch,
      ball_g: event.ballG,
      source: event.source ?? 'work',
      rep_id: event.repId ?? null,
      ...flightColumns(event.flight),
    });
  },
  undo: (academy, event, by) =>
    academy.add('undone', { ...told(event, by), session_id: event.sessionId, of: event.of }),
  'session-ended': (academy, event, by) =>
    academy.add('session_ends', { ...told(event, by), session_id: event.sessionId, note: event.note }),
  'lesson-planned': storeLesson,
  ...storeChoices,
  'lesson-changed': storeLessonChange,
  ...storeConstraints,
  ...storeScreen,
  ...storeClip,
  pitch: storePitch,
  'curves-read': storeCurves,
};

/** Whose session it is; null when it is not here. */
export async function sessionAthlete(academy: Academy, sessionId: string): Promise<string | null> {
  const row = await academy.from('sessions').where({ id: sessionId }).first('athlete_id');
  return row?.athlete_id ?? null;
}

export const storeEvent = (academy: Academy, event: LogEvent, by: string): Promise<void> =>
  (stores[event.kind] as Store<LogKind>)(academy, event as never, by);

/** Newest first. */
export async function sessionsOf(academy: Academy, athleteId: string, most = 200): Promise<SessionRecord[]> {
  const rows = await academy
    .from('sessions', 's')
    .where({ 's.athlete_id': athleteId })
    .leftJoin({ e: 'session_ends' }, (join) =>
      join.on('e.academy_id', 's.academy_id').andOn('e.session_id', 's.id'),
    )
    .orderBy([
      { column: 's.at', order: 'desc' },
      { column: 's.id', order: 'desc' },
    ])
    .limit(most)
    .select('s.id', 's.date', 's.at', 'e.id as ended', 'e.note');
  return rows.map((row: Record<string, any>) => ({
    id: row.id,
    date: row.date,
    startedAt: row.at.toISOString(),
    ended: row.ended !== null,
    note: row.note ?? '',
  }));
}

/** Everything logged in a session that was not taken back, oldest first. */
export async function eventsOf(academy: Academy, sessionId: string): Promise<LogEvent[]> {
  const [reps, spots, throws, sets, notes, pain, cleared] = await Promise.all([
    notUndone(academy.from('rep_events', 'r').where({ 'r.session_id': sessionId }), 'r').select('r.*'),
    notUndone(academy.from('spot_events', 'c').where({ 'c.session_id': sessionId }), 'c').select('c.*'),
    notUndone(academy.from('throws', 't').where({ 't.session_id': sessionId }), 't').select('t.*'),
    notUndone(academy.from('set_events', 'e').where({ 'e.session_id': sessionId }), 'e').select('e.*'),
    notUndone(academy.from('session_notes', 'n').where({ 'n.session_id': sessionId }), 'n').select('n.*'),
    academy.from('pain_reports').where({ session_id: sessionId }),
    academy.from('pain_clearances').where({ session_id: sessionId }),
  ]);
  const common = (row: Record<string, any>) => ({ id: row.id, at: row.at.toISOString(), sessionId });
  const events: LogEvent[] = [
    ...reps.map((row: Record<string, any>) => ({
      ...common(row),
      kind: 'rep' as const,
      drill: row.drill,
      outcome: row.outcome,
      ...(row.reason ? { reason: row.reason } : {}),
      ...(row.level ? { level: row.level } : {}),
      ...(row.side ? { side: row.side } : {}),
      ...(row.cue_id ? { cueId: row.cue_id } : {}),
    })),
    ...spots.map((row: Record<string, any>) => ({
      ...common(row),
      kind: 'spot-charted' as const,
      drill: row.drill,
      repId: row.rep_id,
      spot: row.spot,
      sides: sidesOf(row),
    })),
    ...throws.map((row: Record<string, any>) => ({
      ...common(row),
      kind: 'throw' as const,
      drill: row.drill,
      velocity: row.velocity,
      effort: row.effort,
      pitch: row.pitch,
      ballG: row.ball_g,
      ...(row.source === 'radar' || row.source === 'simulated' ? { source: row.source } : {}),
      ...(row.rep_id ? { repId: row.rep_id } : {}),
      ...(flightOfRow(row) ? { flight: flightOfRow(row)! } : {}),
    })),
    ...notes.map((row: Record<string, any>) => ({
      ...common(row),
      kind: 'noted' as const,
      drill: row.drill,
      text: row.text,
    })),
    ...sets.map((row: Record<string, any>) => {
      const { session: _, constraints, ...set } = setOf(row);
      return { ...set, sessionId, kind: 'set-done' as const, constraints: [...constraints] };
    }),
    ...pain.map((row: Record<string, any>) => ({
      ...common(row),
      kind: 'pain' as const,
      moment: row.moment,
      level: row.level,
      score: row.score,
      site: row.site,
    })),
  ];
  events.push(
    ...cleared.map((row: Record<string, any>) => ({
      ...common(row),
      kind: 'throws-cleared' as const,
      clearedBy: row.cleared_by,
      reason: row.reason,
    })),
  );
  return events.sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1));
}

type Query = ReturnType<Academy['from']>;

/** Reps of a drill in a session, at one level and after one cue. */
export interface DrillCount extends LevelCount {
  athleteId: string;
  /** When the session began. */
  at: string;
  drill: string;
  /** Id of the live cue; null where none was chosen. */
  cue: string | null;
  side: RepSide | null;
}

/**
 * Clean and missed reps of each drill in each session of an athlete, or of everybody; oldest session first. What was
 * taken back is counted by itself and subtracted: asking for each of thousands of reps whether it was costs more.
 *
 * @param since ISO day from which on sessions count; all of them when left out
 */
export async function drillCounts(
  academy: Academy,
  athleteId?: string,
  since?: string,
): Promise<DrillCount[]> {
  const inSessions = (query: Query, of: string) => {
    academy.join(query, 'sessions', 's', 'id', `${of}.session_id`);
    if (since) query.where('s.date', '>=', since);
    return athleteId ? query.where({ 's.athlete_id': athleteId }) : query;
  };
  const counted = (query: Query): Promise<Record<string, any>[]> =>
    query
      .groupBy('s.id', 's.at', 's.athlete_id', 'r.drill', 'r.level', 'r.cue_id', 'r.side')
      // Ids are in the order of time: of one session the level that was worked last comes last.
      .orderByRaw('s.at, s.id, max(r.id)')
      .select('s.id as session', 's.at', 's.athlete_id', 'r.drill', 'r.level', 'r.cue_id', 'r.side')
      .sum({ clean: academy.raw("r.outcome = 'clean'"), missed: academy.raw("r.outcome = 'missed'") });
  const undone = academy.from('undone', 'u');
  academy.join(undone, 'rep_events', 'r', 'id', 'u.of');
  const [counts, back, hurt] = await Promise.all([
    counted(inSessions(academy.from('rep_events', 'r'), 'r')),
    counted(inSessions(undone, 'r')),
    inSessions(academy.from('pain_reports', 'p').where({ 'p.level': 'pain' }), 'p').distinct(
      's.id as session',
    ),
  ]);
  const painful = new Set(hurt.map((row: { session: string }) => row.session));
  const keyOf = (row: Record<string, any>) =>
    [row['session'], row['drill'], row['level'], row['cue_id'], row['side']].join('\n');
  const taken = new Map(back.map((row) => [keyOf(row), row]));
  return counts.flatMap((row): DrillCount[] => {
    const less = taken.get(keyOf(row));
    const clean = Number(row['clean']) - Number(less?.['clean'] ?? 0);
    const missed = Number(row['missed']) - Number(less?.['missed'] ?? 0);
    if (clean + missed === 0) return [];
    return [
      {
        athleteId: row['athlete_id'],
        session: row['session'],
        at: row['at'].toISOString(),
        drill: row['drill'],
        level: row['level'],
        cue: row['cue_id'],
        side: row['side'],
        clean,
        missed,
        pain: painful.has(row['session']),
      },
    ];
  });
}
