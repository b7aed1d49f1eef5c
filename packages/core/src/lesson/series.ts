import type { LessonState } from './states';

/** A lesson as it was put into the diary. */
export interface PlannedLesson {
  id: string;
  /** Instant for which it was planned, ISO in UTC. */
  plannedAt: string;
  /** Shared by lessons that were put into the diary together; null for one by itself. */
  series: string | null;
}

/** A change of a lesson, told of that lesson. */
export interface LessonChange {
  /** The change holds for every later lesson of the series as well. */
  rest: boolean;
  state: LessonState;
  /** Instant to which it was moved, ISO in UTC; null where it was not. */
  startsAt: string | null;
  /** Another place; null where it stays. */
  place: string | null;
  reason: string;
}

/**
 * Whether a change of one lesson holds for another: for itself, and with `rest` for what was planned after it in its
 * series, whenever that is held now.
 *
 * @param of the lesson of which the change was told
 * @example
 * const monday = { id: 'a', plannedAt: '2026-06-01T15:00:00.000Z', series: 's' };
 * const later = { id: 'b', plannedAt: '2026-06-08T15:00:00.000Z', series: 's' };
 * changeHoldsFor({ rest: true }, monday, later); // true
 * changeHoldsFor({ rest: true }, later, monday); // false
 */
export const changeHoldsFor = (
  { rest }: Pick<LessonChange, 'rest'>,
  of: PlannedLesson,
  lesson: PlannedLesson,
): boolean =>
  lesson.id === of.id ||
  (rest && of.series !== null && lesson.series === of.series && lesson.plannedAt >= of.plannedAt);

export interface StandingLesson {
  startsAt: string;
  /** When it was to be before it was moved; null for one that was not. */
  movedFrom: string | null;
  place: string;
  state: LessonState;
  reason: string;
}

/**
 * A lesson as it stands with the newest change that holds for it.
 *
 * @param place where it is held as long as no change says otherwise
 * @param change null where nothing was changed
 * @example standingLesson({ plannedAt: '2026-05-01T16:00:00Z' }, 'Cage 1', null).state // 'on'
 */
export function standingLesson(
  { plannedAt }: Pick<PlannedLesson, 'plannedAt'>,
  place: string,
  change: LessonChange | null,
): StandingLesson {
  const away = change?.state === 'moved' ? change.startsAt : null;
  return {
    startsAt: away ?? plannedAt,
    movedFrom: away === null ? null : plannedAt,
    place: change?.place ?? place,
    state: change?.state ?? 'on',
    reason: change?.reason ?? '',
  };
}
