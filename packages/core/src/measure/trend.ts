import { mean, median } from 'simple-statistics';
import { addDays, daysBetween } from '../units';
import { commonest, ofCommonestPitch } from './effort';
import { slopeInterval, theilSen } from './theilSen';
import { likeEffort, likeSessions, likeThrows, type SessionVelocity, type TimedThrow } from './velocity';

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
  const group = first && likeThrows([first])[0];
  return group ? sessionTrend(likeSessions(common, group), of) : null;
}

/** Days from the first session, and its figure. */
const pointsOf = (
  sessions: readonly Pick<SessionVelocity, 'date' | 'usual' | 'top'>[],
  of: 'usual' | 'top',
): [number, number][] => sessions.map((each) => [daysBetween(sessions[0]!.date, each.date), each[of]]);

/**
 * The same of sessions that can be set against each other.
 *
 * @param sessions of like throws, in order of their days
 * @returns null below four sessions, where Sen's interval does not exist
 * @example sessionTrend(sessionsOfMay)?.real // true
 */
export function sessionTrend(
  sessions: readonly Pick<SessionVelocity, 'date' | 'usual' | 'top'>[],
  of: 'usual' | 'top' = 'usual',
): Trend | null {
  if (sessions.length < fewestSessions) return null;
  const points = pointsOf(sessions, of);
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

export interface TrendPoint {
  date: string;
  /** m/s */
  middle: number;
  low: number;
  high: number;
  /** Nobody has measured there yet. */
  projected: boolean;
}

/**
 * The line of a trend with its band, to be drawn: through the middle of the sessions, fanning out by the interval of its
 * slope. It is projected over half of the observed span, and no further; only where the trend is real.
 *
 * @param sessions those of the trend
 * @returns the ends of the line, its middle, and the end of the projection
 * @example trendBand(sessionsOfMay, sessionTrend(sessionsOfMay)).length // 4
 */
export function trendBand(
  sessions: readonly Pick<SessionVelocity, 'date' | 'usual' | 'top'>[],
  trend: Trend | null,
  of: 'usual' | 'top' = 'usual',
): TrendPoint[] {
  const first = sessions[0];
  if (!trend || !first) return [];
  const points = pointsOf(sessions, of);
  const slope = trend.perMonth / month;
  const start = median(points.map(([x, y]) => y - slope * x));
  const pivot = median(points.map(([x]) => x));
  const at = (x: number, projected = false): TrendPoint => {
    const middle = start + slope * x;
    const edges = [trend.low, trend.high].map((edge) => middle + (edge / month - slope) * (x - pivot));
    return {
      date: addDays(first.date, Math.round(x)),
      middle,
      low: Math.min(...edges),
      high: Math.max(...edges),
      projected,
    };
  };
  const half = Math.floor(trend.days / 2);
  return [at(0), at(pivot), at(trend.days), ...(trend.real && half > 0 ? [at(trend.days + half, true)] : [])];
}
