import type { Discipline } from '../catalogue';
import { fromMph } from '../units';

/** Above this share of the best ever a reading is most likely of something else. */
const aboveBest = 1.3;

/** Faster than an athlete of that age throws, mph, up to an age; house default where there is no best yet. */
const ceilings: Readonly<Record<Discipline, readonly (readonly [age: number, mph: number])[]>> = {
  overhand: [
    [9, 62],
    [12, 80],
    [14, 92],
    [18, 102],
    [99, 110],
  ],
  windmill: [
    [9, 52],
    [12, 62],
    [14, 70],
    [18, 76],
    [99, 82],
  ],
};

/** Nobody has thrown a ball faster, m/s; a figure above is never one of a throw. */
export const fastestThrow = 55;

/**
 * The velocity above which a reading is held until somebody says that it is right, m/s.
 *
 * @param best fastest throw so far, m/s; null when there is none
 * @example toMph(doubtfulAbove('overhand', 12, null)) // 80
 */
export function doubtfulAbove(discipline: Discipline, age: number, best: number | null): number {
  if (best !== null) return aboveBest * best;
  return fromMph(ceilings[discipline].find(([to]) => age <= to)![1]);
}
