import type { Results } from '../trace/leaveAlone';
import { daysBetween } from '../units';
import { throwsCount } from './offers';
import { velocityTrend } from './trend';
import type { TimedThrow } from './velocity';

/** Fewest charted pitches that say how an athlete does; house default. */
export const fewestPitches = 20;

/**
 * Within the zone, its edge included; the zone reaches from −1 to 1 both ways.
 *
 * @example [isStrike([1, -1]), isStrike([1.01, 0])] // [ true, false ]
 */
export const isStrike = ([x, y]: readonly [x: number, y: number]): boolean =>
  Math.abs(x) <= 1 && Math.abs(y) <= 1;

/**
 * How an athlete does lately, from the pitches charted in the last six weeks: the share of strikes, and whether the
 * trend of the usual velocity is really falling.
 *
 * @param today ISO day at the venue
 * @returns null below 20 charted pitches
 * @example resultsOf(throwsOfMay.map((each) => ({ ...each, arrived: null })), '2026-06-01') // null
 */
export function resultsOf(
  throws: readonly (TimedThrow & { arrived: readonly [number, number] | null })[],
  today: string,
): Pick<Results, 'strikes' | 'velocityFalling'> | null {
  const arrived = throws.flatMap((thrown) =>
    thrown.arrived && thrown.date <= today && daysBetween(thrown.date, today) <= throwsCount
      ? [thrown.arrived]
      : [],
  );
  if (arrived.length < fewestPitches) return null;
  const trend = velocityTrend(throws);
  return {
    strikes: arrived.filter(isStrike).length / arrived.length,
    velocityFalling: trend !== null && trend.real && trend.perMonth < 0,
  };
}
