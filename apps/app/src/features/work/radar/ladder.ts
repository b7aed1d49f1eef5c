import type { EventOf, LogEvent } from '@wrightonic/contract';
import { effortChoices } from '../sets';

/** Throws at each effort; fewer make no point of the curve. */
export const throwsEach = 3;
const mostRungs = 5;
const fewestRungs = 3;

/** Efforts from easy to as much as may be asked; null where too few are left for a curve. */
export function ladderEfforts(age: number, most: number): number[] | null {
  const rungs = effortChoices(age, most, most)
    .filter((effort) => effort < 100 || age >= 13)
    .slice(-mostRungs);
  return rungs.length >= fewestRungs ? rungs : null;
}

/** Measured throws of a session, as far as they belong to the ladder. */
export const onLadder = (events: readonly LogEvent[], efforts: readonly number[]): EventOf<'throw'>[] =>
  events
    .filter((event) => event.kind === 'throw')
    .filter(({ velocity, effort }) => velocity !== null && effort !== null && efforts.includes(effort));

/** The effort to ask next, and how many throws each has; null when the ladder is climbed. */
export function rungNow(
  events: readonly LogEvent[],
  efforts: readonly number[],
): { effort: number | null; counts: { effort: number; n: number }[] } {
  const throws = onLadder(events, efforts);
  const counts = efforts.map((effort) => ({
    effort,
    n: throws.filter((each) => each.effort === effort).length,
  }));
  return { effort: counts.find(({ n }) => n < throwsEach)?.effort ?? null, counts };
}
