import { campSession, type CampDayOf } from '@wrightonic/contract';
import { venueInstant, type TimedThrow } from '@wrightonic/core';
import { notUndone, type Academy } from './scope';
import type { ThrowsRow } from './tables';

/** The instant at which a day begins at the venue, from which the sessions of a camp have their ids. */
export const dayBegins = (date: string, zone: string): Date => venueInstant(date, '00:00', zone);

interface Logged {
  id: string;
  at: Date;
  session_id: string;
}

/** What was logged of some athletes in their sessions of one day of a camp. */
export async function campDay(
  academy: Academy,
  campId: string,
  athleteIds: readonly string[],
  date: string,
  zone: string,
): Promise<CampDayOf[]> {
  const begins = dayBegins(date, zone);
  const sessionOf = new Map(athleteIds.map((id) => [campSession(campId, id, begins).id, id]));
  const rows = async <T extends Logged>(
    table: 'throws' | 'rep_events' | 'session_notes',
    columns: readonly string[],
  ): Promise<Map<string, T[]>> => {
    const query = notUndone(academy.from(table, 'l').whereIn('l.session_id', [...sessionOf.keys()]), 'l')
      .orderBy(['l.at', 'l.id'])
      .select(...['id', 'at', 'session_id', ...columns].map((column) => `l.${column}`));
    const found = (await query) as T[];
    const byAthlete = new Map<string, T[]>();
    for (const row of found) {
      const athlete = sessionOf.get(row.session_id)!;
      byAthlete.set(athlete, [...(byAthlete.get(athlete) ?? []), row]);
    }
    return byAthlete;
  };
  const [throws, reps, notes] = await Promise.all([
    rows<Logged & { drill: string | null; velocity: number | null }>('throws', ['drill', 'velocity']),
    rows<Logged & { drill: string; outcome: 'clean' | 'missed' }>('rep_events', ['drill', 'outcome']),
    rows<Logged & { text: string }>('session_notes', ['text']),
  ]);
  const common = ({ id, at }: Logged) => ({ id, at: at.toISOString() });
  return [...sessionOf].map(([session, athleteId]) => ({
    athleteId,
    session,
    throws: (throws.get(athleteId) ?? []).map((row) => ({
      ...common(row),
      drill: row.drill,
      velocity: row.velocity === null ? null : Number(row.velocity),
    })),
    reps: (reps.get(athleteId) ?? []).map((row) => ({
      ...common(row),
      drill: row.drill,
      outcome: row.outcome,
    })),
    notes: (notes.get(athleteId) ?? []).map((row) => ({ ...common(row), text: row.text })),
  }));
}

/** Measured throws of some athletes in their sessions of two days of a camp, as figures take them. */
export async function campThrows(
  academy: Academy,
  campId: string,
  athleteIds: readonly string[],
  days: readonly string[],
  zone: string,
): Promise<Map<string, TimedThrow[]>> {
  const sessionOf = new Map(
    days.flatMap((date) =>
      athleteIds.map((id) => [campSession(campId, id, dayBegins(date, zone)).id, id] as const),
    ),
  );
  const rows: ThrowsRow[] = await notUndone(
    academy
      .from('throws', 't')
      .whereIn('t.session_id', [...sessionOf.keys()])
      .whereNotNull('t.velocity'),
    't',
  )
    .orderBy(['t.at', 't.id'])
    .select('t.*');
  const byAthlete = new Map<string, TimedThrow[]>(athleteIds.map((id) => [id, []]));
  for (const row of rows)
    byAthlete.get(sessionOf.get(row.session_id!)!)!.push({
      date: row.date,
      at: row.at.toISOString(),
      velocity: row.velocity,
      effort: row.effort,
      pitch: row.pitch,
      ball: row.ball_g,
      simulated: row.source === 'simulated',
    });
  return byAthlete;
}
