import type { RosterEntry } from '@wrightonic/contract';
import { ageOn, dayAt, due } from '@wrightonic/core';
import type { SignedIn } from '../auth/session';
import { rosterNames } from '../store/athletes';
import { athleteStates, type AthleteState } from '../store/state/athleteStates';

/** What is due for an athlete, from what is kept of the history. */
export const dueOf = (state: AthleteState | undefined, today: string): RosterEntry['due'] =>
  due(
    {
      lookedOn: state?.lookedOn ?? null,
      lookOpen: state?.lookOpen ?? false,
      clean: state?.clean ?? true,
      traced: Boolean(state?.lookedId) && state?.tracedLookId === state?.lookedId,
      planned: Boolean(state?.traceId) && state?.plannedTraceId === state?.traceId,
      assigned: (state?.assignedUntil ?? '') >= today,
      relookOn: state?.relookOn ?? null,
      planEndsOn: state?.planEndsOn ?? null,
    },
    today,
  );

/** Every athlete with the newest findings, the focus and what is due. */
export async function roster({ academy, home }: SignedIn): Promise<RosterEntry[]> {
  const today = dayAt(new Date(), home.zone);
  const [people, states] = await Promise.all([rosterNames(academy), athleteStates(academy)]);
  return people.map(({ birthdate, ...athlete }) => {
    const state = states.get(athlete.id);
    return {
      ...athlete,
      age: ageOn(birthdate, today),
      findings: state ? JSON.parse(state.findings) : {},
      focus: state?.focus ?? { lower: null, arm: null },
      due: dueOf(state, today),
      lock: state?.lock ? JSON.parse(state.lock) : null,
    };
  });
}
