import { differenceInCalendarDays, format, parseISO } from 'date-fns';

/** `2026-05-01` as `1 May`, with the year where it is not this one. */
export function dayWords(day: string, today: string): string {
  return format(parseISO(day), day.slice(0, 4) === today.slice(0, 4) ? 'd MMM' : 'd MMM yyyy');
}

export const weekday = (day: string): string => format(parseISO(day), 'EEE');

/** How long ago, as one says it. */
export function agoWords(day: string, today: string): string {
  const days = differenceInCalendarDays(parseISO(today), parseISO(day));
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 14 ? `${days} days ago` : `${Math.round(days / 7)} weeks ago`;
}

/** The time of day at the venue, `16:30`. */
export const timeAt = (instant: string, zone: string): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit' }).format(
    new Date(instant),
  );

/** The day at the venue now. */
export const dayAt = (instant: Date, zone: string): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone: zone }).format(instant);
