import { TZDate } from '@date-fns/tz';

const dayForm = /^(\d{4})-(\d\d)-(\d\d)$/;
const timeForm = /^([01]\d|2[0-3]):([0-5]\d)$/;

/** The instant at which a day and a time of day fall at a venue, in UTC; null for what is neither. */
export function venueInstant(date: string, time: string, zone: string): string | null {
  const [, year, month, day] = (dayForm.exec(date) ?? []).map(Number);
  const [, hour, minute] = (timeForm.exec(time) ?? []).map(Number);
  if (year === undefined || hour === undefined) return null;
  const at = new TZDate(year, month! - 1, day!, hour, minute!, zone);
  // The thirtieth of February would be some day in March.
  if (at.getMonth() !== month! - 1) return null;
  return new Date(at.getTime()).toISOString();
}
