import { roles, type Role } from '@wrightonic/core';
import Joi from 'joi';
import { day, id, line, zone } from './shared';

/** Fewest characters of a password. */
export const leastPassword = 12;

const email = Joi.string()
  .trim()
  .email({ tlds: false })
  .max(200)
  .label('E-mail')
  .messages({ 'string.email': '{{#label}} must be an e-mail address' });
const newPassword = Joi.string()
  .min(leastPassword)
  .max(200)
  .label('Password')
  .messages({ 'string.min': `{{#label}} must have at least ${leastPassword} characters` });
const role = Joi.valid(...roles)
  .label('Role')
  .messages({ 'any.only': '{{#label}} must be owner, instructor or assistant' });

/** The first owner's form: the academy, and the account that it begins with. */
export interface Founding {
  /** Printed by the server when it starts without an academy. */
  code: string;
  academy: string;
  zone: string;
  velocityUnit: 'mph' | 'km/h';
  sizeUnit: 'us' | 'metric';
  name: string;
  email: string;
  password: string;
}

const code = line(60).label('Code from the server');

export const founding = Joi.object<Founding>({
  code: code.required(),
  academy: line(120).label('Name of the academy').required(),
  zone: zone.label('Time zone').required(),
  velocityUnit: Joi.valid('mph', 'km/h').label('Velocity in').required(),
  sizeUnit: Joi.valid('us', 'metric').label('Lengths and weights in').required(),
  name: line(120).label('Your name').required(),
  email: email.required(),
  password: newPassword.required(),
}).required();

export const demoFounding = Joi.object<{ code: string }>({ code: code.required() }).required();

/** Somebody is asked to work at the academy. */
export interface NewInvitation {
  id: string;
  name: string;
  email: string;
  role: Role;
}

export const newInvitation = Joi.object<NewInvitation>({
  id: id.required(),
  name: line(120).label('Name').required(),
  email: email.required(),
  role: role.required(),
}).required();

export interface InvitationRecord {
  id: string;
  name: string;
  email: string;
  role: Role;
  at: string;
  by: string;
  expiresAt: string;
}

/** What a link of an invitation shows before it is used. */
export interface InvitationPage {
  academy: string;
  name: string;
  email: string;
  role: Role;
  by: string;
}

export const invitationAnswer = Joi.object<{ name: string; password: string }>({
  name: line(120).label('Your name').required(),
  password: newPassword.required(),
}).required();

export interface StaffRecord {
  id: string;
  name: string;
  email: string;
  role: Role;
  active: boolean;
  /** Of somebody who helps at one camp. */
  campId: string | null;
  secondFactor: boolean;
  /** Lessons to come. */
  lessons: number;
  /** When they were last signed in; null where nobody knows. */
  seenAt: string | null;
}

export interface StaffChange {
  role: Role;
  active: boolean;
}

export const staffChange = Joi.object<StaffChange>({
  role: role.required(),
  active: Joi.boolean().strict().label('Active').required(),
}).required();

/** The lessons to come of one person become those of another. */
export const handOver = Joi.object<{ to: string }>({ to: id.label('Who takes over').required() }).required();

export const passwordChange = Joi.object<{ current: string; password: string }>({
  current: Joi.string().min(1).max(200).label('Password of now').required(),
  password: newPassword.label('New password').required(),
}).required();

export const resetWish = Joi.object<{ email: string }>({ email: email.required() }).required();
export const resetAnswer = Joi.object<{ password: string }>({
  password: newPassword.label('New password').required(),
}).required();

export const passwordOnly = Joi.object<{ password: string }>({
  password: Joi.string().min(1).max(200).label('Password').required(),
}).required();

/** Six digits of an authenticator, or one of the recovery codes. */
export const secondCode = Joi.string().trim().max(20).label('Code');
export const codeOnly = Joi.object<{ code: string }>({ code: secondCode.required() }).required();

/** What an authenticator app reads. */
export interface SecondFactorSetup {
  secret: string;
  uri: string;
}

export interface OwnSession {
  id: string;
  /** Such as “Chrome on Android”. */
  agent: string;
  since: string;
  here: boolean;
}

/** The account of whoever asks. */
export interface Account {
  email: string;
  secondFactor: boolean;
  recoveryCodesLeft: number;
  sessions: OwnSession[];
}

/** A mail that went out, or would have. */
export interface MailRecord {
  id: string;
  to: string;
  subject: string;
  /** Only of a simulated mail; what really went out is not kept. */
  body: string;
  at: string;
  sentAt: string | null;
  simulated: boolean;
  problem: string;
}

/** The line of the week for a parent, as the instructor sends it. */
export interface WeeklyLine {
  id: string;
  /** Which guardian, from 0. */
  guardian: number;
  text: string;
}

export const weeklyLine = Joi.object<WeeklyLine>({
  id: id.required(),
  guardian: Joi.number().integer().min(0).max(3).label('Guardian').required(),
  text: line(2000).label('Text').required(),
}).required();

export const auditKinds = [
  'saw',
  'changed',
  'exported',
  'invited',
  'cleared',
  'deleted',
  'signed in',
  'refused',
] as const;
export type AuditKind = (typeof auditKinds)[number];

export interface AuditEntry {
  id: string;
  at: string;
  kind: AuditKind;
  /** In words, without a subject: “built a plan”. */
  told: string;
  by: string | null;
  /** The athlete it was about, where there is one and is still here. */
  athlete: { id: string; name: string } | null;
}

/** What of the audit somebody asks for. */
export const auditQuery = Joi.object<{
  kind?: AuditKind;
  person?: string;
  athlete?: string;
  from?: string;
  to?: string;
}>({
  kind: Joi.valid(...auditKinds).label('Kind'),
  person: id.label('Person'),
  athlete: id.label('Athlete'),
  from: day.label('From'),
  to: day.label('To'),
});

/** One page of the audit, newest first. */
export interface AuditPage {
  entries: AuditEntry[];
  /** Whether there are older ones. */
  more: boolean;
}

/** Somebody's data is to be deleted. */
export interface NewDeletion {
  id: string;
  reason: string;
}

export const newDeletion = Joi.object<NewDeletion>({
  id: id.required(),
  reason: line(300).label('Who asked for it, and when').required(),
}).required();

export interface DeletionRecord {
  id: string;
  athlete: { id: string; name: string };
  reason: string;
  at: string;
  by: string;
  /** Null until a second person confirms. */
  confirmedBy: string | null;
  dueAt: string | null;
  /** Whether whoever asks may be the one who confirms; else the words why not. */
  confirm: { may: true } | { may: false; why: string };
}

export const archiving = Joi.object<{ archived: boolean }>({
  archived: Joi.boolean().strict().label('Archived').required(),
}).required();

export const fewestYears = 1;
export const mostYears = 20;
export const retention = Joi.object<{ years: number | null }>({
  years: Joi.number()
    .integer()
    .min(fewestYears)
    .max(mostYears)
    .allow(null)
    .label('Years without contact')
    .required(),
}).required();

/** Athletes out of the lists, those whose deletion was asked for, and those nobody saw for long. */
export interface RetentionPage {
  years: number | null;
  archived: { id: string; name: string; archivedAt: string }[];
  deletions: DeletionRecord[];
  proposed: { id: string; name: string; lastContact: string | null }[];
}

/** What an archive that was opened would bring, before anything is kept. */
export interface ArchivePreview {
  kind: 'athlete' | 'academy';
  academy: string;
  takenAt: string;
  athletes: string[];
  /** Rows of each table. */
  tables: { name: string; rows: number }[];
  problems: { table: string; row: number | null; message: string }[];
  notes: string[];
}
