import type {
  Approach,
  Findings,
  LexiconEdit,
  Call,
  CueCount,
  DayThrows,
  LinkEdit,
  Offer,
  PastInjury,
  RepSide,
  Results,
  SetCount,
  Tally,
  ThrowLimits,
  ThrowLock,
  ThrowState,
  Trace,
  UsedCue,
  Verb,
  HomeRecord,
  BodySize,
  Break,
  DatedScreen,
  HomeWeek,
  PainSite,
  StageSpan,
  ThrowWeek,
  Transfer,
} from '@wrightonic/core';
import type { SessionVelocity } from '@wrightonic/core/velocity';
import type { AthleteForm, NewClearance, NewInjury, NewSize } from './athletes';
import type { Problem } from './check';
import type { FindingDetail, LogEvent } from './log';
import type { ClipView } from './measuring';
import type { NormEditRecord } from './norms';
import type { PictureRecord } from './measuredResponses';
import type { Preferences } from './people';
import type { AcademyPlanning, Upcoming, PlanRecord } from './planRecords';

/** Every refusal, whatever the route. */
export interface Refusal {
  error: string;
  fields?: Problem[];
}

export type Role = 'owner' | 'instructor' | 'assistant';

export interface Me {
  /** `campId` of somebody who helps at one camp, and sees nothing else. */
  person: { id: string; name: string; role: Role; campId: string | null } & Preferences;
  academy: { id: string; name: string; zone: string; demo: boolean };
}

/** Who is signed in, if anyone, and what a request that changes something must carry. */
export interface AuthSessionState {
  me: Me | null;
  csrf: string;
  /** The demo data is loaded, so that one tap signs in. */
  demo: boolean;
  /** The venue's day. */
  today: string;
}

export interface DueNow {
  verb: Verb;
  next: string;
}

/** A line of the roster. */
export interface RosterEntry {
  id: string;
  givenName: string;
  familyName: string;
  discipline: AthleteForm['discipline'];
  throws: AthleteForm['throws'];
  age: number;
  /** The newest findings, for the tiny seam. */
  findings: Findings;
  focus: { lower: string | null; arm: string | null };
  due: DueNow;
  /** Pain locks the throws. */
  lock: ThrowLock | null;
}

export interface LookRecord {
  id: string;
  kind: 'quick' | 'full';
  /** When it was taken, which may be before it was written down. */
  at: string;
  /** The day at the venue. */
  date: string;
  place: string;
  view: ClipView | null;
  thrown: string;
  /** Who looked. */
  by: string;
  finished: boolean;
  findings: Findings;
  /** What stands beside the grades; notes may stand where no grade does. */
  details: Readonly<Record<string, FindingDetail>>;
}

/** One grade of a look as it was given; the newest of each checkpoint counts. */
export interface FindingRecord extends FindingDetail {
  id: string;
  node: string;
  severity: number | null;
  at: string;
  by: string;
}

export interface TraceRecord {
  id: string;
  lookId: string;
  at: string;
  by: string;
  result: Trace;
  /** What was seen when it was traced; null in records from before this was kept. */
  findings: Findings | null;
  chosen: { lower: string | null; arm: string | null };
  reason: string;
}

/** A trace as it stood, with how what was chosen turned out since. */
export interface PastTrace extends TraceRecord {
  /** The day of the look. */
  date: string;
  calls: Call[];
}

/** A link that was struck for an athlete, or that holds again. */
export interface StrikeRecord {
  id: string;
  cause: string;
  effect: string;
  struck: boolean;
  reason: string;
  at: string;
  by: string;
}

/** Something that the athlete was told. */
export interface InstructionRecord {
  /** An instruction can be taken back by its id; null for a note of a session. */
  id: string | null;
  by: string;
  text: string;
  date: string;
}

/** The academy's own word on a link, as it was given. */
export interface LinkEditRecord extends LinkEdit {
  id: string;
  reason: string;
  at: string;
  by: string;
}

/** How often the proposal was overruled, and how it turned out: in the academy, and for whoever asks. */
export interface CallRecord {
  academy: { accepted: Tally; overruled: Tally };
  yours: { accepted: Tally; overruled: Tally };
}

/** A set of a drill as it was logged. */
export interface SetRecord extends SetCount {
  id: string;
  session: string;
  drill: string;
  at: string;
}

/** A live cue as somebody chose it. */
export interface CueRecord extends UsedCue {
  by: string;
}

/** Reps that followed a cue in the newest session, which may be under way, or in all before it. */
export interface SessionCueCount extends CueCount {
  session: string | null;
}

/** Every rep of a drill at one level on one side. */
export interface DrillTotal {
  drill: string;
  level: string | null;
  side: RepSide | null;
  clean: number;
  missed: number;
}

export interface SessionRecord {
  id: string;
  date: string;
  startedAt: string;
  ended: boolean;
  note: string;
}

/** Where the usual velocity should go. */
export interface Target {
  /** m/s */
  velocity: number;
  by: string | null;
}

/** What stands beside an athlete's velocity over the years; everything oldest first. */
export interface Course {
  stages: StageSpan[];
  screens: DatedScreen[];
  sizes: BodySize[];
  /** Until somebody cleared it; null while nobody has. */
  injuries: { site: PainSite; what: string; from: string; to: string | null }[];
  /** Days on which pain was marked. */
  pains: { date: string; site: PainSite | null }[];
  camps: { id: string; name: string; from: string; to: string }[];
  breaks: Break[];
  throwWeeks: ThrowWeek[];
  homeWeeks: HomeWeek[];
  /** Of the plan that is running. */
  transfer: Transfer[];
  target: Target | null;
}

/** One athlete with all that the five verbs need; no answer holds all of it. */
export interface AthletePage {
  athlete: AthleteForm & { id: string; age: number };
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
  head: ['athlete', 'approach', 'due', 'pain', 'limits', 'academy', 'norms'],
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
  prove: ['looks', 'plan', 'sessions', 'trace', 'velocities'],
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

/** What screens, throws, clips and curves say and no look holds yet. */
export type Offers = Offer[];

export interface SizeRecord extends Omit<NewSize, 'id'> {
  id: string;
}

export interface InjuryRecord extends NewInjury {
  clearances: NewClearance[];
}

/** What the profile shows beside the form. */
export interface AthleteProfilePage {
  sizes: SizeRecord[];
  injuries: InjuryRecord[];
  pictures: PictureRecord[];
}

/** What has been logged in a session that is still open, for resuming it. */
export interface OpenSession {
  session: SessionRecord | null;
  events: LogEvent[];
  /** What was thrown today outside of it. */
  elsewhere: { hard: number; easy: number };
}
