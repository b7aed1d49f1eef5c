import type { DayKind } from '../build';
import { homeSetKey, type HomeSet } from '../home';
import { mondayOf } from '../units';

/** So many sets of a drill, assigned for a day. */
export interface AssignedSets {
  date: string;
  drill: string;
  sets: number;
}

export interface WorkDone {
  /** Sets that were assigned for days up to today, and how many of them were ticked. */
  assigned: number;
  done: number;
  /** Of those ticked, after their day. */
  late: number;
  /** Reps that somebody counted. */
  clean: number;
  missed: number;
}

export interface HomeWeek extends WorkDone {
  /** Its Monday. */
  week: string;
  drills: ({ drill: string } & WorkDone)[];
}

const nothing: WorkDone = { assigned: 0, done: 0, late: 0, clean: 0, missed: 0 };
const together = (all: readonly WorkDone[]): WorkDone =>
  all.reduce<WorkDone>(
    (sum, each) => ({
      assigned: sum.assigned + each.assigned,
      done: sum.done + each.done,
      late: sum.late + each.late,
      clean: sum.clean + each.clean,
      missed: sum.missed + each.missed,
    }),
    nothing,
  );

type Ticked = ReadonlyMap<string, HomeSet>;
const tickedOf = (done: readonly HomeSet[]): Ticked => new Map(done.map((set) => [homeSetKey(set), set]));

/** The sets of an assigned drill that were ticked. */
const workedOf = ({ date, drill, sets }: AssignedSets, ticked: Ticked): HomeSet[] =>
  Array.from({ length: sets }, (_, n) => ticked.get(homeSetKey({ date, drill, set: n + 1 }))).flatMap(
    (set) => set ?? [],
  );

/**
 * What is assigned for each day at home: a week that was assigned later takes the place of an earlier one on its days.
 * What is assigned for a lesson is worked there and ticked nowhere.
 *
 * @param weeks in the order in which they were assigned
 * @example assignedLast([]) // []
 */
export function assignedLast(
  weeks: readonly { days: readonly { date: string; kind: DayKind }[]; items: readonly AssignedSets[] }[],
): AssignedSets[] {
  const last = new Map(
    weeks.flatMap(({ days }, n) => days.map(({ date, kind }) => [date, { n, kind }] as const)),
  );
  return weeks.flatMap(({ items }, n) =>
    items.filter(({ date }) => {
      const day = last.get(date);
      return day?.n === n && day.kind !== 'lesson' && day.kind !== 'bullpen';
    }),
  );
}

/**
 * What was assigned for at home against what was ticked, week by week and drill by drill. What was ticked without having
 * been assigned says nothing about it; days to come are not missed yet.
 *
 * @param assigned of each day as it was assigned last
 * @param today ISO day; what is assigned for today counts once it is done
 * @returns weeks in order
 * @example homeWork([{ date: '2026-05-04', drill: 'hip-snap', sets: 2 }], [], '2026-05-10')[0].assigned // 2
 */
export function homeWork(
  assigned: readonly AssignedSets[],
  done: readonly HomeSet[],
  today: string,
): HomeWeek[] {
  const ticked = tickedOf(done);
  const weeks = new Map<string, Map<string, WorkDone[]>>();
  for (const { date, drill, sets } of assigned) {
    const worked = workedOf({ date, drill, sets }, ticked);
    const counts = date < today ? sets : date === today ? worked.length : 0;
    if (counts === 0) continue;
    const week = weeks.get(mondayOf(date)) ?? new Map<string, WorkDone[]>();
    weeks.set(mondayOf(date), week);
    const sum = (of: (set: HomeSet) => number) => worked.reduce((all, set) => all + of(set), 0);
    const item = {
      assigned: counts,
      done: worked.length,
      late: worked.filter(({ late }) => late).length,
      clean: sum(({ clean }) => clean ?? 0),
      missed: sum(({ missed }) => missed ?? 0),
    };
    week.set(drill, [...(week.get(drill) ?? []), item]);
  }
  return [...weeks]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([week, drills]) => {
      const each = [...drills].map(([drill, items]) => ({ drill, ...together(items) }));
      return { week, drills: each, ...together(each) };
    });
}

/** What was assigned for a day, and done of it. */
export interface HomeDay extends Pick<WorkDone, 'assigned' | 'done' | 'late'> {
  date: string;
}

/**
 * Day by day what was assigned for at home, and how much of it was ticked; days without anything assigned are left out.
 *
 * @param assigned of each day as it was assigned last
 * @example homeDays([{ date: '2026-05-04', drill: 'hip-snap', sets: 2 }], []) // [ { date: '2026-05-04', assigned: 2, done: 0, late: 0 } ]
 */
export function homeDays(assigned: readonly AssignedSets[], done: readonly HomeSet[]): HomeDay[] {
  const ticked = tickedOf(done);
  const days = new Map<string, HomeDay>();
  for (const item of assigned) {
    const worked = workedOf(item, ticked);
    const { date } = item;
    const so = days.get(date) ?? { date, assigned: 0, done: 0, late: 0 };
    days.set(date, {
      date,
      assigned: so.assigned + item.sets,
      done: so.done + worked.length,
      late: so.late + worked.filter(({ late }) => late).length,
    });
  }
  return [...days.values()].sort((x, y) => x.date.localeCompare(y.date));
}

/**
 * Days together: of today counts what is done.
 *
 * @param past all days before today together
 * @param today null where nothing is assigned for it
 * @example homeSoFar({ assigned: 4, done: 2, late: 0 }, { date: '2026-05-04', assigned: 3, done: 1, late: 0 }).assigned // 5
 */
export const homeSoFar = (
  past: Omit<HomeDay, 'date'>,
  today: Omit<HomeDay, 'date'> | null,
): Omit<HomeDay, 'date'> => ({
  assigned: past.assigned + (today?.done ?? 0),
  done: past.done + (today?.done ?? 0),
  late: past.late + (today?.late ?? 0),
});

/**
 * All of some weeks together.
 *
 * @example homeTotal([]).done // 0
 */
export const homeTotal = (weeks: readonly WorkDone[]): WorkDone => together(weeks);
