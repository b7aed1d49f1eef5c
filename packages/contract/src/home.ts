import {
  painSites,
  type HomeEvent,
  type HomeKind,
  type HomeRecord,
  type ThrowLimits,
  type ThrowState,
  type WeekSheet,
} from '@wrightonic/core';
import Joi from 'joi';
import type { LogResponse } from './log';
import { drillId } from './ids';
import { day, id, instant, line } from './shared';

const ofSet = {
  date: day.required(),
  drill: drillId.required(),
  set: Joi.number().integer().min(1).max(20).required(),
};
const reps = Joi.number().integer().min(0).max(200).allow(null).required();
const bodies: { [K in HomeKind]: Record<string, Joi.Schema> } = {
  'set-ticked': { ...ofSet, clean: reps, missed: reps },
  'set-unticked': ofSet,
  'pain-marked': {
    level: Joi.valid('none', 'soreness', 'pain').required(),
    score: Joi.number().integer().min(0).max(10).allow(null).required(),
    site: Joi.valid(...painSites, null).required(),
  },
  'game-pitched': {
    date: day.required(),
    pitches: Joi.number().integer().min(0).max(200).required(),
    title: line(80).required(),
  },
};
const perKind = new Map(
  Object.entries(bodies).map(([kind, body]) => [
    kind,
    Joi.object({ id: id.required(), at: instant.required(), kind: Joi.valid(kind).required(), ...body }),
  ]),
);

export const homeEvent = Joi.object<HomeEvent>({ kind: Joi.valid(...perKind.keys()).required() })
  .unknown()
  .required()
  .custom((value: HomeEvent, helpers) => {
    const result = perKind.get(value.kind)!.validate(value, { abortEarly: true, convert: false });
    return result.error ? helpers.message({ custom: result.error.message.replaceAll('"', '') }) : value;
  });

/** Events in the order in which they happened; each is judged by itself. */
export const homeBatch = Joi.object<{ events: unknown[] }>({
  events: Joi.array().items(Joi.any()).min(1).max(200).required(),
}).required();

export interface HomeResponse {
  responses: LogResponse[];
  /** By the server’s clock: whatever is read as of later holds these. */
  at: string;
}

/** What a link opens. */
export interface SharedPage extends WeekSheet {
  expiresAt: string;
  /** The day at the venue, and when this was read, by the server’s clock. */
  today: string;
  asOf: string;
  zone: string;
  home: HomeRecord;
  pain: ThrowState;
  limits: Pick<ThrowLimits, 'maxToday' | 'leftToday' | 'hardToday' | 'easyToday' | 'restUntil' | 'because'>;
}
