import type { DayAlerts } from '@wrightonic/contract';
import { addDays } from '@wrightonic/core';
import { parsed, type Academy } from './scope';
import type { AssignmentsRow, HomePainRow } from './tables';

/** As far back as the day looks. */
const lately = 7;

/** Pain that was marked, in a session or at home. */
type Marked = Pick<HomePainRow, 'athlete_id' | 'date' | 'site' | 'at'>;
type Asked = Pick<AssignmentsRow, 'athlete_id' | 'days'>;

/** Who marked pain lately, and who did nothing of what was assigned. */
export async function dayAlerts(academy: Academy, today: string): Promise<DayAlerts> {
  const since = addDays(today, -lately);
  const marked = academy.from('pain_reports', 'p').where({ 'p.level': 'pain' });
  // A week is assigned for seven days from its first on.
  const asked = academy
    .from('assignments')
    .where('from_date', '>=', addDays(since, -6))
    .where('from_date', '<', today)
    .select('athlete_id', 'days');
  const [inSessions, atHome, weeks, worked, ticked]: [Marked[], Marked[], Asked[], string[], string[]] =
    await Promise.all([
      academy
        .join(marked, 'sessions', 's', 'id', 'p.session_id')
        .where('s.date', '>=', since)
        .select('s.athlete_id', 's.date', 'p.site', 'p.at'),
      academy
        .from('home_pain')
        .where({ level: 'pain' })
        .where('date', '>=', since)
        .select('athlete_id', 'date', 'site', 'at'),
      asked,
      academy.from('sessions').where('date', '>=', since).distinct().pluck('athlete_id'),
      academy.from('home_sets').where('done_on', '>=', since).distinct().pluck('athlete_id'),
    ]);
  const busy = new Set([...worked, ...ticked]);
  const assigned = new Set<string>(
    weeks
      .filter(({ days }) => parsed<string[]>(days).some((day) => day >= since && day < today))
      .map(({ athlete_id }) => athlete_id),
  );
  return {
    pain: [
      ...inSessions.map((row) => ({ ...row, where: 'session' as const })),
      ...atHome.map((row) => ({ ...row, where: 'home' as const })),
    ]
      .sort((a, b) => b.at.getTime() - a.at.getTime())
      .map((row) => ({
        athleteId: row.athlete_id,
        date: row.date,
        site: row.site,
        where: row.where,
      })),
    idle: [...assigned].filter((id) => !busy.has(id)),
  };
}
