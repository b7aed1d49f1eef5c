import { approachSides, zoneViews, type Approach, type Hand, type ZoneView } from '@wrightonic/core';
import Joi from 'joi';

export interface SignIn {
  email: string;
  password: string;
  /** The second factor, where the account has one. */
  code?: string;
}

export const signIn = Joi.object<SignIn>({
  email: Joi.string()
    .email({ tlds: false })
    .max(200)
    .required()
    .messages({ 'string.email': '{{#label}} must be an e-mail address' }),
  password: Joi.string().min(1).max(200).required(),
  code: Joi.string().trim().allow('').max(20),
}).required();

type DateOrder = (typeof dateOrders)[number];
type HourKind = (typeof hourKinds)[number];

export const dateOrders = ['auto', 'month-day', 'day-month'] as const;
export const hourKinds = ['auto', '12', '24'] as const;

/** The instructor's own settings. */
export interface Preferences {
  /** The hand that holds the phone in Work. */
  hand: Hand;
  velocityUnit: 'mph' | 'km/h';
  /** Lengths and weights: feet, inches and pounds, or metric. */
  sizeUnit: 'us' | 'metric';
  zoneView: ZoneView;
  /** How days are written; `auto` as the device does. */
  dateOrder: DateOrder;
  /** Twelve or twenty-four hours; `auto` as the device does. */
  hours: HourKind;
  /** From which share of strikes on results count as good, 0..1. */
  goodStrikes: number;
  approach: { [K in keyof Approach]: Approach[K] | null };
}

/** What an older version of the app does not know of yet is left as it is. */
export type SentPreferences = Omit<Preferences, 'dateOrder' | 'hours'> &
  Partial<Pick<Preferences, 'dateOrder' | 'hours'>>;

export const preferences = Joi.object<SentPreferences>({
  hand: Joi.valid('R', 'L').required(),
  velocityUnit: Joi.valid('mph', 'km/h').required(),
  sizeUnit: Joi.valid('us', 'metric').required(),
  zoneView: Joi.valid(...zoneViews).required(),
  dateOrder: Joi.valid(...dateOrders),
  hours: Joi.valid(...hourKinds),
  goodStrikes: Joi.number().min(0.3).max(0.95).required(),
  approach: Joi.object({
    leave: Joi.valid(...approachSides.leave, null).required(),
    lift: Joi.valid(...approachSides.lift, null).required(),
    teach: Joi.valid(...approachSides.teach, null).required(),
    hips: Joi.valid(...approachSides.hips, null).required(),
  }).required(),
}).required();
