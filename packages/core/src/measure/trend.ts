import { median } from 'simple-statistics';
import { daysBetween } from '../units';
import { commonest, ofCommonestPitch } from './effort';
import { slopeInterval, theilSen } from './theilSen';
import { fewestThrows, likeEffort, likeThrows, type TimedThrow } from './velocity';

export interface Trend {
  /** m/s for 30.4375 days. */
  perMonth: number;
  /** Sen's 90 % interval of it. */
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
 * How velocity moves from session to session: like throws of the commonest pitch, ball and effort.
 *
 * @param of which figure of a session is followed
 * @returns null below four sessions with five like throws each, where Sen's interval does not exist
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
    of === 'usual' ? median(velocities) : Math.max(...velocities),
  ]);
  const interval = slopeInterval(points);
  if (!interval) return null;
  const days = points.at(-1)![0];
  const [low, high] = [interval.low * month, interval.high * month];
  return {
    perMonth: theilSen(points) * month,
    low,
    high,
    real: (low > 0 || high < 0) && days >= fewestDays,
    sessions: sessions.length,
    days,
  };
}
