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
 */
export function doubtOf(
  reading: LineReading,
  known: { heldAbove: number; best: number | null; before: LineReading | null },
): Doubt | null {
  if (reading.velocity > known.heldAbove) return 'impossible';
  const least = known.best === null ? slowest : slowShare * known.best;
  if (reading.velocity < least) return 'slow';
  const { before } = known;
  if (!before) return null;
  const since = reading.at - before.at;
  const same = Math.abs(before.velocity - reading.velocity) < sameVelocity;
  return since < onceMs || (same && since < sameMs) ? 'repeats' : null;
}

export const doubtWords: Readonly<Record<Doubt, string>> = {
  impossible: 'more than can be expected; a bat, or another ball?',
  repeats: 'the same ball twice?',
  slow: 'slower than any throw; somebody walking by?',
};

/** A tap takes a velocity that was measured no longer ago, ms: less than the pause between two pitches. */
export const togetherMs = 15_000;
/** A velocity belongs to a throw that was tapped no longer ago, ms; a later one is of the next throw. */
export const measuredMs = 6_000;

interface Tapped {
  kind: string;
  at: string;
  velocity?: number | null;
}

/**
 * The newest throw that was measured and whose rep was not tapped yet: a radar is quicker than a thumb. The rep that
 * comes next takes it, so that one throw is not counted twice.
 *
 * @param events reps and throws of one drill, in any order
 * @param now milliseconds since 1970
 */
export function freeThrow<T extends Tapped>(events: readonly T[], now: number): T | null {
  /** Reps that still wait for their throw. */
  let waiting = 0;
  let free: T | null = null;
  const takes = (at: number) => free !== null && at - Date.parse(free.at) <= togetherMs;
  // Of one tap the rep comes first, whatever its id.
  const inOrder = [...events].sort(
    (a, b) => Date.parse(a.at) - Date.parse(b.at) || (a.kind < b.kind ? -1 : 1),
  );
  for (const event of inOrder) {
    if (event.kind === 'rep') {
      if (!takes(Date.parse(event.at))) waiting++;
      free = null;
    } else if (waiting > 0) waiting--;
    else free = event.velocity === null ? null : event;
  }
  return takes(now) ? free : null;
}
