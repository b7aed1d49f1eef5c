import type { Discipline, Hand, Severity } from '../catalogue';

/** A slot of a camp, in which everybody is at one station. */
export interface CampSlot {
  id: string;
  /** ISO day. */
  day: string;
  /** `09:00` */
  start: string;
  minutes: number;
}

export interface CampStation {
  id: string;
  /** Flaws that it works on. */
  treats: readonly string[];
  /** Athletes at once. */
  capacity: number;
  /** Fewer do not open it. */
  minimum?: number | undefined;
  throwHeavy: boolean;
  /** Slots in which it is not open, such as after rain. */
  closed?: readonly string[] | undefined;
}

export interface Camper {
  id: string;
  /** Whole years. */
  age: number;
  discipline: Discipline;
  throws: Hand;
  /** How much each station is needed, 1 to 3; what is left out is not needed. */
  needs?: Readonly<Record<string, number>> | undefined;
  /** Instead of needs: what was found, 0 to 3. */
  findings?: Readonly<Record<string, Severity>> | undefined;
  /** The first and the last slot in which they are there. */
  from?: string | undefined;
  to?: string | undefined;
  /** Slots between those in which they are away. */
  absent?: readonly string[] | undefined;
  /** Throw-heavy slots a day at most, where that is fewer than the age allows. */
  heavyADay?: number | undefined;
  /** Stations at which they may not be. */
  barred?: readonly string[] | undefined;
}

export interface CampRules {
  /** Oldest less youngest at one station in one slot, years; null where anybody may be with anybody. */
  ageSpan: number | null;
  /** Of groups that rotate. */
  groups?: { count: number; min: number; max: number } | undefined;
  together?: readonly (readonly string[])[] | undefined;
  apart?: readonly (readonly string[])[] | undefined;
}

export interface CampPin {
  athlete: string;
  slot: string;
  station: string;
}

/** The stations of one athlete, one for each slot; null where they are at none. */
export interface CampRoute {
  athlete: string;
  stations: readonly (string | null)[];
}

export interface CampInput {
  mode: 'routes' | 'groups';
  seed: number;
  /** In order. */
  slots: readonly CampSlot[];
  stations: readonly CampStation[];
  athletes: readonly Camper[];
  rules: CampRules;
  pinned?: readonly CampPin[] | undefined;
  /** What was planned before; a new plan moves as little of it as possible. */
  previous?: readonly CampRoute[] | undefined;
  /** The groups that there were, so that they keep their names; else they are known by their ways. */
  previousGroups?: readonly Pick<CampGroup, 'athletes'>[] | undefined;
  /** The slots before this one are over, and stay as they were. */
  fixedBefore?: string | undefined;
  /** To plan in. */
  seconds: number;
}

export interface CampMove {
  athlete: string;
  slot: string;
  from: string | null;
  to: string | null;
}

export interface CampGroup {
  group: string;
  athletes: string[];
  /** By slot. */
  stations: (string | null)[];
}

export interface CampPlan {
  /** Where groups rotate. */
  groups?: CampGroup[];
  routes: { athlete: string; stations: (string | null)[] }[];
  /** How well each is served: worth over the best that they could get alone; null for somebody who needs nothing. */
  served: { athlete: string; share: number | null }[];
  /** The least share, in steps of 0.05. */
  floor: number;
  /** Worth of all routes together. */
  objective: number;
  /** No plan with this floor is worth more. */
  bound: number;
  /** (bound − objective) / bound, 0..1. */
  gap: number;
  moved: CampMove[];
  /** What holds the plan back, in words. */
  limitedBy: string[];
}

/** Follows a plan while it is made. */
export interface CampWatch {
  /** Whether the best so far is to be taken. */
  stopped: () => boolean;
  /** Whether it is too late to look for more where everybody has a place. */
  late: () => boolean;
  /** @param share of the work, 0..1 */
  progress: (step: 'counts' | 'search', share: number) => void;
}

/** @example unwatched.stopped() // false */
export const unwatched: CampWatch = { stopped: () => false, late: () => false, progress: () => undefined };

/** Of the time to plan in, after which a higher floor is looked for no more: what was begun takes the rest of it. */
const shareToBegin = 0.6;

/**
 * A watch that looks for more only as long as the time to plan in does, however slow the machine is.
 *
 * @param seconds to plan in
 * @param now ms, of any clock that only goes on
 * @example inTime(5, () => 0).late() // false
 */
export function inTime(
  seconds: number,
  now: () => number,
  watch: Omit<CampWatch, 'late'> = unwatched,
): CampWatch {
  const end = now() + 1000 * shareToBegin * seconds;
  return { ...watch, late: () => now() >= end };
}

/**
 * The same watch for a short search beside the one that says how far the planning is.
 *
 * @example unsaid(unwatched).stopped() // false
 */
export const unsaid = (watch: CampWatch): CampWatch => ({ ...watch, progress: () => undefined });

/**
 * One watch for searches that follow one another, so that its share never falls.
 *
 * @param all what they take together, in any unit; more than that counts as the end
 * @returns a watch for the next of them, by what it takes
 * @example inSteps(unwatched, 2)(1).stopped() // false
 */
export function inSteps(watch: CampWatch, all: number): (takes: number) => CampWatch {
  let done = 0;
  return (takes) => {
    const before = done;
    done += takes;
    return {
      stopped: () => watch.stopped(),
      late: () => watch.late(),
      progress: (step, share) => watch.progress(step, Math.min(1, (before + takes * share) / all)),
    };
  };
}
