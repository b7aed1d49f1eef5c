import type { InjuryRecord, NewClearance, NewInjury, NewSize, SizeRecord } from '@wrightonic/contract';
import type { PastInjury } from '@wrightonic/core';
import type { Academy } from './scope';
import { loggedBy } from './loggedBy';
import type { BodySizesRow, ClearancesRow, InjuriesRow } from './tables';

const now = (id: string, by: string) => loggedBy({ id, at: new Date().toISOString() }, by);
const number = (value: unknown): number | null => (value === null ? null : Number(value));

/** Keeps a size; the newest of each figure stands on the athlete as well. */
export async function addSize(academy: Academy, athleteId: string, size: NewSize, by: string): Promise<void> {
  await academy.transaction(async (trx) => {
    await trx.add('body_sizes', {
      ...now(size.id, by),
      athlete_id: athleteId,
      date: size.date,
      height_cm: size.heightCm,
      mass_kg: size.massKg,
    });
    const sizes = await sizesOf(trx, athleteId);
    const newest = <K extends 'heightCm' | 'massKg'>(key: K) =>
      sizes.findLast((each) => each[key] !== null)?.[key] ?? null;
    await trx.change('athletes', athleteId, {
      height_cm: newest('heightCm'),
      mass_kg: newest('massKg'),
    });
  });
}

/** Oldest first. */
export async function sizesOf(academy: Academy, athleteId: string): Promise<SizeRecord[]> {
  const rows = await academy.from('body_sizes').where({ athlete_id: athleteId }).orderBy(['date', 'id']);
  return rows.map((row: BodySizesRow) => ({
    id: row.id,
    date: row.date,
    heightCm: number(row.height_cm),
    massKg: number(row.mass_kg),
  }));
}

export const addInjury = (
  academy: Academy,
  athleteId: string,
  injury: NewInjury,
  by: string,
): Promise<void> =>
  academy.add('injuries', {
    ...now(injury.id, by),
    athlete_id: athleteId,
    site: injury.site,
    what: injury.what,
    since: injury.since,
    surgery: injury.surgery,
  });

export const injury = async (academy: Academy, id: string): Promise<{ id: string } | null> =>
  (await academy.from('injuries').where({ id }).first('id')) ?? null;

export const addClearance = (
  academy: Academy,
  injuryId: string,
  clearance: NewClearance,
  by: string,
): Promise<void> =>
  academy.add('clearances', {
    ...now(clearance.id, by),
    injury_id: injuryId,
    cleared_by: clearance.clearedBy,
    date: clearance.date,
    restrictions: clearance.restrictions,
  });

/** Newest first, each with its clearances, oldest first. */
export async function injuriesOf(academy: Academy, athleteId: string): Promise<InjuryRecord[]> {
  const rows = await academy.from('injuries').where({ athlete_id: athleteId }).orderBy('since', 'desc');
  const cleared = await academy
    .from('clearances')
    .whereIn(
      'injury_id',
      rows.map((row: { id: string }) => row.id),
    )
    .orderBy(['date', 'id']);
  return rows.map((row: InjuriesRow) => ({
    id: row.id,
    site: row.site,
    what: row.what,
    since: row.since,
    surgery: Boolean(row.surgery),
    clearances: cleared
      .filter((each: ClearancesRow) => each.injury_id === row.id)
      .map((each: ClearancesRow) => ({
        id: each.id,
        clearedBy: each.cleared_by,
        date: each.date,
        restrictions: each.restrictions,
      })),
  }));
}

/** Injuries, as far as they hold a plan back. */
export const historyOf = async (academy: Academy, athleteId: string): Promise<PastInjury[]> =>
  (await injuriesOf(academy, athleteId)).map(({ site, what, surgery, clearances }) => ({
    site,
    what,
    surgery,
    cleared: clearances.length > 0,
  }));
