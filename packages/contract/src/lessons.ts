import type { LessonState } from '@wrightonic/core';
import Joi from 'joi';
import { day, id, note, timeOfDay } from './shared';

/** Puts a lesson in the diary. */
export interface NewLesson {
  id: string;
  athleteId: string;
  date: string;
  /** At the venue, `16:30`. */
  time: string;
  minutes: number;
  place: string;
  /** One id for each week after, when it is held again at the same time; none when left out. */
  weekly?: string[];
}

const mostWeeks = 51;

export const newLesson = Joi.object<NewLesson>({
  id: id.required(),
  athleteId: id.required(),
  date: day.label('Day').required(),
  time: timeOfDay.label('Time').required(),
  minutes: Joi.number().integer().min(10).max(240).label('Minutes').required(),
  place: note(80).label('Place').required(),
  weekly: Joi.array().items(id).max(mostWeeks).unique(),
}).required();

/** A lesson as it stands now. */
export interface BookedLesson {
  id: string;
  athleteId: string;
  instructorId: string;
  startsAt: string;
  minutes: number;
  place: string;
  state: LessonState;
  /** When it was to be before it was moved; null for one that was not. */
  movedFrom: string | null;
  /** Shared by lessons that were put into the diary together. */
  series: string | null;
  reason: string;
}

export interface Lesson extends BookedLesson {
  /** Of the athlete, so that a day can be read before the roster. */
  name: string;
  /** How many lessons a change of this and all later ones of its series is for; 1 for a lesson by itself, null where nobody counted. */
  fromHere: number | null;
}

export interface LessonQuery {
  from?: string;
  days?: string;
}

export const lessonQuery = Joi.object<LessonQuery>({
  from: day,
  days: Joi.string()
    .pattern(/^([1-9]|[1-3]\d|4[0-2])$/)
    .messages({ 'string.pattern.base': '{{#label}} must be a number of days from 1 to 42' }),
}).required();

/** The address of an instructor’s calendar is told once. */
export interface MadeFeed {
  id: string;
  token: string;
}

export const newFeed = Joi.object<{ id: string }>({ id: id.required() }).required();

/** What the day asks for beside its lessons. */
export interface DayAlerts {
  /** Pain that was marked in the last seven days, newest first. */
  pain: { athleteId: string; date: string; site: string | null; where: 'home' | 'session' }[];
  /** Athletes with work assigned in the last seven days who did none of it. */
  idle: string[];
}
