import { parseDose, stages, type Stage, type Thread } from '@wrightonic/core';
import Joi from 'joi';
import { drillId, nodeId } from './log';
import { day, id, note } from './shared';

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
}

export const newPlan = Joi.object<NewPlan>({
  id: id.required(),
  traceId: id.required(),
  startsOn: day.required(),
  weeks: Joi.number().integer().min(2).max(8).required(),
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

export interface StageMove {
  id: string;
  thread: Thread;
  to: Stage;
  reason: string;
}

export const stageMove = Joi.object<StageMove>({
  id: id.required(),
  thread: Joi.valid('lower', 'arm').required(),
  to: Joi.valid(...stages).required(),
  reason: note(300).required(),
}).required();

export interface NewAssignment {
  id: string;
  from: string;
  /** Days of the week with work at home or at a lesson, of the seven from `from` on. */
  days: string[];
  /** Ids of the plan's drills. */
  drills: string[];
  /** Typed when the throws go beyond a day's maximum. */
  reason: string;
}

export const newAssignment = Joi.object<NewAssignment>({
  id: id.required(),
  from: day.required(),
  days: Joi.array().items(day).min(1).max(7).unique().required(),
  drills: Joi.array().items(id).min(1).max(24).unique().required(),
  reason: note(300).required(),
}).required();
