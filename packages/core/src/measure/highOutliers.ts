import { jStat } from 'jstat';
import { max, mean, median, sampleStandardDeviation } from 'simple-statistics';
import type { Severity } from '../catalogue';
import { mph } from '../units';

export interface HighOutliers {
  /** Fastest above the median, m/s. */
  gap: number;
  /** Throws that stand out at the 5 % level. */
  count: number;
  severity: Severity;
}

const fewest = 10;
const leastSpread = 0.3 * mph;
/** 1 mph, less what converting units rounds. */
const leastGap = mph - 1e-9;
/** Of the three levels, mildest first. */
export const highOutlierLevels = [0.05, 0.01, 0.001] as const;

/** Critical value of the extreme studentized deviate for m throws, one-sided at level alpha (Rosner 1983). */
function critical(m: number, alpha: number): number {
  const t = jStat.studentt.inv(1 - alpha / m, m - 2);
  return ((m - 1) * t) / Math.sqrt((m - 2 + t * t) * m);
}

/**
 * Are the best throws further above the rest than luck allows? One-sided generalized extreme-studentized-deviate test
 * (Rosner 1983) for up to three high throws, at the levels 5, 1 and 0.1 %.
 *
 * @param velocities like throws of a day, m/s
 * @returns null below ten throws
 * @example highOutliers([31, 31, 45]) // null
 */
export function highOutliers(velocities: readonly number[]): HighOutliers | null {
  const n = velocities.length;
  if (n < fewest) return null;
  const gap = max([...velocities]) - median([...velocities]);
  if (gap < leastGap) return { gap, count: 0, severity: 0 };
  const rising = [...velocities].sort((a, b) => a - b);
  const maxOutliers = Math.min(3, Math.floor(n / 5));
  const deviates = Array.from({ length: maxOutliers }, (_, i) => {
    const left = rising.slice(0, n - i);
    return (left.at(-1)! - mean(left)) / Math.max(sampleStandardDeviation(left), leastSpread);
  });
  const counts = highOutlierLevels.map(
    (alpha) => deviates.findLastIndex((deviate, i) => deviate > critical(n - i, alpha)) + 1,
  );
  return { gap, count: counts[0]!, severity: counts.filter((count) => count > 0).length as Severity };
}
