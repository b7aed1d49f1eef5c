import {
  addDays,
  barredBecause,
  buildLadders,
  buildUpOn,
  catalogueBook,
  focusesOf,
  itemThrows,
  parseDose,
  standingWords,
  usableIn,
  weekCandidates,
  type DayKind,
  type DayThrows,
  type Drill,
  type LimitsInput,
  type DrillBook,
  type Ladder,
  type LadderAthlete,
  type Place,
  type Thread,
  type WeekInput,
  type WeekItem,
} from '@wrightonic/core';
import type { AthletePage } from './answers';
import { weekdays, type Weekday } from './athletes';
import type { Ahead } from './planRecords';
import type { WeekDayForm } from './plans';

/** What a page must hold for a week to be planned from it. */
export type Plannable = Pick<
  AthletePage,
  'athlete' | 'trace' | 'plan' | 'thrownLately' | 'history' | 'lastThrow' | 'academy' | 'sessions' | 'pain'
>;

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

/** A day of a kind as it usually is: how long, where, and with what; the academy's things are there at the academy. */
export function dayOf(
  date: string,
  kind: DayKind,
  { athlete, academy }: Pick<AthletePage, 'athlete' | 'academy'>,
  minutes = usualMinutes[kind],
): WeekDayForm {
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

const weekdayOf = (date: string): Weekday => weekdays[(new Date(`${date}T00:00:00Z`).getUTCDay() + 6) % 7]!;

/** Lessons of a week that are assumed while the diary has none, and how far they are apart, days. */
const assumedLessons = 2;
const lessonsApart = 3;

type Expecting = Pick<AthletePage, 'athlete' | 'plan' | 'academy'> & {
  ahead: readonly Omit<Ahead, 'id' | 'title'>[];
  looks?: readonly { date: string }[];
};

const daysFrom = (from: string): string[] => [0, 1, 2, 3, 4, 5, 6].map((n) => addDays(from, n));
const worksOn = ({ days }: AthletePage['athlete'], date: string): boolean =>
  days.length === 0 || days.includes(weekdayOf(date));

/**
 * Days of a first week that count as lessons though the diary does not say so: the day of the look, and with it two days
 * a week while the diary has no lesson at all.
 */
export function assumedLessonsOf({ athlete, plan, ahead, looks = [] }: Expecting, from: string): string[] {
  if (plan?.assignment) return [];
  const week = daysFrom(from);
  const free = week.filter((date) => !ahead.some((each) => each.date === date));
  const taken = free.filter((date) => looks.some((look) => look.date === date));
  if (ahead.some(({ date, kind }) => kind === 'lesson' && week.includes(date))) return taken;
  const open = free.filter((date) => worksOn(athlete, date) && !taken.includes(date));
  while (taken.length < assumedLessons && open.length) {
    const last = taken.at(-1);
    const next = open.find((date) => !last || date >= addDays(last, lessonsApart)) ?? open[0]!;
    taken.push(next);
    open.splice(open.indexOf(next), 1);
  }
  return taken.sort();
}

/** Seven days from one on as they are likely to be: lessons and games from the calendar, else what the last week was. */
export function usualWeek(page: Expecting, from: string): WeekDayForm[] {
  const { athlete, plan, ahead } = page;
  const assumed = assumedLessonsOf(page, from);
  const before = new Map((plan?.assignment?.days ?? []).map((day) => [weekdayOf(day.date), day]));
  return daysFrom(from).map((date): WeekDayForm => {
    const coming = ahead.filter((each) => each.date === date);
    if (coming.some(({ kind }) => kind === 'game')) return dayOf(date, 'game', page);
    if (coming[0]) return dayOf(date, 'lesson', page, coming[0].minutes ?? usualMinutes.home);
    if (assumed.includes(date)) return dayOf(date, 'lesson', page);
    const last = before.get(weekdayOf(date));
    if (last && last.kind !== 'lesson' && last.kind !== 'game') return { ...last, date, pitches: null };
    return dayOf(date, worksOn(athlete, date) ? 'home' : 'off', page);
  });
}

/** Everybody's usual week with what a group has in common on a day laid over it. */
export const groupWeek = (
  page: Parameters<typeof usualWeek>[0],
  from: string,
  shared: ReadonlyMap<string, DayKind>,
): WeekDayForm[] =>
  usualWeek(page, from).map((day) => {
    const kind = shared.get(day.date);
    return kind ? dayOf(day.date, kind, page) : day;
  });

/** Why an athlete may not be given a drill at all; null where nothing speaks against it. */
export const barredFor =
  ({ athlete, history }: Pick<AthletePage, 'athlete' | 'history'>) =>
  (drill: Drill): string | null =>
    barredBecause(drill, { age: athlete.age, history });

/** What the athlete did already of the assigned week, before a day: the drills that were worked on their days. */
export function doneOf(
  { plan, sessions }: Pick<AthletePage, 'plan' | 'sessions'>,
  before: string,
): WeekItem[] {
  if (!plan?.assignment) return [];
  const drills = plan.threads.flatMap(({ stages }) => stages.flatMap((rung) => rung.drills));
  const workedOn = (drill: string) =>
    drills
      .filter((planned) => planned.drill === drill)
      .flatMap(({ recent }) => recent)
      .flatMap(({ session }) => sessions.find(({ id }) => id === session)?.date ?? []);
  return plan.assignment.items
    .filter(({ date, drill }) => date < before && workedOn(drill).includes(date))
    .map(({ date, drill, sets }) => ({ date, drill, sets }));
}

/** What the limits of an athlete must know, from the page. */
export const limitsOfPage = ({
  athlete: { discipline, birthdate, league },
  academy: { allHard },
  thrownLately,
  pain,
}: Pick<AthletePage, 'athlete' | 'academy' | 'thrownLately' | 'pain'>): Omit<LimitsInput, 'on'> => ({
  discipline,
  birthdate,
  league,
  allHard,
  pain,
  throws: thrownLately,
});

/** What is thrown in a week's drills as the limits count it. */
export const thrownIn = (
  items: readonly WeekItem[],
  doseBy: (drill: string) => string | undefined,
  book: DrillBook = catalogueBook,
): DayThrows[] =>
  itemThrows(
    items.map((item) => ({ ...item, dose: doseBy(item.drill) })),
    book,
  );

/** The ladders that would be built today for the focuses of an athlete's plan, with what stays out of them and why. */
export const laddersOf = (
  { trace, plan }: Pick<Plannable, 'trace' | 'plan'>,
  whom: LadderAthlete,
): Ladder[] => {
  if (!trace || !plan) return [];
  const of = (thread: Thread) => plan.threads.find((each) => each.thread === thread)?.focus ?? null;
  return buildLadders({ lower: of('lower'), arm: of('arm') }, whom, trace.result);
};

/**
 * A week of an athlete as the core plans and checks it; the same in the app and on the server.
 *
 * @param also drills that the week may hold beside those that it would hold by itself
 * @returns null when there is no plan or no trace to plan from
 */
export function weekInputFor(
  page: Plannable,
  days: readonly WeekDayForm[],
  {
    pins = [],
    before,
    done,
    also = [],
    book = catalogueBook,
  }: Pick<WeekInput, 'pins' | 'before' | 'done'> & {
    also?: readonly string[];
    book?: DrillBook;
  } = {},
): WeekInput | null {
  const { athlete, trace, plan, academy } = page;
  const first = days[0]?.date;
  if (!trace || !plan || !first) return null;
  const buildUp = page.lastThrow
    ? buildUpOn(
        [page.lastThrow],
        plan.startsOn,
        first < plan.startsOn ? plan.startsOn : first,
        academy.buildUpWeeks,
      )
    : null;
  const climbed = plan.threads.map(({ thread, focus, share, stage, stages }) => ({
    thread,
    focus,
    share,
    stage,
    stages: stages.map((rung) => ({ stage: rung.stage, drills: rung.drills.map(({ drill }) => drill) })),
    doses: Object.fromEntries(stages.flatMap((rung) => rung.drills.map(({ drill, dose }) => [drill, dose]))),
  }));
  const games = days.flatMap(({ date, kind, pitches }) =>
    kind === 'game' && pitches ? [{ date, count: pitches, kind: 'game' as const }] : [],
  );
  const asked = {
    discipline: athlete.discipline,
    birthdate: athlete.birthdate,
    league: athlete.league,
    allHard: academy.allHard,
    pain: page.pain,
    throws: [...page.thrownLately, ...games],
    days: days.map(({ pitches: _, ...day }) => day).sort((a, b) => a.date.localeCompare(b.date)),
    pins,
    before,
    done,
    weekThrows: academy.weekThrows,
    buildUp,
  };
  const whom = {
    discipline: athlete.discipline,
    age: athlete.age,
    equipment: [...new Set(days.flatMap(({ equipment }) => equipment))],
    barred: barredFor(page),
    book,
  };
  const usable = usableIn(asked);
  const candidates = weekCandidates(climbed, trace.result, whom, buildUp !== null, usable);
  const doses = new Map(
    plan.threads.flatMap(({ stages }) =>
      stages.flatMap(({ drills }) => drills.map(({ drill, dose }) => [drill, dose] as const)),
    ),
  );
  for (const id of new Set(also)) {
    const drill = book.drill(id);
    if (!drill || candidates.some((each) => each.drill.id === id)) continue;
    candidates.push({ drill, dose: parseDose(doses.get(id) ?? drill.dose), value: 0, lessonOnly: false });
  }
  return {
    ...asked,
    candidates,
    focuses: focusesOf(laddersOf(page, whom), book),
    notes: standingWords(climbed, trace.result, { usable, book }),
  };
}
