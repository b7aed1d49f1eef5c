import { normKeys, normsWith, type NormEdit, type Sex, type Whom } from '@wrightonic/core';
import Joi from 'joi';
import type { AthletePage } from './answers';
import { levelOf } from './imports';
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

/** Whom the values of an athlete are set against, in the academy's own table. */
export const whomOf = (
  athlete: Pick<AthletePage['athlete'], 'discipline' | 'level' | 'age' | 'sex'>,
  edits: readonly NormEdit[],
): Whom & { level: ReturnType<typeof levelOf> } => ({
  discipline: athlete.discipline,
  level: levelOf(athlete),
  sex: (athlete.sex ?? undefined) as Sex | undefined,
  norms: normsWith(edits),
});
