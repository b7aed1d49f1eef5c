import { median } from 'simple-statistics';
import { likeSessions, sessionVelocities, type SessionVelocity, type TimedThrow } from '../measure/velocity';
import { medianInterval } from '../prove/bootstrap';
import { changeBetween } from '../prove/realChange';

/** What became of somebody between the first and the last day of a camp. */
export interface CampChangeOf {
  athlete: string;
  first: SessionVelocity | null;
  last: SessionVelocity | null;
  /** m/s; null where one of the days has too few throws that can be compared. */
  change: number | null;
  /** Smallest change that is real, m/s. */
  needed: number | null;
  /** `up` and `down` only where the change is more than the smallest real one. */
  verdict: 'up' | 'down' | 'within' | 'untested';
}

export interface CampOutcome {
  athletes: CampChangeOf[];
  tested: number;
  /** Median change of those who were tested, m/s, with its 90 % interval; null where too few were. */
  group: { median: number; low: number; high: number } | null;
}

/** Fewer than so many make no figure of a group. */
export const fewestTested = 5;

/**
 * First against last day: who truly moved, by the smallest real change, and the group's median with its interval.
 *
 * @param throws of each, of the first and the last day alone
 * @param seed of the interval
 * @example campOutcome(new Map(), '2031-07-14', '2031-07-15', 1).tested // 0
 */
export function campOutcome(
  throws: ReadonlyMap<string, readonly TimedThrow[]>,
  firstDay: string,
  lastDay: string,
  seed: number,
): CampOutcome {
  const athletes = [...throws].map(([athlete, all]): CampChangeOf => {
    const sessions = sessionVelocities(all);
    const last = sessions.findLast(({ date }) => date === lastDay) ?? null;
    // Only throws like those of the last day are set against them.
    const like = last ? likeSessions(all, last.like) : sessions;
    const first = like.find(({ date }) => date === firstDay) ?? null;
    const found = first && last ? changeBetween(first, last, like) : null;
    if (!found) return { athlete, first, last, change: null, needed: null, verdict: 'untested' };
    const { change, needed, real } = found;
    return { athlete, first, last, change, needed, verdict: !real ? 'within' : change > 0 ? 'up' : 'down' };
  });
  const changes = athletes.flatMap(({ change }) => change ?? []);
  const interval = changes.length < fewestTested ? null : medianInterval(changes, seed);
  return {
    athletes,
    tested: changes.length,
    group: interval && { median: median(changes), ...interval },
  };
}
