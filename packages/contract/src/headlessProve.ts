import type { DatedLook, Discipline } from '@wrightonic/core';
import Joi from 'joi';
import { severity } from './headless';
import { day } from './shared';

const look = Joi.object<DatedLook>({
  date: day.required(),
  findings: Joi.object().pattern(Joi.string(), severity).required(),
});

export interface CompareInput {
  discipline: Discipline;
  before: DatedLook;
  after: DatedLook;
}

export const compareInput = Joi.object<CompareInput>({
  discipline: Joi.valid('overhand', 'windmill').required(),
  before: look.required(),
  after: look.required(),
}).required();

export interface HistoryInput {
  discipline: Discipline;
  looks: DatedLook[];
}

export const historyInput = Joi.object<HistoryInput>({
  discipline: Joi.valid('overhand', 'windmill').required(),
  looks: Joi.array().items(look.optional()).max(10_000).required(),
}).required();
