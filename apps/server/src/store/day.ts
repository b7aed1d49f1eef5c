import type { DayNews } from '@wrightonic/contract';
import { addDays } from '@wrightonic/core';
import type { Academy } from './scope';

/** As far back as the day looks. */
const lately = 7;

type Row = Record<string, any>;

/** Who marked pain lately, and who did nothing of what was assigned. */
export async function dayNews(academy: Academy, today: string): Promise<DayNews> {
  const since = addDays(today, -lately);
  const marked = academy.from('pain_reports', 'p').where({ 'p.level': 'pain' });
  const asked = academy
    .from('assignment_items', 'i')
    .where('i.date', '>=', since)
    .where('i.date', '<', today);
  const [inSessions, atHome, assigned, worked, ticked]: [Row[], Row[], string[], string[], string[]] =
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
      academy.join(asked, 'assignments', 'a', 'id', 'i.assignment_id').distinct().pluck('a.athlete_id'),
      academy.from('sessions').where('date', '>=', since).distinct().pluck('athlete_id'),
      academy.from('home_sets').where('done_on', '>=', since).distinct().pluck('athlete_id'),
    ]);
  const busy = new Set([...worked, ...ticked]);
  return {
    pain: [
      ...inSessions.map((row) => ({ ...row, where: 'session' as const })),
      ...atHome.map((row) => ({ ...row, where: 'home' as const })),
    ]
      .sort((a: Row, b: Row) => b['at'] - a['at'])
      .map((row: Row) => ({
        athleteId: row['athlete_id'],
        date: row['date'],
        site: row['site'],
        where: row['where'],
      })),
    idle: assigned.filter((id) => !busy.has(id)),
  };
}
