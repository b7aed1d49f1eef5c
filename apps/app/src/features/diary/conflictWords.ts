import type { Lesson, RosterEntry } from '@wrightonic/contract';
import type { LessonConflict } from '@wrightonic/core';
import { timeAt } from '../../ui/words/days';

/** What stands in the way of a lesson, in a sentence. */
export function conflictWords(
  { why, other }: LessonConflict<Lesson>,
  zone: string,
  athletes: ReadonlyMap<string, RosterEntry>,
): string {
  const name = athletes.get(other.athleteId)?.givenName ?? other.name;
  const at = timeAt(other.startsAt, zone);
  switch (why) {
    case 'place':
      return `${name} is in ${other.place} at ${at}.`;
    case 'instructor':
      return `The instructor teaches ${name} at ${at}.`;
    case 'athlete':
      return `${name} has another lesson at ${at}.`;
  }
}
