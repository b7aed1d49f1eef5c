import { FieldError } from '../units/fieldError';
import { pitchLimits, type Discipline, type PitchLimitRow } from '../catalogue';
import { addDays, ageOn, daysBetween } from '../units';
import { countedAs, isHard, type CountedThrow } from './effort';
import { easyOnlyOn, type ThrowLock, type ThrowState } from './throwState';
import { texts } from './texts';

/** Throws of one kind on one day. */
export interface DayThrows {
  date: string;
  count: number;
  kind: 'game' | 'practice';
  effort?: number | null | undefined;
}

/** What a league allows; the stricter of it and the published guidance holds. */
export interface League {
  maxPerDay?: number | null | undefined;
  maxPerGame?: number | null | undefined;
}

export interface LimitsInput {
  discipline: Discipline;
  birthdate: string;
  /** Null where no league is known; never forgotten. */
  league: League | null;
  /** The academy counts every throw as a hard one. */
  allHard: boolean;
  /** What pain makes of the throws. */
  pain: ThrowState;
  /** Of all teams and places; what lies after `on` is passed over. */
  throws: readonly DayThrows[];
  /** ISO day. */
  on: string;
}

export interface ThrowLimits {
  /** Years, on the day. */
  age: number;
  maxToday: number;
  /** Null where neither the guidance nor the league says. */
  maxPerGame: number | null;
  hardToday: number;
  easyToday: number;
  /** Hard throws and half of the easy ones. */
  thrownToday: number;
  leftToday: number;
  /** First day on which hard throws are allowed again; null when today is one. */
  restUntil: string | null;
  /** Pain locks every throw, whatever is left. */
  lock: ThrowLock | null;
  /** The first day after a lock: easy throws only. */
  easyOnly: boolean;
  because: string;
  /** Throws of the last 7 days over a quarter of those of the 28 days before; null when there were none. */
  weekRatio: number | null;
  /** Throws of the last 7 days, and a week's average of the 28 days before. */
  week: number;
  usualWeek: number;
}

/**
 * The row of the published table for an age; outside the table the nearest row.
 *
 * @example pitchLimitRow('overhand', 12).ageTo // 12
 */
export function pitchLimitRow(discipline: Discipline, age: number): PitchLimitRow {
  const rows = pitchLimits.filter((row) => row.discipline === discipline);
  return rows.find((row) => age <= row.ageTo) ?? rows.at(-1)!;
}

/**
 * Throws one by one as days, to be held against the limits.
 *
 * @example daysOfThrows([{ date: '2026-05-01', effort: 90, kind: 'practice' }]) // [ { date: '2026-05-01', count: 1, kind: 'practice', effort: null } ]
 */
export function daysOfThrows(thrown: readonly (CountedThrow & { date: string })[]): DayThrows[] {
  const days = new Map<string, DayThrows>();
  for (const each of thrown) {
    const hard = isHard(each);
    const key = `${each.date} ${hard}`;
    const day = days.get(key) ?? {
      date: each.date,
      count: 0,
      kind: 'practice' as const,
      effort: hard ? null : 0,
    };
    days.set(key, { ...day, count: day.count + 1 });
  }
  return [...days.values()];
}

const stricter = (a: number, b: number | null | undefined): number =>
  b === null || b === undefined ? a : Math.min(a, b);

/** Days of rest after so many hard throws; above the last column of the table one more. */
function restAfter({ restUpTo }: PitchLimitRow, hard: number): number {
  if (hard === 0 || restUpTo.length === 0) return 0;
  const column = restUpTo.findIndex((atMost) => hard <= atMost);
  return column < 0 ? restUpTo.length : column;
}

interface Rest {
  until: string;
  because: string;
}

/** The latest day to which any day before sends hard throws. */
function restOf(
  { discipline, birthdate, on }: LimitsInput,
  hardOn: ReadonlyMap<string, number>,
): Rest | null {
  let rest: Rest | null = null;
  const later = (until: string, because: string) => {
    if (until > on && (rest === null || until > rest.until)) rest = { until, because };
  };
  for (const [date, hard] of hardOn) {
    if (date >= on || hard === 0) continue;
    const row = pitchLimitRow(discipline, ageOn(birthdate, date));
    const days = restAfter(row, hard);
    if (days) later(addDays(date, days + 1), texts.restAfterHardThrows(days, hard, date));
    const inARow = (hardOn.get(addDays(date, -1)) ?? 0) > 0;
    const third = pitchLimitRow(discipline, ageOn(birthdate, addDays(date, 1)));
    if (inARow && (discipline === 'overhand' || third.thirdDay === 0))
      later(addDays(date, 2), texts.neverOnThreeDays(addDays(date, -1), date));
  }
  return rest;
}

/**
 * How much may be thrown on a day: the day's maximum, what is left of it, until when hard throws rest and why, and how
 * the week compares with those before. Published youth guidance by the age on each day, or the league's rules where
 * they are stricter. Throws of the same day lower what is left and do not close the day; easy throws count half
 * toward the day's maximum, in full in the week, and ask for no rest.
 *
 * @throws RangeError for a birth date after the day
 * @example throwLimits({ ...week, on: monday }).leftToday // 95
 */
export function throwLimits(input: LimitsInput): ThrowLimits {
  const { discipline, birthdate, league, on } = input;
  const { lock } = input.pain;
  if (birthdate > on) throw new FieldError('birthdate', texts.isAfter(birthdate, on));
  const known = countedAs(input.throws, input.allHard).filter(({ date }) => date <= on);
  const age = ageOn(birthdate, on);
  const row = pitchLimitRow(discipline, age);
  const hardOn = new Map<string, number>();
  let easyToday = 0;
  for (const day of known)
    if (isHard(day)) hardOn.set(day.date, (hardOn.get(day.date) ?? 0) + day.count);
    else if (day.date === on) easyToday += day.count;
  const hardToday = hardOn.get(on) ?? 0;
  const thrownToday = hardToday + easyToday / 2;

  const thirdInARow = [1, 2].every((back) => (hardOn.get(addDays(on, -back)) ?? 0) > 0);
  const guidance = thirdInARow ? stricter(row.maxPerDay, row.thirdDay) : row.maxPerDay;
  const maxToday = stricter(guidance, league?.maxPerDay);
  const rest = restOf(input, hardOn);

  const between = (from: number, to: number) =>
    known
      .filter(({ date }) => {
        const ago = daysBetween(date, on);
        return ago >= from && ago <= to;
      })
      .reduce((sum, { count }) => sum + count, 0);
  const week = between(0, 6);
  const before = between(7, 34);
  const atMost =
    maxToday < guidance
      ? texts.leagueAllows(maxToday)
      : thirdInARow && row.thirdDay !== null
        ? texts.atMostOnThirdDay(maxToday)
        : texts.atMostAtAge(maxToday, age);
  return {
    age,
    maxToday,
    maxPerGame:
      row.maxPerGame === null ? (league?.maxPerGame ?? null) : stricter(row.maxPerGame, league?.maxPerGame),
    hardToday,
    easyToday,
    thrownToday,
    leftToday: rest || lock ? 0 : Math.max(0, Math.floor(maxToday - thrownToday)),
    restUntil: rest?.until ?? null,
    lock,
    easyOnly: easyOnlyOn(input.pain, on),
    because: lock ? texts.painInSince(lock.site, lock.since) : (rest?.because ?? atMost),
    weekRatio: before ? week / (before / 4) : null,
    week,
    usualWeek: before / 4,
  };
}

/** Where the week's throws rise beyond this, it is shown with the figures. */
export const rampShare = 0.2;
const rampThrows = 30;

export interface LimitProblem {
  date: string;
  message: string;
  /** `lock` is lifted by no reason but the clearance; `limit` needs a typed one; `ramp` is a warning. */
  kind: 'lock' | 'limit' | 'ramp';
}

/**
 * What a week that is planned would break, day by day, on top of what was thrown already.
 *
 * @param planned throws that the plan would add
 * @param ramp share by which a week may rise above the average of the four before; disputed, so a warning only
 * @example planAgainstLimits(week, [{ date: monday, count: 500, kind: 'practice' }]).length > 0 // true
 */
export function planAgainstLimits(
  input: Omit<LimitsInput, 'on'>,
  planned: readonly DayThrows[],
  ramp = rampShare,
): LimitProblem[] {
  const dates = [...new Set(planned.map(({ date }) => date))].sort();
  const problems = dates.flatMap((date): LimitProblem[] => {
    const before = throwLimits({
      ...input,
      throws: [...input.throws, ...planned.filter((day) => day.date < date)],
      on: date,
    });
    const own = countedAs(planned, input.allHard).filter((day) => day.date === date);
    const hard = own.filter(isHard).reduce((sum, { count }) => sum + count, 0);
    const easy = own.filter((day) => !isHard(day)).reduce((sum, { count }) => sum + count, 0);
    const counted = before.thrownToday + hard + easy / 2;
    if (hard + easy > 0 && before.lock)
      return [{ date, kind: 'lock', message: texts.noThrows(before.because) }];
    if (hard > 0 && before.easyOnly) return [{ date, kind: 'limit', message: texts.easyThrowsOnly }];
    if (hard > 0 && before.restUntil)
      return [{ date, kind: 'limit', message: texts.noHardThrowsUntil(before.restUntil, before.because) }];
    if (hard + easy > 0 && counted > before.maxToday)
      return [{ date, kind: 'limit', message: texts.throwsCounted(counted, before.because) }];
    return [];
  });
  const last = dates.at(-1);
  if (last) {
    const { week, usualWeek } = throwLimits({ ...input, throws: [...input.throws, ...planned], on: last });
    if (usualWeek > 0 && week > usualWeek * (1 + ramp) && week - usualWeek >= rampThrows)
      problems.push({
        date: last,
        kind: 'ramp',
        message: texts.moreThanUsualWeek(week, last, usualWeek),
      });
  }
  return problems;
}
