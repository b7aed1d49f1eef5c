import { median } from 'simple-statistics';
import type { Severity } from '../catalogue';

export interface Fade {
  /** Median of the last third over that of the first. */
  ratio: number;
  /** Medians of the first and the last third, and how many throws a third has. */
  first: number;
  last: number;
  third: number;
  severity: Severity;
}

const fewest = 15;

/**
 * How velocity holds within an outing.
 *
 * @param velocities like throws in time order, any unit
 * @returns null below fifteen throws
 */
export function fade(velocities: readonly number[]): Fade | null {
  const n = velocities.length;
  if (n < fewest) return null;
  const third = Math.floor(n / 3);
  const [first, last] = [median(velocities.slice(0, third)), median(velocities.slice(-third))];
  const ratio = last / first;
  return {
    ratio,
    first,
    last,
    third,
    severity: [0.98, 0.96, 0.94].filter((step) => ratio < step).length as Severity,
  };
}
