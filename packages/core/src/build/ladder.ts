import {
  catalogueBook,
  drillsFor,
  nodeOf,
  type Discipline,
  type Drill,
  type DrillBook,
  type Stage,
  type Thread,
} from '../catalogue';
import type { Approach, Focus, Trace } from '../trace';
import { pullsAgainst } from './wordCheck';

export interface LadderAthlete {
  discipline: Discipline;
  age: number;
  /** What is at hand, at the lesson or at home. */
  equipment: readonly string[];
  /** Why a drill may not be given, beside age and equipment; null where nothing speaks against it. */
  barred?: (drill: Drill) => string | null;
  /** What there is to give; the catalogue when left out. */
  book?: DrillBook;
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
  held: string[];
}

/** Drills of one stage that a ladder holds. */
const most = 4;
/** A drill whose words pull against the approach stands behind those that do not, while they serve nearly as well. */
const pullingBack = 0.3;
export const warmUp = 'warm-up-flow';

/** The stages of a thread in the order in which the approach climbs them, prep first. */
export function stageOrder(teach: Approach['teach']): Stage[] {
  return teach === 'constrain'
    ? ['prep', 'feel', 'constrain', 'move', 'connect', 'blend', 'deliver', 'compete']
    : ['prep', 'feel', 'move', 'constrain', 'connect', 'blend', 'deliver', 'compete'];
}

/** A plan that stops at drills does not reach the delivery: it needs blend and deliver. */
export const reachesDelivery = (rungs: readonly { stage: Stage }[]): boolean =>
  (['blend', 'deliver'] as const).every((stage) => rungs.some((rung) => rung.stage === stage));

/**
 * Where a stage that a ladder skipped opens: between its neighbours in the order in which the approach climbs them.
 *
 * @param rungs of the ladder, each with its position
 * @returns a position between those of the neighbours, one below the first or above the last
 */
export function positionOfStage(
  rungs: readonly { stage: Stage; position: number }[],
  stage: Stage,
  teach: Approach['teach'],
): number {
  const order = stageOrder(teach);
  const at = (each: Stage) => order.indexOf(each);
  const below = rungs.filter((rung) => at(rung.stage) < at(stage)).map(({ position }) => position);
  const above = rungs.filter((rung) => at(rung.stage) > at(stage)).map(({ position }) => position);
  if (below.length === 0) return above.length ? Math.min(...above) - 1 : 0;
  return above.length ? (Math.max(...below) + Math.min(...above)) / 2 : Math.max(...below) + 1;
}

/** A thing without how many of it: "3 cones" and "cone" are the same to have. */
const bareThing = (thing: string): string =>
  thing
    .trim()
    .toLowerCase()
    .replace(/^(\d+(-\d+)?|two|three|a|an) /, '')
    .replace(/(?<=[^s])s$/, '');

/** What of a drill's equipment is not at hand, in words; empty where nothing is missing. */
export function missingFor({ equipment }: Drill, atHand: readonly string[]): string[] {
  const at = new Set(atHand.map(bareThing));
  return equipment
    .filter((any) => !any.some((thing) => at.has(bareThing(thing))))
    .map((any) => any.join(' or '));
}

/** Whether the athlete is old enough and has what the drill needs. */
export const drillFits = (drill: Drill, { age, equipment, barred }: LadderAthlete): boolean =>
  drill.minAge <= age && (barred?.(drill) ?? null) === null && missingFor(drill, equipment).length === 0;

/** Targets of a thread with how much each counts: the focus 1, limits that hold it back 0.7, what it explains 0.5. */
function cover(focus: string, trace: Trace): Map<string, number> {
  const worth = new Map<string, number>();
  trace.roots
    .find(({ id }) => id === focus)
    ?.explains.filter(({ id }) => nodeOf(id)?.type === 'flaw')
    .forEach(({ id }) => worth.set(id, 0.5));
  trace.bodyFirst.filter(({ flaw }) => flaw === focus).forEach(({ limit }) => worth.set(limit, 0.7));
  return worth.set(focus, 1);
}

function ladder(thread: Thread, focus: string, athlete: LadderAthlete, trace: Trace): Ladder {
  const root = trace.roots.find(({ id }) => id === focus);
  const worth = cover(focus, trace);
  // A limit has no movement drills of its own: the flaw that it explains most is practised meanwhile.
  const practised =
    nodeOf(focus)?.type === 'limit'
      ? root?.explains.find(({ id }) => id !== focus && nodeOf(id)?.type === 'flaw')?.id
      : undefined;
  if (practised) worth.set(practised, 0.9);
  const value = (drill: Drill): number => {
    if (drill.targets.includes('*')) return drill.stage === 'prep' ? 0.1 : 0.4;
    const best = Math.max(0, ...drill.targets.map((target) => worth.get(target) ?? 0));
    if (best === 0) return 0;
    const back = pullsAgainst(drill.id, trace.approach, athlete.book) ? pullingBack : 0;
    return Math.max(0.01, best + (drill.thread === thread ? 0.2 : 0) - back);
  };
  const stages: Rung[] = [];
  const skipped: Stage[] = [];
  for (const stage of stageOrder(trace.approach.teach)) {
    const drills = drillsFor(athlete.discipline, athlete.book)
      .filter((drill) => drill.stage === stage && value(drill) > 0 && drillFits(drill, athlete))
      .map((drill) => ({ id: drill.id, worth: value(drill) }))
      .sort((a, b) => b.worth - a.worth)
      .map(({ id }) => id);
    // The warm-up comes before everything and takes no place of another.
    const warm = stage === 'prep' && drills.includes(warmUp) ? [warmUp] : [];
    const taken = [...warm, ...drills.filter((id) => !warm.includes(id)).slice(0, most)];
    if (taken.length) stages.push({ stage, drills: taken });
    else skipped.push(stage);
  }
  const body = trace.bodyFirst.filter(({ flaw }) => flaw === focus);
  const held = [
    ...body.map(
      ({ limit }) =>
        `${nodeOf(limit)!.name}: pattern work stays at feel and move until the body is tested again.`,
    ),
    ...skipped.map(
      (stage) => `No ${stage} drill fits the age, the equipment and what is cleared; the stage is skipped.`,
    ),
  ];
  return {
    thread,
    focus,
    share: root?.share ?? 0,
    stages,
    skipped,
    reachesDelivery: reachesDelivery(stages),
    held,
  };
}

/**
 * One ladder of drills for each focus: first what targets the focus, then what targets the flaws it explains,
 * prep for a limit that holds it back beside. Drills that the age or the equipment rules out are left out, and a
 * stage for which nothing fits is named.
 */
export function buildLadders(focus: Focus, athlete: LadderAthlete, trace: Trace): Ladder[] {
  return (['lower', 'arm'] as const).flatMap((thread) =>
    focus[thread] ? [ladder(thread, focus[thread], athlete, trace)] : [],
  );
}

/** A ladder that somebody kept, for one thread. */
export interface KeptLadder {
  thread: Thread;
  stages: readonly { stage: Stage; drills: readonly { drill: string; dose: string }[] }[];
}

/**
 * A ladder that was kept, for another athlete: their own focus and share, the kept drills in their order and dose. What
 * the age, the delivery or an injury rules out is left out and named; equipment is not asked, for somebody chose it.
 */
export function fromKept(
  fitted: Ladder,
  kept: KeptLadder,
  { discipline, age, barred, book = catalogueBook }: LadderAthlete,
): Ladder & { doses: Record<string, string> } {
  const left: string[] = [];
  const fits = (id: string): boolean => {
    // Retired ones are known, and not given anew.
    const drill = book.all.find((each) => each.id === id);
    const why = !drill
      ? 'is not given any more'
      : drill.discipline !== 'both' && drill.discipline !== discipline
        ? `is not for ${discipline}`
        : age < drill.minAge
          ? `from age ${drill.minAge} on`
          : (barred?.(drill) ?? null);
    if (why) left.push(`${drill?.name ?? id} stays out: ${why}.`);
    return why === null;
  };
  const stages = kept.stages
    .map(({ stage, drills }) => ({ stage, drills: drills.map(({ drill }) => drill).filter(fits) }))
    .filter(({ drills }) => drills.length);
  return {
    ...fitted,
    stages,
    skipped: [],
    held: left,
    reachesDelivery: reachesDelivery(stages),
    doses: Object.fromEntries(
      kept.stages.flatMap(({ drills }) => drills.map(({ drill, dose }) => [drill, dose])),
    ),
  };
}

/** A ladder with the dose of each of its drills: its own where there is one, else the usual. */
export const dosed = (
  ladder: Ladder & { doses?: Readonly<Record<string, string>> },
  book: DrillBook = catalogueBook,
): Ladder & { doses: Record<string, string> } => ({
  ...ladder,
  doses: Object.fromEntries(
    ladder.stages
      .flatMap(({ drills }) => drills)
      .map((id) => [id, ladder.doses?.[id] ?? book.drill(id)!.dose]),
  ),
});

/** The stage on which a fresh ladder starts: its first rung that is not prep. */
export const firstStage = (rungs: readonly { stage: Stage }[]): Stage =>
  rungs.find(({ stage }) => stage !== 'prep')?.stage ?? rungs[0]?.stage ?? 'feel';
