import type { Academy } from './scope';

/** Takes the place of the picture before; null takes it down. */
export const putPhoto = (
  academy: Academy,
  athleteId: string,
  png: Buffer | null,
  by: string,
): Promise<void> =>
  academy.put('athlete_photos', { athlete_id: athleteId, png, at: new Date(), by_person: by });

export async function photoBytes(academy: Academy, athleteId: string): Promise<Buffer | null> {
  const row = await academy.from('athlete_photos').where({ athlete_id: athleteId }).first('png');
  return row?.png ?? null;
}

/** The instant at which the picture was put up, as its version; null without one. */
export async function photoOf(academy: Academy, athleteId: string): Promise<string | null> {
  const row = await academy
    .from('athlete_photos')
    .where({ athlete_id: athleteId })
    .whereNotNull('png')
    .first('at');
  return row ? row.at.toISOString() : null;
}
