import { TZDate } from '@date-fns/tz';
import { format } from 'date-fns';

/** The calendar day at a venue, `2026-05-01`. */
export const venueDay = (at: Date, zone: string): string => format(new TZDate(at, zone), 'yyyy-MM-dd');

/** The instant at which a day and a time of day (`16:30`) fall at a venue. */
export function venueInstant(date: string, time: string, zone: string): Date {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  const [hour, minute] = time.split(':').map(Number) as [number, number];
  return new Date(new TZDate(year, month - 1, day, hour, minute, zone).getTime());
}
