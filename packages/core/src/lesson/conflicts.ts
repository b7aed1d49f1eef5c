import { atOnce, type Held } from './clashes';
import { takesPlace } from './states';

/** Why a lesson cannot be held where it is to go. */
export interface LessonConflict<T> {
  /** The place is taken, the instructor teaches, or the athlete has a lesson. */
  why: 'place' | 'instructor' | 'athlete';
  other: T;
}

type Booked = Held & { instructorId: string; athleteId: string };

const from = ({ startsAt }: Held): number => Date.parse(startsAt);
const until = (lesson: Held): number => from(lesson) + lesson.minutes * 60_000;

/**
 * What stands in the way of a lesson at another time or place; the end of one is no part of the next.
 *
 * @param lesson as it would be
 * @param all every lesson of that day
 * @example lessonConflicts({ id: 'a', startsAt: '2026-05-01T16:00:00Z', minutes: 30, place: '', state: 'on', instructorId: 'i', athleteId: 'x' }, []) // []
 */
export function lessonConflicts<T extends Booked>(lesson: T, all: readonly T[]): LessonConflict<T>[] {
  const place = atOnce(lesson, all).map((other) => ({ why: 'place' as const, other }));
  const meanwhile = all.filter(
    (other) =>
      other.id !== lesson.id &&
      takesPlace(other) &&
      from(other) < until(lesson) &&
      from(lesson) < until(other),
  );
  return [
    ...place,
    ...meanwhile
      .filter(({ instructorId, athleteId, place: at }) => {
        // A group that works together in one place is told by its place alone.
        const together = at.trim().toLowerCase() === lesson.place.trim().toLowerCase() && at.trim() !== '';
        return instructorId === lesson.instructorId && athleteId !== lesson.athleteId && !together;
      })
      .map((other) => ({ why: 'instructor' as const, other })),
    ...meanwhile
      .filter(({ athleteId }) => athleteId === lesson.athleteId)
      .map((other) => ({ why: 'athlete' as const, other })),
  ];
}
