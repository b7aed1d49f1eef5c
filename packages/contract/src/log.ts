import {
  constraintOf,
  drillOf,
  fastestThrow,
  isMissReason,
  lessonStates,
  nodeOf,
  ownDrillId,
  painSites,
  type LessonState,
  type PainSite,
  type Severity,
} from '@wrightonic/core';
import Joi from 'joi';
import { severity } from './headless';
import { measuringBodies, type MeasuringEvent } from './measuring';
import { day, id, instant, line, note, zone } from './shared';

interface Logged {
  id: string;
  at: string;
}

/** Where a grade comes from. */
export const findingSources = ['eye', 'measure', 'clip', 'screen', 'throws', 'curves'] as const;
export type FindingSource = (typeof findingSources)[number];

/** What stands beside a grade; left out where there is nothing. */
export interface FindingDetail {
  /** What was measured, in the unit of the checkpoint's measure. */
  value?: number | null;
  /** The grade that the value gives by itself; `severity` is what the instructor made of it. */
  derived?: Severity | null;
  /** What the measure may be off by, in its unit. */
  error?: number | null;
  note?: string;
  source?: FindingSource;
}

/** Everything that is logged while it happens. An event is never changed; a correction points to the old one. */
export type LogEvent =
  | (Logged & {
      kind: 'look-begun';
      athleteId: string;
      look: 'quick' | 'full';
      zone: string;
      place: string;
    })
  /** `severity` null takes the grade back to not looked at. */
  | (Logged & { kind: 'finding'; lookId: string; node: string; severity: Severity | null } & FindingDetail)
  /** Puts a grade of a finished look right; the old one stays in the history. */
  | (Logged & {
      kind: 'look-corrected';
      lookId: string;
      node: string;
      severity: Severity | null;
      reason: string;
    } & FindingDetail)
  | (Logged & { kind: 'look-finished'; lookId: string })
  /** A cause link that does not hold for this athlete, or holds again. */
  | (Logged & {
      kind: 'link-struck';
      athleteId: string;
      cause: string;
      effect: string;
      struck: boolean;
      reason: string;
    })
  /** What somebody else tells the athlete, such as a team coach; taken back by an undo. */
  | (Logged & { kind: 'instruction'; athleteId: string; from: string; text: string })
  | (Logged & {
      kind: 'session-begun';
      athleteId: string;
      planId: string | null;
      zone: string;
      /** The day at the venue. */
      date: string;
    })
  | (Logged & {
      kind: 'pain';
      sessionId: string;
      moment: 'before' | 'after';
      level: 'none' | 'soreness' | 'pain';
      /** 0 to 10, for soreness. */
      score: number | null;
      site: PainSite | null;
    })
  /**
   * Throws that pain had locked are open again, with who cleared them and why: a state of the athlete. What an earlier
   * version logged names the session alone.
   */
  | (Logged & {
      kind: 'throws-cleared';
      athleteId?: string;
      sessionId: string | null;
      clearedBy: string;
      reason: string;
    })
  | (Logged & {
      kind: 'rep';
      sessionId: string;
      drill: string;
      outcome: 'clean' | 'missed';
      /** Of a missed one, where somebody said. */
      reason?: string;
    })
  /** A word while working, about a drill or the session. */
  | (Logged & { kind: 'noted'; sessionId: string; drill: string | null; text: string })
  /** A set is over: what was on, how it went, and the way round that the body found. */
  | (Logged & {
      kind: 'set-done';
      sessionId: string;
      drill: string;
      constraints: string[];
      clean: number;
      missed: number;
      workaround: string | null;
    })
  /** The constraints of a drill for this athlete, in order. */
  | (Logged & { kind: 'constraints-ordered'; athleteId: string; drill: string; constraints: string[] })
  | (Logged & {
      kind: 'throw';
      sessionId: string;
      drill: string | null;
      /** m/s; null when not measured. */
      velocity: number | null;
      /** Percent; null when nobody said. */
      effort: number | null;
      pitch: string;
      ballG: number;
      /** What measured it, where it was no thumb. Its id is then that of the reading, so that it counts once. */
      source?: 'radar' | 'simulated';
      /** The rep that it was; a throw without a rep has none. */
      repId?: string;
    })
  /** Takes a rep or a throw back; both stay in the history. */
  | (Logged & { kind: 'undo'; sessionId: string | null; of: string })
  | (Logged & { kind: 'session-ended'; sessionId: string; note: string })
  /** A lesson is put in the diary; its id is the event’s. */
  | (Logged & {
      kind: 'lesson-planned';
      athleteId: string;
      startsAt: string;
      zone: string;
      minutes: number;
      place: string;
    })
  /** A lesson does not go as it stood in the diary; the newest word counts. */
  | (Logged & {
      kind: 'lesson-changed';
      lessonId: string;
      state: LessonState;
      /** Where it was moved to; null for anything else. */
      startsAt: string | null;
      place: string | null;
      reason: string;
      /** The later ones of its series as well. */
      rest: boolean;
    })
  | MeasuringEvent;

export type LogKind = LogEvent['kind'];
export type EventOf<K extends LogKind> = Extract<LogEvent, { kind: K }>;

const known = (what: string, find: (id: string) => unknown) =>
  Joi.string()
    .max(60)
    .custom((value: string, helpers) => (find(value) ? value : helpers.error('any.invalid')))
    .messages({ 'any.invalid': `{{#label}} is not the id of a ${what}` });

/** Of the catalogue, or one that may be an academy's own: whether it is stands in its book. */
export const drillId = known('drill', (value) => drillOf(value) ?? ownDrillId.test(value));
export const nodeId = known('checkpoint, limit or symptom', nodeOf);

const detail = {
  value: Joi.number().min(-10_000).max(10_000).allow(null),
  derived: severity.allow(null),
  error: Joi.number().min(0).max(10_000).allow(null),
  note: note(500),
  source: Joi.valid(...findingSources),
};
const graded = {
  lookId: id.required(),
  node: nodeId.required(),
  severity: severity.allow(null).required(),
  ...detail,
};

const missReason = known('reason', (value) => isMissReason(value) || undefined);
const constraintList = Joi.array().items(known('constraint', constraintOf)).max(10).unique().required();

const bodies: { [K in LogKind]: Record<string, Joi.Schema> } = {
  'look-begun': {
    athleteId: id.required(),
    look: Joi.valid('quick', 'full').required(),
    zone: zone.required(),
    place: note(80).required(),
  },
  finding: graded,
  'look-corrected': { ...graded, reason: line(300).required() },
  'look-finished': { lookId: id.required() },
  'link-struck': {
    athleteId: id.required(),
    cause: nodeId.required(),
    effect: nodeId.required(),
    struck: Joi.boolean().required(),
    reason: line(300).required(),
  },
  instruction: { athleteId: id.required(), from: line(80).required(), text: line(300).required() },
  'session-begun': {
    athleteId: id.required(),
    planId: id.allow(null).required(),
    zone: zone.required(),
    date: day.required(),
  },
  pain: {
    sessionId: id.required(),
    moment: Joi.valid('before', 'after').required(),
    level: Joi.valid('none', 'soreness', 'pain').required(),
    score: Joi.number().integer().min(0).max(10).allow(null).required(),
    site: Joi.valid(...painSites, null).required(),
  },
  'throws-cleared': {
    athleteId: Joi.when('sessionId', { is: null, then: id.required(), otherwise: id }),
    sessionId: id.allow(null).required(),
    clearedBy: line(120).required(),
    reason: line(300).required(),
  },
  rep: {
    sessionId: id.required(),
    drill: drillId.required(),
    outcome: Joi.valid('clean', 'missed').required(),
    reason: Joi.when('outcome', { is: 'missed', then: missReason, otherwise: Joi.forbidden() }),
  },
  noted: { sessionId: id.required(), drill: drillId.allow(null).required(), text: line(300).required() },
  'set-done': {
    sessionId: id.required(),
    drill: drillId.required(),
    constraints: constraintList,
    clean: Joi.number().integer().min(0).max(200).required(),
    missed: Joi.number().integer().min(0).max(200).required(),
    workaround: nodeId.allow(null).required(),
  },
  'constraints-ordered': { athleteId: id.required(), drill: drillId.required(), constraints: constraintList },
  throw: {
    sessionId: id.required(),
    drill: drillId.allow(null).required(),
    velocity: Joi.number().min(2).max(fastestThrow).allow(null).required(),
    effort: Joi.number().integer().min(10).max(100).allow(null).required(),
    pitch: line(30).required(),
    ballG: Joi.number().min(50).max(2000).required(),
    source: Joi.valid('radar', 'simulated'),
    repId: id,
  },
  undo: { sessionId: id.allow(null).required(), of: id.required() },
  'session-ended': { sessionId: id.required(), note: note().required() },
  'lesson-planned': {
    athleteId: id.required(),
    startsAt: instant.required(),
    zone: zone.required(),
    minutes: Joi.number().integer().min(10).max(240).required(),
    place: note(80).required(),
  },
  'lesson-changed': {
    lessonId: id.required(),
    state: Joi.valid(...lessonStates).required(),
    startsAt: Joi.when('state', {
      is: 'moved',
      then: instant.required(),
      otherwise: Joi.valid(null).required(),
    }),
    place: note(80).allow(null).required(),
    reason: note(300).required(),
    // Each of a series is moved by itself: their days differ.
    rest: Joi.when('state', {
      is: Joi.valid('on', 'called-off'),
      then: Joi.boolean().required(),
      otherwise: Joi.valid(false).required(),
    }),
  },
  ...measuringBodies,
};

export const logKinds = Object.keys(bodies) as LogKind[];
const base = { id: id.required(), at: instant.required() };
const perKind = new Map(
  logKinds.map((kind) => [kind, Joi.object({ ...base, kind: Joi.valid(kind).required(), ...bodies[kind] })]),
);

/** One event; its fields are those of its kind. */
export const logEvent = Joi.object<LogEvent>({ kind: Joi.valid(...logKinds).required() })
  .unknown()
  .required()
  .custom((value: LogEvent, helpers) => {
    const result = perKind.get(value.kind)!.validate(value, { abortEarly: true, convert: false });
    return result.error ? helpers.message({ custom: result.error.message.replaceAll('"', '') }) : value;
  });

export interface LogBatch {
  events: unknown[];
}

/** Events in the order in which they happened; each is judged by itself, so that a bad one holds up none. */
export const logBatch = Joi.object<LogBatch>({
  events: Joi.array().items(Joi.any()).min(1).max(500).required(),
}).required();

/** What became of each event of a batch. */
export interface LogAnswer {
  id: string;
  stored: boolean;
  /** Why not, when it was refused for good. */
  why?: string;
}
