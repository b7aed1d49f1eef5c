import { takesPlace, type LessonState } from './states';

/** A lesson as far as its time and place go. */
export interface Held {
  id: string;
  /** Instant, ISO in UTC. */
  startsAt: string;
  minutes: number;
  place: string;
  state: LessonState;
}

/** A lesson and all that are held in its place while it is. */
export interface PlaceClash<T> {
  lesson: T;
  others: T[];
}

const begins = ({ startsAt }: Held): number => Date.parse(startsAt);
const ends = (lesson: Held): number => begins(lesson) + lesson.minutes * 60_000;
const placeOf = ({ place }: Held): string => place.trim().toLowerCase();

/**
 * Other lessons that are held in the same place while one is; the end of one is no part of the next.
 *
 * @example atOnce({ id: 'a', startsAt: '2026-05-01T16:00:00Z', minutes: 30, place: 'Cage 1', state: 'on' }, []) // []
 */
export const atOnce = <T extends Held>(lesson: T, all: readonly T[]): T[] =>
  takesPlace(lesson) && placeOf(lesson) !== ''
    ? all.filter(
        (other) =>
          other.id !== lesson.id &&
          takesPlace(other) &&
          placeOf(other) === placeOf(lesson) &&
          begins(other) < ends(lesson) &&
          begins(lesson) < ends(other),
      )
    : [];

/**
 * Lessons that want one place at one time, each group told once, at the first of them.
 *
 * @param day in order of their beginning
 * @example clashes([]) // []
 */
export function clashes<T extends Held>(day: readonly T[]): PlaceClash<T>[] {
  const byPlace = new Map<string, T[]>();
  for (const lesson of day) {
    const place = placeOf(lesson);
    if (place !== '' && takesPlace(lesson)) byPlace.set(place, [...(byPlace.get(place) ?? []), lesson]);
  }
  const told = new Set<string>();
  return day.flatMap((lesson) => {
    const others = atOnce(lesson, byPlace.get(placeOf(lesson)) ?? []);
    if (others.length === 0 || told.has(lesson.id)) return [];
    others.forEach(({ id }) => told.add(id));
    return [{ lesson, others }];
  });
}
