import { approachSides, type Approach, type Discipline, type Hand } from '@wrightonic/core';
import Joi from 'joi';
import { day, id, line, note } from './shared';

/** What an instructor writes down about an athlete. */
export interface AthleteForm {
  givenName: string;
  familyName: string;
  discipline: Discipline;
  throws: Hand;
  birthdate: string;
  /** Centimetres; null when not measured. */
  heightCm: number | null;
  massKg: number | null;
  /** What there is at home. */
  equipment: string[];
  /** Overrides of the instructor's own approach; null follows it. */
  approach: { [K in keyof Approach]: Approach[K] | null };
  note: string;
}

export type NewAthlete = AthleteForm & { id: string };

const side = <K extends keyof Approach>(topic: K) => Joi.valid(...approachSides[topic], null).required();

export const athleteForm = Joi.object<AthleteForm>({
  givenName: line(60).required(),
  familyName: line(60).required(),
  discipline: Joi.valid('overhand', 'windmill').required(),
  throws: Joi.valid('R', 'L').required(),
  birthdate: day
    .custom((value: string, helpers) => {
      const years = (Date.now() - Date.parse(value)) / 31_557_600_000;
      return years < 4 || years > 80 ? helpers.error('birthdate.range') : value;
    })
    .messages({ 'birthdate.range': 'birthdate must make the athlete 4 to 80 years old' })
    .required(),
  heightCm: Joi.number().min(80).max(230).allow(null).required(),
  massKg: Joi.number().min(15).max(200).allow(null).required(),
  equipment: Joi.array().items(line(40)).max(60).unique().required(),
  approach: Joi.object({
    leave: side('leave'),
    lift: side('lift'),
    teach: side('teach'),
    hips: side('hips'),
  }).required(),
  note: note().required(),
}).required();

export const newAthlete = (athleteForm as Joi.ObjectSchema<NewAthlete>).keys({ id: id.required() });
