import { takesPlace, type LessonState } from './states';

interface Held {
  id: string;
  /** Instant, ISO in UTC. */
  startsAt: string;
  minutes: number;
  place: string;
  state: LessonState;
}

const begins = ({ startsAt }: Held): number => Date.parse(startsAt);
const ends = (lesson: Held): number => begins(lesson) + lesson.minutes * 60_000;
const placeOf = ({ place }: Held): string => place.trim().toLowerCase();

/** Other lessons that are held in the same place while one is; the end of one is no part of the next. */
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
