import { cueTags, type LexiconEdit } from '@wrightonic/core';
import Joi from 'joi';
import type { AcademyPlanning } from './planRecords';
import { id, line } from './shared';

export const academyPlanning = Joi.object<AcademyPlanning>({
  equipment: Joi.array().items(line(60)).max(80).unique().label('Things at the academy').required(),
  weekThrows: Joi.number().integer().min(10).max(2000).allow(null).label('Throws a week, at most').required(),
  buildUpWeeks: Joi.number().integer().min(1).max(12).allow(null).label('Weeks of build-up').required(),
  rampPercent: Joi.number()
    .integer()
    .min(5)
    .max(200)
    .label('Rise that is shown as a warning, percent')
    .required(),
  carryDays: Joi.number()
    .integer()
    .min(0)
    .max(180)
    .label('Days a grade is carried into later looks')
    .required(),
  allHard: Joi.boolean().strict().label('Throws below 80 % effort').required(),
  growthNote: Joi.boolean().strict().label('Note on growth').required(),
}).required();

/** A phrase by which free notes are tagged, added by the academy or taken out. */
export interface NewLexiconEdit extends LexiconEdit {
  id: string;
}

export const newLexiconEdit = Joi.object<NewLexiconEdit>({
  id: id.required(),
  tag: Joi.valid(...cueTags).required(),
  phrase: line(60)
    .lowercase()
    .pattern(/^[a-z' -]+$/, 'words in small letters')
    .required(),
  removed: Joi.boolean().strict().required(),
}).required();
