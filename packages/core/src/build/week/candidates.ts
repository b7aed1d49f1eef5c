import {
  catalogueBook,
  nodeName,
  nodeOf,
  threadNames,
  type Drill,
  type DrillBook,
  type Stage,
} from '../../catalogue';
import type { Trace } from '../../trace';
import { parseDose } from '../dose';
import { stageOrder } from '../stages';
import { drillFits, warmUp, type Ladder, type LadderAthlete } from '../ladder';
import type { Candidate } from './types';
import { texts } from './texts';

/** A ladder of the plan with the stage on which the athlete stands. */
export type ClimbedLadder = Pick<Ladder, 'thread' | 'focus' | 'share' | 'stages'> & {
  stage: Stage;
  /** Doses of the plan by drill, where they are not the usual ones. */
  doses?: Readonly<Record<string, string>>;
};

const mostOfStage = 4;
const mostOfNeighbour = 1;
const mostOfPrep = 4;
/** What the instructor put into the plan serves it, whatever the table says. */
const chosenCover = 0.5;
/** Prep for a limit that holds no focus back, and how many such drills a week takes. */
const otherLimitCover = 0.4;
const mostForOtherLimits = 2;

export const armCare = 'arm-band-care';
export const easyCatch = 'easy-catch';
/** What a week may hold though no ladder does: it comes before throwing. */
export const alwaysThere: readonly string[] = [warmUp, armCare, easyCatch];

/**
 * How well a drill serves a focus: 1 where it targets it (or whatever the focus is), 0.7 as prep of a limit that holds
 * it back, 0.5 where it targets a flaw that the focus explains, else 0.
 *
 * @example coverOf(hipSnap, 'oh.hips-late', traced) // 1
 */
export function coverOf(drill: Drill, focus: string, trace: Pick<Trace, 'roots' | 'bodyFirst'>): number {
  if (drill.targets.includes('*') || drill.targets.includes(focus)) return 1;
  const holds = trace.bodyFirst.some(
    ({ limit, flaw }) => flaw === focus && drill.stage === 'prep' && drill.targets.includes(limit),
  );
  if (holds) return 0.7;
  const explained = trace.roots.find(({ id }) => id === focus)?.explains ?? [];
  return explained.some(({ id }) => nodeOf(id)?.type === 'flaw' && drill.targets.includes(id)) ? 0.5 : 0;
}

/** Whether a drill is prep for limits alone, none of which is the focus or holds it back. */
const isForOtherLimit = (drill: Drill, focus: string, trace: Traced): boolean =>
  drill.stage === 'prep' &&
  drill.targets.some((target) => nodeOf(target)?.type === 'limit') &&
  coverOf(drill, focus, trace) === 0;

interface Worth {
  value: number;
  lessonOnly: boolean;
  /** The focus that it serves; null for what only prepares. */
  serves: string | null;
}

/** Whether a drill can be done on some day of the week at all. */
export type Usable = (drill: Drill) => boolean;
const always: Usable = () => true;

type Traced = Pick<Trace, 'roots' | 'bodyFirst' | 'approach'>;

/** Whether the body comes first: a limit holds the focus back, or the focus is a limit that holds a flaw back. */
const bodyHolds = ({ focus }: ClimbedLadder, { bodyFirst }: Traced): boolean =>
  bodyFirst.some(({ flaw, limit }) => flaw === focus || limit === focus);

const beforeConstraints: readonly Stage[] = ['feel', 'move'];

/**
 * The rungs that may be climbed and the one on which the week stands: the stage itself, the nearest below where the
 * ladder has none or no day of the week allows it, the lowest where nothing is below. While the body holds, pattern work
 * stays at feel and move.
 */
function standing(ladder: ClimbedLadder, trace: Traced, usable: (id: string) => boolean) {
  const limitedBy = bodyHolds(ladder, trace);
  const may = ladder.stages.filter(
    ({ stage }) => stage !== 'prep' && (!limitedBy || beforeConstraints.includes(stage)),
  );
  const climbed = may.filter(({ drills }) => drills.some(usable));
  const order = stageOrder(trace.approach.teach);
  const below = climbed.filter(({ stage }) => order.indexOf(stage) <= order.indexOf(ladder.stage));
  const there = may.some(({ stage }) => stage === ladder.stage);
  return { climbed, at: climbed.length ? Math.max(0, below.length - 1) : -1, limitedBy, there };
}

const byId = (usable: Usable, drillOf: (id: string) => Drill | undefined) => (id: string) => {
  const drill = drillOf(id);
  return drill !== undefined && usable(drill);
};

/**
 * Where a week does not stand on the stage of a thread, in words.
 *
 * @example standingWords(climbed, traced) // []
 */
export function standingWords(
  ladders: readonly ClimbedLadder[],
  trace: Traced,
  { usable = always, book = catalogueBook }: { usable?: Usable; book?: DrillBook } = {},
): string[] {
  return ladders.flatMap((ladder) => {
    const { climbed, at, limitedBy, there } = standing(ladder, trace, byId(usable, book.drill));
    const stands = climbed[at]?.stage;
    if (stands === ladder.stage) return [];
    const name = `${threadNames[ladder.thread]}, ${nodeName(ladder.focus)}`;
    if (!stands && !limitedBy) return [texts.noDrillOfItsLadder(name)];
    const why =
      limitedBy && !beforeConstraints.includes(ladder.stage)
        ? texts.bodyComesFirst
        : there
          ? texts.noDayAllows(ladder.stage)
          : texts.ladderHasNoDrill(ladder.stage);
    return [stands ? texts.soThisWeekWorksOn(name, why, stands) : texts.andNoDrillBefore(name, why)];
  });
}

/** Present stage 1, the one before 0.4, the next one 0.5 and at lessons only, prep 0.6. */
function rungsOf(ladder: ClimbedLadder, trace: Traced, usable: (id: string) => boolean) {
  const { climbed, at } = standing(ladder, trace, usable);
  const prep = ladder.stages.find(({ stage }) => stage === 'prep');
  return [
    { rung: climbed[at], fit: 1, atMost: mostOfStage, lessonOnly: false },
    { rung: climbed[at - 1], fit: 0.4, atMost: mostOfNeighbour, lessonOnly: false },
    { rung: climbed[at + 1], fit: 0.5, atMost: mostOfNeighbour, lessonOnly: true },
    { rung: prep, fit: 0.6, atMost: mostOfPrep, lessonOnly: false },
  ];
}

/**
 * The drills that a week may hold, each with what its first set is worth: of every thread up to four of the present
 * stage, one of each neighbouring stage and four of prep, two of prep for other limits; the warm-up always, which is worth
 * nothing by itself, and arm care where anything is thrown. A drill that serves both threads is worth both.
 *
 * @param inBuildUp easy catch comes in, as the first throws after a lay-off
 * @param usable whether some day of the week allows a drill; what none allows leaves its place to another
 * @example weekCandidates(climbed, traced, whom).length > 8 // true
 */
export function weekCandidates(
  ladders: readonly ClimbedLadder[],
  trace: Traced,
  athlete: LadderAthlete,
  inBuildUp = false,
  usable: Usable = always,
): Candidate[] {
  const { drill: drillOf } = athlete.book ?? catalogueBook;
  const may = (drill: Drill) => drillFits(drill, athlete) && usable(drill);
  const worths = new Map<string, Worth[]>();
  const add = (id: string, worth: Worth) => worths.set(id, [...(worths.get(id) ?? []), worth]);
  const before = [warmUp, ...(inBuildUp ? [easyCatch] : [])];
  for (const ladder of ladders) {
    const { focus, share } = ladder;
    const chosen = new Set<string>();
    for (const { rung, fit, atMost, lessonOnly } of rungsOf(ladder, trace, byId(may, drillOf))) {
      const fitting = (rung?.drills ?? [])
        .filter((id) => !before.includes(id))
        .flatMap((id) => drillOf(id) ?? [])
        .filter(may);
      const others = fitting.filter((drill) => isForOtherLimit(drill, focus, trace));
      const shown = [
        ...fitting.filter((drill) => !others.includes(drill)).slice(0, atMost),
        ...others.slice(0, mostForOtherLimits),
      ];
      for (const drill of shown) {
        chosen.add(drill.id);
        const covers = coverOf(drill, focus, trace);
        const cover = others.includes(drill) ? otherLimitCover : Math.max(chosenCover, covers);
        const serves = drill.stage !== 'prep' || drill.targets.includes(focus) ? focus : null;
        add(drill.id, { value: share * cover * fit, lessonOnly, serves });
      }
    }
    for (const id of before)
      if (!chosen.has(id))
        add(id, { value: id === warmUp ? 0 : share * 0.6, lessonOnly: false, serves: null });
  }
  const doses = Object.assign({}, ...ladders.map((ladder) => ladder.doses)) as Record<string, string>;
  const throwing = [...worths.keys()].some((id) => (drillOf(id)?.throws ?? 0) > 0);
  if (throwing && !worths.has(armCare)) worths.set(armCare, [{ value: 0, lessonOnly: false, serves: null }]);
  return [...worths].flatMap(([id, all]): Candidate[] => {
    const drill = drillOf(id);
    if (!drill || (athlete.age < drill.minAge && id !== warmUp)) return [];
    const anyDay = all.filter(({ lessonOnly }) => !lessonOnly);
    const counted = anyDay.length ? anyDay : all;
    return [
      {
        drill,
        dose: parseDose(doses[id] ?? drill.dose),
        value: counted.reduce((sum, { value }) => sum + value, 0),
        lessonOnly: anyDay.length === 0,
        serves: [...new Set(all.flatMap(({ serves }) => serves ?? []))],
      },
    ];
  });
}
