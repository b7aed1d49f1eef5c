import { catalogueBook, nodeOf, type Discipline, type DrillBook } from '../catalogue';
import { uncleared, type PastInjury, backWallFrom, pullFrom, tiltFrom } from '../safety';
import { passes } from './gate';

/** Something in the surroundings that makes a way round fail. */
export interface Constraint {
  id: string;
  name: string;
  how: string;
  discipline: Discipline | 'both';
  /** Ids of the flaws that cannot happen with it. */
  blocks: readonly string[];
  minAge: number;
}

/** In the order in which they are usually put up. */
export const constraints: readonly Constraint[] = [
  {
    id: 'tilt',
    name: 'Tilt',
    how: 'Tilt the ground, toe side down, so that the old load takes the athlete off it.',
    discipline: 'overhand',
    blocks: ['oh.quad-load', 'oh.back-leg-collapse'],
    minAge: tiltFrom,
  },
  {
    id: 'knee-gate',
    name: 'Gate before the knee',
    how: 'A soft obstacle in front of the back knee.',
    discipline: 'overhand',
    blocks: ['oh.quad-load', 'oh.knee-outside'],
    minAge: 0,
  },
  {
    id: 'step-over',
    name: 'Hurdle to step over',
    how: 'A low soft hurdle that the lead leg goes up and over.',
    discipline: 'overhand',
    blocks: ['oh.lead-leg-opens', 'oh.front-open-lift', 'oh.short-stride'],
    minAge: 0,
  },
  {
    id: 'line',
    name: 'Line on the ground',
    how: 'A tape line to the target; foot or hand stays on its side.',
    discipline: 'both',
    blocks: ['oh.cross-line', 'oh.falls-off', 'wm.off-line-stride', 'wm.off-line-arm', 'wm.hips-slam'],
    minAge: 0,
  },
  {
    id: 'back-wall',
    name: 'Wall behind the arm',
    how: 'A wall an arm’s length behind the throwing side; a soft ball.',
    discipline: 'overhand',
    blocks: ['oh.long-arm', 'oh.arm-drag', 'oh.lean-back'],
    minAge: backWallFrom,
  },
  {
    id: 'towel',
    name: 'Towel under the elbow',
    how: 'A folded towel between glove elbow and ribs until the chest arrives.',
    discipline: 'overhand',
    blocks: ['oh.glove-pull', 'oh.spin-off', 'oh.shoulders-early'],
    minAge: 0,
  },
  {
    id: 'called-start',
    name: 'Called start',
    how: 'A partner calls the landing foot; the hand may rise only then.',
    discipline: 'overhand',
    blocks: ['oh.early-hand', 'oh.early-break', 'oh.late-hand'],
    minAge: 0,
  },
  {
    id: 'target-height',
    name: 'Target height',
    how: 'A low target, so the body has to continue over the front leg.',
    discipline: 'both',
    blocks: ['oh.early-launch', 'oh.cut-finish', 'wm.pull-up', 'wm.bend-and-stand'],
    minAge: 0,
  },
  {
    id: 'tether',
    name: 'Tether',
    how: 'A cord from the belt to a fence behind, all slack out before the drive; check the anchor every set, nobody in line.',
    discipline: 'windmill',
    blocks: ['wm.soft-drive', 'wm.short-drive', 'wm.early-extension'],
    minAge: pullFrom,
  },
  {
    id: 'shorter-distance',
    name: 'Shorter distance',
    how: 'Half the distance, so that nothing has to be thrown hard.',
    discipline: 'both',
    blocks: ['oh.arm-push', 'oh.jump', 'oh.front-lean', 'wm.arm-only', 'wm.shoulder-pull', 'wm.upper-leads'],
    minAge: 0,
  },
];

const byId = new Map(constraints.map((constraint) => [constraint.id, constraint]));
/**
 * A constraint of the catalogue; undefined for an id that is none.
 *
 * @example constraintOf('no-such-constraint') // undefined
 */
export const constraintOf = (id: string): Constraint | undefined => byId.get(id);

/** Stages in whose drills the surroundings are changed. */
const constrained = new Set(['constrain', 'connect', 'blend']);

/** Who works, as far as constraints ask. */
export interface Constrained {
  discipline: Discipline;
  /** Years. */
  age: number;
  history: readonly PastInjury[];
}

/**
 * What may be put in the way of an athlete: by delivery and age, and nothing while an injury is not cleared.
 *
 * @example constraintsFor({ ...whom, history: [] }).length > 0 // true
 */
export const constraintsFor = ({ discipline, age, history }: Constrained): Constraint[] =>
  uncleared(history).length
    ? []
    : constraints.filter(
        (each) => (each.discipline === 'both' || each.discipline === discipline) && age >= each.minAge,
      );

/**
 * The constraints of a drill in order, as far as they may be put up: the instructor's own, or the usual ones, first
 * what blocks the flaws that the drill works on, then what blocks the way round it that tends to follow. Nothing is
 * usual for drills that are dry and slow.
 *
 * @example orderedConstraints('hip-snap', [], { ...whom, history: [] }) // []
 */
export function orderedConstraints(
  drill: string,
  own: readonly string[] | undefined,
  athlete: Constrained,
  book: DrillBook = catalogueBook,
): string[] {
  const open = new Set(constraintsFor(athlete).map(({ id }) => id));
  return (own ?? usualConstraints(drill, athlete, book)).filter((id) => open.has(id));
}

function usualConstraints(drill: string, athlete: Constrained, book: DrillBook): string[] {
  const known = book.drill(drill);
  if (!known || !constrained.has(known.stage)) return [];
  const way = book.page(drill)?.workaround?.flaw;
  const open = constraintsFor(athlete);
  const first = open.filter(({ blocks }) => blocks.some((flaw) => known.targets.includes(flaw)));
  const second = open.filter(({ blocks }) => way !== undefined && blocks.includes(way));
  return [...new Set([...first, ...second].map(({ id }) => id))];
}

/**
 * Ways round that can be seen in a drill: the one that it tends to, then what its constraints block.
 *
 * @example waysRound('hip-snap', []) // [ 'oh.falls-off' ]
 */
export function waysRound(
  drill: string,
  order: readonly string[],
  book: DrillBook = catalogueBook,
): string[] {
  const usual = book.page(drill)?.workaround?.flaw;
  return [...new Set([...(usual ? [usual] : []), ...order.flatMap((id) => byId.get(id)?.blocks ?? [])])];
}

/** One set of a drill. */
export interface SetCount {
  /** Ids of what was on, in the order in which it was added. */
  constraints: readonly string[];
  clean: number;
  missed: number;
  /** The flaw by which the body found a way round; null when none was seen. */
  workaround: string | null;
}

export interface ConstraintOffer {
  do: 'add' | 'remove' | 'return';
  constraint: string;
  /** Why, in words. */
  why: string;
}

/** A set says something from so many reps on. */
const fewestOfSet = 5;
const passed = ({ clean, missed }: SetCount): boolean => passes(clean, clean + missed, fewestOfSet);
const nameOf = (constraint: string): string => (byId.get(constraint)?.name ?? constraint).toLowerCase();

/**
 * What to do with the constraints after the newest set: bring back what was taken away when the set without it failed;
 * add what blocks the way round that was seen, the first of `order` before all others; take away the one added last
 * after two sets in a row that passed with the same constraints on. One at a time, never all at once.
 *
 * @param sets of one drill, newest last; counts are whole numbers from 0
 * @param order the instructor's constraints for the drill, in order
 * @returns null when there is nothing to change, the newest set is too small to tell, or an injury is not cleared
 * @example constraintOffer([], [], { ...whom, history: [] }) // null
 */
export function constraintOffer(
  sets: readonly SetCount[],
  order: readonly string[],
  athlete: Constrained,
): ConstraintOffer | null {
  const last = sets.at(-1);
  if (!last || constraintsFor(athlete).length === 0) return null;
  const before = sets.at(-2);
  const on = last.constraints;
  const removed = before?.constraints.filter((id) => !on.includes(id)) ?? [];
  if (removed.length === 1 && last.clean + last.missed >= fewestOfSet && !passed(last))
    return {
      do: 'return',
      constraint: removed[0]!,
      why: `${last.clean} of ${last.clean + last.missed} clean without the ${nameOf(removed[0]!)}: it comes back.`,
    };
  const way = last.workaround;
  if (way) {
    if (on.some((id) => byId.get(id)?.blocks.includes(way))) return null;
    const blocking = (id: string) => byId.get(id)?.blocks.includes(way) && !on.includes(id);
    const open = constraintsFor(athlete).map(({ id }) => id);
    const next = [...order.filter((id) => open.includes(id)), ...open].find(blocking);
    return next
      ? {
          do: 'add',
          constraint: next,
          why: `${nodeOf(way)?.name ?? way} came instead: add the ${nameOf(next)}.`,
        }
      : null;
  }
  const same = before && [...before.constraints].sort().join() === [...on].sort().join();
  if (same && on.length && passed(last) && passed(before) && !before.workaround)
    return {
      do: 'remove',
      constraint: on.at(-1)!,
      why: `Two sets in a row are clean. Remove the ${nameOf(on.at(-1)!)} only.`,
    };
  return null;
}
