import type { Lesson } from '@wrightonic/contract';
import type { Entry } from './outbox';

/** Lessons with what was changed on this device, in the order in which they stand now. Refused entries do not count. */
export function withLessonChanges(lessons: readonly Lesson[], entries: readonly Entry[]): Lesson[] {
  const stand = new Map(lessons.map((lesson) => [lesson.id, lesson]));
  for (const { event, why } of entries) {
    if (event.kind !== 'lesson-changed' || why) continue;
    const changed = stand.get(event.lessonId);
    if (!changed) continue;
    for (const lesson of stand.values()) {
      const meant =
        lesson.id === event.lessonId ||
        (event.rest && lesson.series === changed.series && lesson.startsAt >= changed.startsAt);
      if (!meant) continue;
      const first = lesson.movedFrom ?? lesson.startsAt;
      stand.set(lesson.id, {
        ...lesson,
        state: event.state,
        reason: event.reason,
        startsAt: event.startsAt ?? first,
        movedFrom: event.startsAt && first,
        place: event.place ?? lesson.place,
      });
    }
  }
  return [...stand.values()].sort((a, b) => (a.startsAt < b.startsAt ? -1 : a.startsAt > b.startsAt ? 1 : 0));
}
