import {
  clipLimits,
  levels,
  motionViews,
  type Discipline,
  type Ground,
  type KeypointClip,
} from '@wrightonic/core';
import Joi from 'joi';

export interface MotionCommand extends Omit<KeypointClip, 'heightCm' | 'ground'> {
  height_cm?: number;
  level?: string;
  ground?: Ground;
}

const onPicture = Joi.array().items(Joi.number().required(), Joi.number().required()).length(2);

/** The frames are checked by the core: a long film has a million numbers. */
export const motionInput = Joi.object<MotionCommand>({
  discipline: Joi.valid('overhand', 'windmill').required(),
  throws: Joi.valid('R', 'L').required(),
  view: Joi.valid(...motionViews).required(),
  towards: Joi.valid('left', 'right'),
  height_cm: Joi.number().min(80).max(230),
  level: Joi.valid(...levels, 'high-school and above'),
  ground: Joi.alternatives(
    Joi.number().min(-90).max(90),
    Joi.array().items(onPicture.required(), onPicture.required()).length(2),
  ),
  fps: Joi.number().min(clipLimits.slowest).max(10000).required(),
  size: Joi.array()
    .items(Joi.number().positive().required(), Joi.number().positive().required())
    .length(2)
    .required(),
  frames: Joi.array().items(Joi.any()).required(),
}).required();

export interface MarkerFlags {
  discipline: Discipline;
  throws: 'R' | 'L';
  level?: string;
}

export const markerFlags = Joi.object<MarkerFlags>({
  discipline: Joi.valid('overhand', 'windmill').required(),
  throws: Joi.valid('R', 'L').required(),
  level: Joi.valid(...levels, 'high-school and above'),
}).required();
