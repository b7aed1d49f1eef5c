/**
 * Days as text, `2026-05-01`, and which of them it is at a venue. The one place for both: the first ten letters of an
 * instant are the day in Greenwich, which is tomorrow on an evening in New York.
 */

const dayForm = /^\d{4}-\d\d-\d\d$/;
const dayMs = 86_400_000;

const midnight = (day: string): number => Date.parse(`${day}T00:00:00Z`);
const dayOfMidnight = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

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
 * Whether a text is a real day, written YYYY-MM-DD.
 *
 * @example isDay('2026-02-29') // false
 */
export const isDay = (text: string): boolean =>
  dayForm.test(text) && !Number.isNaN(midnight(text)) && dayOfMidnight(midnight(text)) === text;

/**
 * Whole years between two days; the age on the second.
 *
 * @example ageOn('2011-05-23', '2026-05-22') // 14
 */
export function ageOn(birthdate: string, date: string): number {
  const [by, bm, bd] = birthdate.split('-').map(Number) as [number, number, number];
  const [y, m, d] = date.split('-').map(Number) as [number, number, number];
  return y - by - (m < bm || (m === bm && d < bd) ? 1 : 0);
}

/**
 * A day some days later, or earlier.
 *
 * @example addDays('2026-02-27', 2) // '2026-03-01'
 */
export const addDays = (date: string, days: number): string => dayOfMidnight(midnight(date) + days * dayMs);

/**
 * Whole days from one day to another; negative when the second is earlier.
 *
 * @example daysBetween('2026-03-01', '2026-03-08') // 7
 */
export const daysBetween = (from: string, to: string): number =>
  Math.round((midnight(to) - midnight(from)) / dayMs);

/**
 * Days as numbers on an axis, and back.
 *
 * @example dayNumber('1970-01-02') // 1
 */
export const dayNumber = (day: string): number => midnight(day) / dayMs;
/** @example dayOfNumber(1) // '1970-01-02' */
export const dayOfNumber = (n: number): string => dayOfMidnight(Math.round(n) * dayMs);
