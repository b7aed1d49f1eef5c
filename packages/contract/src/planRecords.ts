import type {
  Discipline,
  Gate,
  LevelCount,
  LevelMove,
  PlannedDay,
  Stage,
  Thread,
  WeekItem,
} from '@wrightonic/core';

export interface PlanDrill {
  id: string;
  drill: string;
  dose: string;
  /** Name of the level at which it is worked; null for a drill without levels. */
  level: string | null;
  /** The gate over the last three sessions of that level. */
  gate: Gate;
  /** The newest session of that level hurt. */
  pain: boolean;
  /** Another level, where the gate asks for it. */
  move: LevelMove | null;
  /** Neither swapped nor taken out until it is unlocked, and taken along into the next plan. */
  locked: boolean;
  /** The counts behind it, newest last, so that a session under way can be added. */
  recent: LevelCount[];
}

export interface PlanThread {
  thread: Thread;
  focus: string;
  share: number;
  stage: Stage;
  stages: { stage: Stage; drills: PlanDrill[] }[];
  skipped: Stage[];
  limitedBy: string[];
  reachesDelivery: boolean;
  /** What a drill leaves out and the next stage does not bring, in words. */
  jumps: string[];
  /** Somebody decided to stay on the stage, and nothing was worked since. */
  stayed: boolean;
}

/** What the gates propose for one thread of somebody on the roster. */
export interface RosterMove {
  athleteId: string;
  name: string;
  planId: string;
  thread: Thread;
  focus: string;
  from: Stage;
  to: Stage;
  direction: 'up' | 'back';
  /** The gates behind it, in words. */
  why: string[];
}

/** A ladder that the academy kept as its own. */
export interface TemplateRecord {
  id: string;
  name: string;
  discipline: Discipline;
  by: string;
  at: string;
  threads: { thread: Thread; stages: { stage: Stage; drills: { drill: string; dose: string }[] }[] }[];
}

/** A drill of an assigned day. */
export interface AssignedItem extends WeekItem {
  /** The drill of the plan that it stands for; null for what comes before throwing. */
  planned: string | null;
  /** With the sets of this day. */
  dose: string;
}

export interface AssignmentRecord {
  id: string;
  from: string;
  days: PlannedDay[];
  items: AssignedItem[];
  reason: string;
  at: string;
}

/** A week that the solver proposes. */
export interface ProposedWeek {
  items: WeekItem[];
  limitedBy: string[];
  /** What the week misses of what it should work on; said before it is assigned. */
  missed: string[];
  objective: number;
  bound: number;
  /** How long it took. */
  ms: number;
}

/** What is coming up for an athlete. */
export interface Upcoming {
  id: string;
  date: string;
  kind: 'lesson' | 'game';
  /** Of a lesson. */
  minutes: number | null;
  title: string;
}

export interface PlanRecord {
  id: string;
  traceId: string;
  startsOn: string;
  endsOn: string;
  relookOn: string;
  threads: PlanThread[];
  assignment: AssignmentRecord | null;
}

/** What the academy settles for every plan. */
export interface AcademyPlanning {
  equipment: string[];
  /** Null: three times the day's maximum. */
  weekThrows: number | null;
  /** Null: half the lay-off. */
  buildUpWeeks: number | null;
  /** Rise of a week over the four before from which it is shown, percent. */
  rampPercent: number;
  /** How long a grade is carried into later looks, days. */
  carryDays: number;
  /** Every throw counts as a hard one. */
  allHard: boolean;
  /** Somebody who grew is told to expect the timing to wander. */
  growthNote: boolean;
}
