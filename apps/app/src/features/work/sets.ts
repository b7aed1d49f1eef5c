import type { WorkPage, LogEvent } from '@wrightonic/contract';
import {
  constraintOffer,
  orderedConstraints,
  type Constrained,
  type ConstraintOffer,
  type DrillBook,
  type SetCount,
} from '@wrightonic/core';
import { countOf, type Count } from './session';

type Page = Pick<WorkPage, 'athlete' | 'history' | 'sets' | 'constraints'>;

/** Who works, as the core asks. */
export const constrained = ({ athlete, history }: Pick<Page, 'athlete' | 'history'>): Constrained => ({
  discipline: athlete.discipline,
  age: athlete.age,
  history,
});

/** Reps of a drill since its last set was over. */
export function repsOfSet(events: readonly LogEvent[], drill: string): Count {
  const last = events.findLastIndex((event) => event.kind === 'set-done' && event.drill === drill);
  return countOf(events.slice(last + 1), drill);
}

/** Sets of a drill, those of this session as they stand on this device. */
function setsOf({ sets }: Page, events: readonly LogEvent[], drill: string): SetCount[] {
  const here = events.filter((event) => event.kind === 'set-done');
  const session = here[0]?.sessionId;
  const earlier = sets.filter((set) => set.session !== session);
  return [...earlier, ...here].filter((set) => set.drill === drill);
}

/** The constraints of a drill in order, what was on in its newest set, and what to change after it. */
export function constraintsNow(
  page: Page,
  events: readonly LogEvent[],
  drill: string,
  book?: DrillBook,
): { order: string[]; on: string[]; offer: ConstraintOffer | null } {
  const whom = constrained(page);
  const sets = setsOf(page, events, drill);
  const order = orderedConstraints(drill, page.constraints[drill], whom, book);
  return { order, on: [...(sets.at(-1)?.constraints ?? [])], offer: constraintOffer(sets, order, whom) };
}

/** Sets of a drill whose end was marked in this session, and reps since. */
export function setsDone(events: readonly LogEvent[], drill: string): { sets: number; reps: number } {
  const { clean, missed } = repsOfSet(events, drill);
  const sets = events.filter((event) => event.kind === 'set-done' && event.drill === drill).length;
  return { sets, reps: clean + missed };
}

/** When the last rep of a drill was counted, or its set ended, milliseconds since 1970; null before the first. */
export function lastRepAt(events: readonly LogEvent[], drill: string): number | null {
  const last = events.findLast(
    (event) => (event.kind === 'rep' || event.kind === 'set-done') && event.drill === drill,
  );
  return last ? Date.parse(last.at) : null;
}

/** The effort asked of the newest throw of a drill; undefined before the first. */
export const lastEffort = (events: readonly LogEvent[], drill: string): number | null | undefined =>
  events.filter((event) => event.kind === 'throw').findLast((event) => event.drill === drill)?.effort;
