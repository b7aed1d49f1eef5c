import type { AthletePage, LogEvent } from '@wrightonic/contract';
import {
  constraintOf,
  constraintOffer,
  drillPages,
  uncleared,
  usualConstraints,
  type ConstraintOffer,
  type SetCount,
} from '@wrightonic/core';
import { countOf, type Count } from './session';

type Page = Pick<AthletePage, 'athlete' | 'history' | 'sets' | 'constraints'>;

/** The constraints of a drill in this athlete's order; none while an injury is not cleared. */
export function orderedConstraints({ athlete, history, constraints }: Page, drill: string): string[] {
  if (uncleared(history).length) return [];
  return constraints[drill] ?? usualConstraints(drill, athlete);
}

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

/** What was on in the newest set of a drill, and what to change after it. */
export function afterLastSet(
  page: Page,
  events: readonly LogEvent[],
  drill: string,
): { on: string[]; offer: ConstraintOffer | null } {
  const sets = setsOf(page, events, drill);
  return {
    on: [...(sets.at(-1)?.constraints ?? [])],
    offer: uncleared(page.history).length
      ? null
      : constraintOffer(sets, orderedConstraints(page, drill), page.athlete),
  };
}

/** Ways round that can be seen in a drill: the one that it tends to, then what its constraints block. */
export function waysRound(drill: string, order: readonly string[]): string[] {
  const usual = drillPages[drill]?.workaround?.flaw;
  return [...new Set([...(usual ? [usual] : []), ...order.flatMap((id) => constraintOf(id)?.blocks ?? [])])];
}
