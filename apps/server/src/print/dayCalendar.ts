import type { BookedLesson } from '@wrightonic/contract';
import { takesPlace } from '@wrightonic/core';
import ical, { ICalCalendarMethod, ICalEventStatus } from 'ical-generator';
import { texts } from './texts';

/** Lessons of an instructor as a calendar to subscribe to; what does not take place stays in it as called off. */
export function dayCalendar(
  lessons: readonly BookedLesson[],
  { academy, nameOf }: { academy: string; nameOf: (athleteId: string) => string },
): string {
  const calendar = ical({
    name: texts.lessonsAt(academy),
    prodId: { company: 'Wrightonic', product: 'Day' },
    method: ICalCalendarMethod.PUBLISH,
    ttl: 3600,
  });
  for (const lesson of lessons) {
    const start = new Date(lesson.startsAt);
    calendar.createEvent({
      id: `${lesson.id}@wrightonic`,
      start,
      end: new Date(start.getTime() + lesson.minutes * 60_000),
      summary: nameOf(lesson.athleteId),
      location: lesson.place,
      status: takesPlace(lesson) ? ICalEventStatus.CONFIRMED : ICalEventStatus.CANCELLED,
    });
  }
  return calendar.toString();
}
