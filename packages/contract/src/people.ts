import { approachSides, type Approach, type Hand } from '@wrightonic/core';
import Joi from 'joi';
import { day, id, note } from './shared';

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

export interface NewLesson {
  id: string;
  athleteId: string;
  date: string;
  /** Time of day at the venue, HH:MM. */
  time: string;
  minutes: number;
  place: string;
}

export const newLesson = Joi.object<NewLesson>({
  id: id.required(),
  athleteId: id.required(),
  date: day.required(),
  time: Joi.string()
    .pattern(/^([01]\d|2[0-3]):[0-5]\d$/)
    .required()
    .messages({ 'string.pattern.base': '{{#label}} must be a time of day such as 16:30' }),
  minutes: Joi.number().integer().min(10).max(240).required(),
  place: note(80).required(),
}).required();
