import { max, median, medianAbsoluteDeviation } from 'simple-statistics';
import { mph } from '../units';

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
  /** The velocity is pretend. */
  simulated?: boolean | undefined;
}

export interface SessionVelocity {
  date: string;
  n: number;
  /** Fastest, m/s. */
  top: number;
  /** Median, m/s. */
  usual: number;
  /** 1.4826 × median absolute deviation, m/s. */
  robustSd: number;
  /** Step of the display on which the velocities were read, m/s. */
  step: number;
  /** So many of them are pretend. */
  simulated: number;
  /** What the compared throws have in common. */
  like: Pick<LikeThrows, 'effort' | 'pitch' | 'ball'>;
}

/** Throws of one day that can be set against each other. */
export interface LikeThrows {
  date: string;
  effort: number | null;
  pitch: string;
  ball: number;
  /** m/s, in time order. */
  velocities: number[];
  /** So many of them are pretend. */
  simulated: number;
}

/** Fewest like throws that make a figure. */
export const fewestThrows = 5;

/**
 * Efforts within the same five points are alike.
 *
 * @example likeEffort(88) // 90
 */
export const likeEffort = (effort: number | null): number | null =>
  effort === null ? null : Math.round(effort / 5) * 5;

/**
 * Standard deviation of normal values, from their median absolute deviation; 0 for no values.
 *
 * @example robustSd([29, 30, 31]) // 1.4826
 */
export const robustSd = (values: readonly number[]): number =>
  values.length ? 1.4826 * medianAbsoluteDeviation([...values]) : 0;

/** A reading this near to a step of a display stands on it, m/s; stored figures are rounded. */
const onStep = 0.003;
const kmh = 1 / 3.6;

/**
 * Step of the display on which velocities were read: whole mph or whole km/h where every one of them is one, else a
 * tenth of a mile an hour. m/s
 *
 * @example displayStep([31.2, 31.25]) // 0.044704
 */
export function displayStep(velocities: readonly number[]): number {
  const isWhole = (unit: number) =>
    velocities.length > 0 &&
    velocities.every((value) => Math.abs(value - Math.round(value / unit) * unit) < onStep);
  return isWhole(mph) ? mph : isWhole(kmh) ? kmh : mph / 10;
}

/** A figure of like throws, as far as it says how far its median may be off. */
export type Measured = Pick<SessionVelocity, 'n' | 'robustSd' | 'step'>;

/**
 * Standard error of the median of like throws: 1.2533 · scatter / √n, where the scatter is never under half the step
 * of the display. m/s
 *
 * @example medianError({ n: 9, robustSd: 0.6, step: 0.04 }) // 0.25066
 */
export const medianError = ({ n, robustSd, step }: Measured): number =>
  (1.2533 * Math.max(robustSd, step / 2)) / Math.sqrt(n);

/**
 * Top, usual and scatter of like throws; null below five.
 *
 * @example velocityFigures([31, 31.2, 30.8, 31.4, 30.9])?.usual // 31
 */
export function velocityFigures(
  velocities: readonly number[],
): Omit<SessionVelocity, 'date' | 'like' | 'simulated'> | null {
  if (velocities.length < fewestThrows) return null;
  const values = [...velocities];
  return {
    n: values.length,
    top: max(values),
    usual: median(values),
    robustSd: robustSd(values),
    step: displayStep(values),
  };
}

/** House figures: a top this far above the usual, or a scatter this wide, is not of throws that are alike. */
const topOfUsual = 1.15;
const scatterOfUsual = 0.08;

/**
 * Whether throws of one effort, pitch and ball can really be set against each other.
 *
 * @example areAlike({ top: 33, usual: 31, robustSd: 0.5 }) // true
 */
export const areAlike = ({
  top,
  usual,
  robustSd,
}: Pick<SessionVelocity, 'top' | 'usual' | 'robustSd'>): boolean =>
  top <= topOfUsual * usual && robustSd <= scatterOfUsual * usual;

type Like = Pick<LikeThrows, 'effort' | 'pitch' | 'ball'>;
/**
 * Whether two groups of throws have effort, pitch and ball in common.
 *
 * @example sameLike({ effort: 90, pitch: 'fastball', ball: 145 }, { effort: 90, pitch: 'curve', ball: 145 }) // false
 */
export const sameLike = (a: Like, b: Like): boolean =>
  a.effort === b.effort && a.pitch === b.pitch && a.ball === b.ball;

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

/**
 * Measured throws in groups of the same day, pitch, ball and effort rounded to 5; days in order.
 *
 * @example likeThrows(throwsOfMay).length // 5
 */
export function likeThrows(throws: readonly TimedThrow[]): LikeThrows[] {
  const groups = new Map<string, LikeThrows>();
  for (const { date, velocity, effort, pitch, ball, simulated } of [...throws].sort(byTime)) {
    if (velocity === null) continue;
    const like = likeEffort(effort);
    const key = `${date} ${like} ${ball} ${pitch}`;
    const group = groups.get(key) ?? { date, effort: like, pitch, ball, velocities: [], simulated: 0 };
    groups.set(key, group);
    group.velocities.push(velocity);
    if (simulated) group.simulated++;
  }
  return [...groups.values()];
}

/**
 * Of each day the largest group of like throws; a tie goes to the higher effort.
 *
 * @example sessionGroups(throwsOfMay)[0].date // '2026-05-01'
 */
export function sessionGroups(throws: readonly TimedThrow[]): LikeThrows[] {
  const days = new Map<string, LikeThrows>();
  for (const group of likeThrows(throws)) {
    const best = days.get(group.date);
    const more = best ? group.velocities.length - best.velocities.length : 1;
    if (more > 0 || (more === 0 && (group.effort ?? -1) > (best!.effort ?? -1))) days.set(group.date, group);
  }
  return [...days.values()];
}

/** Figures of one group of like throws; none below five. */
const figuresOf = ({ date, velocities, simulated, ...like }: LikeThrows): SessionVelocity[] => {
  const figures = velocityFigures(velocities);
  return figures ? [{ date, ...figures, simulated, like }] : [];
};

/**
 * The sessions of throws like given ones, in order of their days; days without five are left out.
 *
 * @example likeSessions(throwsOfMay, { effort: 90, pitch: 'fastball', ball: 145 }).length // 5
 */
export const likeSessions = (throws: readonly TimedThrow[], like: Like): SessionVelocity[] =>
  likeThrows(throws)
    .filter((group) => sameLike(group, like))
    .flatMap(figuresOf);

/**
 * The figures of each day, from its largest group of like throws. Days without five are left out.
 *
 * @example sessionVelocities(throwsOfMay).map(({ usual }) => usual.toFixed(2)) // [ '30.95', '31.45', '31.95', '32.45', '32.95' ]
 */
export const sessionVelocities = (throws: readonly TimedThrow[]): SessionVelocity[] =>
  sessionGroups(throws).flatMap(figuresOf);
