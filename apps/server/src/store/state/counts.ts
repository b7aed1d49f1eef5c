import { daysOfThrows, type DayThrows, type LevelCount, type RepSide } from '@wrightonic/core';
import { inBatches, notUndone, type Academy } from '../scope';
import type { RepCountsRow } from '../tables';
import { keepVelocities, type CountedThrow } from './velocities';

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

type CountedRow = Omit<RepCountsRow, 'academy_id' | 'position'>;

/** Counts the reps of sessions anew, net of what was taken back; of all sessions of the academy when none are named. */
export async function countReps(academy: Academy, sessions?: readonly string[]): Promise<void> {
  const of = (query: ReturnType<Academy['from']>, column: string) =>
    sessions ? query.whereIn(column, sessions as string[]) : query;
  const counted = notUndone(of(academy.from('rep_events', 'r'), 'r.session_id'), 'r')
    .groupBy('r.session_id', 'r.drill', 'r.level', 'r.cue_id', 'r.side')
    .select('r.session_id', 'r.drill', 'r.level', 'r.cue_id', 'r.side')
    // Ids are in the order of time: of one session the level that was worked last comes last.
    .select(
      academy.raw('row_number() over (partition by r.session_id order by max(r.id)) - 1 as position'),
      academy.raw("sum(r.outcome = 'clean') as clean"),
      academy.raw("sum(r.outcome = 'missed') as missed"),
      academy.raw(`exists (select 1 from pain_reports p where p.academy_id = r.academy_id
        and p.session_id = r.session_id and p.level = 'pain') as pain`),
    );
  await of(academy.counted('rep_counts'), 'session_id').delete();
  await academy.addAnswers('rep_counts', countColumns, academy.within(counted, 'counted'));
}

const countColumns = [
  'session_id',
  'position',
  'drill',
  'level',
  'cue_id',
  'side',
  'clean',
  'missed',
  'pain',
];

/**
 * Clean and missed reps of each drill in each session of an athlete, oldest session first.
 *
 * @param since ISO day from which on sessions count; all of them when left out
 */
export async function drillCounts(
  academy: Academy,
  athleteId: string,
  since?: string,
): Promise<DrillCount[]> {
  const query = academy.from('rep_counts', 'c');
  academy.join(query, 'sessions', 's', 'id', 'c.session_id').where({ 's.athlete_id': athleteId });
  if (since) query.where('s.date', '>=', since);
  const rows: (CountedRow & { at: Date })[] = await query
    .orderBy(['s.at', 's.id', 'c.position'])
    .select(
      'c.session_id',
      's.at',
      'c.drill',
      'c.level',
      'c.cue_id',
      'c.side',
      'c.clean',
      'c.missed',
      'c.pain',
    );
  return rows.map((row) => ({
    athleteId,
    session: row.session_id,
    at: row.at.toISOString(),
    drill: row.drill,
    level: row.level,
    cue: row.cue_id,
    side: row.side,
    clean: row.clean,
    missed: row.missed,
    pain: Boolean(row.pain),
  }));
}

/** Counts and measures the throws of an athlete's days anew; of all days when none are named. */
export async function countThrowDays(
  academy: Academy,
  athleteId: string,
  days?: readonly string[],
): Promise<void> {
  const query = academy.from('throws', 't').where({ 't.athlete_id': athleteId });
  if (days) query.whereIn('t.date', days as string[]);
  const rows: CountedThrow[] = await notUndone(query, 't')
    .orderBy(['t.at', 't.id'])
    .select('t.date', 't.kind', 't.effort', 't.velocity', 't.pitch', 't.ball_g', 't.source');
  const gone = academy.counted('throw_days').where({ athlete_id: athleteId });
  if (days) gone.whereIn('date', days as string[]);
  await gone.delete();
  await inBatches(
    academy,
    'throw_days',
    daysOfThrows(rows).map(({ date, count, effort }) => ({
      athlete_id: athleteId,
      date,
      hard: effort === null,
      count,
    })),
  );
  await keepVelocities(academy, athleteId, rows, days);
}

/** Throws of athletes by day, from a day on. */
export async function throwDaysOf(
  academy: Academy,
  ids: readonly string[],
  since: string,
): Promise<Map<string, DayThrows[]>> {
  const rows: { athlete_id: string; date: string; hard: number; count: number }[] = await academy
    .from('throw_days')
    .whereIn('athlete_id', ids as string[])
    .where('date', '>=', since)
    .orderBy(['date', 'hard'])
    .select('athlete_id', 'date', 'hard', 'count');
  const byAthlete = new Map<string, DayThrows[]>();
  for (const { athlete_id, date, hard, count } of rows) {
    const days = byAthlete.get(athlete_id) ?? [];
    days.push({ date, count, kind: 'practice', effort: hard ? null : 0 });
    byAthlete.set(athlete_id, days);
  }
  return byAthlete;
}

/** The same of one athlete. */
export const throwDays = async (academy: Academy, athleteId: string, since: string): Promise<DayThrows[]> =>
  (await throwDaysOf(academy, [athleteId], since)).get(athleteId) ?? [];

/** The last day before another on which an athlete threw; null when there is none. */
export async function lastThrowBefore(
  academy: Academy,
  athleteId: string,
  day: string,
): Promise<string | null> {
  const row = await academy
    .from('throw_days')
    .where({ athlete_id: athleteId })
    .where('date', '<', day)
    .orderBy('date', 'desc')
    .first('date');
  return row?.date ?? null;
}
