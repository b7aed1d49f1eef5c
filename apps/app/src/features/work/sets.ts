import type { AthletePage, LogEvent } from '@wrightonic/contract';
import {
  constraintOffer,
  orderedConstraints,
  type Constrained,
  type ConstraintOffer,
  type DrillBook,
  type SetCount,
} from '@wrightonic/core';
import { countOf, type Count } from './session';

type Page = Pick<AthletePage, 'athlete' | 'history' | 'sets' | 'constraints'>;

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
  const who = constrained(page);
  const sets = setsOf(page, events, drill);
  const order = orderedConstraints(drill, page.constraints[drill], who, book);
  return { order, on: [...(sets.at(-1)?.constraints ?? [])], offer: constraintOffer(sets, order, who) };
}
