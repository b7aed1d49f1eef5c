import { drillOf, nodeOf, ownDrillId } from '@wrightonic/core';
import Joi from 'joi';

/** An id of the catalogue, or of whatever else is looked up. */
export const known = (what: string, find: (id: string) => unknown) =>
  Joi.string()
    .max(60)
    .custom((value: string, helpers) => (find(value) ? value : helpers.error('any.invalid')))
    .messages({ 'any.invalid': `{{#label}} is not the id of a ${what}` });

/** Of the catalogue, or one that may be an academy's own: whether it is stands in its book. */
export const drillId = known('drill', (value) => drillOf(value) ?? ownDrillId.test(value));
export const nodeId = known('checkpoint, limit or symptom', nodeOf);
