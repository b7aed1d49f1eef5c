/**
 * Days as text, `2026-05-01`, and which of them it is at a venue. The one place for both: the first ten letters of an
 * instant are the day in Greenwich, which is tomorrow on an evening in New York.
 */

import { UTCDateMini } from '@date-fns/utc/date/mini';
import { differenceInYears } from 'date-fns/differenceInYears';
import { isValid } from 'date-fns/isValid';
import { parseISO } from 'date-fns/parseISO';

const dayForm = /^\d{4}-\d\d-\d\d$/;

/** In UTC no night is shorter than another, whatever the machine's zone. */
const midnight = (day: string): Date => new UTCDateMini(`${day}T00:00:00Z`);

/** Days in UTC are all as long: counting them needs no calendar, and histories of years are counted in one go. */
const dayMs = 86_400_000;

/** Making a formatter costs more than all that it writes. */
const formats = new Map<string, Intl.DateTimeFormat>();

/**
 * The day at the venue at an instant.
 *
 * @param zone such as `Europe/London`
 * @throws RangeError for a zone that nobody knows, or an instant that is none
 * @example dayAt('2026-06-08T23:30:00Z', 'Europe/London') // '2026-06-09'
 */
export function dayAt(instant: Date | string, zone: string): string {
  const format = formats.get(zone) ?? new Intl.DateTimeFormat('en-CA', { timeZone: zone });
  formats.set(zone, format);
  return format.format(typeof instant === 'string' ? new Date(instant) : instant);
}

/**
 * Whether a text is a real day.
 *
 * @example isDay('2026-02-29') // false
 */
export const isDay = (text: string): boolean => dayForm.test(text) && isValid(parseISO(text));

/**
 * Whole years between two days; the age on the second.
 *
 * @example ageOn('2011-05-23', '2026-05-22') // 14
 */
export const ageOn = (birthdate: string, date: string): number =>
  differenceInYears(midnight(date), midnight(birthdate));

/**
 * A day some days later, or earlier.
 *
 * @example addDays('2026-02-27', 2) // '2026-03-01'
 */
export const addDays = (date: string, days: number): string => dayOfNumber(dayNumber(date) + days);

/**
 * Whole days from one day to another; negative when the second is earlier.
 *
 * @example daysBetween('2026-03-01', '2026-03-08') // 7
 */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

/**
 * The Monday of the week of a day.
 *
 * @example mondayOf('2026-11-29') // '2026-11-23'
 */
export const mondayOf = (date: string): string => {
  const day = dayNumber(date);
  // The first day of 1970 was a Thursday.
  return dayOfNumber(day - ((((day + 3) % 7) + 7) % 7));
};

/**
 * Days as numbers on an axis, and back.
 *
 * @example dayNumber('1970-01-02') // 1
 */
export const dayNumber = (day: string): number => Date.parse(day) / dayMs;
/** @example dayOfNumber(1) // '1970-01-02' */
export const dayOfNumber = (n: number): string => new Date(Math.round(n) * dayMs).toISOString().slice(0, 10);
