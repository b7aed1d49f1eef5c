import Joi from 'joi';
import { clipViews, type ClipView } from './measuring';
import { day, line, note, timeOfDay } from './shared';

/*
 * What is typed before it becomes something else: a day and a time that become an instant, words that become an event.
 */

/** When, where and how a look was taken. */
export interface LookDetailsForm {
  date: string;
  time: string;
  place: string;
  view: ClipView | null;
  thrown: string;
  lookedBy: string;
}

export const lookDetailsForm = Joi.object<LookDetailsForm>({
  date: day.label('Day of the look').required(),
  time: timeOfDay.label('Time of the look').required(),
  place: note(80).label('Place').required(),
  view: Joi.valid(...clipViews, null)
    .label('Seen from')
    .required(),
  thrown: note(120).label('What was thrown').required(),
  lookedBy: note(80).label('Looked at by').required(),
}).required();

/** Another day, time or place for a lesson. */
export interface MoveLessonForm {
  date: string;
  time: string;
  place: string;
}

export const moveLessonForm = Joi.object<MoveLessonForm>({
  date: day.label('Day').required(),
  time: timeOfDay.label('Time').required(),
  place: note(80).label('Place').required(),
}).required();

/** Who cleared throws that pain had locked, and why. */
export interface UnlockForm {
  clearedBy: string;
  reason: string;
}

export const unlockForm = Joi.object<UnlockForm>({
  clearedBy: line(120).label('Who cleared the throws').required(),
  reason: line(300).label('Why the throws are open again').required(),
}).required();

/** What an academy takes for usual. */
export interface NormForm {
  low: number;
  high: number;
  basis: string;
}

export const normForm = Joi.object<NormForm>({
  low: Joi.number().min(-1000).max(10_000).label('Low').required(),
  high: Joi.number()
    .min(-1000)
    .max(10_000)
    .greater(Joi.ref('low'))
    .label('High')
    .required()
    .messages({ 'number.greater': '{{#label}} must be above the low end' }),
  basis: line(200).label('Where it comes from').required(),
}).required();
