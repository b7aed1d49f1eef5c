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
 */
export function dayAt(instant: Date | string, zone: string): string {
  const format = formats.get(zone) ?? new Intl.DateTimeFormat('en-CA', { timeZone: zone });
  formats.set(zone, format);
  return format.format(typeof instant === 'string' ? new Date(instant) : instant);
}

/** Whether a text is a real day, written YYYY-MM-DD. */
export const isDay = (text: string): boolean =>
  dayForm.test(text) && !Number.isNaN(midnight(text)) && dayOfMidnight(midnight(text)) === text;

/** Whole years between two days; the age on the second. */
export function ageOn(birthdate: string, date: string): number {
  const [by, bm, bd] = birthdate.split('-').map(Number) as [number, number, number];
  const [y, m, d] = date.split('-').map(Number) as [number, number, number];
  return y - by - (m < bm || (m === bm && d < bd) ? 1 : 0);
}

/** A day some days later, or earlier. */
export const addDays = (date: string, days: number): string => dayOfMidnight(midnight(date) + days * dayMs);

/** Whole days from one day to another; negative when the second is earlier. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((midnight(to) - midnight(from)) / dayMs);

/** Days as numbers on an axis, and back. */
export const dayNumber = (day: string): number => midnight(day) / dayMs;
export const dayOfNumber = (n: number): string => dayOfMidnight(Math.round(n) * dayMs);
