import {
  approachSides,
  levels,
  painSites,
  voices,
  weekdays,
  type Approach,
  type Discipline,
  type Hand,
  type Level,
  type PainSite,
  type Sex,
  type Voice,
  type Weekday,
} from '@wrightonic/core';
import Joi from 'joi';
import { day, id, line, note } from './shared';

/** An emergency contact; staff only. */
export interface Guardian {
  name: string;
  phone: string;
  email: string;
}

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
  /** Null goes by age. */
  level: Level | null;
  /** For the reference of the jump alone. */
  sex: Sex | null;
  teams: string[];
  /** Days on which there is time to work. */
  days: Weekday[];
  voice: Voice;
  guardians: Guardian[];
  /** Staff only. */
  allergies: string;
  /** What the leagues of this athlete allow; null where they say nothing. */
  league: { maxPerDay: number | null; maxPerGame: number | null };
}

/** An athlete about whom nothing is written down yet. */
export const emptyAthlete: AthleteForm = {
  givenName: '',
  familyName: '',
  discipline: 'overhand',
  throws: 'R',
  birthdate: '',
  heightCm: null,
  massKg: null,
  // What nearly every home has.
  equipment: ['wall', 'floor', 'phone', 'chair'],
  approach: { leave: null, lift: null, teach: null, hips: null },
  note: '',
  level: null,
  sex: null,
  teams: [],
  days: [],
  voice: 'plain',
  guardians: [],
  allergies: '',
  league: { maxPerDay: null, maxPerGame: null },
};

export type NewAthlete = AthleteForm & { id: string };

const side = <K extends keyof Approach>(topic: K) => Joi.valid(...approachSides[topic], null).required();

export const athleteForm = Joi.object<AthleteForm>({
  givenName: line(60).label('Given name').required(),
  familyName: line(60).label('Family name').required(),
  discipline: Joi.valid('overhand', 'windmill').label('Discipline').required(),
  throws: Joi.valid('R', 'L').label('Throwing hand').required(),
  birthdate: day
    .label('Birthdate')
    .custom((value: string, helpers) => {
      const years = (Date.now() - Date.parse(value)) / 31_557_600_000;
      return years < 4 || years > 80 ? helpers.error('birthdate.range') : value;
    })
    .messages({ 'birthdate.range': '{{#label}} must make the athlete 4 to 80 years old' })
    .required(),
  heightCm: Joi.number().min(80).max(230).allow(null).label('Height').required(),
  massKg: Joi.number().min(15).max(200).allow(null).label('Weight').required(),
  equipment: Joi.array().items(line(40)).max(60).unique().label('Equipment at home').required(),
  approach: Joi.object({
    leave: side('leave'),
    lift: side('lift'),
    teach: side('teach'),
    hips: side('hips'),
  }).required(),
  note: note().label('Note').required(),
  level: Joi.valid(...levels, null)
    .label('Level, for what is usual')
    .required(),
  sex: Joi.valid('female', 'male', null).label('Sex, for the reference of the jump alone').required(),
  teams: Joi.array().items(line(60)).max(8).unique().label('Teams').required(),
  days: Joi.array()
    .items(Joi.valid(...weekdays))
    .unique()
    .label('Days with time to work')
    .required(),
  voice: Joi.valid(...voices)
    .label('Cues in the words of')
    .required(),
  guardians: Joi.array()
    .items(
      Joi.object({
        name: line(80).label('Guardian’s name').required(),
        phone: note(40).label('Guardian’s phone').required(),
        email: Joi.string().allow('').email({ tlds: false }).max(200).label('Guardian’s e-mail').required(),
      }),
    )
    .max(4)
    .required(),
  allergies: note(500).label('Allergies').required(),
  league: Joi.object({
    maxPerDay: Joi.number()
      .integer()
      .min(1)
      .max(300)
      .allow(null)
      .label('League: most throws a day')
      .required(),
    maxPerGame: Joi.number()
      .integer()
      .min(1)
      .max(300)
      .allow(null)
      .label('League: most pitches a game')
      .required(),
  }).required(),
}).required();

export const newAthlete = (athleteForm as Joi.ObjectSchema<NewAthlete>).keys({ id: id.required() });

/** Height and mass on a day. */
export interface NewSize {
  id: string;
  date: string;
  heightCm: number | null;
  massKg: number | null;
}

export const newSize = Joi.object<NewSize>({
  id: id.required(),
  date: day.label('Measured on').required(),
  heightCm: Joi.number().min(80).max(230).allow(null).label('Height').required(),
  massKg: Joi.number().min(15).max(200).allow(null).label('Weight').required(),
})
  .custom((value: NewSize, helpers) =>
    value.heightCm === null && value.massKg === null ? helpers.error('size.none') : value,
  )
  .messages({ 'size.none': 'heightCm or massKg must be given' })
  .required();

export interface NewInjury {
  id: string;
  site: PainSite;
  what: string;
  /** When it happened. */
  since: string;
  surgery: boolean;
}

export const newInjury = Joi.object<NewInjury>({
  id: id.required(),
  site: Joi.valid(...painSites)
    .label('Where')
    .required(),
  what: line(200).label('What it was').required(),
  since: day.label('Since').required(),
  surgery: Joi.boolean().label('Operated').required(),
}).required();

/** Who cleared an injury, when, and for what. */
export interface NewClearance {
  id: string;
  clearedBy: string;
  date: string;
  restrictions: string;
}

export const newClearance = Joi.object<NewClearance>({
  id: id.required(),
  clearedBy: line(120).label('Cleared by').required(),
  date: day.label('On').required(),
  restrictions: note(300).label('Restrictions').required(),
}).required();
