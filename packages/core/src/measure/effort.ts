import { median } from 'simple-statistics';
import type { Severity } from '../catalogue';
import { displayStep, likeEffort, medianError, robustSd, type TimedThrow } from './velocity';
import { theilSen } from './theilSen';

export interface EffortPoint {
  /** Percent. */
  effort: number;
  /** m/s */
  median: number;
  n: number;
  /** Standard error of the median, m/s. */
  error: number;
}

export interface EffortCurve {
  curve: EffortPoint[];
  /** m/s for ten points of effort (Theil–Sen through the medians). */
  slopePer10: number;
  /** How much slower 80 is than 100, as a share; null where no two efforts lie 15 points apart. */
  d: number | null;
  /** Standard error of `d`; null without it. */
  error: number | null;
  /** `sym.intent-flat`; null without `d`. */
  severity: Severity | null;
}

const fewestEfforts = 3;
const fewestEach = 3;
const leastApart = 15;
/** From here on effort clearly gives velocity: a flat curve must lie below with 95 % certainty. */
const clearGain = 0.05;
const z95 = 1.645;

/**
 * The most frequent value by a key; a tie goes to the one that comes first.
 *
 * @example commonest(['curve', 'fastball', 'fastball'], (pitch) => pitch) // 'fastball'
 */
export function commonest<T>(values: readonly T[], key: (value: T) => string): T | undefined {
  const times = new Map<string, { value: T; n: number }>();
  for (const value of values) {
    const seen = times.get(key(value)) ?? { value, n: 0 };
    seen.n++;
    times.set(key(value), seen);
  }
  return [...times.values()].reduce<{ value: T; n: number } | undefined>(
    (best, each) => (!best || each.n > best.n ? each : best),
    undefined,
  )?.value;
}

/**
 * The measured throws of the commonest pitch and ball.
 *
 * @example ofCommonestPitch(throwsOfMay).length // 30
 */
export function ofCommonestPitch<T extends TimedThrow>(throws: readonly T[]): T[] {
  const measured = throws.filter(({ velocity }) => velocity !== null);
  const kind = ({ pitch, ball }: TimedThrow) => `${ball} ${pitch}`;
  const common = commonest(measured, kind);
  return common ? measured.filter((each) => kind(each) === kind(common)) : [];
}

/** 80 against 100, from the pair of efforts that comes nearest to it, scaled to 20 points, with its standard error. */
function eightyAgainstHundred(curve: readonly EffortPoint[]): { d: number; error: number } | null {
  const pairs = curve.flatMap((lo) =>
    curve
      .filter((hi) => hi.effort - lo.effort >= leastApart)
      .map((hi) => ({ lo, hi, off: Math.abs(lo.effort - 80) + Math.abs(100 - hi.effort) })),
  );
  const [best] = pairs.sort((a, b) => a.off - b.off || b.hi.effort - a.hi.effort);
  if (!best) return null;
  const { lo, hi } = best;
  const scale = 20 / (hi.effort - lo.effort);
  return {
    d: ((hi.median - lo.median) / hi.median) * scale,
    error: (scale / hi.median) * Math.hypot(lo.error, (lo.median / hi.median) * hi.error),
  };
}

/** How flat, by how much slower 80 is than 100; nothing while it may well be as steep as it should be. */
function flatness({ d, error }: { d: number; error: number }): Severity {
  if (d + z95 * error >= clearGain) return 0;
  return d <= 0 ? 3 : d < 0.015 ? 2 : d < 0.03 ? 1 : 0;
}

/**
 * Velocity against the effort asked, over all days, for the commonest pitch and ball.
 *
 * @returns null below three efforts with three throws each
 * @example effortCurve(throwsOfMay) // null
 */
export function effortCurve(throws: readonly TimedThrow[]): EffortCurve | null {
  const byEffort = new Map<number, number[]>();
  for (const { effort, velocity } of ofCommonestPitch(throws)) {
    const like = likeEffort(effort);
    if (like !== null) byEffort.set(like, [...(byEffort.get(like) ?? []), velocity!]);
  }
  const step = displayStep([...byEffort.values()].flat());
  const curve = [...byEffort]
    .filter(([, velocities]) => velocities.length >= fewestEach)
    .map(([effort, velocities]): EffortPoint => {
      const n = velocities.length;
      const error = medianError({ n, robustSd: robustSd(velocities), step });
      return { effort, median: median(velocities), n, error };
    })
    .sort((a, b) => a.effort - b.effort);
  if (curve.length < fewestEfforts) return null;
  const slope = theilSen(curve.map((point) => [point.effort, point.median]));
  const flat = eightyAgainstHundred(curve);
  return {
    curve,
    slopePer10: slope * 10,
    d: flat && flat.d,
    error: flat && flat.error,
    severity: flat && flatness(flat),
  };
}
