import type {
  Findings,
  Call,
  CueCount,
  LinkEdit,
  Offer,
  RepSide,
  Role,
  Stage,
  SetCount,
  Tally,
  ThrowLock,
  Trace,
  UsedCue,
  Verb,
  Weekday,
} from '@wrightonic/core';
import type { AthleteForm, NewClearance, NewInjury, NewSize } from './athletes';
import type { Problem } from './check';
import type { FindingDetail, LogEvent } from './log';
import type { ClipView } from './measuring';
import type { PictureRecord } from './measuredResponses';
import type { Preferences } from './people';

/** Every refusal, whatever the route. */
export interface Refusal {
  error: string;
  fields?: Problem[];
}

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
  /** There is no academy here yet: the set-up page founds one. */
  unfounded: boolean;
  /** Athletes who were deleted: what a device keeps of them goes. */
  removed: string[];
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
  /** Where the plan stands on each thread. */
  stage: { lower: Stage | null; arm: Stage | null };
  /** Day of the newest session or look; null before the first. */
  seenOn: string | null;
  /** Days with time to work. */
  days: Weekday[];
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
  /** Null for somebody who may not know of injuries. */
  injuries: InjuryRecord[] | null;
  pictures: PictureRecord[];
}

/** What has been logged in a session that is still open, for resuming it. */
export interface OpenSession {
  session: SessionRecord | null;
  events: LogEvent[];
  /** What was thrown today outside of it. */
  elsewhere: { hard: number; easy: number };
}
