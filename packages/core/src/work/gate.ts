import { wilson } from '../measure/wilson';

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
  decision: 'up' | 'stay' | 'back';
  /** Smallest number of further reps, all clean, that would reach up; 0 where no number would or none is needed. */
  more: number;
}

/** Lower bound from which a drill counts as learned. */
export const learned = 0.65;
const lost = 0.5;
const fewest = 10;
const window = 3;

/**
 * Whether k clean of n reps are proven.
 *
 * @param least reps below which nothing is proven
 * @param threshold lower bound that counts as learned
 */
export const passes = (k: number, n: number, least = fewest, threshold = learned): boolean =>
  n >= least && wilson(k, n, z80).lower >= threshold;

/**
 * Is it learned? Looks at the last three sessions of a drill. Pain in the newest sends a step back whatever the
 * counts; pain in one of the two before it holds.
 *
 * @param sessions newest last; counts are whole numbers from 0
 * @param threshold lower bound that counts as learned, 0.5 to 0.95
 */
export function gate(sessions: readonly SessionCount[], threshold = learned): Gate {
  const last = sessions.slice(-window);
  const k = last.reduce((sum, { clean }) => sum + clean, 0);
  const n = last.reduce((sum, { clean, missed }) => sum + clean + missed, 0);
  const bounds = wilson(k, n, z80);
  const painNow = last.at(-1)?.pain ?? false;
  const painBefore = last.slice(0, -1).some(({ pain }) => pain);
  const up = passes(k, n, fewest, threshold);
  let decision: Gate['decision'] = 'stay';
  if (painNow) decision = 'back';
  else if (up && !painBefore) decision = 'up';
  else if (n >= fewest && bounds.upper < lost) decision = 'back';
  let more = 0;
  if (!up && !painNow && !painBefore) while (!passes(k + more, n + more, fewest, threshold)) more++;
  return { n, k, ...bounds, decision, more };
}

/** The gate in one plain line. */
export function gateWords({ n, k, lower, decision, more }: Gate, pain: boolean): string {
  const counts = `${k} of ${n} clean`;
  if (pain) return `${counts}, with pain: step back and ask.`;
  if (decision === 'up') return `${counts}: proven${lower < learned + 0.05 ? ', just' : ''}.`;
  const clean = `${more} more clean ${more === 1 ? 'one' : 'ones'} would do`;
  if (decision === 'back') return `${counts}: too hard for now, step back.`;
  if (n === 0) return `No reps yet: ${clean}.`;
  return more > 0 ? `${counts}: not yet; ${clean}.` : `${counts}: stay, after pain in an earlier session.`;
}
