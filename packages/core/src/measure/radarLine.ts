import { texts } from './texts';

/** A reading of a radar line. */
export interface LineReading {
  /** m/s */
  velocity: number;
  /** Milliseconds since 1970. */
  at: number;
}

/** Why a reading may not be of the throw that just happened. */
export type Doubt = 'impossible' | 'repeats' | 'slow';

/** Nobody throws twice within this time, and an instrument that counts a ball twice does so at once, ms. */
const onceMs = 1_500;
/** The same figure again within this time is most likely the same ball. */
const sameMs = 4_000;
/** Instruments show tenths, m/s. */
const sameVelocity = 0.05;
/** A throw slower than this share of the best is most likely a walker or a ball that rolls back. */
const slowShare = 0.3;
/** Where there is no best yet: 10 mph. */
const slowest = 4.4704;

/**
 * Whether a reading waits for a tap, and why.
 *
 * @param known.heldAbove velocity above which nobody of that age throws, m/s (`heldAbove`)
 * @param known.best fastest throw so far, m/s; null when there is none
 * @param known.before the reading before, whatever became of it; null when there was none
 * @example doubtOf({ velocity: 80, at: 0 }, { doubtfulAbove: 45, best: null, before: null }) // 'impossible'
 */
export function doubtOf(
  reading: LineReading,
  known: { doubtfulAbove: number; best: number | null; before: LineReading | null },
): Doubt | null {
  if (reading.velocity > known.doubtfulAbove) return 'impossible';
  const atLeast = known.best === null ? slowest : slowShare * known.best;
  if (reading.velocity < atLeast) return 'slow';
  const { before } = known;
  if (!before) return null;
  const since = reading.at - before.at;
  const same = Math.abs(before.velocity - reading.velocity) < sameVelocity;
  return since < onceMs || (same && since < sameMs) ? 'repeats' : null;
}

export const doubtWords: Readonly<Record<Doubt, string>> = {
  impossible: texts.moreThanCanBeExpected,
  repeats: texts.sameBallTwice,
  slow: texts.slowerThanAnyThrow,
};

/** A rep takes a reading that came no longer before it, ms: less than the pause between two pitches. */
export const togetherMs = 15_000;
/** A reading belongs to a throw that was tapped no longer ago, ms; a later one is of the next throw. */
export const measuredMs = 6_000;

/**
 * The reading that the next rep takes: the newest unclaimed one, as long as it is fresh. Readings count only by being
 * claimed, whatever a line hears.
 *
 * @param now milliseconds since 1970
 * @example claimedByRep([], 0) // null
 */
export const claimedByRep = <T extends LineReading>(unclaimed: readonly T[], now: number): T | null => {
  const newest = unclaimed.at(-1);
  return newest && now - newest.at <= togetherMs ? newest : null;
};
