import { daysBetween } from '@wrightonic/core/day';

export { dayAt } from '@wrightonic/core/day';

/** How a person reads days and times; `auto` as the device does. */
export interface DayFormat {
  dateOrder: 'auto' | 'month-day' | 'day-month';
  hours: 'auto' | '12' | '24';
}

let format: DayFormat = { dateOrder: 'auto', hours: 'auto' };

/** Whoever is signed in reads days in their own form from now on. */
export const readDaysAs = ({ dateOrder, hours }: DayFormat): void => {
  format = { dateOrder, hours };
};

/** The product speaks English; of the device’s locale only the order of a date and the hours are taken. */
const ownLocale = (): string => {
  const [device] = typeof navigator === 'undefined' ? [] : [navigator.language];
  return device?.startsWith('en') ? device : 'en-GB';
};
const localeOf = (): string =>
  format.dateOrder === 'auto' ? ownLocale() : format.dateOrder === 'month-day' ? 'en-US' : 'en-GB';

/** Making a formatter costs more than all that it writes. */
const formats = new Map<string, Intl.DateTimeFormat>();

function formatOf(locale: string, parts: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${locale} ${JSON.stringify(parts)}`;
  const made = formats.get(key) ?? new Intl.DateTimeFormat(locale, parts);
  formats.set(key, made);
  return made;
}

/** Whether days are written with the month first here, as the person or else the device has it. */
export const usesMonthFirst = (): boolean =>
  formatOf(localeOf(), { day: 'numeric', month: 'numeric', timeZone: 'UTC' })
    .formatToParts(new Date(0))
    .find(({ type }) => type === 'day' || type === 'month')?.type === 'month';

const written = (day: string, parts: Intl.DateTimeFormatOptions): string =>
  formatOf(localeOf(), { ...parts, timeZone: 'UTC' }).format(new Date(`${day}T00:00:00Z`));

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

/** `Tuesday 24 November`, with the month cut short where there is little room. */
export const longDay = (day: string, month: 'long' | 'short' = 'long'): string =>
  written(day, { weekday: 'long', day: 'numeric', month });

export const weekday = (day: string): string => written(day, { weekday: 'short' });

/** How long ago, as one says it. */
export function agoWords(day: string, today: string): string {
  const days = daysBetween(day, today);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 14 ? `${days} days ago` : `${Math.round(days / 7)} weeks ago`;
}

/** The time of day at the venue, `16:30` or `4:30 PM`. */
export const timeAt = (instant: string, zone: string): string => {
  const hourCycle = { auto: {}, '12': { hour12: true }, '24': { hour12: false } }[format.hours];
  const locale = format.hours === '12' ? 'en-US' : format.hours === '24' ? 'en-GB' : ownLocale();
  const hour = format.hours === '12' ? 'numeric' : '2-digit';
  return formatOf(locale, { timeZone: zone, hour, minute: '2-digit', ...hourCycle }).format(
    new Date(instant),
  );
};

/** The time of day at the venue as fields for a time hold it, `16:30`, however it is shown. */
export const clockAt = (instant: string, zone: string): string =>
  formatOf('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit' }).format(new Date(instant));
