import { isDay } from '@wrightonic/core/day';
import Joi from 'joi';

/** Version 7 ids, made by the client, so that a log made offline has its id at once. */
export const id = Joi.string().pattern(
  /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/,
  'UUID version 7',
);

/** An instant in UTC, `2026-05-01T17:30:00.000Z`. */
export const instant = Joi.string()
  .pattern(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/, 'UTC time')
  .custom((value: string, helpers) => {
    const year = Number(value.slice(0, 4));
    return Number.isNaN(Date.parse(value)) || year < 2000 || year > 2100
      ? helpers.error('any.invalid')
      : value;
  });

/** A calendar day, `2026-05-01`. */
export const day = Joi.string()
  .custom((value: string, helpers) => {
    // Far away years overflow when days are added to them.
    const year = Number(value.slice(0, 4));
    return isDay(value) && year >= 1900 && year <= 2200 ? value : helpers.error('any.invalid');
  })
  .messages({ 'any.invalid': '{{#label}} must be a real day between 1900 and 2200' });

/** A time of day at the venue, `16:30`. */
export const timeOfDay = Joi.string()
  .pattern(/^([01]\d|2[0-3]):[0-5]\d$/)
  .messages({ 'string.pattern.base': '{{#label}} must be a time of day such as 16:30' });

export const line = (atMost: number) => Joi.string().trim().min(1).max(atMost);
/** Free text that may be left out. */
export const note = (atMost = 1000) => Joi.string().allow('').max(atMost);
export const zone = Joi.string()
  .max(64)
  .custom((value: string, helpers) => {
    try {
      new Intl.DateTimeFormat('en', { timeZone: value });
      return value;
    } catch {
      return helpers.error('any.invalid');
    }
  })
  .messages({ 'any.invalid': '{{#label}} must be a time zone such as Europe/London' });
