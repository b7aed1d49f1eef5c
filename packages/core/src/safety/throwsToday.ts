import type { ThrowLimits } from './throwLimits';
import { texts } from './texts';

/** What a day holds with everything thrown on it. */
export interface ThrowsToday {
  hard: number;
  easy: number;
  /** Hard throws and half of the easy ones. */
  counted: number;
  max: number;
  left: number;
}

/**
 * What is left of a day after other counts than those that the limits were worked out with.
 *
 * @example throwsToday({ maxToday: 50, restUntil: null, lock: null }, { hard: 20, easy: 10 }) // { hard: 20, easy: 10, counted: 25, max: 50, left: 25 }
 */
export function throwsToday(
  { maxToday, restUntil, lock }: Pick<ThrowLimits, 'maxToday' | 'restUntil' | 'lock'>,
  { hard, easy }: { hard: number; easy: number },
): ThrowsToday {
  const counted = hard + easy / 2;
  return {
    hard,
    easy,
    counted,
    max: maxToday,
    left: restUntil || lock ? 0 : Math.max(0, Math.floor(maxToday - counted)),
  };
}

/**
 * How many were thrown, and what they count as where easy ones are among them; empty on a day without throws.
 *
 * @example thrownWords({ hard: 0, easy: 7, counted: 3.5 }) // '7 thrown (count as 3.5)'
 */
export function thrownWords({ hard, easy, counted }: Pick<ThrowsToday, 'hard' | 'easy' | 'counted'>): string {
  const thrown = hard + easy;
  if (thrown === 0) return '';
  return easy ? texts.thrownCountAs(thrown, counted) : `${thrown} thrown`;
}
