import type { BookedLesson, EventOf, Lesson, NewLesson } from '@wrightonic/contract';
import {
  addDays,
  changeHoldsFor,
  standingLesson,
  venueInstant,
  type LessonChange,
  type LessonState,
  type PlannedLesson,
} from '@wrightonic/core';
import { namesOf } from './athletes';
import { missingParent, type Academy } from './scope';
import { loggedBy } from './loggedBy';

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
    ...loggedBy(event, by),
    lesson_id: event.lessonId,
    rest: event.rest,
    state: event.state,
    starts_at: event.startsAt ? new Date(event.startsAt) : null,
    place: event.place,
    reason: event.reason,
  });
}

const prefixed = (of: Record<string, unknown>, alias: string): Record<string, unknown> =>
  Object.fromEntries(Object.entries(of).map(([column, value]) => [`${alias}.${column}`, value]));

interface LessonRow {
  id: string;
  athlete_id: string;
  instructor_id: string;
  starts_at: Date;
  minutes: number;
  place: string;
  series_id: string | null;
}

interface ChangeRow {
  id: string;
  at: Date;
  lesson_id: string;
  rest: number;
  state: LessonState;
  starts_at: Date | null;
  place: string | null;
  reason: string;
  /** Of the lesson of which it was told. */
  series_id: string | null;
  first_at: Date;
}

const planned = ({
  id,
  starts_at,
  series_id,
}: Pick<LessonRow, 'id' | 'starts_at' | 'series_id'>): PlannedLesson => ({
  id,
  plannedAt: starts_at.toISOString(),
  series: series_id,
});

/** Changes of lessons, and of the rest of their series, oldest first. */
async function changesOf(academy: Academy, lessons: readonly LessonRow[]): Promise<ChangeRow[]> {
  if (lessons.length === 0) return [];
  const changes = (): ReturnType<Academy['from']> =>
    academy
      .join(academy.from('lesson_changes', 'c'), 'lessons', 'l', 'id', 'c.lesson_id')
      .select('c.*', 'l.series_id', 'l.starts_at as first_at');
  const series = new Set(lessons.flatMap(({ series_id }) => series_id ?? []));
  const [own, ofRest]: [ChangeRow[], ChangeRow[]] = await Promise.all([
    changes().whereIn(
      'c.lesson_id',
      lessons.map(({ id }) => id),
    ),
    series.size ? changes().where('c.rest', true) : [],
  ]);
  const rest = ofRest.filter(({ series_id }) => series_id !== null && series.has(series_id));
  return [...new Map([...own, ...rest].map((row) => [row.id, row])).values()].sort(
    (a, b) => a.at.getTime() - b.at.getTime() || (a.id < b.id ? -1 : 1),
  );
}

/** The newest change that holds for each lesson. */
function newestChanges(
  lessons: readonly LessonRow[],
  changes: readonly ChangeRow[],
): Map<string, LessonChange> {
  const newest = new Map<string, LessonChange>();
  for (const { lesson_id, first_at, series_id, ...row } of changes) {
    const of = planned({ id: lesson_id, starts_at: first_at, series_id });
    const change: LessonChange = {
      rest: Boolean(row.rest),
      state: row.state,
      startsAt: row.starts_at && row.starts_at.toISOString(),
      place: row.place,
      reason: row.reason,
    };
    for (const lesson of lessons)
      if (changeHoldsFor(change, of, planned(lesson))) newest.set(lesson.id, change);
  }
  return newest;
}

/** Lessons that are, or were to be, between two instants; in the order in which they stand now. */
export async function lessonsBetween(
  academy: Academy,
  from: Date,
  until: Date,
  of: { athlete_id?: string; instructor_id?: string } = {},
): Promise<BookedLesson[]> {
  const within = (table: string) => (query: ReturnType<Academy['from']>) =>
    query.where(`${table}.starts_at`, '>=', from).where(`${table}.starts_at`, '<', until);
  // Two questions, each with an index of its own: one with an "or" would read every lesson.
  const moved = academy.from('lesson_changes', 'c').where(within('c'));
  const [there, movedHere]: [LessonRow[], LessonRow[]] = await Promise.all([
    academy.from('lessons').where(of).where(within('lessons')),
    academy.join(moved, 'lessons', 'l', 'id', 'c.lesson_id').where(prefixed(of, 'l')).distinct('l.*'),
  ]);
  const rows = [...new Map([...there, ...movedHere].map((row) => [row.id, row])).values()];
  const changes = newestChanges(rows, await changesOf(academy, rows));
  return rows
    .map((row): BookedLesson => ({
      id: row.id,
      athleteId: row.athlete_id,
      instructorId: row.instructor_id,
      minutes: row.minutes,
      series: row.series_id,
      ...standingLesson(planned(row), row.place, changes.get(row.id) ?? null),
    }))
    .filter(({ startsAt }) => startsAt >= from.toISOString() && startsAt < until.toISOString())
    .sort((a, b) => (a.startsAt === b.startsAt ? (a.id < b.id ? -1 : 1) : a.startsAt < b.startsAt ? -1 : 1));
}

/** How many of its series are planned at the time of each or later, itself included; without those that have no series. */
async function seriesFrom(academy: Academy, lessons: readonly BookedLesson[]): Promise<Map<string, number>> {
  const ids = lessons.flatMap(({ id, series }) => (series === null ? [] : id));
  if (ids.length === 0) return new Map();
  const these = academy.from('lessons', 'l').whereIn('l.id', ids);
  const rows: { id: string; number: number }[] = await academy
    .join(these, 'lessons', 's', 'series_id', 'l.series_id')
    .whereRaw('s.starts_at >= l.starts_at')
    .groupBy('l.id')
    .select('l.id')
    .count({ number: 's.id' });
  return new Map(rows.map(({ id, number }) => [id, Number(number)]));
}

/** Lessons of some days at the venue, with the names of whom they are for. */
export async function lessonsOn(
  academy: Academy,
  from: string,
  days: number,
  zone: string,
): Promise<Lesson[]> {
  const lessons = await lessonsBetween(
    academy,
    venueInstant(from, '00:00', zone),
    venueInstant(addDays(from, days), '00:00', zone),
  );
  const [names, later] = await Promise.all([
    namesOf(academy, [...new Set(lessons.map(({ athleteId }) => athleteId))]),
    seriesFrom(academy, lessons),
  ]);
  return lessons.map((lesson) => ({
    ...lesson,
    name: names.get(lesson.athleteId)!,
    fromHere: later.get(lesson.id) ?? 1,
  }));
}
