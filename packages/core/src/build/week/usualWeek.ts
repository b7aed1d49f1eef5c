import type { Place } from '../../catalogue';
import { addDays, weekdayOf, type Weekday } from '../../units';
import type { DayKind, WeekDay } from './types';

/** A day of a week with what it is; of a planned game also how many pitches it may take, where somebody says. */
export interface PlannedDay extends WeekDay {
  equipment: string[];
  places: Place[];
  pitches: number | null;
}

/** What there is to work with, at the academy and at home. */
export interface Equipped {
  athlete: { equipment: string[] };
  academy: { equipment: readonly string[] };
}

const usualMinutes: Readonly<Record<DayKind, number>> = {
  home: 30,
  lesson: 45,
  team: 30,
  bullpen: 30,
  game: 15,
  off: 0,
};
const usualPlaces: Readonly<Record<DayKind, readonly Place[]>> = {
  home: ['home', 'field'],
  lesson: ['cage', 'mound', 'field'],
  team: ['field'],
  bullpen: ['cage', 'mound', 'field'],
  game: ['field'],
  off: ['home', 'field'],
};

/**
 * A day of a kind as it usually is: how long, where, and with what; the academy's things are there at the academy.
 *
 * @example dayOf('2026-06-13', 'game', { athlete: { equipment: ['wall'] }, academy: { equipment: ['net'] } }).minutes // 15
 */
export function dayOf(
  date: string,
  kind: DayKind,
  { athlete, academy }: Equipped,
  minutes = usualMinutes[kind],
): PlannedDay {
  const atAcademy = kind === 'lesson' || kind === 'bullpen';
  return {
    date,
    kind,
    minutes,
    equipment: atAcademy ? [...new Set([...academy.equipment, ...athlete.equipment])] : athlete.equipment,
    places: [...usualPlaces[kind]],
    pitches: null,
  };
}

/** Lessons of a week that are assumed while the diary has none, and how far they are apart, days. */
const assumedLessons = 2;
const lessonsApart = 3;

/** What is known of an athlete's week before anybody plans it. */
export interface ExpectedWeek extends Equipped {
  athlete: Equipped['athlete'] & {
    /** Weekdays on which they practice; none means any. */
    days: readonly Weekday[];
  };
  /** The week that was assigned last. */
  plan: { assignment: { days: readonly PlannedDay[] } | null } | null;
  /** Lessons and games of the calendar. */
  upcoming: readonly {
    date: string;
    kind: 'lesson' | 'game';
    /** Of a lesson. */
    minutes: number | null;
  }[];
  /** Days of looks. */
  looks?: readonly { date: string }[];
}

const daysFrom = (from: string): string[] => [0, 1, 2, 3, 4, 5, 6].map((n) => addDays(from, n));
const worksOn = ({ days }: ExpectedWeek['athlete'], date: string): boolean =>
  days.length === 0 || days.includes(weekdayOf(date));

/**
 * Days of a first week that count as lessons though the diary does not say so: the day of the look, and with it two days
 * a week while the diary has no lesson at all.
 *
 * @example assumedLessonsOf({ athlete: { days: [] }, plan: null, upcoming: [], looks: [] }, '2026-06-08') // [ '2026-06-08', '2026-06-11' ]
 */
export function assumedLessonsOf(
  { athlete, plan, upcoming, looks = [] }: ExpectedWeek,
  from: string,
): string[] {
  if (plan?.assignment) return [];
  const week = daysFrom(from);
  const free = week.filter((date) => !upcoming.some((each) => each.date === date));
  const looked = free.filter((date) => looks.some((look) => look.date === date));
  if (upcoming.some(({ date, kind }) => kind === 'lesson' && week.includes(date))) return looked;
  const open = free.filter((date) => worksOn(athlete, date) && !looked.includes(date));
  while (looked.length < assumedLessons && open.length) {
    const last = looked.at(-1);
    const next = open.find((date) => !last || date >= addDays(last, lessonsApart)) ?? open[0]!;
    looked.push(next);
    open.splice(open.indexOf(next), 1);
  }
  return looked.sort();
}

/**
 * Seven days from one on as they are likely to be: lessons and games from the calendar, else what the last week was.
 *
 * @example usualWeek(expected, monday).map(({ kind }) => kind) // [ 'lesson', 'home', 'home', 'lesson', 'home', 'game', 'home' ]
 */
export function usualWeek(page: ExpectedWeek, from: string): PlannedDay[] {
  const { athlete, plan, upcoming } = page;
  const assumed = assumedLessonsOf(page, from);
  const before = new Map((plan?.assignment?.days ?? []).map((day) => [weekdayOf(day.date), day]));
  return daysFrom(from).map((date): PlannedDay => {
    const coming = upcoming.filter((each) => each.date === date);
    if (coming.some(({ kind }) => kind === 'game')) return dayOf(date, 'game', page);
    if (coming[0]) return dayOf(date, 'lesson', page, coming[0].minutes ?? usualMinutes.home);
    if (assumed.includes(date)) return dayOf(date, 'lesson', page);
    const last = before.get(weekdayOf(date));
    if (last && last.kind !== 'lesson' && last.kind !== 'game') return { ...last, date, pitches: null };
    return dayOf(date, worksOn(athlete, date) ? 'home' : 'off', page);
  });
}

/**
 * Everybody's usual week with what a group has in common on a day laid over it.
 *
 * @example groupWeek(expected, monday, new Map([[monday, 'team']]))[0].kind // 'team'
 */
export const groupWeek = (
  page: ExpectedWeek,
  from: string,
  shared: ReadonlyMap<string, DayKind>,
): PlannedDay[] =>
  usualWeek(page, from).map((day) => {
    const kind = shared.get(day.date);
    return kind ? dayOf(day.date, kind, page) : day;
  });
