import {
  addDays,
  dayAt,
  limitsInputOf,
  limitsLookBack,
  type CamperLimits,
  type DayThrows,
} from '@wrightonic/core';
import type { AcademyRow } from './academies';
import type { AthleteRow } from './athletes';
import { homeOf } from './home';
import type { Academy } from './scope';
import { athleteStates } from './state/athleteStates';
import { throwDaysOf } from './state/counts';

/** Who of some logged anything at home from a day on; most of a camp never do. */
async function loggedAtHome(academy: Academy, ids: readonly string[], since: string): Promise<string[]> {
  const of = (table: 'home_sets' | 'home_games', from: string) =>
    academy
      .from(table)
      .whereIn('athlete_id', ids as string[])
      .where(from, '>=', since)
      .distinct('athlete_id');
  const [sets, games]: { athlete_id: string }[][] = await Promise.all([
    of('home_sets', 'done_on'),
    of('home_games', 'date'),
  ]);
  return [...new Set([...sets!, ...games!].map((row) => row.athlete_id))];
}

/** What the limits know of each of many athletes: throws of the log, of home and of games, pain and league. */
export async function camperLimits(
  academy: Academy,
  academyRow: AcademyRow,
  athletes: readonly AthleteRow[],
): Promise<Map<string, CamperLimits>> {
  const since = addDays(dayAt(new Date(), academyRow.zone), -limitsLookBack);
  const ids = athletes.map(({ id }) => id);
  const [thrown, states, atHome] = await Promise.all([
    throwDaysOf(academy, ids, since),
    athleteStates(academy),
    loggedAtHome(academy, ids, since),
  ]);
  const home = new Map<string, DayThrows[]>();
  for (const id of atHome) home.set(id, (await homeOf(academy, id, since, academyRow.zone)).throws);
  return new Map(
    athletes.map((athlete) => {
      const state = states.get(athlete.id);
      const pain = {
        lock: state?.lock ? JSON.parse(state.lock) : null,
        cleared: state?.cleared ? JSON.parse(state.cleared) : null,
      };
      const throws = [...(thrown.get(athlete.id) ?? []), ...(home.get(athlete.id) ?? [])];
      return [athlete.id, limitsInputOf(athlete, academyRow, pain, throws)];
    }),
  );
}
