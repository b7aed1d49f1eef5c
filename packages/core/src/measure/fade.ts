import { median } from 'simple-statistics';
import type { Severity } from '../catalogue';
import { lowerByChance } from './rankTest';

export interface Fade {
  /** Median of the last third over that of the first. */
  ratio: number;
  /** Medians of the first and the last third, and how many throws a third has. */
  first: number;
  last: number;
  third: number;
  /** Chance of such a fall if nothing had changed, 0..1. */
  chance: number;
  severity: Severity;
}

const fewest = 15;
/** A fall that chance brings more often than this is none. */
const level = 0.05;

/**
 * How velocity holds within an outing. A fall counts only when a one-sided rank test of the two thirds holds at 5 %.
 *
 * @param velocities like throws in time order, any unit
 * @returns null below fifteen throws
 * @example fade([31, 31, 30]) // null
 */
export function fade(velocities: readonly number[]): Fade | null {
  const n = velocities.length;
  if (n < fewest) return null;
  const third = Math.floor(n / 3);
  const [early, late] = [velocities.slice(0, third), velocities.slice(-third)];
  const [first, last] = [median(early), median(late)];
  const ratio = last / first;
  const chance = lowerByChance(early, late);
  const steps = [0.98, 0.96, 0.94].filter((step) => ratio < step).length;
  return {
    ratio,
    first,
    last,
    third,
    chance,
    severity: (chance <= level ? steps : 0) as Severity,
  };
}
