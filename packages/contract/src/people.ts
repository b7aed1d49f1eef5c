import { approachSides, type Approach, type Hand } from '@wrightonic/core';
import Joi from 'joi';

export interface SignIn {
  email: string;
  password: string;
}

export const signIn = Joi.object<SignIn>({
  email: Joi.string()
    .email({ tlds: false })
    .max(200)
    .required()
    .messages({ 'string.email': '{{#label}} must be an e-mail address' }),
  password: Joi.string().min(1).max(200).required(),
}).required();

/** The instructor's own settings. */
export interface Profile {
  /** The hand that holds the phone in Work. */
  hand: Hand;
  velocityUnit: 'mph' | 'km/h';
  /** From which share of strikes on results count as good, 0..1. */
  goodStrikes: number;
  approach: { [K in keyof Approach]: Approach[K] | null };
}

export const profile = Joi.object<Profile>({
  hand: Joi.valid('R', 'L').required(),
  velocityUnit: Joi.valid('mph', 'km/h').required(),
  goodStrikes: Joi.number().min(0.3).max(0.95).required(),
  approach: Joi.object({
    leave: Joi.valid(...approachSides.leave, null).required(),
    lift: Joi.valid(...approachSides.lift, null).required(),
    teach: Joi.valid(...approachSides.teach, null).required(),
    hips: Joi.valid(...approachSides.hips, null).required(),
  }).required(),
}).required();
