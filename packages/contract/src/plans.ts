import {
  dayKinds,
  parseDose,
  places,
  stages,
  type PlannedDay,
  type Stage,
  type Thread,
  type WeekItem,
} from '@wrightonic/core';
import Joi from 'joi';
import { drillId, nodeId } from './ids';
import { day, id, line, note } from './shared';

/** The instructor's choice over what the trace proposes; a reason is asked wherever the two differ. */
export interface TraceChoice {
  id: string;
  lookId: string;
  lower: string | null;
  arm: string | null;
  reason: string;
}

export const traceChoice = Joi.object<TraceChoice>({
  id: id.required(),
  lookId: id.required(),
  lower: nodeId.allow(null).required(),
  arm: nodeId.allow(null).required(),
  reason: note(300).required(),
}).required();

export interface NewPlan {
  id: string;
  traceId: string;
  startsOn: string;
  weeks: number;
  /** A ladder of the academy's own to start from; fitted to the focus when left out. */
  templateId?: string | null;
}

export const newPlan = Joi.object<NewPlan>({
  id: id.required(),
  traceId: id.required(),
  startsOn: day.required(),
  weeks: Joi.number().integer().min(2).max(8).required(),
  templateId: id.allow(null),
}).required();

/** Keeps the ladder of a plan as the academy's own. */
export interface NewTemplate {
  id: string;
  name: string;
}

export const newTemplate = Joi.object<NewTemplate>({
  id: id.required(),
  name: line(80).label('Name of the ladder').required(),
}).required();

const dose = Joi.string()
  .max(40)
  .custom((value: string, helpers) => {
    try {
      parseDose(value);
      return value;
    } catch (error) {
      return helpers.message({ custom: (error as Error).message });
    }
  });

/** Puts another drill, or another dose, in the place of one that is in the plan; the old one stays in the history. */
export interface DrillSwap {
  id: string;
  drill: string;
  dose: string;
}

export const drillSwap = Joi.object<DrillSwap>({
  id: id.required(),
  drill: drillId.required(),
  dose: dose.required(),
}).required();

/** Puts a drill of the plan between two others of its stage, locks it, or takes it out. */
export interface DrillPlace {
  id: string;
  /** The drill of the plan that it comes after; null for the first place; left out, it stays where it is. */
  after?: string | null;
  locked: boolean;
  removed: boolean;
}

export const drillPlace = Joi.object<DrillPlace>({
  id: id.required(),
  after: id.allow(null),
  locked: Joi.boolean().strict().required(),
  removed: Joi.boolean().strict().required(),
}).required();

/** One more drill on a stage of a thread; a stage that was skipped opens with it. */
export interface DrillAddition extends DrillSwap {
  thread: Thread;
  stage: Stage;
}

export const drillAddition = Joi.object<DrillAddition>({
  id: id.required(),
  drill: drillId.required(),
  dose: dose.required(),
  thread: Joi.valid('lower', 'arm').required(),
  stage: Joi.valid(...stages).required(),
}).required();

/** To another stage, or, with a reason, to the same one: then the gate's proposal was looked at and not taken. */
export interface StageMove {
  id: string;
  thread: Thread;
  to: Stage;
  reason: string;
}

const moveFields = {
  id: id.required(),
  thread: Joi.valid('lower', 'arm').required(),
  to: Joi.valid(...stages).required(),
  reason: note(300).required(),
};

export const stageMove = Joi.object<StageMove>(moveFields).required();

/** Many threads at once, as the gates propose. */
export interface StageMoves {
  moves: (StageMove & { planId: string })[];
}

export const stageMoves = Joi.object<StageMoves>({
  moves: Joi.array()
    .items(Joi.object({ ...moveFields, planId: id.required() }))
    .min(1)
    .max(500)
    .required(),
}).required();

const weekDay = Joi.object<PlannedDay>({
  date: day.required(),
  kind: Joi.valid(...dayKinds).required(),
  minutes: Joi.number().integer().min(0).max(600).required(),
  equipment: Joi.array().items(Joi.string().max(60)).max(80).required(),
  places: Joi.array()
    .items(Joi.valid(...places))
    .unique()
    .required(),
  pitches: Joi.number().integer().min(0).max(250).allow(null).required(),
});

const weekDays = Joi.array()
  .items(weekDay)
  .min(1)
  .max(7)
  .unique('date')
  .required()
  .messages({ 'array.min': '{{#label}} must hold at least one day' });

const itemsOf = (atLeast: number) =>
  Joi.array().items(
    Joi.object<WeekItem>({
      date: day.required(),
      drill: drillId.required(),
      sets: Joi.number().integer().min(atLeast).max(20).required(),
    }),
  );

/** Asks for the week that is worth most. */
export interface WeekWish {
  from: string;
  days: PlannedDay[];
  /** Drills that stay on a day with at least so many sets; 0 keeps one off a day. */
  pins: WeekItem[];
  /** The week as it stands; a new one moves as little of it as possible. */
  before: WeekItem[] | null;
}

export const weekWish = Joi.object<WeekWish>({
  from: day.required(),
  days: weekDays,
  pins: itemsOf(0).max(60).required(),
  before: itemsOf(1).max(100).allow(null).required(),
}).required();

export interface NewAssignment {
  id: string;
  from: string;
  /** Of the seven days from `from` on. */
  days: PlannedDay[];
  items: WeekItem[];
  /** Typed when the throws go beyond what is allowed. */
  reason: string;
}

export const newAssignment = Joi.object<NewAssignment>({
  id: id.required(),
  from: day.required(),
  days: weekDays,
  items: itemsOf(1)
    .min(1)
    .max(100)
    .unique((a: WeekItem, b: WeekItem) => a.date === b.date && a.drill === b.drill)
    .required(),
  reason: note(300).required(),
}).required();
