import type { EventOf, Lesson, NewLesson } from '@wrightonic/contract';
import { addDays, venueInstant } from '@wrightonic/core';
import { missingParent, type Academy } from './scope';
import { told } from './told';

/** Puts a lesson in the diary, and those of the weeks after at the same time of day. */
export const addLesson = (
  academy: Academy,
  { id, athleteId, date, time, minutes, place, weekly = [] }: NewLesson,
  zone: string,
  by: string,
): Promise<void> =>
  academy.add(
    'lessons',
    [id, ...weekly].map((each, week) => ({
      id: each,
      athlete_id: athleteId,
      instructor_id: by,
      starts_at: venueInstant(addDays(date, 7 * week), time, zone),
      zone,
      minutes,
      place,
      series_id: weekly.length ? id : null,
    })),
  );

export const storeLesson = (
  academy: Academy,
  { id, athleteId, startsAt, zone, minutes, place }: EventOf<'lesson-planned'>,
  by: string,
): Promise<void> =>
  academy.add('lessons', {
    id,
    athlete_id: athleteId,
    instructor_id: by,
    starts_at: new Date(startsAt),
    zone,
    minutes,
    place,
  });

export async function storeLessonChange(
  academy: Academy,
  event: EventOf<'lesson-changed'>,
  by: string,
): Promise<void> {
  if (!(await academy.from('lessons').where({ id: event.lessonId }).first('id')))
    throw missingParent('no lesson');
  await academy.add('lesson_changes', {
    ...told(event, by),
    lesson_id: event.lessonId,
    rest: event.rest,
    state: event.state,
    starts_at: event.startsAt && new Date(event.startsAt),
    place: event.place,
    reason: event.reason,
  });
}

type Row = Record<string, any>;

const prefixed = (of: Record<string, unknown>, alias: string): Record<string, unknown> =>
  Object.fromEntries(Object.entries(of).map(([column, value]) => [`${alias}.${column}`, value]));

/** The newest word on each lesson, its own or one on the rest of its series. */
async function changesOf(academy: Academy, lessons: readonly Row[]): Promise<Map<string, Row>> {
  const series = [...new Set(lessons.flatMap((lesson) => lesson['series_id'] ?? []))];
  const changes = (): ReturnType<Academy['from']> =>
    academy
      .join(academy.from('lesson_changes', 'c'), 'lessons', 'l', 'id', 'c.lesson_id')
      .select('c.*', 'l.series_id', 'l.starts_at as first_at');
  const [own, ofSeries]: [Row[], Row[]] = await Promise.all([
    lessons.length
      ? changes().whereIn(
          'c.lesson_id',
          lessons.map((lesson) => lesson['id']),
        )
      : [],
    series.length ? changes().where('c.rest', true) : [],
  ]);
  const asked = new Set(series);
  const rest = ofSeries.filter((row) => asked.has(row['series_id']));
  const rows = [...new Map([...own, ...rest].map((row) => [row['id'], row])).values()].sort(
    (a, b) => a['at'] - b['at'] || (a['id'] < b['id'] ? -1 : 1),
  );
  const newest = new Map<string, Row>();
  for (const change of rows)
    for (const lesson of lessons)
      if (
        change['lesson_id'] === lesson['id'] ||
        (change['rest'] &&
          change['series_id'] === lesson['series_id'] &&
          change['first_at'] <= lesson['starts_at'])
      )
        newest.set(lesson['id'], change);
  return newest;
}

/** Lessons that are, or were to be, between two instants; in the order in which they stand now. */
export async function lessonsBetween(
  academy: Academy,
  from: Date,
  until: Date,
  of: { athlete_id?: string; instructor_id?: string } = {},
): Promise<Lesson[]> {
  const within = (table: string) => (query: ReturnType<Academy['from']>) =>
    query.where(`${table}.starts_at`, '>=', from).where(`${table}.starts_at`, '<', until);
  // Two questions, each with an index of its own: one with an "or" would read every lesson.
  const moved = academy.from('lesson_changes', 'c').where(within('c'));
  const [there, movedHere]: [Row[], Row[]] = await Promise.all([
    academy.from('lessons').where(of).where(within('lessons')),
    academy.join(moved, 'lessons', 'l', 'id', 'c.lesson_id').where(prefixed(of, 'l')).distinct('l.*'),
  ]);
  const rows = [...new Map([...there, ...movedHere].map((row) => [row['id'], row])).values()];
  const changes = await changesOf(academy, rows);
  return rows
    .map((row): Lesson => {
      const change = changes.get(row['id']);
      const away: Date | null = change?.['state'] === 'moved' ? change['starts_at'] : null;
      return {
        id: row['id'],
        athleteId: row['athlete_id'],
        instructorId: row['instructor_id'],
        startsAt: (away ?? row['starts_at']).toISOString(),
        minutes: row['minutes'],
        place: change?.['place'] ?? row['place'],
        state: change?.['state'] ?? 'on',
        movedFrom: away && row['starts_at'].toISOString(),
        series: row['series_id'],
        reason: change?.['reason'] ?? '',
      };
    })
    .filter(({ startsAt }) => startsAt >= from.toISOString() && startsAt < until.toISOString())
    .sort((a, b) => (a.startsAt === b.startsAt ? (a.id < b.id ? -1 : 1) : a.startsAt < b.startsAt ? -1 : 1));
}

/** Lessons of some days at the venue. */
export const lessonsOn = (academy: Academy, from: string, days: number, zone: string): Promise<Lesson[]> =>
  lessonsBetween(
    academy,
    venueInstant(from, '00:00', zone),
    venueInstant(addDays(from, days), '00:00', zone),
  );
