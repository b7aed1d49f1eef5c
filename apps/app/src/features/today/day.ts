import type { Lesson } from '@wrightonic/contract';
import { takesPlace } from '@wrightonic/core/lesson';
import { withLessonChanges } from '../../offline/lessons';
import type { Entry } from '../../offline/outbox';
import { dayAt } from '../../ui/words/days';
import { texts } from './texts';

interface Asked {
  lessons: readonly Lesson[];
  entries: readonly Entry[];
  today: string;
  zone: string;
  /** Whose day it is. */
  instructorId: string;
  /** Somebody asked for the lessons of everybody. */
  everybody: boolean;
}

export interface Day {
  shown: Lesson[];
  /** Lessons of others that are left out. */
  hidden: number;
  /** Of the shown ones, those that take place. */
  taking: number;
  /** Only the instructor's own are shown. */
  own: boolean;
}

/**
 * The lessons of a day, for whom it is: one's own, or everybody's where one has none or asks for them. Lessons that were
 * read on an earlier day are not today's, nor are those that were moved away.
 */
export function dayFor({ lessons, entries, today, zone, instructorId, everybody }: Asked): Day {
  const day = withLessonChanges(lessons, entries).filter(
    ({ startsAt }) => dayAt(new Date(startsAt), zone) === today,
  );
  const mine = day.filter((lesson) => lesson.instructorId === instructorId);
  const own = !everybody && mine.length > 0;
  const shown = own ? mine : day;
  return { shown, hidden: day.length - shown.length, taking: shown.filter(takesPlace).length, own };
}

/** How many lessons there are, and whose. */
export const dayCount = ({ taking, own }: Pick<Day, 'taking' | 'own'>, academy: string): string =>
  taking === 0 ? academy : own ? texts.lessonOfYours(taking) : texts.lessonAt(taking, academy);
