import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import type { RandomGenerator } from 'pure-rand/types/RandomGenerator';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { median, quantile } from 'simple-statistics';

interface Interval {
  low: number;
  high: number;
}

/** Draws of a bootstrap, and the share that its interval holds. */
export const bootstrapDraws = 2000;
export const bootstrapLevel = 0.9;

/** The interval of what is drawn so many times, by its percentiles. */
function drawnInterval(draw: () => number): Interval {
  const drawn = Array.from({ length: bootstrapDraws }, draw);
  const beside = (1 - bootstrapLevel) / 2;
  const [low, high] = quantile(drawn, [beside, 1 - beside]) as [number, number];
  return { low, high };
}

/** Draws as many values as there are, with repetition. */
const resampled = (values: readonly number[], random: RandomGenerator): number[] =>
  values.map(() => values[Math.floor(uniformFloat64(random) * values.length)]!);

/**
 * A 90 % interval of a median by the percentile bootstrap (Efron 1979).
 *
 * @param values any unit
 * @param seed the same seed gives the same interval
 * @returns null for fewer than two values
 * @example medianInterval([1, 1, 1], 1) // { low: 1, high: 1 }
 */
export function medianInterval(values: readonly number[], seed: number): Interval | null {
  if (values.length < 2) return null;
  const random = xoroshiro128plus(seed);
  return drawnInterval(() => median(resampled(values, random)));
}

/**
 * The same of the difference of two medians, the first minus the second; each group is drawn by itself.
 *
 * @param a at least one value, in the unit of `b`
 * @example medianDifference([3, 3], [1, 1], 1) // { low: 2, high: 2 }
 */
export function medianDifference(a: readonly number[], b: readonly number[], seed: number): Interval {
  const random = xoroshiro128plus(seed);
  return drawnInterval(() => median(resampled(a, random)) - median(resampled(b, random)));
}
