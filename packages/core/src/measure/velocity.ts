import { median, medianAbsoluteDeviation } from 'simple-statistics';

export interface TimedThrow {
  /** ISO day at the venue. */
  date: string;
  /** m/s; null when it was not measured. */
  velocity: number | null;
  /** Percent; null when nobody said. */
  effort: number | null;
  pitch: string;
  /** Grams. */
  ball: number;
}

export interface SessionVelocity {
  date: string;
  n: number;
  /** Fastest, m/s. */
  top: number;
  /** Median, m/s. */
  usual: number;
  /** 1.4826 × median absolute deviation, m/s. */
  scatter: number;
}

/** Fewest like throws that make a figure. */
export const fewestThrows = 5;

/** Efforts within the same five points are alike. */
export const likeEffort = (effort: number | null): number | null =>
  effort === null ? null : Math.round(effort / 5) * 5;

/** Top, usual and scatter of like throws; null below five. */
export function velocityFigures(velocities: readonly number[]): Omit<SessionVelocity, 'date'> | null {
  if (velocities.length < fewestThrows) return null;
  const values = [...velocities];
  return {
    n: values.length,
    top: Math.max(...values),
    usual: median(values),
    scatter: 1.4826 * medianAbsoluteDeviation(values),
  };
}

/**
 * The figures of each day, from its largest group of like throws (same pitch, ball and effort rounded to 5; a tie
 * goes to the higher effort). Days without five like throws are left out.
 */
export function sessionVelocities(throws: readonly TimedThrow[]): SessionVelocity[] {
  const days = new Map<string, Map<string, { effort: number; velocities: number[] }>>();
  for (const { date, velocity, effort, pitch, ball } of throws) {
    if (velocity === null) continue;
    const like = likeEffort(effort);
    const groups = days.get(date) ?? new Map();
    days.set(date, groups);
    const key = `${pitch} ${ball} ${like}`;
    const group = groups.get(key) ?? { effort: like ?? -1, velocities: [] };
    groups.set(key, group);
    group.velocities.push(velocity);
  }
  return [...days]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([date, groups]) => {
      const largest = [...groups.values()].sort(
        (a, b) => b.velocities.length - a.velocities.length || b.effort - a.effort,
      )[0];
      const figures = largest && velocityFigures(largest.velocities);
      return figures ? [{ date, ...figures }] : [];
    });
}
