import { daysBetween } from '@wrightonic/core/day';

export { dayAt } from '@wrightonic/core/day';

/** Making a formatter costs more than all that it writes. */
const formats = new Map<string, Intl.DateTimeFormat>();

function formatOf(parts: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = JSON.stringify(parts);
  const format = formats.get(key) ?? new Intl.DateTimeFormat('en-GB', parts);
  formats.set(key, format);
  return format;
}

const written = (day: string, parts: Intl.DateTimeFormatOptions): string =>
  formatOf({ ...parts, timeZone: 'UTC' }).format(new Date(`${day}T00:00:00Z`));

/** `2026-05-01` as `1 May`, with the year where it is not this one. */
export const dayWords = (day: string, today: string): string =>
  written(day, {
    day: 'numeric',
    month: 'short',
    ...(day.slice(0, 4) === today.slice(0, 4) ? {} : { year: 'numeric' }),
  });

/** A sentence of the core with its days as one says them. */
export const withDays = (text: string, today: string): string =>
  text.replace(/\b\d{4}-\d\d-\d\d\b/g, (day) => dayWords(day, today));

/** `Tuesday 24 November`. */
export const longDay = (day: string): string =>
  written(day, { weekday: 'long', day: 'numeric', month: 'long' });

export const weekday = (day: string): string => written(day, { weekday: 'short' });

/** How long ago, as one says it. */
export function agoWords(day: string, today: string): string {
  const days = daysBetween(day, today);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 14 ? `${days} days ago` : `${Math.round(days / 7)} weeks ago`;
}

/** The time of day at the venue, `16:30`. */
export const timeAt = (instant: string, zone: string): string =>
  formatOf({ timeZone: zone, hour: '2-digit', minute: '2-digit' }).format(new Date(instant));
