import { lessonStates, type LessonState, type Severity } from '@wrightonic/core';
import Joi from 'joi';
import { checkInStates, type CheckIn } from './campDay';
import { severity } from './headless';
import { nodeId } from './ids';
import { clipViews, measuringBodies, type ClipView, type MeasuringEvent } from './measuring';
import { day, id, instant, line, note, zone } from './shared';
import { workingBodies, type WorkingEvent } from './working';

interface Logged {
  id: string;
  at: string;
}

/** What a look was taken of. */
export interface LookTold {
  /** ISO instant; earlier than the event where it is written down afterwards. */
  lookedAt: string;
  place: string;
  view: ClipView | null;
  /** Such as “bullpen, 25 pitches”. */
  thrown: string;
  /** Empty: whoever wrote it down. */
  lookedBy: string;
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
  /** When, where and how a look was taken, and by whom; the newest word counts. */
  | (Logged & { kind: 'look-told'; lookId: string; zone: string } & LookTold)
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
  /** How somebody is there on a day of a camp; the newest word counts. */
  | (Logged & { kind: 'camp-checked-in'; campId: string; athleteId: string } & CheckIn)
  | WorkingEvent
  | MeasuringEvent;

export type LogKind = LogEvent['kind'];
export type EventOf<K extends LogKind> = Extract<LogEvent, { kind: K }>;

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

const bodies: { [K in LogKind]: Record<string, Joi.Schema> } = {
  'look-begun': {
    athleteId: id.required(),
    look: Joi.valid('quick', 'full').required(),
    zone: zone.required(),
    place: note(80).required(),
  },
  'look-told': {
    lookId: id.required(),
    zone: zone.required(),
    lookedAt: instant.required(),
    place: note(80).required(),
    view: Joi.valid(...clipViews, null).required(),
    thrown: note(120).required(),
    lookedBy: note(80).required(),
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
  'camp-checked-in': {
    campId: id.required(),
    athleteId: id.required(),
    date: day.required(),
    state: Joi.valid(...checkInStates).required(),
    restriction: note(200).required(),
    pickedUpBy: note(80).required(),
  },
  ...workingBodies,
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
export interface LogResponse {
  id: string;
  stored: boolean;
  /** Why not, when it was refused for good. */
  why?: string;
}
