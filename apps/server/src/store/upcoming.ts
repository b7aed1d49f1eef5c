import type { Upcoming, NewGames } from '@wrightonic/contract';
import { addDays, takesPlace, dayAt, venueInstant } from '@wrightonic/core';
import { lessonsBetween } from './lessons';
import { inBatches, notUndone, type Academy } from './scope';
import type { GamesRow } from './tables';

/** How far a week looks ahead, days. */
const daysAhead = 14;

/** Lessons and games of an athlete from a day on. */
export async function upcomingOf(
  academy: Academy,
  athleteId: string,
  from: string,
  zone: string,
): Promise<Upcoming[]> {
  const until = addDays(from, daysAhead);
  const [lessons, games] = await Promise.all([
    lessonsBetween(academy, venueInstant(from, '00:00', zone), venueInstant(until, '00:00', zone), {
      athlete_id: athleteId,
    }),
    notUndone(academy.from('games', 'g').where({ 'g.athlete_id': athleteId }), 'g')
      .where('g.date', '>=', from)
      .where('g.date', '<', until)
      .orderBy('g.date')
      .select('g.*'),
  ]);
  return [
    ...games.map((row: GamesRow): Upcoming => ({
      id: row.id,
      date: row.date,
      kind: 'game',
      minutes: null,
      title: row.title,
    })),
    ...lessons.filter(takesPlace).map((lesson): Upcoming => ({
      id: lesson.id,
      date: dayAt(new Date(lesson.startsAt), zone),
      kind: 'lesson',
      minutes: lesson.minutes,
      title: lesson.place,
    })),
  ].sort((a, b) => a.date.localeCompare(b.date));
}

/** Keeps games; one that is there already, by its calendar's id and its day, is left as it is. */
export async function addGames(
  academy: Academy,
  athleteId: string,
  games: NewGames['games'],
  by: string,
): Promise<void> {
  const at = new Date();
  const rows = games.map(({ id, uid, date, title }) => ({
    id,
    athlete_id: athleteId,
    uid,
    date,
    title,
    at,
    by_person: by,
  }));
  await academy.transaction((trx) => inBatches(trx, 'games', rows));
}
