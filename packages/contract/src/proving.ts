import type {
  Change,
  Discipline,
  Hand,
  HomeWeek,
  ReportWords,
  Severity,
  SpanChange,
  VelocityUnit,
  BodySize,
  Break,
  DatedScreen,
  PainSite,
  StageSpan,
  ThrowWeek,
  Transfer,
} from '@wrightonic/core';
import Joi from 'joi';
import { nodeId } from './ids';
import { day, id } from './shared';

/** Where the usual velocity should go. */
export interface Target {
  /** m/s */
  velocity: number;
  by: string | null;
}

/** What stands beside an athlete's velocity over the years; everything oldest first. */
export interface Course {
  stages: StageSpan[];
  /** Everything that a plan had a ladder for. */
  ladders: string[];
  screens: DatedScreen[];
  sizes: BodySize[];
  /** Until somebody cleared it; null while nobody has. */
  injuries: { site: PainSite; what: string; from: string; to: string | null }[];
  /** Days on which pain was marked. */
  pains: { date: string; site: PainSite | null }[];
  camps: { id: string; name: string; from: string; to: string }[];
  breaks: Break[];
  throwWeeks: ThrowWeek[];
  homeWeeks: HomeWeek[];
  /** Of the plan that is running. */
  transfer: Transfer[];
  target: Target | null;
}

/** Where the usual velocity of an athlete should go; without a velocity there is no target any more. */
export interface NewTarget {
  id: string;
  /** m/s */
  velocity: number | null;
  by: string | null;
}

export const newTarget = Joi.object<NewTarget>({
  id: id.required(),
  velocity: Joi.number().min(5).max(60).allow(null).label('Target velocity').required(),
  by: day.allow(null).label('By').required(),
}).required();

/** Opens the last ladder of a flaw that is back again. */
export interface Reopening {
  flaw: string;
  /** Of the trace and of the plan that it makes. */
  traceId: string;
  planId: string;
}

export const reopening = Joi.object<Reopening>({
  flaw: nodeId.label('Checkpoint').required(),
  traceId: id.required(),
  planId: id.required(),
}).required();

/** Which looks a report sets against each other, and whether it names flaws. */
export interface ReportWish {
  before: string | null;
  after: string | null;
  names: boolean;
}

const wish = {
  before: id.allow(null).label('Earlier look').required(),
  after: id.allow(null).label('Later look').required(),
  names: Joi.boolean().label('Name the flaws').required(),
};

/** The same as it stands in an address. */
export interface ReportQuery extends Pick<ReportWish, 'before' | 'after'> {
  names: '0' | '1';
}

export const reportQuery = Joi.object<ReportQuery>({
  before: id.empty('').default(null).label('Earlier look'),
  after: id.empty('').default(null).label('Later look'),
  names: Joi.valid('0', '1').default('0').label('Name the flaws'),
}).required();

/** A report behind a link. */
export interface NewReport extends ReportWish {
  id: string;
  /** How long the link opens it, days. */
  days: number;
}

export const newReport = Joi.object<NewReport>({
  id: id.required(),
  days: Joi.number().integer().min(1).max(180).label('Days').required(),
  ...wish,
}).required();

/** A report as it was made: what changes later does not change it. */
export interface Report {
  academy: string;
  givenName: string;
  throws: Hand;
  discipline: Discipline;
  /** The day on which it was made. */
  on: string;
  unit: VelocityUnit;
  words: ReportWords;
  /** Grades along the seam without names; null where there is no such look. */
  before: { date: string; grades: (Severity | null)[] } | null;
  after: { date: string; grades: (Severity | null)[] } | null;
  /** m/s */
  velocity: { date: string; usual: number; top: number }[];
  target: Target | null;
  /** What changed by name; empty where flaws are not named. */
  changes: { name: string; before: number | null; after: number | null; change: Change }[];
  home: Pick<HomeWeek, 'week' | 'assigned' | 'done' | 'late'>[];
  next: string[];
}

/** A report as a link opens it. */
export interface ReportPage extends Report {
  expiresAt: string;
}

export interface ReportRecord {
  id: string;
  at: string;
  by: string;
  expiresAt: string;
  ended: boolean;
}

/** A span of days. */
export interface Span {
  from: string;
  to: string;
}

export const span = Joi.object<Span>({
  from: day.label('From').required(),
  to: day.label('To').required(),
})
  .custom((value: Span, helpers) => (value.from > value.to ? helpers.error('span.order') : value))
  .messages({ 'span.order': 'From must not be after To' })
  .required();

/** An athlete's change over a span, and what was done of the work at home. */
export interface ProgressEntry {
  id: string;
  givenName: string;
  familyName: string;
  discipline: Discipline;
  age: number;
  /** Sessions of the span that can be set against each other. */
  sessions: number;
  verdict: SpanChange['verdict'];
  /** m/s; null where nothing can be compared. */
  before: number | null;
  after: number | null;
  needed: number | null;
  /** So many of the velocities are pretend. */
  simulated: number;
  home: { assigned: number; done: number; late: number };
}

export interface Progress extends Span {
  athletes: ProgressEntry[];
}
