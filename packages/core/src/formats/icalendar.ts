import ICAL from 'ical.js';
import { dayAt, isDay } from '../units/day';
import { TableError } from './csv';
import { texts } from './texts';

export interface CalendarGame {
  uid: string;
  /** ISO day at the venue. */
  date: string;
  title: string;
}

export interface CalendarGames {
  /** In the order of their days. */
  games: CalendarGame[];
  /** Events that were passed over, by why. */
  passedOver: { before: number; after: number; cancelled: number; unreadable: number; beyond: number };
}

interface Window {
  /** ISO days; both included. */
  from: string;
  until: string;
  /** IANA name of the venue's zone. */
  zone: string;
}

/** More than a season holds for one athlete. */
const maxOccurrences = 400;
/** An event that repeats is followed so far and no further. */
const mostRepeats = 1500;

/** The day as a time is written, whatever its zone. */
const writtenDay = ({ year, month, day }: ICAL.Time): string => {
  const pad = (n: number) => String(n).padStart(2, '0');
  return `${year}-${pad(month)}-${pad(day)}`;
};

/** The day at the venue; a time without a zone, or a whole day, is taken as it is written. */
function dayOf(time: ICAL.Time, zone: string): string {
  const floating = time.isDate || time.zone === ICAL.Timezone.localTimezone;
  return floating ? writtenDay(time) : dayAt(time.toJSDate(), zone);
}

const isCancelled = (component: ICAL.Component): boolean =>
  String(component.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED';

/** When an event begins; null stands for a day of it that was called off. */
function startsOf(event: ICAL.Event, last: string): (ICAL.Time | null)[] {
  if (!event.startDate) throw new RangeError('no start');
  if (!event.isRecurring()) return [event.startDate];
  const starts: (ICAL.Time | null)[] = [];
  const iterator = event.iterator();
  for (let n = 0; n < mostRepeats; n++) {
    const next = iterator.next() as ICAL.Time | null;
    if (!next) break;
    if (writtenDay(next) > last) break;
    const { item, startDate } = event.getOccurrenceDetails(next);
    starts.push(isCancelled(item.component) ? null : startDate);
  }
  return starts;
}

function calendarIn(text: string): ICAL.Component {
  if (!/BEGIN:VCALENDAR/i.test(text)) throw new TableError(texts.isNoCalendar);
  try {
    const parsed: unknown = ICAL.parse(text);
    return new ICAL.Component(parsed as ConstructorParameters<typeof ICAL.Component>[0]);
  } catch (error) {
    throw new TableError(texts.calendarIsBroken((error as Error).message));
  }
}

const uidOf = (component: ICAL.Component): string => String(component.getFirstPropertyValue('uid') ?? '');

/** Single days of an event that repeats which were moved, by the event. */
function exceptionsOf(events: readonly ICAL.Component[]): Map<string, ICAL.Component[]> {
  const byUid = new Map<string, ICAL.Component[]>();
  for (const event of events.filter((each) => each.hasProperty('recurrence-id')))
    byUid.set(uidOf(event), [...(byUid.get(uidOf(event)) ?? []), event]);
  return byUid;
}

/**
 * Games of a calendar that a league or a team hands out: every event of the window, repeats and zones followed, what
 * was called off left out.
 *
 * @throws TableError for a file that is no calendar or is broken
 * @example readGames('BEGIN:VCALENDAR\nVERSION:2.0\nEND:VCALENDAR', { from: '2026-05-01', until: '2026-06-01', zone: 'UTC' }).games // []
 */
export function readGames(text: string, { from, until, zone }: Window): CalendarGames {
  const calendar = calendarIn(text);
  // The library keeps zones for everybody; what another calendar called its own does not count here.
  ICAL.TimezoneService.reset();
  for (const component of calendar.getAllSubcomponents('vtimezone'))
    ICAL.TimezoneService.register(new ICAL.Timezone(component));
  const passedOver = { before: 0, after: 0, cancelled: 0, unreadable: 0, beyond: 0 };
  const games = new Map<string, CalendarGame>();
  const events = calendar.getAllSubcomponents('vevent');
  const changed = exceptionsOf(events);
  const masters = new Set(events.filter((each) => !each.hasProperty('recurrence-id')).map(uidOf));
  for (const component of events) {
    // A single day of an event comes with the event, unless the file holds only the day.
    if (component.hasProperty('recurrence-id') && masters.has(uidOf(component))) continue;
    if (isCancelled(component)) {
      passedOver.cancelled++;
      continue;
    }
    try {
      // Without its exceptions at hand the library looks through the whole calendar for every event.
      const isException = component.hasProperty('recurrence-id');
      const event = new ICAL.Event(component, {
        exceptions: isException ? [] : (changed.get(uidOf(component)) ?? []),
      });
      const title = (event.summary ?? '').trim().slice(0, 200) || 'Game';
      const uid = (event.uid || title).slice(0, 255);
      for (const start of startsOf(event, until)) {
        if (!start) {
          passedOver.cancelled++;
          continue;
        }
        const date = dayOf(start, zone);
        if (!isDay(date)) throw new RangeError(date);
        if (date < from) passedOver.before++;
        else if (date > until) passedOver.after++;
        else games.set(`${uid} ${date}`, { uid, date, title });
      }
    } catch {
      passedOver.unreadable++;
    }
  }
  const sorted = [...games.values()].sort(
    (a, b) => a.date.localeCompare(b.date) || a.title.localeCompare(b.title),
  );
  passedOver.beyond = Math.max(0, sorted.length - maxOccurrences);
  return { games: sorted.slice(0, maxOccurrences), passedOver };
}
