import { isHard, throwLimits, type DayThrows, type LimitsInput } from '../safety';
import { slotsOf, type CampSetup, type PlannedStation } from './setup';
import { daysOf } from './staffing';
import { heavySlotsADay } from './table';
import type { CampRoute } from './types';

/** What the limits know of an athlete, whatever the day. */
export type CamperLimits = Omit<LimitsInput, 'on'>;

/**
 * What a visit to a station takes from the throws of a day: hard ones in full, easier ones half.
 *
 * @example [throwsOfVisit({ throws: 12, effort: 80 }), throwsOfVisit({ throws: 12, effort: 75 })] // [ 12, 6 ]
 */
export const throwsOfVisit = ({ throws, effort }: Pick<PlannedStation, 'throws' | 'effort'>): number =>
  isHard({ effort, kind: 'practice' }) ? throws : throws / 2;

/**
 * The stations that ask for more throws than somebody has left on some day of a camp, and how many throw-heavy slots a day
 * what is left allows.
 *
 * @param limits what was thrown so far
 * @param from the first day that counts, ISO; days before it are over
 * @param steps slots a day fewer than that, as a plan asked too much; beyond none of them, every station with throws is
 *   barred
 * @example throwRules({ ...campSetup, stations: [] }, { ...week, pain: openThrows }, '2031-07-14').heavyADay // 4
 */
export function throwRules(
  setup: Pick<CampSetup, 'firstDay' | 'lastDay' | 'stations'>,
  limits: CamperLimits,
  from: string,
  steps = 0,
): { barred: string[]; heavyADay: number } {
  const days = daysOf(setup).filter((day) => day >= from);
  const today = days.map((on) => throwLimits({ ...limits, on }));
  const left = Math.min(Infinity, ...today.map(({ leftToday }) => leftToday));
  const age = Math.min(...today.map((each) => each.age), Infinity);
  const most = Math.max(0, ...setup.stations.filter(({ throwHeavy }) => throwHeavy).map(throwsOfVisit));
  const heavyADay = Math.min(heavySlotsADay(age), most > 0 ? Math.floor(left / most) : Infinity) - steps;
  const barred = setup.stations.flatMap((station) =>
    throwsOfVisit(station) > left || (heavyADay < 0 && station.throws > 0) ? [station.id] : [],
  );
  return { barred, heavyADay: Math.max(0, heavyADay) };
}

/** Throws of one athlete on one day of a camp, against what the day leaves them. */
export interface CampThrows {
  athlete: string;
  day: string;
  /** Every throw, as it is counted in the week. */
  throws: number;
  /** Hard ones in full, easier ones half: what the day's maximum counts. */
  counted: number;
  left: number;
}

/**
 * What routes ask everybody to throw from a slot on, day by day, and what each day leaves them after the days of the camp
 * before it.
 *
 * @param from the first slot that counts; what was thrown before it is known already. Null for all of them
 * @example throwsOfRoutes(campSetup, new Map(), [], null) // []
 */
export function throwsOfRoutes(
  setup: Pick<CampSetup, 'blocks' | 'stations'>,
  limits: ReadonlyMap<string, CamperLimits>,
  routes: readonly CampRoute[],
  from: string | null,
): CampThrows[] {
  const slots = slotsOf(setup);
  const first = from === null ? 0 : slots.findIndex(({ id }) => id === from);
  if (first < 0) return [];
  const stationOf = new Map(setup.stations.map((station) => [station.id, station]));
  const days = [...new Set(slots.slice(first).map(({ day }) => day))];
  return routes.flatMap(({ athlete, stations }) => {
    const known = limits.get(athlete);
    if (!known) return [];
    const ahead: DayThrows[] = [];
    return days.map((day): CampThrows => {
      const visits = slots.flatMap((slot, t) => {
        const station = t >= first && slot.day === day ? stationOf.get(stations[t] ?? '') : undefined;
        return station && station.throws > 0 ? [station] : [];
      });
      const { leftToday } = throwLimits({ ...known, throws: [...known.throws, ...ahead], on: day });
      for (const { throws, effort } of visits)
        ahead.push({ date: day, count: throws, kind: 'practice', effort });
      return {
        athlete,
        day,
        throws: visits.reduce((sum, { throws }) => sum + throws, 0),
        counted: visits.reduce((sum, station) => sum + throwsOfVisit(station), 0),
        left: leftToday,
      };
    });
  });
}

/**
 * Of whom a plan asks more throws than a day leaves them.
 *
 * @example overThrown([{ athlete: 'a', day: '2031-07-14', throws: 20, counted: 20, left: 19 }]).length // 1
 */
export const overThrown = (throws: readonly CampThrows[]): CampThrows[] =>
  throws.filter(({ counted, left }) => counted > left);
