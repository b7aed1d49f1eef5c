import { wilson } from '../measure/wilson';
import { texts } from './texts';

/** One-sided 80 % point of the normal distribution. */
const z80 = 0.8416;

export interface SessionCount {
  clean: number;
  missed: number;
  pain: boolean;
}

export interface Gate {
  /** Reps and clean reps in the last three sessions. */
  n: number;
  k: number;
  /** One-sided 80 % Wilson bounds of k/n; 0 and 1 without reps. */
  lower: number;
  upper: number;
  /** The last three sessions are without pain and prove the drill. */
  passes: boolean;
  decision: 'up' | 'stay' | 'back';
  /** Smallest number of further reps, all clean, until it passes; 0 where it does or pain holds it. */
  repsNeeded: number;
}

/** Lower bound from which a drill counts as learned. */
export const learned = 0.65;
const lost = 0.5;
const fewest = 10;
/** So many reps prove it in one session; fewer have to pass at the end of two sessions in a row. */
const enoughAtOnce = 20;
const window = 3;

/**
 * Whether k clean of n reps are proven.
 *
 * @param atLeast reps below which nothing is proven
 * @param threshold lower bound that counts as learned
 * @example passes(16, 20) // true
 */
export const passes = (k: number, n: number, atLeast = fewest, threshold = learned): boolean =>
  n >= atLeast && wilson(k, n, z80).lower >= threshold;

/** The last three sessions taken together. */
function windowOf(sessions: readonly SessionCount[], threshold: number) {
  const last = sessions.slice(-window);
  const k = last.reduce((sum, { clean }) => sum + clean, 0);
  const n = last.reduce((sum, { clean, missed }) => sum + clean + missed, 0);
  const pain = last.some((session) => session.pain);
  return { k, n, pain, passes: !pain && passes(k, n, fewest, threshold) };
}

/**
 * Is it learned? Looks at the last three sessions of a drill. Up when they pass with 20 reps or more, or when they
 * pass and also passed at the end of the session before: one lucky session is not enough. Pain in the newest sends a
 * step back whatever the counts; pain in one of the two before it holds.
 *
 * @param sessions newest last; counts are whole numbers from 0
 * @param threshold lower bound that counts as learned, 0.5 to 0.95
 * @example gate([{ clean: 9, missed: 1, pain: false }, { clean: 10, missed: 0, pain: false }, { clean: 9, missed: 1, pain: false }]).decision // 'up'
 */
export function gate(sessions: readonly SessionCount[], threshold = learned): Gate {
  const now = windowOf(sessions, threshold);
  const { k, n } = now;
  const bounds = wilson(k, n, z80);
  const up = now.passes && (n >= enoughAtOnce || windowOf(sessions.slice(0, -1), threshold).passes);
  const back = sessions.at(-1)?.pain || (n >= fewest && bounds.upper < lost);
  let repsNeeded = 0;
  if (!now.pain) while (!passes(k + repsNeeded, n + repsNeeded, fewest, threshold)) repsNeeded++;
  return { n, k, ...bounds, passes: now.passes, decision: back ? 'back' : up ? 'up' : 'stay', repsNeeded };
}

/**
 * The gate in one plain line.
 *
 * @example gateWords(gate([]), false) // 'No reps yet: 10 more clean ones would pass.'
 */
export function gateWords({ n, k, decision, passes: passed, repsNeeded }: Gate, pain: boolean): string {
  const counts = `${k} of ${n} clean`;
  if (pain) return texts.painReported(counts);
  if (decision === 'up') return texts.lockedIn(counts);
  if (passed) return texts.passedOnce(counts);
  const further = texts.wouldPass(repsNeeded);
  if (decision === 'back') return texts.tooHardForNow(counts);
  if (n === 0) return texts.noRepsYet(further);
  return repsNeeded > 0 ? texts.notYet(counts, further) : texts.stayAfterPain(counts);
}
