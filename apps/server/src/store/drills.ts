import type { DrillsKept, OwnDrillRecord } from '@wrightonic/contract';
import { bookWith, type DrillBook } from '@wrightonic/core';
import { inBatches, parsed, type Academy } from './scope';
import type { OwnDrillsRow } from './tables';

/** The academy's own drills as they stand now, by name. */
export async function ownDrills(academy: Academy): Promise<OwnDrillRecord[]> {
  const query = academy.from('own_drills', 'd');
  const rows: (OwnDrillsRow & { by: string })[] = await academy
    .join(query, 'people', 'p', 'id', 'd.by_person')
    .orderBy(['d.at', 'd.id'])
    .select('d.drill', 'd.body', 'd.retired', 'd.at', 'p.name as by');
  const newest = new Map(rows.map((row) => [row.drill, row]));
  return [...newest.values()]
    .map((row) => ({
      drill: parsed<OwnDrillRecord['drill']>(row.body),
      retired: Boolean(row.retired),
      at: row.at.toISOString(),
      by: row.by,
    }))
    .sort((a, b) => a.drill.name.localeCompare(b.drill.name));
}

/** What the academy works with: the catalogue and its own drills. */
export const bookOf = async (academy: Academy): Promise<DrillBook> => bookWith(await ownDrills(academy));

/** Names of levels that an academy's own drill has, or once had. */
export async function levelsEver(academy: Academy, drill: string): Promise<Set<string>> {
  const rows: { body: unknown }[] = await academy.from('own_drills').where({ drill }).select('body');
  return new Set(
    rows.flatMap(({ body }) => (parsed<OwnDrillRecord['drill']>(body).levels ?? []).map(({ name }) => name)),
  );
}

export async function keepDrills(academy: Academy, drills: DrillsKept['drills'], by: string): Promise<void> {
  const at = new Date();
  const rows = drills.map(({ id, drill, retired }) => ({
    id,
    drill: drill.id,
    body: JSON.stringify(drill),
    retired,
    at,
    by_person: by,
  }));
  await academy.transaction((trx) => inBatches(trx, 'own_drills', rows));
}
