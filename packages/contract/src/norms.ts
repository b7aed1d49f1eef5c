import { normKeys, type NormEdit } from '@wrightonic/core';
import Joi from 'joi';
import { id, line } from './shared';

/** What an academy takes for usual of one row, or the catalogue's own range again. */
export interface NewNormEdit extends NormEdit {
  id: string;
}

/** The same as it was given. */
export interface NormEditRecord extends NewNormEdit {
  at: string;
  by: string;
}

export const newNormEdit = Joi.object<NewNormEdit>({
  id: id.required(),
  key: Joi.valid(...normKeys)
    .required()
    .messages({ 'any.only': '{{#label}} names no row of the norms' }),
  range: Joi.object({
    low: Joi.number().min(-1000).max(10_000).required(),
    high: Joi.number().min(-1000).max(10_000).required(),
    basis: line(200).required(),
  })
    .allow(null)
    .required()
    .custom((value: NormEdit['range'], helpers) =>
      value && value.low >= value.high ? helpers.error('range.order') : value,
    )
    .messages({ 'range.order': '{{#label}}: the low end must be below the high end' }),
}).required();
