import type { CampInput, CampSlot } from './types';

/** Where stations stand. */
export const areaKinds = ['cage', 'mound', 'field'] as const;
/** What a part of a day is for; only in a slot is everybody at a station. */
export const blockKinds = ['warm-up', 'slot', 'break', 'lunch', 'testing'] as const;
/** What a station may ask of whoever leads it. */
export const coachSkills = [
  'lower half',
  'arm action',
  'command',
  'windmill',
  'testing',
  'small children',
] as const;

export interface CampArea {
  id: string;
  name: string;
  kind: (typeof areaKinds)[number];
  /** Athletes at once. */
  capacity: number;
}

export interface CampBlock extends CampSlot {
  kind: (typeof blockKinds)[number];
}

export interface CampStaff {
  id: string;
  name: string;
  skills: readonly string[];
  /** Hours of each day on which they are there. */
  hours: readonly { day: string; from: string; to: string }[];
}

export interface CampThing {
  thing: string;
  count: number;
  /** Athletes who share one. */
  shared: number;
}

export interface PlannedStation {
  id: string;
  name: string;
  areaId: string;
  drills: readonly string[];
  treats: readonly string[];
  capacity: number;
  minimum: number;
  throwHeavy: boolean;
  /** Throws of one athlete in one visit, and their effort in percent. */
  throws: number;
  effort: number;
  things: readonly CampThing[];
  /** What its coach must be able to do; null where anybody may lead it. */
  skill: string | null;
}

/** Everything that is settled about a camp but who comes. */
export interface CampSetup {
  name: string;
  venue: string;
  firstDay: string;
  lastDay: string;
  mode: CampInput['mode'];
  seed: number;
  ageSpan: number | null;
  groups: { count: number; min: number; max: number };
  areas: readonly CampArea[];
  blocks: readonly CampBlock[];
  staff: readonly CampStaff[];
  stations: readonly PlannedStation[];
  together: readonly (readonly string[])[];
  apart: readonly (readonly string[])[];
  /** Family names stand on boards. */
  surnames: boolean;
  /** Athletes for each adult, at most. */
  athletesPerAdult: number;
}

/**
 * Blocks in the order of time.
 *
 * @example blocksInOrder([{ day: '2031-07-15', start: '09:00' }, { day: '2031-07-14', start: '10:00' }])[0].day // '2031-07-14'
 */
export const blocksInOrder = <T extends Pick<CampSlot, 'day' | 'start'>>(blocks: readonly T[]): T[] =>
  [...blocks].sort((a, b) => (`${a.day}${a.start}` < `${b.day}${b.start}` ? -1 : 1));

/**
 * The slots of a camp, in the order of time.
 *
 * @example slotsOf({ blocks: [] }) // []
 */
export const slotsOf = ({ blocks }: Pick<CampSetup, 'blocks'>): CampBlock[] =>
  blocksInOrder(blocks).filter(({ kind }) => kind === 'slot');

/**
 * Athletes who have room at a station: no more than its things go round for.
 *
 * @example placesAt({ capacity: 8, things: [{ thing: 'towel', count: 2, shared: 3 }] }) // 6
 */
export const placesAt = ({ capacity, things }: Pick<PlannedStation, 'capacity' | 'things'>): number =>
  Math.min(capacity, ...things.map(({ count, shared }) => count * shared));
