import {
  areaKinds,
  blockKinds,
  coachSkills,
  largestCamp,
  nodeOf,
  type CampArea,
  type CampBlock,
  type CampChange,
  type CampMember,
  type CampSetup,
  type CampStaff,
  type CampThing,
  type PlannedStation,
  type ThrowLock,
} from '@wrightonic/core';
import Joi from 'joi';
import type { Guardian } from './athletes';
import type { CheckIn } from './campDay';
import type { CampPlanRecord } from './campPlans';
import { drillId, known } from './ids';
import { day, id, line, note, timeOfDay } from './shared';

const whole = (from: number, to: number) => Joi.number().integer().min(from).max(to);
const idLists = Joi.array().items(Joi.array().items(id).min(2).max(20).unique()).max(100);
const treated = known('flaw or limit', nodeOf);

export const campArea = Joi.object<CampArea>({
  id: id.required(),
  name: line(40).label('Name').required(),
  kind: Joi.valid(...areaKinds)
    .label('Kind')
    .required(),
  capacity: whole(1, 400).label('Athletes at once').required(),
}).required();

export const campBlock = Joi.object<CampBlock>({
  id: id.required(),
  day: day.label('Day').required(),
  start: timeOfDay.label('Start').required(),
  minutes: whole(1, 600).label('Minutes').required(),
  kind: Joi.valid(...blockKinds)
    .label('What for')
    .required(),
}).required();

export const campStaff = Joi.object<CampStaff>({
  id: id.required(),
  name: line(60).label('Name').required(),
  skills: Joi.array()
    .items(Joi.valid(...coachSkills))
    .unique()
    .label('Can lead')
    .required(),
  hours: Joi.array()
    .items(
      Joi.object({
        day: day.required(),
        from: timeOfDay.label('From').required(),
        to: timeOfDay.label('To').required(),
      }).custom((value: { from: string; to: string }, helpers) =>
        value.from < value.to ? value : helpers.message({ custom: 'the hours end before they begin' }),
      ),
    )
    .max(40)
    .required(),
}).required();

const campThing = Joi.object<CampThing>({
  thing: line(40).label('Thing').required(),
  count: whole(1, 400).label('How many').required(),
  shared: whole(1, 40).label('Athletes who share one').required(),
});

export const plannedStation = Joi.object<PlannedStation>({
  id: id.required(),
  name: line(40).label('Name').required(),
  areaId: id.label('Area').required(),
  drills: Joi.array().items(drillId).max(8).unique().label('Drills').required(),
  treats: Joi.array().items(treated).max(40).unique().label('Works on').required(),
  capacity: whole(1, 200).label('Athletes at once').required(),
  minimum: whole(0, 200).label('Opens for at least').required(),
  throwHeavy: Joi.boolean().label('Throw-heavy').required(),
  throws: whole(0, 100).label('Throws of each in a visit').required(),
  effort: whole(10, 100).label('Effort of a throw, %').required(),
  things: Joi.array().items(campThing).max(8).required(),
  skill: Joi.valid(...coachSkills, null)
    .label('Its coach can lead')
    .required(),
}).required();

/** What a camp is called, and when and where it is. */
const headFields = {
  name: line(60).label('Name').required(),
  venue: note(80).label('Venue').required(),
  firstDay: day.label('First day').required(),
  lastDay: day.label('Last day').required(),
};

const list = (items: Joi.Schema, atMost: number) =>
  Joi.array().items(items.optional()).max(atMost).unique('id').required();

export const campSetup = Joi.object<CampSetup>({
  ...headFields,
  mode: Joi.valid('routes', 'groups').label('How it is planned').required(),
  seed: whole(0, 2_147_483_647).label('Seed').required(),
  ageSpan: Joi.number().min(0).max(99).allow(null).label('Years between oldest and youngest').required(),
  groups: Joi.object({
    count: whole(1, 60).label('Groups').required(),
    min: whole(1, 200).label('Smallest').required(),
    max: whole(1, 200).label('Largest').required(),
  }).required(),
  areas: list(campArea, 40),
  blocks: list(campBlock, 200),
  staff: list(campStaff, 80),
  stations: list(plannedStation, 40),
  together: idLists.required(),
  apart: idLists.required(),
  surnames: Joi.boolean().label('Family names on boards').required(),
  athletesPerAdult: whole(1, 100).label('Athletes for each adult, at most').required(),
}).required();

/** A camp that is made: from nothing, from the usual one, or as a copy of another. */
export interface NewCamp extends Pick<CampSetup, 'name' | 'venue' | 'firstDay' | 'lastDay'> {
  id: string;
  setupId: string;
  from: 'nothing' | 'usual' | 'copy';
  copyOf: string | null;
}

export const newCamp = Joi.object<NewCamp>({
  ...headFields,
  id: id.required(),
  setupId: id.required(),
  from: Joi.valid('nothing', 'usual', 'copy').label('Begin with').required(),
  copyOf: Joi.when('from', { is: 'copy', then: id.required(), otherwise: Joi.valid(null).required() }).label(
    'As a copy of',
  ),
}).required();

/** A setup that was changed, and the one that it was made of: two people who change it at once are told. */
export interface ChangedSetup {
  id: string;
  before: string;
  setup: CampSetup;
}

export const changedSetup = Joi.object<ChangedSetup>({
  id: id.required(),
  before: id.required(),
  setup: campSetup,
}).required();

/** Somebody comes, comes otherwise, or does not come any more; the newest row of an athlete counts. */
export interface MemberRow {
  id: string;
  athleteId: string;
  coming: boolean;
  /** Slots of arrival and departure; null for the first and the last. */
  from: string | null;
  to: string | null;
  /** Stations that they may not visit, chosen by the staff. */
  barred: string[];
  restriction: string;
}

const memberRow = Joi.object<MemberRow>({
  id: id.required(),
  athleteId: id.required(),
  coming: Joi.boolean().required(),
  from: id.allow(null).required(),
  to: id.allow(null).required(),
  barred: Joi.array().items(id).max(40).unique().required(),
  restriction: note(200).label('Restriction').required(),
});

export interface MemberRows {
  members: MemberRow[];
}
export const memberRows = Joi.object<MemberRows>({
  members: Joi.array().items(memberRow).min(1).max(largestCamp).unique('id').unique('athleteId').required(),
}).required();

/** Somebody who comes, as staff see them. */
export interface CampMemberRecord
  extends CampMember, Omit<MemberRow, 'id' | 'athleteId' | 'coming' | 'barred'> {
  givenName: string;
  familyName: string;
  lock: ThrowLock | null;
  /** Day of the look whose findings they are; null where nobody looked yet. */
  lookedOn: string | null;
  /** Stations that staff keep them from. */
  barredByStaff: string[];
  guardians: Guardian[];
  allergies: string;
  /** Newest word of each day. */
  checkIns: CheckIn[];
}

export interface CampListEntry extends Pick<CampSetup, 'name' | 'venue' | 'firstDay' | 'lastDay'> {
  id: string;
  athletes: number;
  planned: boolean;
  archived: boolean;
}

/** Everything of a camp that its screens show. */
export interface CampRecord {
  id: string;
  setupId: string;
  setup: CampSetup;
  archived: boolean;
  members: CampMemberRecord[];
  changes: CampChange[];
  plan: CampPlanRecord | null;
  /** Plans before it, newest first. */
  earlier: { id: string; at: string; why: string }[];
}

/** A camp is put away, or taken out again. */
export const campArchiving = Joi.object<{ id: string; archived: boolean }>({
  id: id.required(),
  archived: Joi.boolean().required(),
}).required();
