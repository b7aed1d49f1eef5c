import {
  catalogueBook,
  drillsFor,
  isBare,
  nodeOf,
  threadNames,
  type Discipline,
  type Drill,
  type DrillBook,
  type Stage,
  type Thread,
} from '../catalogue';
import type { Focus, Trace } from '../trace';
import { stageOrder, reachesDelivery } from './stages';
import { pullsAgainst } from './wordCheck';
import { texts } from './texts';

export interface LadderAthlete {
  discipline: Discipline;
  age: number;
  /** What is at hand, at the lesson or at home. */
  equipment: readonly string[];
  /** Why a drill may not be given, beside age and equipment; null where nothing speaks against it. */
  barred?: (drill: Drill) => string | null;
  /** What there is to give; the catalogue when left out. */
  book?: DrillBook;
  /** Limits measured obvious or worse: two of them get a drill, before one of them is a focus. */
  limits?: readonly string[];
}

/** A drill that would serve a focus and stays out. */
export interface LeftOut {
  drill: string;
  stage: Stage;
  /** To be read after "left out: ". */
  why: string;
  /** Things that are not at hand; empty where something else speaks against it. */
  missing: string[];
}

export interface Rung {
  stage: Stage;
  drills: string[];
}

export interface Ladder {
  thread: Thread;
  focus: string;
  /** Share of the picture that the focus explains, 0..1. */
  share: number;
  stages: Rung[];
  /** Stages for which no drill fits. */
  skipped: Stage[];
  reachesDelivery: boolean;
  /** What holds the thread back, in words. */
  limitedBy: string[];
  /** Drills that target the focus, or the flaw practised for it, and stay out. */
  left: LeftOut[];
}

/** Drills of one stage that a ladder holds. */
const maxDrills = 4;
/** Drills for limits that hold no focus back. */
const mostForOtherLimits = 2;
export const warmUp = 'warm-up-flow';

/** A thing without how many of it: "3 cones" and "cone" are the same to have. */
const bareThing = (thing: string): string =>
  thing
    .trim()
    .toLowerCase()
    .replace(/^(\d+(-\d+)?|two|three|a|an) /, '')
    .replace(/(?<=[^s])s$/, '');

/**
 * What of a drill's equipment is not at hand, in words; empty where nothing is missing.
 *
 * @example missingFor(drillOf('hip-snap'), []) // []
 */
export function missingFor({ equipment }: Drill, atHand: readonly string[]): string[] {
  const at = new Set(atHand.map(bareThing));
  return equipment
    .filter((any) => !any.some((thing) => at.has(bareThing(thing))))
    .map((any) => any.join(' or '));
}

/**
 * Whether the athlete is old enough and has what the drill needs.
 *
 * @example drillFits(drillOf('hip-snap'), { discipline: 'overhand', age: 5, equipment: [] }) // false
 */
export const drillFits = (drill: Drill, { age, equipment, barred }: LadderAthlete): boolean =>
  drill.minAge <= age && (barred?.(drill) ?? null) === null && missingFor(drill, equipment).length === 0;

/** What a thread works on, with how much each counts: the focus 1, limits that hold it back 0.7, what it explains 0.5. */
function cover(focus: string, trace: Trace): Map<string, number> {
  const worth = new Map<string, number>();
  const explained = trace.roots
    .find(({ id }) => id === focus)
    ?.explains.filter(({ id }) => id !== focus && nodeOf(id)?.type === 'flaw');
  explained?.forEach(({ id }) => worth.set(id, 0.5));
  trace.bodyFirst.filter(({ flaw }) => flaw === focus).forEach(({ limit }) => worth.set(limit, 0.7));
  // A limit has no movement drills of its own: the flaw that it explains most is practised meanwhile.
  if (nodeOf(focus)?.type === 'limit' && explained?.[0]) worth.set(explained[0].id, 0.9);
  return worth.set(focus, 1);
}

/** Why a drill may not be given to an athlete, whatever is at hand; null where it may. */
function against(drill: Drill, trace: Trace, { age, barred, book }: LadderAthlete): string | null {
  if (age < drill.minAge) return texts.fromAgeOn(drill.minAge);
  const pulls = pullsAgainst(drill.id, trace.approach, book);
  return pulls ? texts.itsCueAsksFor(pulls) : (barred?.(drill) ?? null);
}

/**
 * What stays out, in words: "No tape line: Pivot on the line, Pivot and lift left out." Things that are missing first.
 *
 * @example leftOutWords([]) // []
 */
export function leftOutWords(left: readonly LeftOut[], book: DrillBook = catalogueBook): string[] {
  const named = new Map<string, string[]>();
  const nameOf = (id: string) => book.drill(id)?.name ?? id;
  for (const { drill, missing } of left) {
    if (missing.length === 0) continue;
    const things = `No ${missing.join(', no ')}`;
    named.set(things, [...(named.get(things) ?? []), nameOf(drill)]);
  }
  return [
    ...[...named].map(([things, drills]) => texts.leftOut(things, drills)),
    ...left
      .filter(({ missing }) => missing.length === 0)
      .map(({ drill, why }) => texts.drillLeftOut(nameOf(drill), why)),
  ];
}

/** Bare drills only fill in: each stays only where it serves the focus better than any other drill that fits. */
function withoutSpareBare(
  serving: readonly Drill[],
  { fits, value }: { fits: (drill: Drill) => boolean; value: (drill: Drill) => number },
): readonly Drill[] {
  const best = Math.max(0, ...serving.filter((drill) => !isBare(drill.id) && fits(drill)).map(value));
  return serving.filter((drill) => !isBare(drill.id) || (fits(drill) && value(drill) > best));
}

/** What a thread climbs with: what each drill is worth to the focus, and which ones are its own. */
interface Climb {
  thread: Thread;
  athlete: LadderAthlete;
  trace: Trace;
  value: (drill: Drill) => number;
  own: (drill: Drill) => boolean;
  fits: (drill: Drill) => boolean;
}

/** From this worth on a drill that does not fit is named with what speaks against it. */
const namedFrom = 0.5;

/** The drills of one stage, the best first; of the other thread where none of its own fits. */
function rungDrills(stage: Stage, { thread, athlete, trace, value, own, fits }: Climb) {
  const serving = drillsFor(athlete.discipline, athlete.book).filter(
    (drill) => drill.stage === stage && value(drill) > 0,
  );
  const ofThread = withoutSpareBare(serving.filter(own), { fits, value });
  const left = ofThread
    .filter((drill) => value(drill) >= namedFrom && !fits(drill))
    .map((drill): LeftOut => {
      const why = against(drill, trace, athlete);
      const missing = why ? [] : missingFor(drill, athlete.equipment);
      return { drill: drill.id, stage, why: why ?? `no ${missing.join(', no ')}`, missing };
    });
  const fitting = ofThread.filter(fits);
  const lent = fitting.length
    ? []
    : serving.filter((drill) => !own(drill) && !isBare(drill.id) && fits(drill));
  const ranked = [...(fitting.length ? fitting : lent)].sort((a, b) => value(b) - value(a));
  const names = ranked
    .slice(0, maxDrills)
    .map(({ name }) => name)
    .join(', ');
  const borrowed = lent.length ? [texts.noDrillOfItsOwnFits(threadNames[thread], stage, names)] : [];
  return { drills: ranked.map(({ id }) => id), left, borrowed };
}

/** What a drill is worth to a focus, by what it targets; one for everything is worth little in prep, more later. */
function worthTo(focus: string, trace: Trace): (drill: Drill) => number {
  const worth = cover(focus, trace);
  return ({ targets, stage }) =>
    targets.includes('*')
      ? stage === 'prep'
        ? 0.1
        : 0.4
      : Math.max(0, ...targets.map((target) => worth.get(target) ?? 0));
}

function ladder(
  thread: Thread,
  focus: string,
  athlete: LadderAthlete,
  trace: Trace,
  others: readonly string[],
): Ladder {
  const climb: Climb = {
    thread,
    athlete,
    trace,
    value: worthTo(focus, trace),
    own: (drill) => drill.stage === 'prep' || drill.thread === thread || drill.targets.includes('*'),
    fits: (drill) =>
      against(drill, trace, athlete) === null && missingFor(drill, athlete.equipment).length === 0,
  };
  const stages: Rung[] = [];
  const skipped: Stage[] = [];
  const borrowed: string[] = [];
  const left: LeftOut[] = [];
  for (const stage of stageOrder(trace.approach.teach)) {
    const { drills, ...beside } = rungDrills(stage, climb);
    left.push(...beside.left);
    borrowed.push(...beside.borrowed);
    // The warm-up comes before everything and takes no place of another.
    const warm = stage === 'prep' && drills.includes(warmUp) ? [warmUp] : [];
    const more = stage === 'prep' ? others.filter((id) => !drills.includes(id)) : [];
    const chosen = [...warm, ...drills.filter((id) => !warm.includes(id)).slice(0, maxDrills), ...more];
    if (chosen.length) stages.push({ stage, drills: chosen });
    else skipped.push(stage);
  }
  const body = trace.bodyFirst.filter(({ flaw }) => flaw === focus);
  return {
    thread,
    focus,
    share: trace.roots.find(({ id }) => id === focus)?.share ?? 0,
    stages,
    skipped,
    reachesDelivery: reachesDelivery(stages),
    limitedBy: [
      ...body.map(({ limit }) => texts.patternWorkStays(nodeOf(limit)!.name)),
      ...borrowed,
      ...skipped.map((stage) => texts.noDrillFitsAge(threadNames[thread], stage)),
    ],
    left,
  };
}

/** Prep for limits measured obvious or worse that are no focus and hold none back: one drill for each of two at most. */
function prepForOthers(focus: Focus, athlete: LadderAthlete, trace: Trace): string[] {
  const works = new Set<string>(
    [focus.lower, focus.arm].flatMap((id) => (id ? [...cover(id, trace).keys()] : [])),
  );
  const prep = drillsFor(athlete.discipline, athlete.book).filter(
    (drill) => drill.stage === 'prep' && against(drill, trace, athlete) === null && drillFits(drill, athlete),
  );
  const ids = (athlete.limits ?? [])
    .filter((limit) => !works.has(limit))
    .flatMap((limit) => prep.find(({ targets }) => targets.includes(limit))?.id ?? []);
  return [...new Set(ids)].slice(0, mostForOtherLimits);
}

/**
 * One ladder of drills for each focus: drills of its own thread for the focus and for the flaws it explains, first what
 * targets the focus; drills of the other thread only where none of its own fits. Prep for a limit that holds it back runs
 * beside. Bare drills of the book fill in where nothing else that fits serves the focus as well. What the age, the equipment or the approach rules out is left out with its reason, and a stage for which
 * nothing fits is named.
 *
 * @example buildLadders(traced.focus, whom, traced).map(({ thread, focus }) => [thread, focus]) // [ [ 'lower', 'oh.lift-stall' ], [ 'arm', 'oh.glove-pull' ] ]
 */
export function buildLadders(focus: Focus, athlete: LadderAthlete, trace: Trace): Ladder[] {
  const others = prepForOthers(focus, athlete, trace);
  const threads = (['lower', 'arm'] as const).filter((thread) => focus[thread]);
  return threads.map((thread, n) => ladder(thread, focus[thread]!, athlete, trace, n === 0 ? others : []));
}

/**
 * Limits among findings that are worth a drill though no focus hangs on them: measured obvious or worse.
 *
 * @example limitsToWorkOn({ 'lim.balance': 2, 'lim.jump': 1, 'oh.lift-stall': 3 }) // [ 'lim.balance' ]
 */
export const limitsToWorkOn = (findings: Readonly<Record<string, number>>): string[] =>
  Object.keys(findings).filter((id) => nodeOf(id)?.type === 'limit' && findings[id]! >= 2);

/**
 * The focuses of ladders with why drills for them stay out.
 *
 * @example focusesOf([{ focus: 'oh.lift-stall', left: [] }]) // [ { id: 'oh.lift-stall', left: [] } ]
 */
export const focusesOf = (
  ladders: readonly Pick<Ladder, 'focus' | 'left'>[],
  book?: DrillBook,
): { id: string; left: string[] }[] =>
  ladders.map(({ focus, left }) => ({ id: focus, left: leftOutWords(left, book) }));
