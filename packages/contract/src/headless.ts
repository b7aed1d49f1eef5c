import {
  approachSides,
  clipEvents,
  dayKinds,
  levels,
  motionViews,
  painSites,
  places,
  stages,
  type ClipEvent,
  type DayThrows,
  type Discipline,
  type MotionView,
  type DayKind,
  type PastInjury,
  type Place,
  type ScreenReading,
  type SessionCount,
  type Stage,
  type Thread,
  type Sex,
  type TraceInput,
  type WeekItem,
  type WordInput,
} from '@wrightonic/core';
import Joi from 'joi';
import { day } from './shared';

export const approachFields = {
  leave: Joi.valid(...approachSides.leave),
  lift: Joi.valid(...approachSides.lift),
  teach: Joi.valid(...approachSides.teach),
  hips: Joi.valid(...approachSides.hips),
};

export const severity = Joi.number().integer().min(0).max(3);

const athleteFields = Joi.object({
  discipline: Joi.valid('overhand', 'windmill').required(),
  throws: Joi.valid('R', 'L').required(),
  age: Joi.number().min(4).max(99).required(),
  approach: Joi.object(approachFields),
});

const struckLinks = Joi.array().items(Joi.array().items(Joi.string()).length(2));
const results = Joi.object({
  strikes: Joi.number().min(0).max(1).required(),
  velocityFalling: Joi.boolean(),
  goodStrikes: Joi.number().min(0).max(1),
});

/** The input of `trace`; links left out are written as `struck`. */
export interface TraceCommand extends Omit<TraceInput, 'removedLinks'> {
  struck?: [string, string][];
}

export const traceInput = Joi.object<TraceCommand>({
  athlete: athleteFields.required(),
  findings: Joi.object().pattern(Joi.string(), severity).required(),
  struck: struckLinks,
  results,
  measured: Joi.object().pattern(
    Joi.string(),
    Joi.object({
      value: Joi.number().min(-10_000).max(10_000).required(),
      error: Joi.number().min(0).max(10_000).required(),
    }),
  ),
  carried: Joi.array().items(Joi.string().max(60)).max(200),
  seed: Joi.number().integer().min(-2147483648).max(2147483647),
}).required();

/** One line of a batch; `id` comes back with the answer. */
export type TraceLine = TraceCommand & { id?: string };

export const traceLine = (traceInput as Joi.ObjectSchema<TraceLine>).keys({ id: Joi.string().max(100) });

const count = Joi.number().integer().min(0).max(10000);

export interface GateInput {
  sessions: SessionCount[];
  threshold?: number;
}

export const gateInput = Joi.object<GateInput>({
  sessions: Joi.array()
    .items(
      Joi.object({ clean: count.required(), missed: count.required(), pain: Joi.boolean().default(false) }),
    )
    .required(),
  threshold: Joi.number().min(0.5).max(0.95),
}).required();

export interface TimingInput {
  fps: number;
  events: Partial<Record<ClipEvent, number>>;
}

export const timingInput = Joi.object<TimingInput>({
  fps: Joi.number().positive().max(100000).required(),
  events: Joi.object(
    Object.fromEntries(clipEvents.map((event) => [event, Joi.number().integer().min(0)])),
  ).required(),
}).required();

export interface ScreenInput {
  athlete: { discipline: Discipline; age: number };
  tests: ScreenReading[];
  height_cm?: number;
  mass_kg?: number;
  level?: string;
  sex?: Sex;
}

export const screenInput = Joi.object<ScreenInput>({
  athlete: athleteFields.required(),
  tests: Joi.array()
    .items(
      Joi.object({
        test: Joi.string().required(),
        side: Joi.valid('lead', 'trail', 'both', 'none', 'throwing', 'glove').required(),
        tries: Joi.array().items(Joi.number().min(-1000).max(1000)).min(1).max(10).required(),
        pain: Joi.boolean(),
      }),
    )
    .required(),
  height_cm: Joi.number().min(80).max(230),
  mass_kg: Joi.number().min(15).max(200),
  level: Joi.valid(...levels),
  sex: Joi.valid('female', 'male'),
}).required();

export interface SequenceFlags {
  cutoff?: number;
  discipline?: Discipline;
  level?: string;
  plant?: number;
  release?: number;
}

export const sequenceFlags = Joi.object<SequenceFlags>({
  cutoff: Joi.number().positive().max(1000),
  discipline: Joi.valid('overhand', 'windmill'),
  level: Joi.valid(...levels, 'high-school and above'),
  plant: Joi.number(),
  release: Joi.number(),
}).required();

export interface SimulateInput {
  discipline: Discipline;
  throws: 'R' | 'L';
  fps: number;
  flaws?: Record<string, number>;
  as?: 'curves' | 'keypoints';
  /** From where it is filmed; the open side when left out. */
  view?: MotionView;
  /** deg/s of curves; of keypoints as a multiple of what a tracker usually is off by. */
  noise?: number;
  seed?: number;
}

export const simulateInput = Joi.object<SimulateInput>({
  discipline: Joi.valid('overhand', 'windmill').required(),
  throws: Joi.valid('R', 'L').required(),
  fps: Joi.number().min(30).max(10000).required(),
  flaws: Joi.object().pattern(Joi.string(), Joi.number().min(0).max(1)),
  as: Joi.valid('curves', 'keypoints'),
  view: Joi.valid(...motionViews),
  noise: Joi.number().min(0).max(500),
  seed: Joi.number().integer().min(-2147483648).max(2147483647),
}).required();

export interface LimitsCommand {
  discipline: Discipline;
  birthdate: string;
  league?: { max_per_day?: number | null; max_per_game?: number | null } | null;
  throws: DayThrows[];
  on: string;
}

const allowed = Joi.number().integer().min(0).max(1000).allow(null);
const league = Joi.object({ max_per_day: allowed, max_per_game: allowed }).allow(null);
const dayThrows = Joi.array().items(
  Joi.object({
    date: day.required(),
    count: Joi.number().integer().min(0).max(1000).required(),
    kind: Joi.valid('game', 'practice').required(),
    effort: Joi.number().min(0).max(120).allow(null),
  }),
);

export const limitsInput = Joi.object<LimitsCommand>({
  discipline: Joi.valid('overhand', 'windmill').required(),
  birthdate: day.required(),
  league,
  throws: dayThrows.required(),
  on: day.required(),
}).required();

export interface PlanCommand extends Pick<TraceCommand, 'athlete' | 'findings' | 'struck' | 'results'> {
  days: {
    date: string;
    kind: DayKind;
    minutes: number;
    equipment: string[];
    /** One place, or several. */
    place: Place[];
  }[];
  throws: DayThrows[];
  league?: LimitsCommand['league'];
  history?: PastInjury[];
  stages?: Partial<Record<Thread, Stage>>;
  pins?: WeekItem[];
  done?: WeekItem[];
  before?: WeekItem[];
  week_throws?: number | null;
  build_up_weeks?: number | null;
}

const weekItems = Joi.array()
  .items(
    Joi.object({
      drill: Joi.string().max(60).required(),
      date: day.required(),
      sets: Joi.number().integer().min(0).max(20).required(),
    }),
  )
  .max(100);

/** One place or several: `cage`, `cage,mound` or a list; nothing for a day that is off. */
const placeList = Joi.any()
  .custom((value: unknown, helpers) => {
    const named = (Array.isArray(value) ? value : String(value ?? '').split(/,|\/| or /)).map((each) =>
      String(each).trim(),
    );
    const known = named.filter((each) => each !== '');
    return known.every((each) => (places as readonly string[]).includes(each))
      ? known
      : helpers.message({ custom: `must be one or several of ${places.join(', ')}` });
  })
  .default([]);

export const planInput = Joi.object<PlanCommand>({
  athlete: athleteFields.required(),
  findings: Joi.object().pattern(Joi.string(), severity).required(),
  struck: struckLinks,
  results,
  days: Joi.array()
    .items(
      Joi.object({
        date: day.required(),
        kind: Joi.valid(...dayKinds).required(),
        minutes: Joi.number().min(0).max(600).default(0),
        equipment: Joi.array().items(Joi.string().max(60)).default([]),
        place: placeList,
      }),
    )
    .unique('date')
    .max(7)
    .required(),
  throws: dayThrows.default([]),
  league,
  history: Joi.array().items(
    Joi.object({
      site: Joi.valid(...painSites).required(),
      what: Joi.string().max(200).required(),
      surgery: Joi.boolean().default(false),
      cleared: Joi.boolean().default(false),
    }),
  ),
  stages: Joi.object({ lower: Joi.valid(...stages), arm: Joi.valid(...stages) }),
  pins: weekItems,
  done: weekItems,
  before: weekItems,
  week_throws: allowed,
  build_up_weeks: Joi.number().integer().min(1).max(26).allow(null),
}).required();

export const wordsInput = Joi.object<WordInput>({
  approach: Joi.object(approachFields).required(),
  notes: Joi.array()
    .items(
      Joi.object({ by: Joi.string().max(200).required(), text: Joi.string().allow('').max(2000).required() }),
    )
    .required(),
  drills: Joi.array().items(Joi.string().max(60)).required(),
  age: Joi.number().min(4).max(99),
}).required();
