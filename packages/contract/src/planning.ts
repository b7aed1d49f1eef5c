import {
  addDays,
  barredBecause,
  buildUpOn,
  drillOf,
  itemThrows,
  parseDose,
  weekCandidates,
  type DayThrows,
  type Drill,
  type Place,
  type WeekInput,
  type WeekItem,
} from '@wrightonic/core';
import type { AthletePage } from './answers';
import { weekdays } from './athletes';
import type { AcademyPlanning } from './planRecords';
import type { WeekDayForm } from './plans';

/** What a page must hold for a week to be planned from it. */
export type Plannable = Pick<
  AthletePage,
  'athlete' | 'trace' | 'plan' | 'thrownLately' | 'history' | 'lastThrow' | 'academy' | 'sessions'
>;

/** Usual minutes of a day at home; a lesson has its own. */
const homeMinutes = 30;
const places: Readonly<Record<'home' | 'lesson' | 'game', Place[]>> = {
  home: ['home', 'field'],
  lesson: ['cage', 'mound', 'field'],
  game: ['field'],
};

/** Seven days from one on as they are likely to be: lessons and games from the calendar, else what the last week was. */
export function usualWeek(
  { athlete, plan, ahead, academy }: Pick<AthletePage, 'athlete' | 'plan' | 'ahead' | 'academy'>,
  from: string,
): WeekDayForm[] {
  const before = new Map(
    (plan?.assignment?.days ?? []).map((day) => [new Date(`${day.date}T00:00:00Z`).getUTCDay(), day]),
  );
  return [0, 1, 2, 3, 4, 5, 6].map((n): WeekDayForm => {
    const date = addDays(from, n);
    const weekday = new Date(`${date}T00:00:00Z`).getUTCDay();
    const home = { date, minutes: homeMinutes, equipment: athlete.equipment, pitches: null };
    const coming =
      ahead.find((each) => each.date === date && each.kind === 'game') ??
      ahead.find((each) => each.date === date);
    if (coming?.kind === 'game') return { ...home, kind: 'game', minutes: 15, places: places.game };
    if (coming)
      return {
        ...home,
        kind: 'lesson',
        minutes: coming.minutes ?? homeMinutes,
        equipment: [...new Set([...academy.equipment, ...athlete.equipment])],
        places: places.lesson,
      };
    const last = before.get(weekday);
    if (last && last.kind !== 'lesson' && last.kind !== 'game') return { ...last, date, pitches: null };
    const works = athlete.days.length === 0 || athlete.days.includes(weekdays[(weekday + 6) % 7]!);
    return works
      ? { ...home, kind: 'home', places: places.home }
      : { ...home, kind: 'off', minutes: 0, places: places.home };
  });
}

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

/** What is thrown in a week's drills as the limits count it; an academy may count every throw as a hard one. */
export function thrownIn(
  items: readonly WeekItem[],
  doseBy: (drill: string) => string | undefined,
  { allHard }: Pick<AcademyPlanning, 'allHard'>,
): DayThrows[] {
  const thrown = itemThrows(items.map((item) => ({ ...item, dose: doseBy(item.drill) })));
  return allHard ? thrown.map((day) => ({ ...day, effort: null })) : thrown;
}

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
  }: Pick<WeekInput, 'pins' | 'before' | 'done'> & { also?: readonly string[] } = {},
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
  const candidates = weekCandidates(
    plan.threads.map(({ thread, focus, share, stage, stages }) => ({
      thread,
      focus,
      share,
      stage,
      stages: stages.map((rung) => ({ stage: rung.stage, drills: rung.drills.map(({ drill }) => drill) })),
      doses: Object.fromEntries(
        stages.flatMap((rung) => rung.drills.map(({ drill, dose }) => [drill, dose])),
      ),
    })),
    trace.result,
    {
      discipline: athlete.discipline,
      age: athlete.age,
      equipment: [...new Set(days.flatMap(({ equipment }) => equipment))],
      barred: barredFor(page),
    },
    buildUp !== null,
  );
  const doses = new Map(
    plan.threads.flatMap(({ stages }) =>
      stages.flatMap(({ drills }) => drills.map(({ drill, dose }) => [drill, dose] as const)),
    ),
  );
  for (const id of new Set(also)) {
    const drill = drillOf(id);
    if (!drill || candidates.some((each) => each.drill.id === id)) continue;
    candidates.push({ drill, dose: parseDose(doses.get(id) ?? drill.dose), value: 0, lessonOnly: false });
  }
  const games = days.flatMap(({ date, kind, pitches }) =>
    kind === 'game' && pitches ? [{ date, count: pitches, kind: 'game' as const }] : [],
  );
  return {
    discipline: athlete.discipline,
    birthdate: athlete.birthdate,
    league: athlete.league,
    throws: [...page.thrownLately, ...games],
    candidates: academy.allHard ? candidates.map((each) => ({ ...each, hard: true })) : candidates,
    days: days.map(({ pitches: _, ...day }) => day).sort((a, b) => a.date.localeCompare(b.date)),
    pins,
    before,
    done,
    weekThrows: academy.weekThrows,
    buildUp,
  };
}
