import type { LessonToday, NewLesson } from '@wrightonic/contract';
import type { Academy } from './scope';
import { addDays } from '@wrightonic/core';
import { venueInstant } from './venueDay';

export const addLesson = (academy: Academy, lesson: NewLesson, zone: string, by: string): Promise<void> =>
  academy.add('lessons', {
    id: lesson.id,
    athlete_id: lesson.athleteId,
    instructor_id: by,
    starts_at: venueInstant(lesson.date, lesson.time, zone),
    zone,
    minutes: lesson.minutes,
    place: lesson.place,
  });

/** Lessons that start within one day at the venue, in order. */
export async function lessonsOn(academy: Academy, date: string, zone: string): Promise<LessonToday[]> {
  const rows = await academy
    .from('lessons')
    .where('starts_at', '>=', venueInstant(date, '00:00', zone))
    .where('starts_at', '<', venueInstant(addDays(date, 1), '00:00', zone))
    .orderBy(['starts_at', 'id']);
  return rows.map((row: Record<string, any>) => ({
    id: row.id,
    athleteId: row.athlete_id,
    startsAt: row.starts_at.toISOString(),
    minutes: row.minutes,
    place: row.place,
  }));
}
