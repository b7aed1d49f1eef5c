import type { Discipline, Drill, Place } from '../../catalogue';
import type { DayThrows, League, ThrowState } from '../../safety';
import type { Dose, DosePace } from '../dose';
import type { BuildUp } from './buildUp';

export const dayKinds = ['lesson', 'home', 'team', 'bullpen', 'game', 'off'] as const;
export type DayKind = (typeof dayKinds)[number];

export interface WeekDay {
  /** ISO day. */
  date: string;
  kind: DayKind;
  /** For drills, set-up and rests included. */
  minutes: number;
  equipment: readonly string[];
  places: readonly Place[];
}

/** A drill that may be in the week. */
export interface Candidate {
  drill: Drill;
  dose: Dose;
  /** What its first set is worth: share × cover × fit. */
  value: number;
  /** The rung after the present one is for lessons only. */
  lessonOnly: boolean;
  /** Focuses that it works on; what only prepares serves none. */
  serves?: readonly string[];
}

/** A focus that the week should work on. */
export interface WeekFocus {
  id: string;
  /** Why drills for it stay out, in words, the nearest to being given first. */
  left: readonly string[];
}

export interface WeekItem {
  date: string;
  drill: string;
  sets: number;
}

/** What the instructor has settled: this drill on this day with at least so many sets; 0 keeps it out. */
export type WeekPin = WeekItem;

export interface WeekInput {
  discipline: Discipline;
  birthdate: string;
  league: League | null;
  /** The academy counts every throw as a hard one. */
  allHard: boolean;
  /** What pain makes of the throws. */
  pain: ThrowState;
  /** Thrown already, and pitches of games that are planned. */
  throws: readonly DayThrows[];
  candidates: readonly Candidate[];
  /** Within seven days, in order. */
  days: readonly WeekDay[];
  pins?: readonly WeekPin[] | undefined;
  /** Done in this week already; the days of these stay as they are. */
  done?: readonly WeekItem[] | undefined;
  /** The week as it was planned before; a new one moves as little of it as possible. */
  before?: readonly WeekItem[] | undefined;
  /** The academy's own figure for throws a week; three times a day's maximum where it has none. */
  weekThrows?: number | null | undefined;
  buildUp?: BuildUp | null | undefined;
  pace?: DosePace | undefined;
  /** What the week should work on; what it misses of these is said first. */
  focuses?: readonly WeekFocus[] | undefined;
  /** What was decided before the week was laid out, in words. */
  notes?: readonly string[] | undefined;
}

export interface PlannedItem extends WeekItem {
  throws: number;
  /** Set-up and rests included. */
  minutes: number;
}

export interface WeekPlan {
  days: { date: string; items: PlannedItem[] }[];
  /** What held the week back, in words; what it misses comes first. */
  limitedBy: string[];
  /** What the week misses of what it should work on, and why. */
  missed: string[];
  objective: number;
  /** No week is worth more than this. */
  bound: number;
}
