import type { CampOutcome } from '@wrightonic/core';
import Joi from 'joi';
import { athleteForm, type NewAthlete } from './athletes';
import { id, line, note } from './shared';

/** What came of a camp. */
export interface CampAfter extends CampOutcome {
  firstDay: string;
  lastDay: string;
  /** Of each: whether the newest look has a plan of its own already. */
  plans: { athlete: string; state: 'planned' | 'open' | 'no look' }[];
}

/** Plans for those of a camp in one go: the ids under which they are kept, so that sending twice makes none twice. */
export interface FollowUps {
  athletes: { athleteId: string; traceId: string; planId: string }[];
}
export const followUps = Joi.object<FollowUps>({
  athletes: Joi.array()
    .items(Joi.object({ athleteId: id.required(), traceId: id.required(), planId: id.required() }))
    .min(1)
    .max(400)
    .unique('athleteId')
    .required(),
}).required();
export interface FollowedUp {
  made: string[];
  left: { athleteId: string; why: string }[];
}

/** A link of a camp: to sign up, or to the report card of one athlete. */
export interface NewCampLink {
  id: string;
  kind: 'sign-up' | 'card';
  athleteId: string | null;
  days: number;
}
export const newCampLink = Joi.object<NewCampLink>({
  id: id.required(),
  kind: Joi.valid('sign-up', 'card').required(),
  athleteId: Joi.when('kind', {
    is: 'card',
    then: id.required(),
    otherwise: Joi.valid(null).required(),
  }),
  days: Joi.number().integer().min(1).max(180).required(),
}).required();

export interface CampLinkRecord {
  id: string;
  kind: NewCampLink['kind'];
  athleteId: string | null;
  expiresAt: string;
  ended: boolean;
}

/** What a sign-up asks for, and nothing more. */
export interface CampSignUp extends Pick<
  NewAthlete,
  'givenName' | 'familyName' | 'discipline' | 'throws' | 'birthdate' | 'allergies'
> {
  id: string;
  guardian: string;
  phone: string;
}

const of = (field: keyof NewAthlete): Joi.Schema => athleteForm.extract(field);
export const campSignUp = Joi.object<CampSignUp>({
  id: id.required(),
  givenName: of('givenName'),
  familyName: of('familyName'),
  discipline: of('discipline'),
  throws: of('throws'),
  birthdate: of('birthdate'),
  allergies: note(500).label('Allergies').required(),
  guardian: line(80).label('Parent or guardian').required(),
  phone: line(40).label('Phone in an emergency').required(),
}).required();

/** What somebody sees who was sent a sign-up link. */
export interface SignUpPage {
  academy: string;
  name: string;
  venue: string;
  firstDay: string;
  lastDay: string;
}

export interface SignUpRecord extends CampSignUp {
  at: string;
}

/** A sign-up is taken, as this athlete, or left out. */
export const signUpEnd = Joi.object<{ id: string; athleteId: string | null }>({
  id: id.required(),
  athleteId: id.allow(null).required(),
}).required();

/** What of a camp is printed. */
export const campPapers = ['stations', 'groups', 'coaches', 'labels', 'cards'] as const;
export type CampPaper = (typeof campPapers)[number];
export const campTables = ['schedule', 'roster', 'results'] as const;
export type CampTableName = (typeof campTables)[number];

/** An account of somebody who helps at one camp. */
export interface NewCampHelper {
  id: string;
  name: string;
  email: string;
  password: string;
}
export const newCampHelper = Joi.object<NewCampHelper>({
  id: id.required(),
  name: line(80).label('Name').required(),
  email: Joi.string().email({ tlds: false }).max(200).label('E-mail').required(),
  password: Joi.string().min(10).max(200).label('Password, ten letters or more').required(),
}).required();

export type CampHelper = Pick<NewCampHelper, 'id' | 'name' | 'email'>;
