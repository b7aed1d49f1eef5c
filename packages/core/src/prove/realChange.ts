import { theilSen } from '../measure/theilSen';
import { medianError, robustSd, sameLike, type Measured, type SessionVelocity } from '../measure/velocity';
import { daysBetween, mph } from '../units';

/** How far the usual of two ordinary sessions differs, m/s: until it is known, and never less. */
const betweenUnknown = 0.8 * mph;
const betweenLeast = 0.3 * mph;
const fewestSessions = 4;
/** As many sessions as what is usual counts for beside those that were measured. */
const sessionsOfUnknown = 6;
/** By so much the MAD of 4 to 9 normal values comes out too small (published small-sample factors); beyond, n / (n − 0.8). */
const smallSample: Readonly<Record<number, number>> = {
  4: 1.363,
  5: 1.206,
  6: 1.2,
  7: 1.14,
  8: 1.129,
  9: 1.107,
};
/** A line through the sessions takes two of their degrees of freedom. */
const takenByLine = 2;
/** One-sided 95 % point of the normal distribution. */
const z95 = 1.645;

/**
 * How far an athlete's usual velocity wanders from session to session without anything having changed, m/s: 0.8 mph
 * below four sessions. From then on 1.4826 × MAD of the session figures around their Theil–Sen line, raised by what
 * so few sessions and the line hide, together with 0.8 mph, which counts as six sessions: a handful of sessions that
 * happen to lie close says little. Never under 0.3 mph.
 *
 * @param sessions of like throws, any order
 * @example betweenSessions(sessionsOfMay) // 0.292005
 */
export function betweenSessions(sessions: readonly Pick<SessionVelocity, 'date' | 'usual'>[]): number {
  const first = sessions[0];
  const n = sessions.length;
  if (!first || n < fewestSessions) return betweenUnknown;
  const points = sessions.map(({ date, usual }): [number, number] => [daysBetween(first.date, date), usual]);
  const slope = theilSen(points);
  const free = n - takenByLine;
  const measured =
    robustSd(points.map(([x, y]) => y - slope * x)) * (smallSample[n] ?? n / (n - 0.8)) * Math.sqrt(n / free);
  const known = Math.sqrt(
    (free * measured ** 2 + sessionsOfUnknown * betweenUnknown ** 2) / (free + sessionsOfUnknown),
  );
  return Math.max(betweenLeast, known);
}

/**
 * Smallest difference of two usual velocities that is more than noise: 1.645 · √(SE₁² + SE₂² + 2s²), the standard error
 * of a median being 1.2533 · scatter / √n. A change counts only when it is greater. m/s
 *
 * @param between s, the scatter between sessions (`betweenSessions`), m/s
 * @example smallestRealChange({ n: 12, robustSd: 0.5, step: 0.04 }, { n: 12, robustSd: 0.5, step: 0.04 }, 0.2) // 0.627365
 */
export const smallestRealChange = (a: Measured, b: Measured, between: number): number =>
  z95 * Math.hypot(medianError(a), medianError(b), Math.SQRT2 * between);

export interface VelocityChange {
  from: SessionVelocity;
  to: SessionVelocity;
  /** m/s */
  change: number;
  /** Smallest change that is real, m/s. */
  needed: number;
  real: boolean;
}

/**
 * What the usual velocity did from the first to the newest session of throws like those of the newest one.
 *
 * @param sessions in order of their days
 * @returns null with fewer than two such sessions
 * @example velocityChange(sessionsOfMay)?.real // true
 */
export function velocityChange(sessions: readonly SessionVelocity[]): VelocityChange | null {
  const to = sessions.at(-1);
  const like = to ? sessions.filter((each) => sameLike(each.like, to.like)) : [];
  return to ? changeBetween(like[0]!, to, like) : null;
}

/**
 * The same between two given sessions.
 *
 * @param like all sessions of such throws, which say how far they wander
 * @example changeBetween(sessionsOfMay[0], sessionsOfMay[4], sessionsOfMay)?.real // true
 */
export const changeBetween = (
  from: SessionVelocity,
  to: SessionVelocity,
  like: readonly SessionVelocity[],
): VelocityChange | null => (from.date === to.date ? null : changeAgainst(from, to, betweenSessions(like)));

/**
 * The same where it is known how far such sessions wander.
 *
 * @param between as of `betweenSessions`, m/s
 * @example changeAgainst(sessionsOfMay[0], sessionsOfMay[4], 0.2).real // true
 */
export function changeAgainst(from: SessionVelocity, to: SessionVelocity, between: number): VelocityChange {
  const change = to.usual - from.usual;
  const needed = smallestRealChange(from, to, between);
  return { from, to, change, needed, real: Math.abs(change) > needed };
}
