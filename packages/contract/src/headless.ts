import {
  approachSides,
  clipEvents,
  type ClipEvent,
  type SessionCount,
  type TraceInput,
} from '@wrightonic/core';
import Joi from 'joi';

export const approachFields = {
  leave: Joi.valid(...approachSides.leave),
  lift: Joi.valid(...approachSides.lift),
  teach: Joi.valid(...approachSides.teach),
  hips: Joi.valid(...approachSides.hips),
};

export const severity = Joi.number().integer().min(0).max(3);

export const traceInput = Joi.object<TraceInput>({
  athlete: Joi.object({
    discipline: Joi.valid('overhand', 'windmill').required(),
    throws: Joi.valid('R', 'L').required(),
    age: Joi.number().min(4).max(99).required(),
    approach: Joi.object(approachFields),
  }).required(),
  findings: Joi.object().pattern(Joi.string(), severity).required(),
  struck: Joi.array().items(Joi.array().items(Joi.string()).length(2)),
  results: Joi.object({
    strikes: Joi.number().min(0).max(1).required(),
    velocityFalling: Joi.boolean(),
  }),
  seed: Joi.number().integer().min(-2147483648).max(2147483647),
}).required();

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
