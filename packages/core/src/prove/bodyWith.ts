import type { Link, Severity } from '../catalogue';
import { daysBetween } from '../units';
import type { Graded, History } from './history';
import { texts } from './texts';

export interface BodySize {
  date: string;
  heightCm: number | null;
  massKg: number | null;
}

export interface Growth {
  /** cm, over the days between both measurements. */
  cm: number;
  from: string;
  to: string;
}

/** House figures: growth over at most half a year, and from when on it disturbs the timing, cm. */
const growthDays = 183;
const disturbsFrom = 2;

/**
 * How much somebody grew lately, where it is enough to disturb the timing; null else.
 *
 * @param sizes in any order
 * @example growthOf([{ date: '2026-01-10', heightCm: 160, massKg: null }, { date: '2026-05-10', heightCm: 164, massKg: null }])?.cm // 4
 */
export function growthOf(sizes: readonly BodySize[]): Growth | null {
  const measured = sizes
    .flatMap(({ date, heightCm }) => (heightCm === null ? [] : [{ date, heightCm }]))
    .sort((a, b) => a.date.localeCompare(b.date));
  const last = measured.at(-1);
  const first = last && measured.find(({ date }) => daysBetween(date, last.date) <= growthDays);
  if (!last || !first) return null;
  const cm = Math.round((last.heightCm - first.heightCm) * 10) / 10;
  return cm >= disturbsFrom ? { cm, from: first.date, to: last.date } : null;
}

/**
 * Growth in words, with its day as YYYY-MM-DD; a note of the house, and no finding.
 *
 * @example growthWords({ cm: 4, from: '2026-06-01', to: '2026-11-01' }) // 'Grew 4 cm since 2026-06-01: expect the timing to wander for a while.'
 */
export const growthWords = ({ cm, from }: Growth): string => texts.grewCmSince(cm, from);

/** A finished screen with its grades. */
export interface DatedScreen {
  date: string;
  grades: Readonly<Record<string, Severity>>;
  /** Peak power of the jump, W; null where it cannot be told. */
  watts: number | null;
}

export interface LimitOverTime {
  id: string;
  grades: Graded[];
  /** Flaws that it can cause and that were seen, the strongest link first. */
  explains: { id: string; grades: readonly Graded[] }[];
}

/**
 * What screens found over time, beside the flaws that each limit can cause. Limits that never were more than clean are
 * left out.
 *
 * @param screens oldest first
 * @param timeline grades of looks, as of `historyOf`
 * @param links as of `academyLinks`
 * @example limitsOverTime([], [], []) // []
 */
export function limitsOverTime(
  screens: readonly DatedScreen[],
  timeline: History['timeline'],
  links: readonly Link[],
): LimitOverTime[] {
  const ids = [...new Set(screens.flatMap(({ grades }) => Object.keys(grades)))];
  return ids.flatMap((id): LimitOverTime[] => {
    const grades = screens.flatMap(({ date, grades: all }): Graded[] => {
      const severity = all[id];
      return severity === undefined ? [] : [{ date, severity }];
    });
    if (!grades.some(({ severity }) => severity > 0)) return [];
    const effects = new Map(
      links.filter(({ cause }) => cause === id).map(({ effect, weight }) => [effect, weight]),
    );
    const explains = timeline
      .filter((each) => effects.has(each.id) && each.grades.some(({ severity }) => severity > 0))
      .sort((a, b) => effects.get(b.id)! - effects.get(a.id)!);
    return [{ id, grades, explains }];
  });
}

export interface PowerAndVelocity {
  date: string;
  watts: number;
  /** Usual of the session nearest to that day, m/s. */
  usual: number;
  session: string;
}

/** A jump and a velocity belong together up to so many days apart. */
const togetherWithin = 28;

/**
 * Jump power of each screen with the usual velocity of the session nearest to it, where one is within four weeks.
 *
 * @param sessions of like throws
 * @example powerAndVelocity([], []) // []
 */
export function powerAndVelocity(
  screens: readonly Pick<DatedScreen, 'date' | 'watts'>[],
  sessions: readonly { date: string; usual: number }[],
): PowerAndVelocity[] {
  return screens.flatMap(({ date, watts }): PowerAndVelocity[] => {
    if (watts === null) return [];
    const apart = ({ date: day }: { date: string }) => Math.abs(daysBetween(date, day));
    const nearest = [...sessions].sort((a, b) => apart(a) - apart(b))[0];
    return nearest && apart(nearest) <= togetherWithin
      ? [{ date, watts, usual: nearest.usual, session: nearest.date }]
      : [];
  });
}
