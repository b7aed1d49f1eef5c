import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A stream of pretend luck; the same seed gives the same stream. */
export interface Rng {
  /** Uniform in [0, 1). */
  unit: () => number;
  /** Normal with mean 0 and standard deviation 1 (Box–Muller). */
  normal: () => number;
  chance: (p: number) => boolean;
  /** Whole number from `from` to `to`, both included. */
  integer: (from: number, to: number) => number;
}

/**
 * Random numbers that are the same for the same seed.
 *
 * @example rng(7).integer(1, 6) === rng(7).integer(1, 6) // true
 */
export function rng(seed: number): Rng {
  const random = xoroshiro128plus(seed);
  const unit = () => uniformFloat64(random);
  return {
    unit,
    normal: () => Math.sqrt(-2 * Math.log(1 - unit())) * Math.cos(2 * Math.PI * unit()),
    chance: (p) => unit() < p,
    integer: (from, to) => from + Math.floor(unit() * (to - from + 1)),
  };
}
