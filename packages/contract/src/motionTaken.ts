import {
  clipEvents,
  keptJoints,
  motionMeasures,
  type KeptFigure,
  type MotionKept,
  type Severity,
} from '@wrightonic/core';
import Joi from 'joi';
import { severity } from './headless';

/** What a tracked film says of a checkpoint, and whether the instructor offers it to the look. */
export interface MotionOffer {
  checkpoint: string;
  severity: Severity;
  between: [Severity, Severity] | null;
  measure: string;
  value: number;
  /** The ±, in the unit of the measure. */
  off: number;
  why: string;
  taken: boolean;
  /** The frame that it was measured on, s of the file; null where it is of several. */
  time: number | null;
}

export interface MotionFigureTaken extends KeptFigure {
  /** Standard deviation between throws, where there were enough. */
  scatter: number | null;
}

/** What is taken over of a tracked film: numbers, never the film. */
export interface MotionTaken {
  /** In how many throws. */
  throws: number;
  offers: MotionOffer[];
  figures: MotionFigureTaken[];
  motion: MotionKept | null;
}

const value = Joi.number().min(-10_000).max(10_000);
const measure = Joi.valid(...motionMeasures.map(({ id }) => id));
const place = Joi.number().integer().min(-20_000).max(20_000).allow(null);
/** Ten seconds at the rate of a film that is kept. */
export const mostKeptFrames = 600;

export const motionTaken = {
  throws: Joi.number().integer().min(1).max(100).required(),
  offers: Joi.array()
    .max(100)
    .items(
      Joi.object({
        checkpoint: Joi.string().max(60).required(),
        severity: severity.required(),
        between: Joi.array().ordered(severity.required(), severity.required()).allow(null).required(),
        measure: measure.required(),
        value: value.required(),
        off: value.min(0).required(),
        why: Joi.string().max(500).required(),
        taken: Joi.boolean().required(),
        time: Joi.number().min(0).max(36_000).allow(null).required(),
      }).optional(),
    )
    .required(),
  figures: Joi.array()
    .max(100)
    .items(
      Joi.object({
        id: measure.required(),
        value: value.required(),
        off: value.min(0).required(),
        scatter: value.min(0).allow(null).required(),
      }).optional(),
    )
    .required(),
  motion: Joi.object({
    rate: Joi.number().min(5).max(240).required(),
    view: Joi.valid('side', 'along').required(),
    frames: Joi.array()
      .items(
        Joi.array()
          .length(2 * keptJoints.length)
          .items(place),
      )
      .min(2)
      .max(mostKeptFrames)
      .required(),
    events: Joi.object(
      Object.fromEntries(clipEvents.map((event) => [event, Joi.number().min(-10).max(60)])),
    ).required(),
  })
    .allow(null)
    .required(),
};
