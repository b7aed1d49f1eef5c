import type { Ahead } from '@wrightonic/contract';
import { addDays } from '@wrightonic/core';
import type { Academy } from './scope';
import { venueDay, venueInstant } from './venueDay';

/** How far a week looks ahead, days. */
const daysAhead = 14;

/** Lessons and games of an athlete from a day on. */
export async function aheadOf(
  academy: Academy,
  athleteId: string,
  from: string,
  zone: string,
): Promise<Ahead[]> {
  const until = addDays(from, daysAhead);
  const [lessons, games] = await Promise.all([
    academy
      .from('lessons')
      .where({ athlete_id: athleteId })
      .where('starts_at', '>=', venueInstant(from, '00:00', zone))
      .where('starts_at', '<', venueInstant(until, '00:00', zone))
      .orderBy('starts_at'),
    academy
      .from('games')
      .where({ athlete_id: athleteId })
      .where('date', '>=', from)
      .where('date', '<', until)
      .orderBy('date'),
  ]);
  return [
    ...games.map((row: Record<string, any>): Ahead => ({
      date: row.date,
      kind: 'game',
      minutes: null,
      title: row.title,
    })),
    ...lessons.map((row: Record<string, any>): Ahead => ({
      date: venueDay(row.starts_at, zone),
      kind: 'lesson',
      minutes: row.minutes,
      title: row.place,
    })),
  ].sort((a, b) => a.date.localeCompare(b.date));
}
