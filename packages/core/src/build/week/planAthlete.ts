import { FieldError } from '../../units/fieldError';
import { catalogueBook, type Drill, type Stage, type Thread } from '../../catalogue';
import { trace, type TraceInput } from '../../trace';
import { addDays } from '../../units';
import { barredBecause, openThrows, type DayThrows, type League, type PastInjury } from '../../safety';
import {
  buildLadders,
  focusesOf,
  leftOutWords,
  limitsToWorkOn,
  missingFor,
  type Ladder,
  type LadderAthlete,
} from '../ladder';
import { firstStage } from '../stages';
import { buildUpOn } from './buildUp';
import { standingWords, weekCandidates } from './candidates';
import { placeTrouble, usableIn } from './day';
import { planWeek } from './plan';
import type { Solve } from './programme';
import type { WeekDay, WeekItem, WeekPin, WeekPlan } from './types';
import { texts } from './texts';

export interface PlanInput extends Pick<TraceInput, 'athlete' | 'findings' | 'removedLinks' | 'results'> {
  days: readonly WeekDay[];
  throws: readonly DayThrows[];
  league?: League | null | undefined;
  history?: readonly PastInjury[] | undefined;
  /** Where each thread stands; its first stage where nothing is said. */
  stages?: Partial<Record<Thread, Stage>> | undefined;
  pins?: readonly WeekPin[] | undefined;
  done?: readonly WeekItem[] | undefined;
  before?: readonly WeekItem[] | undefined;
  weekThrows?: number | null | undefined;
  /** Weeks of a build-up after a lay-off, where the academy sets them. */
  buildUpWeeks?: number | null | undefined;
}

export interface WholePlan extends WeekPlan {
  threads: Ladder[];
}

/** A birthday half a year before a day, for an age without one. */
function birthdateFor(age: number, on: string): string {
  const [year, month] = addDays(on, -182).split('-');
  return `${String(Number(year) - Math.floor(age)).padStart(4, '0')}-${month}-01`;
}

/** The athlete as ladders are built for, from what a week holds. */
function whomOf(
  { athlete, history = [] }: PlanInput,
  days: readonly WeekDay[],
): LadderAthlete & {
  barred: (drill: Drill) => string | null;
} {
  const age = Math.floor(athlete.age);
  return {
    discipline: athlete.discipline,
    age,
    equipment: [...new Set(days.flatMap(({ equipment }) => equipment))],
    barred: (drill) => barredBecause(drill, { age, history }),
  };
}

/** A drill that no day of the week has the place for leaves its place to another. */
const withPlaces = (whom: ReturnType<typeof whomOf>, days: readonly WeekDay[]): LadderAthlete => {
  const open = days.filter(({ kind }) => kind !== 'off');
  return {
    ...whom,
    barred: (drill) =>
      whom.barred(drill) ??
      (drill.targets.includes('*') ||
      missingFor(drill, whom.equipment).length > 0 ||
      open.some((day) => placeTrouble(drill, day) === null)
        ? null
        : texts.noDayHasThePlace),
  };
};

/** @throws RangeError for drills and days that are not in the week, with the field */
function checkNamed({ done, before, pins = [] }: PlanInput, days: readonly WeekDay[], drills: Set<string>) {
  for (const [field, items] of Object.entries({ done, before }))
    items?.forEach(({ drill }, n) => {
      if (!catalogueBook.drill(drill))
        throw new FieldError(`${field}.${n}.drill`, texts.thereIsNoDrill(drill));
    });
  for (const [n, { drill, date }] of pins.entries()) {
    if (!drills.has(drill)) throw new FieldError(`pins.${n}.drill`, texts.isNotAmongDrills(drill));
    if (!days.some((day) => day.date === date))
      throw new FieldError(`pins.${n}.date`, texts.isNotInDays(date));
  }
}

/** Everything that limits the week, said once. */
function limitedByOf(ladders: readonly Ladder[], week: readonly string[]): string[] {
  const nothing = ladders.length === 0 ? [texts.nothingNeedsAPlan] : [];
  const ofLadders = ladders.flatMap(({ limitedBy, left }) => [
    ...limitedBy,
    ...leftOutWords(left.filter(({ missing }) => missing.length)),
  ]);
  return [...new Set([...nothing, ...week, ...ofLadders])];
}

/**
 * From findings to a week: trace, the ladder of each focus, and the week's integer programme.
 *
 * @throws RangeError for what cannot be used, with the field; ClashError when pins cannot hold
 * @example planAthlete({ athlete, findings, days, throws: [] }, solve).threads.map(({ focus }) => focus) // [ 'oh.lift-stall', 'oh.glove-pull' ]
 */
export function planAthlete(input: PlanInput, solve: Solve): WholePlan {
  const { athlete, throws } = input;
  const days = [...input.days].sort((a, b) => a.date.localeCompare(b.date));
  const first = days[0]?.date;
  const last = days.at(-1)?.date;
  if (first && last && last > addDays(first, 6))
    throw new FieldError('days', texts.isOutsideSevenDays(last, first));
  const traced = trace({ ...input, runs: 0 });
  const whom = whomOf(input, days);
  const thrownOn = throws.map(({ date }) => date);
  const buildUp = first ? buildUpOn(thrownOn, first, first, input.buildUpWeeks) : null;
  const asked = {
    discipline: athlete.discipline,
    birthdate: birthdateFor(athlete.age, first ?? '2020-01-01'),
    league: input.league ?? null,
    allHard: false,
    pain: openThrows,
    throws,
    days,
    pins: input.pins ?? [],
    done: input.done,
    before: input.before,
    weekThrows: input.weekThrows,
    buildUp,
  };
  const ladders = buildLadders(
    traced.focus,
    { ...withPlaces(whom, days), limits: limitsToWorkOn(input.findings) },
    traced,
  );
  const climbed = ladders.map((ladder) => ({
    ...ladder,
    stage: input.stages?.[ladder.thread] ?? firstStage(ladder.stages),
  }));
  const usable = usableIn(asked);
  const candidates = weekCandidates(climbed, traced, whom, buildUp !== null, usable);
  checkNamed(input, days, new Set(candidates.map(({ drill }) => drill.id)));
  const notes = standingWords(climbed, traced, { usable });
  const week = planWeek({ ...asked, candidates, focuses: focusesOf(ladders), notes }, solve);
  return { threads: ladders, ...week, limitedBy: limitedByOf(ladders, week.limitedBy) };
}
