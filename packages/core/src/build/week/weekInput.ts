import {
  catalogueBook,
  type Discipline,
  type Drill,
  type DrillBook,
  type Stage,
  type Thread,
} from '../../catalogue';
import { barredBecause, type DayThrows, type League, type PastInjury, type ThrowState } from '../../safety';
import type { Trace } from '../../trace';
import { parseDose } from '../dose';
import { buildLadders, focusesOf, type Ladder, type LadderAthlete } from '../ladder';
import { buildUpOn } from './buildUp';
import { standingWords, weekCandidates } from './candidates';
import { itemThrows, usableIn } from './day';
import type { WeekInput, WeekItem } from './types';
import type { PlannedDay } from './usualWeek';

/** What of an athlete a week is planned from. */
export interface WeekSource {
  athlete: {
    discipline: Discipline;
    birthdate: string;
    /** Years, today. */
    age: number;
    league: League | null;
  };
  academy: { allHard: boolean; weekThrows: number | null; buildUpWeeks: number | null };
  trace: { result: Trace } | null;
  plan: {
    startsOn: string;
    threads: readonly {
      thread: Thread;
      focus: string;
      share: number;
      stage: Stage;
      stages: readonly {
        stage: Stage;
        drills: readonly { drill: string; dose: string; recent: readonly { session: string }[] }[];
      }[];
    }[];
    assignment: { items: readonly WeekItem[] } | null;
  } | null;
  /** Sessions that were worked, with their days. */
  sessions: readonly { id: string; date: string }[];
  history: readonly PastInjury[];
  pain: ThrowState;
  thrownLately: readonly DayThrows[];
  /** The last day of throws before the plan; null where none is known. */
  lastThrow: string | null;
}

/**
 * Why an athlete may not be given a drill at all; null where nothing speaks against it.
 *
 * @example barredFor({ athlete: { age: 15 }, history: [] })(hipSnap) // null
 */
export const barredFor =
  ({ athlete, history }: { athlete: { age: number }; history: readonly PastInjury[] }) =>
  (drill: Drill): string | null =>
    barredBecause(drill, { age: athlete.age, history });

/**
 * What the athlete did already of the assigned week, before a day: the drills that were worked on their days.
 *
 * @example doneOf({ plan: null, sessions: [] }, monday) // []
 */
export function doneOf(
  { plan, sessions }: Pick<WeekSource, 'plan' | 'sessions'>,
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

/**
 * What is thrown in a week's drills as the limits count it.
 *
 * @example thrownIn([{ date: monday, drill: 'full-delivery', sets: 2 }], () => '2x10')[0].count // 20
 */
export const thrownIn = (
  items: readonly WeekItem[],
  doseBy: (drill: string) => string | undefined,
  book: DrillBook = catalogueBook,
): DayThrows[] =>
  itemThrows(
    items.map((item) => ({ ...item, dose: doseBy(item.drill) })),
    book,
  );

/**
 * The ladders that would be built today for the focuses of an athlete's plan, with what stays out of them and why.
 *
 * @example laddersOf({ trace: null, plan: null }, whom) // []
 */
export const laddersOf = (
  { trace, plan }: Pick<WeekSource, 'trace' | 'plan'>,
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
 * @example weekInputFor({ trace: null, plan: null }, []) // null
 */
export function weekInputFor(
  page: WeekSource,
  days: readonly PlannedDay[],
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
