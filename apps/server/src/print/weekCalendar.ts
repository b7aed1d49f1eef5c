import {
  levelWords,
  lockedAtHomeWords,
  notMedical,
  stopForPain,
  type SheetDay,
  type WeekSheet,
} from '@wrightonic/core';
import { createHash } from 'node:crypto';
import ical, { ICalCalendarMethod } from 'ical-generator';

/** The same day of the same link is the same event, however often a calendar asks. */
const uid = (url: string, what: string): string =>
  `${createHash('sha256').update(`${url} ${what}`).digest('hex').slice(0, 32)}@wrightonic`;

const dayText = ({ items, throws }: SheetDay, lock: WeekSheet['lock']): string =>
  [
    ...(lock ? [lockedAtHomeWords(lock)] : []),
    ...items.map(({ name, sets, amount, cue, level }) =>
      [`${name}: ${sets} × ${amount}. “${cue}”`, level ? levelWords(level) : ''].filter(Boolean).join(' '),
    ),
    ...(lock ? [] : [`Throws: ${Math.round(throws)}`]),
    stopForPain,
    notMedical,
  ].join('\n');

/** The week as a calendar that others subscribe to: a day with drills is one entry, a lesson another. */
export function weekCalendar(
  sheet: WeekSheet,
  lessons: readonly { date: string; minutes: number | null; title: string }[],
  url: string,
): string {
  const calendar = ical({
    name: `${sheet.givenName} at ${sheet.academy}`,
    prodId: { company: 'Wrightonic', product: 'Week' },
    method: ICalCalendarMethod.PUBLISH,
    ttl: 6 * 3600,
  });
  for (const day of sheet.days.filter(({ items }) => items.length)) {
    const count = `${day.items.length} ${day.items.length === 1 ? 'drill' : 'drills'}`;
    calendar.createEvent({
      id: uid(url, day.date),
      start: new Date(`${day.date}T00:00:00Z`),
      allDay: true,
      summary: `${sheet.givenName}: ${count}${day.throws ? `, ${Math.round(day.throws)} throws` : ''}`,
      description: dayText(day, sheet.lock),
      url,
    });
  }
  for (const { date, title } of lessons)
    calendar.createEvent({
      id: uid(url, `${date} ${title}`),
      start: new Date(`${date}T00:00:00Z`),
      allDay: true,
      summary: `${sheet.givenName}: ${title}`,
    });
  return calendar.toString();
}
