import { addDays, dayAt, homeDays, nothingAtHome, withHome, type HomeDay } from '@wrightonic/core';
import { assignedSets } from '../course';
import { setEvent } from '../home';
import { inBatches, type Academy } from '../scope';
import type { HomeSetsRow } from '../tables';

/** A week that is assigned reaches so many days beyond its first. */
const weekDays = 6;

/** Counts what was assigned for days at home, and done of it, anew; for all days when none are named. */
export async function countHomeDays(
  academy: Academy,
  athleteId: string,
  zone: string,
  days?: readonly string[],
): Promise<void> {
  if (days?.length === 0) return;
  const since = days && addDays([...days].sort()[0]!, -weekDays);
  const query = academy.from('home_sets').where({ athlete_id: athleteId });
  const gone = academy.counted('home_days').where({ athlete_id: athleteId });
  if (days) {
    query.whereIn('date', days as string[]);
    gone.whereIn('date', days as string[]);
  }
  const rows: HomeSetsRow[] = await query.orderBy(['at', 'received', 'id']);
  const { sets } = withHome(nothingAtHome, rows.map(setEvent), (at) => dayAt(new Date(at), zone));
  const assigned = await assignedSets(academy, athleteId, since);
  await gone.delete();
  await inBatches(
    academy,
    'home_days',
    homeDays(days ? assigned.filter(({ date }) => days.includes(date)) : assigned, sets).map((day) => ({
      athlete_id: athleteId,
      ...day,
    })),
  );
}

/** What was done at home of what was assigned over days, by athlete: all days together. */
export async function homeOver(
  academy: Academy,
  from: string,
  to: string,
): Promise<Map<string, Omit<HomeDay, 'date'>>> {
  const rows: (Record<'assigned' | 'done' | 'late', string> & { athlete_id: string })[] = await academy
    .from('home_days')
    .whereBetween('date', [from, to])
    .groupBy('athlete_id')
    .select('athlete_id')
    .sum({ assigned: 'assigned', done: 'done', late: 'late' });
  return new Map(
    rows.map(({ athlete_id, assigned, done, late }) => [
      athlete_id,
      { assigned: Number(assigned), done: Number(done), late: Number(late) },
    ]),
  );
}
