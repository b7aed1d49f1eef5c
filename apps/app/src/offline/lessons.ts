import type { Lesson } from '@wrightonic/contract';
import { changeHoldsFor, standingLesson, type PlannedLesson } from '@wrightonic/core/lesson';
import type { Entry } from './outbox';

const planned = ({ id, startsAt, movedFrom, series }: Lesson): PlannedLesson => ({
  id,
  plannedAt: movedFrom ?? startsAt,
  series,
});

/** Lessons with what was changed on this device, in the order in which they stand now. Refused entries do not count. */
export function withLessonChanges(lessons: readonly Lesson[], entries: readonly Entry[]): Lesson[] {
  const stand = new Map(lessons.map((lesson) => [lesson.id, lesson]));
  for (const { event, why } of entries) {
    if (event.kind !== 'lesson-changed' || why) continue;
    const changed = stand.get(event.lessonId);
    if (!changed) continue;
    const of = planned(changed);
    for (const lesson of stand.values())
      if (changeHoldsFor(event, of, planned(lesson)))
        stand.set(lesson.id, { ...lesson, ...standingLesson(planned(lesson), lesson.place, event) });
  }
  return [...stand.values()].sort((a, b) => (a.startsAt < b.startsAt ? -1 : a.startsAt > b.startsAt ? 1 : 0));
}
