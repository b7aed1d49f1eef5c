import type {
  Approach,
  Findings,
  Gate,
  SessionCount,
  Stage,
  Thread,
  ThrowsToday,
  Trace,
  Verb,
} from '@wrightonic/core';
import type { SessionVelocity } from '@wrightonic/core/velocity';
import type { AthleteForm } from './athletes';
import type { Problem } from './check';
import type { LogEvent } from './log';
import type { Profile } from './people';

/** Every refusal, whatever the route. */
export interface Refusal {
  error: string;
  fields?: Problem[];
}

export type Role = 'owner' | 'instructor' | 'assistant';

export interface Me {
  person: { id: string; name: string; role: Role } & Profile;
  academy: { id: string; name: string; zone: string };
}

/** Who is signed in, if anyone, and what a request that changes something must carry. */
export interface SessionState {
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
}

export interface LessonToday {
  id: string;
  athleteId: string;
  startsAt: string;
  minutes: number;
  place: string;
}

export interface LookRecord {
  id: string;
  kind: 'quick' | 'full';
  at: string;
  /** The day at the venue. */
  date: string;
  place: string;
  by: string;
  finished: boolean;
  findings: Findings;
}

export interface TraceRecord {
  id: string;
  lookId: string;
  at: string;
  by: string;
  result: Trace;
  chosen: { lower: string | null; arm: string | null };
  reason: string;
}

export interface PlanDrill {
  id: string;
  drill: string;
  dose: string;
  /** The gate over this drill's last three sessions. */
  gate: Gate;
  /** The counts behind it, newest last, so that a session under way can be added. */
  recent: (SessionCount & { session: string })[];
}

export interface PlanThread {
  thread: Thread;
  focus: string;
  share: number;
  stage: Stage;
  stages: { stage: Stage; drills: PlanDrill[] }[];
  skipped: Stage[];
  held: string[];
  reachesDelivery: boolean;
}

export interface PlanRecord {
  id: string;
  traceId: string;
  startsOn: string;
  endsOn: string;
  relookOn: string;
  threads: PlanThread[];
  assignment: { id: string; from: string; days: string[]; drills: string[]; reason: string } | null;
}

export interface SessionRecord {
  id: string;
  date: string;
  startedAt: string;
  ended: boolean;
  note: string;
}

/** One athlete with all that the five verbs need. */
export interface AthletePage {
  athlete: AthleteForm & { id: string; age: number };
  approach: Approach;
  due: DueNow;
  looks: LookRecord[];
  trace: TraceRecord | null;
  plan: PlanRecord | null;
  sessions: SessionRecord[];
  throwsToday: ThrowsToday;
  velocities: SessionVelocity[];
}

/** What has been logged in a session that is still open, for resuming it. */
export interface OpenSession {
  session: SessionRecord | null;
  events: LogEvent[];
  /** What was thrown today outside of it. */
  elsewhere: { hard: number; easy: number };
}
