import type { Lesson } from '@wrightonic/contract';
import type { Group } from '../../store/settings';

/** As many as one instructor keeps an eye on. */
export const largestGroup = 6;

/**
 * Who works together with an athlete: whoever was put together today, else whoever has a lesson at the same time and
 * place. Alone it is the athlete.
 */
export function groupOf(
  id: string,
  { chosen, today, lessons }: { chosen: Group | null; today: string; lessons: readonly Lesson[] },
): string[] {
  if (chosen?.date === today && chosen.ids.includes(id)) return chosen.ids;
  const own = lessons.filter(({ athleteId }) => athleteId === id);
  const same = lessons.filter((lesson) =>
    own.some(({ startsAt, place }) => startsAt === lesson.startsAt && place === lesson.place),
  );
  return same.length ? [...new Set(same.map(({ athleteId }) => athleteId))].slice(0, largestGroup) : [id];
}
