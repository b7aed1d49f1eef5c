import { max, mean, median } from 'simple-statistics';
import { daysBetween } from '../units';
import { commonest, ofCommonestPitch } from './effort';
import { slopeInterval, theilSen } from './theilSen';
import { fewestThrows, likeEffort, likeThrows, type TimedThrow } from './velocity';

export interface Trend {
  /** m/s for 30.4375 days. */
  perMonth: number;
  /** Sen's 90 % interval of it, widened for sessions that lean on each other. */
  low: number;
  high: number;
  /** Whether it is more than noise. */
  real: boolean;
  /** Sessions it rests on, and the days they span. */
  sessions: number;
  days: number;
}

const month = 30.4375;
const fewestSessions = 4;
const fewestDays = 21;

/**
 * How much wider the interval of a slope has to be because neighbouring residuals are alike: √(n/nₑ) with
 * nₑ = n(1 − r)/(1 + r), r their lag-1 correlation, at least 0.
 */
function widening(points: readonly (readonly [number, number])[], slope: number): number {
  const off = points.map(([x, y]) => y - slope * x);
  const middle = mean(off);
  const sum = (of: (i: number) => number) => off.reduce((total, _, i) => total + of(i), 0);
  const all = sum((i) => (off[i]! - middle) ** 2);
  const next = sum((i) => (i + 1 < off.length ? (off[i]! - middle) * (off[i + 1]! - middle) : 0));
  // Residuals of a perfect line are rounding alone.
  const r = all > 1e-12 ? Math.max(0, next / all) : 0;
  return Math.sqrt((1 + r) / (1 - r));
}

/**
 * How velocity moves from session to session: like throws of the commonest pitch, ball and effort.
 *
 * @param of which figure of a session is followed
 * @returns null below four sessions with five like throws each, where Sen's interval does not exist
 * @example velocityTrend(throwsOfMay)?.real // true
 */
export function velocityTrend(throws: readonly TimedThrow[], of: 'usual' | 'top' = 'usual'): Trend | null {
  const common = ofCommonestPitch(throws);
  const first = commonest(common, ({ effort }) => String(likeEffort(effort)));
  if (!first) return null;
  const effort = likeEffort(first.effort);
  const sessions = likeThrows(common).filter(
    (group) => group.effort === effort && group.velocities.length >= fewestThrows,
  );
  if (sessions.length < fewestSessions) return null;
  const start = sessions[0]!.date;
  const points = sessions.map(({ date, velocities }): [number, number] => [
    daysBetween(start, date),
    of === 'usual' ? median(velocities) : max(velocities),
  ]);
  const interval = slopeInterval(points);
  if (!interval) return null;
  const days = points.at(-1)![0];
  const slope = theilSen(points);
  const wider = widening(points, slope);
  const bound = (edge: number) => (slope + (edge - slope) * wider) * month;
  const [low, high] = [bound(interval.low), bound(interval.high)];
  return {
    perMonth: slope * month,
    low,
    high,
    real: (low > 0 || high < 0) && days >= fewestDays,
    sessions: sessions.length,
    days,
  };
}
