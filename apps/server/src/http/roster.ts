import type { RosterEntry } from '@wrightonic/contract';
import { ageOn, dayAt, due } from '@wrightonic/core';
import { rosterNames } from '../store/athletes';
import { athleteStates, type AthleteState } from '../store/state/athleteStates';
import type { Asked } from './keptAnswer';

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

/**
 * Every athlete with the newest findings, the focus and what is due, as the JSON of a list of roster entries. What is
 * kept as JSON goes into it as it is.
 */
export async function rosterText({ academy, academyRow }: Asked<unknown>): Promise<string> {
  const today = dayAt(new Date(), academyRow.zone);
  const [people, states] = await Promise.all([rosterNames(academy), athleteStates(academy)]);
  const entries = people.map(({ birthdate, days, ...athlete }) => {
    const state = states.get(athlete.id);
    const rest: Omit<RosterEntry, 'findings' | 'lock' | 'days'> = {
      ...athlete,
      age: ageOn(birthdate, today),
      focus: state?.focus ?? { lower: null, arm: null },
      due: dueOf(state, today),
      stage: state?.stage ?? { lower: null, arm: null },
      // A look is a visit too.
      seenOn: [state?.seenOn, state?.lookedOn].reduce<string | null>(
        (newest, day) => (day && (!newest || day > newest) ? day : newest),
        null,
      ),
    };
    return `${JSON.stringify(rest).slice(0, -1)},"findings":${state?.findings ?? '{}'},"lock":${state?.lock ?? 'null'},"days":${days}}`;
  });
  return `[${entries.join(',')}]`;
}
