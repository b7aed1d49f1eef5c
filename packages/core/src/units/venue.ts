/** The day at the venue at an instant, `2026-05-01`. */
export const dayAt = (instant: Date, zone: string): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone: zone }).format(instant);
