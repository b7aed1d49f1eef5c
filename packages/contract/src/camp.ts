import type { CampInput } from '@wrightonic/core';
import Joi from 'joi';
import { severity } from './headless';
import { day, timeOfDay } from './shared';

const name = Joi.string().trim().min(1).max(60);
const mostAthletes = 600;
const idLists = Joi.array().items(Joi.array().items(name).min(2).max(40)).max(200);
const routes = Joi.array()
  .items(
    Joi.object({
      athlete: name.required(),
      stations: Joi.array().items(name.allow(null)).max(60).required(),
    }),
  )
  .max(mostAthletes);

/** A camp as the command line takes it. */
export const campInput = Joi.object<CampInput>({
  mode: Joi.valid('routes', 'groups').required(),
  seed: Joi.number().integer().min(0).max(2_147_483_647).default(1),
  slots: Joi.array()
    .items(
      Joi.object({
        id: name.required(),
        day: day.required(),
        start: timeOfDay.required(),
        minutes: Joi.number().min(1).max(600).required(),
      }),
    )
    .min(1)
    .max(60)
    .required(),
  stations: Joi.array()
    .items(
      Joi.object({
        id: name.required(),
        treats: Joi.array().items(Joi.string().max(60)).max(60).required(),
        capacity: Joi.number().integer().min(1).max(200).required(),
        minimum: Joi.number().integer().min(0).max(200),
        throwHeavy: Joi.boolean().required(),
        closed: Joi.array().items(name).max(60),
      }),
    )
    .min(1)
    .max(40)
    .required(),
  athletes: Joi.array()
    .items(
      Joi.object({
        id: name.required(),
        age: Joi.number().min(4).max(99).required(),
        discipline: Joi.valid('overhand', 'windmill').required(),
        throws: Joi.valid('R', 'L').required(),
        needs: Joi.object().pattern(name, Joi.number().integer().min(0).max(3)),
        findings: Joi.object().pattern(Joi.string().max(60), severity),
        from: name,
        to: name,
        barred: Joi.array().items(name).max(40),
      }).oxor('needs', 'findings'),
    )
    .min(1)
    .max(mostAthletes)
    .required(),
  rules: Joi.object({
    ageSpan: Joi.number().min(0).max(99).allow(null).default(null),
    groups: Joi.object({
      count: Joi.number().integer().min(1).max(60).required(),
      min: Joi.number().integer().min(1).max(200).required(),
      max: Joi.number().integer().min(1).max(200).required(),
    }),
    together: idLists,
    apart: idLists,
  }).required(),
  pinned: Joi.array().items(
    Joi.object({ athlete: name.required(), slot: name.required(), station: name.required() }),
  ),
  previous: routes,
  fixedBefore: name,
  seconds: Joi.number().min(0.1).max(120).default(5),
}).required();
