import type {
  Approach,
  LexiconEdit,
  DayThrows,
  LinkEdit,
  PastInjury,
  Results,
  ThrowLimits,
  ThrowState,
  HomeRecord,
} from '@wrightonic/core';
import type { SessionVelocity } from '@wrightonic/core/velocity';
import type { AthleteForm } from './athletes';
import type { NormEditRecord } from './norms';
import type { AcademyPlanning, PlanRecord, Upcoming } from './planRecords';
import type { Course } from './proving';
import type {
  DueNow,
  LookRecord,
  TraceRecord,
  StrikeRecord,
  SetRecord,
  CueRecord,
  SessionCueCount,
  DrillTotal,
  InstructionRecord,
  SessionRecord,
} from './responses';

/** One athlete with all that the five verbs need; no answer holds all of it. */
export interface AthletePage {
  athlete: AthleteForm & { id: string; age: number };
  /** When the picture was put up, as its version; null without one. */
  photo: string | null;
  /** Since when the athlete is out of the lists; null where they are not. */
  archivedAt: string | null;
  approach: Approach;
  due: DueNow;
  looks: LookRecord[];
  trace: TraceRecord | null;
  /** The academy's own links over the catalogue's, oldest first. */
  linkEdits: LinkEdit[];
  /** Links struck for this athlete and taken up again, oldest first. */
  strikes: StrikeRecord[];
  /** How the athlete does lately; null without enough charted pitches. */
  results: Results | null;
  plan: PlanRecord | null;
  /** Injuries, as far as they hold a plan back. */
  history: PastInjury[];
  /** Sets of the last sessions, oldest first. */
  sets: SetRecord[];
  /** The constraints of drills in this athlete's order, by drill, where somebody settled one. */
  constraints: Readonly<Record<string, string[]>>;
  /** The level at which a drill is worked, by drill, where somebody chose one. */
  levels: Readonly<Record<string, string>>;
  /** Live cues as they were chosen, oldest first, and the reps that followed each. */
  cues: CueRecord[];
  cueCounts: SessionCueCount[];
  /** All reps of drills that are done at levels or on each side. */
  drillTotals: DrillTotal[];
  /** What the athlete was told lately beside the plan, newest last. */
  instructions: InstructionRecord[];
  sessions: SessionRecord[];
  /** How much may be thrown today, and what was thrown lately, for planning ahead. */
  limits: ThrowLimits;
  thrownLately: DayThrows[];
  /** Whether pain locks the throws. */
  pain: ThrowState;
  /** Throws of today whose velocity is pretend. */
  simulatedToday: number;
  /** The last day with throws before the plan began; null when there is none, or no plan. */
  lastThrow: string | null;
  /** Lessons and games of the next two weeks. */
  upcoming: Upcoming[];
  academy: AcademyPlanning;
  /** What the academy made of the words by which notes are tagged, oldest first. */
  lexicon: LexiconEdit[];
  /** What the academy made of what is usual, oldest first. */
  norms: NormEditRecord[];
  /** What was done at home lately. */
  home: HomeRecord;
  velocities: SessionVelocity[];
  course: Course;
}

/** What is read of an athlete for each verb, beside the head that stands above all of them. */
export const athleteParts = {
  head: ['athlete', 'photo', 'archivedAt', 'approach', 'due', 'pain', 'limits', 'academy', 'norms'],
  look: ['looks'],
  trace: ['looks', 'trace', 'linkEdits', 'strikes', 'results'],
  build: [
    'looks',
    'trace',
    'plan',
    'history',
    'instructions',
    'lexicon',
    'upcoming',
    'home',
    'thrownLately',
    'lastThrow',
    'constraints',
    'cues',
    'levels',
    'sessions',
    'sets',
  ],
  work: [
    'looks',
    'plan',
    'sessions',
    'sets',
    'constraints',
    'levels',
    'cues',
    'cueCounts',
    'drillTotals',
    'simulatedToday',
    'upcoming',
    'home',
    'history',
    'velocities',
    'thrownLately',
  ],
  prove: ['looks', 'plan', 'sessions', 'trace', 'velocities', 'linkEdits'],
  course: ['course'],
} as const satisfies Record<string, readonly (keyof AthletePage)[]>;
export type AthletePart = keyof typeof athleteParts;
export type AthleteOf<P extends AthletePart> = Pick<AthletePage, (typeof athleteParts)[P][number]>;

/** An athlete as the screens of a verb know them. */
export type HeadPage = AthleteOf<'head'>;
export type LookPage = HeadPage & AthleteOf<'look'>;
export type TracePage = HeadPage & AthleteOf<'trace'>;
export type BuildPage = HeadPage & AthleteOf<'build'>;
export type WorkPage = HeadPage & AthleteOf<'work'>;
export type ProvePage = HeadPage & AthleteOf<'prove'>;
export type CoursePage = HeadPage & AthleteOf<'course'>;
