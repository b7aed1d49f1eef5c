import { FieldError } from './fieldError';
import { TZDate } from '@date-fns/tz';
import { isDay } from './day';
import { texts } from './texts';

const timeForm = /^([01]\d|2[0-3]):([0-5]\d)$/;

/**
 * Whether a text is a time of day, `16:30`.
 *
 * @example isTime('24:00') // false
 */
export const isTime = (text: string): boolean => timeForm.test(text);

/**
 * Minutes after midnight of a time of day.
 *
 * @example minutesOf('09:05') // 545
 */
export const minutesOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

/**
 * The time of day so many minutes after midnight, within the day.
 *
 * @example timeOfMinutes(545) // '09:05'
 */
export const timeOfMinutes = (minutes: number): string =>
  [Math.floor(minutes / 60), minutes % 60].map((part) => String(part).padStart(2, '0')).join(':');

/**
 * The instant at which a day and a time of day (`16:30`) fall at a venue. A time that a night skips is taken an hour
 * later, one that comes twice is the first.
 *
 * @throws RangeError for what is no day or no time
 * @example venueInstant('2026-07-01', '16:30', 'Europe/London').toISOString() // '2026-07-01T15:30:00.000Z'
 */
export function venueInstant(date: string, time: string, zone: string): Date {
  if (!isDay(date)) throw new FieldError('date', texts.isNoDay(date));
  if (!isTime(time)) throw new FieldError('time', texts.isNoTimeOfDay(time));
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  const [hour, minute] = time.split(':').map(Number) as [number, number];
  return new Date(new TZDate(year, month - 1, day, hour, minute, zone).getTime());
}

/**
 * The time of day at a venue at an instant, `16:30`.
 *
 * @example venueTimeOf(new Date('2026-07-01T15:30:00Z'), 'Europe/London') // '16:30'
 */
export function venueTimeOf(instant: Date, zone: string): string {
  const at = new TZDate(instant.getTime(), zone);
  return timeOfMinutes(60 * at.getHours() + at.getMinutes());
}

/**
 * The instant of what somebody typed, in UTC; null for what is no day or no time.
 *
 * @example typedInstant('2026-02-30', '16:30', 'Europe/London') // null
 */
export const typedInstant = (date: string, time: string, zone: string): string | null =>
  isDay(date) && isTime(time) ? venueInstant(date, time, zone).toISOString() : null;
