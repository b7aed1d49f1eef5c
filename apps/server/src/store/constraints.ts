import type { EventOf, SetRecord } from '@wrightonic/contract';
import { notUndone, parsed, type Academy } from './scope';
import { loggedBy } from './loggedBy';
import type { ConstraintSetsRow, SetEventsRow } from './tables';

/** A set as it ended. */
export const setRow = (event: EventOf<'set-done'>, by: string) => ({
  ...loggedBy(event, by),
  session_id: event.sessionId,
  drill: event.drill,
  constraints: JSON.stringify(event.constraints),
  clean: event.clean,
  missed: event.missed,
  workaround: event.workaround,
});

export const storeConstraints = {
  'constraints-ordered': (
    academy: Academy,
    event: EventOf<'constraints-ordered'>,
    by: string,
  ): Promise<void> =>
    academy.add('constraint_sets', {
      ...loggedBy(event, by),
      athlete_id: event.athleteId,
      drill: event.drill,
      constraints: JSON.stringify(event.constraints),
    }),
};

export const setOf = (row: SetEventsRow): SetRecord => ({
  id: row.id,
  session: row.session_id,
  drill: row.drill,
  at: row.at.toISOString(),
  constraints: parsed(row.constraints),
  clean: row.clean,
  missed: row.missed,
  workaround: row.workaround,
});

/** Sets that were not taken back, since a day, oldest first. */
export async function setsOf(academy: Academy, athleteId: string, since: string): Promise<SetRecord[]> {
  const query = academy.from('set_events', 'e');
  academy.join(query, 'sessions', 's', 'id', 'e.session_id');
  const rows = await notUndone(query.where({ 's.athlete_id': athleteId }).where('s.date', '>=', since), 'e')
    .orderBy(['e.at', 'e.id'])
    .select('e.*');
  return rows.map(setOf);
}

/** The newest order of each drill's constraints. */
export async function constraintsOf(academy: Academy, athleteId: string): Promise<Record<string, string[]>> {
  const rows = await academy.from('constraint_sets').where({ athlete_id: athleteId }).orderBy(['at', 'id']);
  return Object.fromEntries(
    rows.map((row: ConstraintSetsRow) => [row.drill, parsed<string[]>(row.constraints)]),
  );
}
