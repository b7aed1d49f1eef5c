import type { LogEvent, SessionRecord } from '@wrightonic/contract';
import { setOf } from './constraints';
import { notUndone, type Academy } from './scope';
import { flightOfRow, sidesOf } from './throws';
import type {
  PainClearancesRow,
  PainReportsRow,
  RepEventsRow,
  RepExplanationsRow,
  SessionNotesRow,
  SessionsRow,
  SetEventsRow,
  SpotEventsRow,
  ThrowsRow,
} from './tables';

/** Whose session it is; null when it is not here. */
export async function sessionAthlete(academy: Academy, sessionId: string): Promise<string | null> {
  const row = await academy.from('sessions').where({ id: sessionId }).first('athlete_id');
  return row?.athlete_id ?? null;
}

/** Newest first. */
export async function sessionsOf(academy: Academy, athleteId: string, limit = 200): Promise<SessionRecord[]> {
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
    .limit(limit)
    .select('s.id', 's.date', 's.at', 'e.id as ended', 'e.note');
  return rows.map((row: SessionsRow & { ended: string | null; note: string | null }) => ({
    id: row.id,
    date: row.date,
    startedAt: row.at.toISOString(),
    ended: row.ended !== null,
    note: row.note ?? '',
  }));
}

/** Everything logged in a session that was not taken back, oldest first. */
export async function eventsOf(academy: Academy, sessionId: string): Promise<LogEvent[]> {
  const [reps, explained, spots, throws, sets, notes, pain, cleared] = await Promise.all([
    notUndone(academy.from('rep_events', 'r').where({ 'r.session_id': sessionId }), 'r').select('r.*'),
    academy.from('rep_explanations').where({ session_id: sessionId }),
    notUndone(academy.from('spot_events', 'c').where({ 'c.session_id': sessionId }), 'c').select('c.*'),
    notUndone(academy.from('throws', 't').where({ 't.session_id': sessionId }), 't').select('t.*'),
    notUndone(academy.from('set_events', 'e').where({ 'e.session_id': sessionId }), 'e').select('e.*'),
    notUndone(academy.from('session_notes', 'n').where({ 'n.session_id': sessionId }), 'n').select('n.*'),
    academy.from('pain_reports').where({ session_id: sessionId }),
    academy.from('pain_clearances').where({ session_id: sessionId }),
  ]);
  const common = (row: { id: string; at: Date }) => ({ id: row.id, at: row.at.toISOString(), sessionId });
  const events: LogEvent[] = [
    ...reps.map((row: RepEventsRow) => ({
      ...common(row),
      kind: 'rep' as const,
      drill: row.drill,
      outcome: row.outcome,
      ...(row.reason ? { reason: row.reason } : {}),
      ...(row.level ? { level: row.level } : {}),
      ...(row.side ? { side: row.side } : {}),
      ...(row.cue_id ? { cueId: row.cue_id } : {}),
    })),
    ...explained.map((row: RepExplanationsRow) => ({
      ...common(row),
      kind: 'rep-explained' as const,
      of: row.rep_id,
      reason: row.reason,
    })),
    ...spots.map((row: SpotEventsRow) => ({
      ...common(row),
      kind: 'spot-charted' as const,
      drill: row.drill,
      repId: row.rep_id,
      spot: row.spot,
      sides: sidesOf(row),
    })),
    ...throws.map((row: ThrowsRow) => ({
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
    ...notes.map((row: SessionNotesRow) => ({
      ...common(row),
      kind: 'noted' as const,
      drill: row.drill,
      text: row.text,
    })),
    ...sets.map((row: SetEventsRow) => {
      const { session: _, constraints, ...set } = setOf(row);
      return { ...set, sessionId, kind: 'set-done' as const, constraints: [...constraints] };
    }),
    ...pain.map((row: PainReportsRow) => ({
      ...common(row),
      kind: 'pain' as const,
      moment: row.moment,
      level: row.level,
      score: row.score,
      site: row.site,
    })),
  ];
  events.push(
    ...cleared.map((row: PainClearancesRow) => ({
      ...common(row),
      kind: 'throws-cleared' as const,
      clearedBy: row.cleared_by,
      reason: row.reason,
    })),
  );
  return events.sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1));
}
