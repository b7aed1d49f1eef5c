import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { median, quantile } from 'simple-statistics';

/** Draws of a bootstrap, and the share that its interval holds. */
export const bootstrapDraws = 2000;
export const bootstrapLevel = 0.9;

/**
 * A 90 % interval of a median by the percentile bootstrap (Efron 1979).
 *
 * @param values any unit
 * @param seed the same seed gives the same interval
 * @returns null for fewer than two values
 * @example medianInterval([1, 1, 1], 1) // { low: 1, high: 1 }
 */
export function medianInterval(
  values: readonly number[],
  seed: number,
): { low: number; high: number } | null {
  if (values.length < 2) return null;
  const random = xoroshiro128plus(seed);
  const draw = () => values[Math.floor(uniformFloat64(random) * values.length)]!;
  const medians = Array.from({ length: bootstrapDraws }, () => median(values.map(draw)));
  const beside = (1 - bootstrapLevel) / 2;
  const [low, high] = quantile(medians, [beside, 1 - beside]) as [number, number];
  return { low, high };
}
