import type { Rng } from '../units/rng';

/** How somebody throws, as far as a radar sees it. */
export interface RadarModel {
  /** Usual velocity at 90 percent, m/s. */
  usual: number;
  /** Standard deviation of like throws, m/s. */
  robustSd: number;
}

/** What the pretend instrument shows, `after` milliseconds from the throw. */
export interface PretendReading {
  after: number;
  /** m/s */
  velocity: number;
  of: 'throw' | 'repeat' | 'bat' | 'walker';
}

/** Shares of throws with which something goes wrong. */
export const misreads = { missed: 0.05, repeat: 0.03, bat: 0.04, walker: 0.04, dropOut: 0.02 } as const;

/** Velocity lost with each point of effort below 90, as a share of the usual. */
const perPoint = 0.004;

/**
 * One throw before a pretend radar: a reading with the misreads that instruments have, or none.
 *
 * @param effort percent
 * @returns the readings in order, and whether the line drops out after them
 * @example pretendThrow({ usual: 31, robustSd: 0.5 }, 90, rng(3)).dropsOut // false
 */
export function pretendThrow(
  { usual, robustSd }: RadarModel,
  effort: number,
  random: Rng,
): { readings: PretendReading[]; dropsOut: boolean } {
  const velocity = usual * (1 + (effort - 90) * perPoint) + robustSd * random.normal();
  const readings: PretendReading[] = [];
  if (!random.chance(misreads.missed)) readings.push({ after: 0, velocity, of: 'throw' });
  if (readings.length && random.chance(misreads.repeat))
    readings.push({ after: 400, velocity, of: 'repeat' });
  if (random.chance(misreads.bat))
    readings.push({ after: 1_800, velocity: usual * (1.35 + 0.2 * random.unit()), of: 'bat' });
  if (random.chance(misreads.walker))
    readings.push({ after: 2_600, velocity: 1.2 + random.unit(), of: 'walker' });
  return { readings, dropsOut: random.chance(misreads.dropOut) };
}
