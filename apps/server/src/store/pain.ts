import {
  lockingSites,
  throwStateOf,
  type Clearance,
  type PainReport,
  type PainSite,
  type ThrowState,
  dayAt,
} from '@wrightonic/core';
import type { Academy } from './scope';

/** Everything that decides whether an athlete's throws are locked. */
export interface PainHistory {
  reports: PainReport[];
  clearances: Clearance[];
}

interface ReportRow {
  athlete_id: string;
  at: Date;
  date: string;
  site: PainSite;
  by: string;
}

/** What locks throws, and what opened them again, by athlete; of one or of everybody. Others have none. */
export async function painHistories(
  academy: Academy,
  zone: string,
  athleteId?: string,
): Promise<Map<string, PainHistory>> {
  const of = (query: ReturnType<Academy['from']>, alias: string) =>
    athleteId ? query.where({ [`${alias}.athlete_id`]: athleteId }) : query;
  const inSessions = academy
    .from('pain_reports', 'p')
    .where({ 'p.level': 'pain' })
    .whereIn('p.site', [...lockingSites]);
  academy.join(inSessions, 'sessions', 's', 'id', 'p.session_id');
  academy.join(inSessions, 'people', 'w', 'id', 'p.by_person');
  const [reports, atHome, clearances]: [
    ReportRow[],
    Omit<ReportRow, 'by'>[],
    { athlete_id: string; at: Date }[],
  ] = await Promise.all([
    of(inSessions, 's').select('s.athlete_id', 'p.at', 's.date', 'p.site', 'w.name as by'),
    of(academy.from('home_pain', 'h'), 'h')
      .where({ 'h.level': 'pain' })
      .whereIn('h.site', [...lockingSites])
      .select('h.athlete_id', 'h.at', 'h.date', 'h.site'),
    of(academy.from('pain_clearances', 'c'), 'c').select('c.athlete_id', 'c.at'),
  ]);
  const histories = new Map<string, PainHistory>();
  const historyOf = (id: string): PainHistory => {
    const known = histories.get(id) ?? { reports: [], clearances: [] };
    histories.set(id, known);
    return known;
  };
  for (const { athlete_id, at, ...row } of [
    ...reports,
    ...atHome.map((row) => ({ ...row, by: 'the athlete, at home' })),
  ])
    historyOf(athlete_id).reports.push({ ...row, at: at.toISOString(), level: 'pain' });
  for (const { athlete_id, at } of clearances)
    historyOf(athlete_id).clearances.push({ at: at.toISOString(), date: dayAt(at, zone) });
  return histories;
}

/** Whether an athlete may throw now, as far as pain decides it. */
export async function throwState(academy: Academy, athleteId: string, zone: string): Promise<ThrowState> {
  const history = (await painHistories(academy, zone, athleteId)).get(athleteId);
  return throwStateOf(history?.reports ?? [], history?.clearances ?? []);
}
