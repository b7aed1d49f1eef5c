export const weekdays = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;
export type Weekday = (typeof weekdays)[number];

/**
 * The day of the week of an ISO day.
 *
 * @param date ISO day, such as `2026-06-08`
 * @returns `mon` to `sun`
 * @example weekdayOf('2026-06-08') // 'mon'
 */
export const weekdayOf = (date: string): Weekday =>
  weekdays[(new Date(`${date}T00:00:00Z`).getUTCDay() + 6) % 7]!;
