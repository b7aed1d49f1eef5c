import { median, medianAbsoluteDeviation } from 'simple-statistics';

export interface TimedThrow {
  /** ISO day at the venue. */
  date: string;
  /** When on that day, in any form that sorts; throws without it keep the order in which they come. */
  at?: string;
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

/** Throws of one day that can be set against each other. */
export interface LikeThrows {
  date: string;
  effort: number | null;
  pitch: string;
  ball: number;
  /** m/s, in time order. */
  velocities: number[];
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

const byTime = (a: TimedThrow, b: TimedThrow): number =>
  a.date !== b.date
    ? a.date < b.date
      ? -1
      : 1
    : a.at === undefined || b.at === undefined || a.at === b.at
      ? 0
      : a.at < b.at
        ? -1
        : 1;

/** Measured throws in groups of the same day, pitch, ball and effort rounded to 5; days in order. */
export function likeThrows(throws: readonly TimedThrow[]): LikeThrows[] {
  const groups = new Map<string, LikeThrows>();
  for (const { date, velocity, effort, pitch, ball } of [...throws].sort(byTime)) {
    if (velocity === null) continue;
    const like = likeEffort(effort);
    const key = `${date} ${like} ${ball} ${pitch}`;
    const group = groups.get(key) ?? { date, effort: like, pitch, ball, velocities: [] };
    groups.set(key, group);
    group.velocities.push(velocity);
  }
  return [...groups.values()];
}

/** Of each day the largest group of like throws; a tie goes to the higher effort. */
export function sessionGroups(throws: readonly TimedThrow[]): LikeThrows[] {
  const days = new Map<string, LikeThrows>();
  for (const group of likeThrows(throws)) {
    const best = days.get(group.date);
    const more = best ? group.velocities.length - best.velocities.length : 1;
    if (more > 0 || (more === 0 && (group.effort ?? -1) > (best!.effort ?? -1))) days.set(group.date, group);
  }
  return [...days.values()];
}

/** The figures of each day, from its largest group of like throws. Days without five are left out. */
export const sessionVelocities = (throws: readonly TimedThrow[]): SessionVelocity[] =>
  sessionGroups(throws).flatMap(({ date, velocities }) => {
    const figures = velocityFigures(velocities);
    return figures ? [{ date, ...figures }] : [];
  });
