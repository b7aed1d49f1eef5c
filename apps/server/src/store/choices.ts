import type { CueRecord, EventOf } from '@wrightonic/contract';
import { notUndone, type Academy } from './scope';
import { loggedBy } from './loggedBy';
import type { CueChoicesRow } from './tables';

/** What is chosen for a drill of an athlete and stays until something else is. */
export const storeChoices = {
  'level-chosen': (academy: Academy, event: EventOf<'level-chosen'>, by: string): Promise<void> =>
    academy.add('level_choices', {
      ...loggedBy(event, by),
      athlete_id: event.athleteId,
      drill: event.drill,
      level: event.level,
    }),
  'cue-chosen': (academy: Academy, event: EventOf<'cue-chosen'>, by: string): Promise<void> =>
    academy.add('cue_choices', {
      ...loggedBy(event, by),
      athlete_id: event.athleteId,
      drill: event.drill,
      text: event.text,
      whose: event.whose,
    }),
};

/** Where a throw at a called spot went. */
export const spotRow = (event: EventOf<'spot-charted'>, by: string) => ({
  ...loggedBy(event, by),
  session_id: event.sessionId,
  drill: event.drill,
  rep_id: event.repId,
  spot: event.spot,
  sides: event.sides.join('+'),
});

/** The newest level of each drill, by athlete; of one athlete or of all. */
export async function levelsChosen(
  academy: Academy,
  athleteId?: string,
): Promise<Map<string, Record<string, string>>> {
  const query = academy.from('level_choices').orderBy(['at', 'id']);
  if (athleteId) query.where({ athlete_id: athleteId });
  const levels = new Map<string, Record<string, string>>();
  for (const { athlete_id, drill, level } of await query.select('athlete_id', 'drill', 'level'))
    levels.set(athlete_id, { ...levels.get(athlete_id), [drill]: level });
  return levels;
}

/** Cues as they were chosen for an athlete's drills, oldest first. */
export async function cuesOf(academy: Academy, athleteId: string): Promise<CueRecord[]> {
  const query = academy.from('cue_choices', 'c').where({ 'c.athlete_id': athleteId });
  const rows = await notUndone(academy.join(query, 'people', 'p', 'id', 'c.by_person'), 'c')
    .orderBy(['c.at', 'c.id'])
    .select('c.id', 'c.drill', 'c.text', 'c.whose', 'c.at', 'p.name as by');
  return rows.map(({ id, drill, text, whose, at, by }: CueChoicesRow & { by: string }) => ({
    id,
    drill,
    text,
    whose,
    at: at.toISOString(),
    by,
  }));
}
