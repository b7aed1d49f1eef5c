import type { NewNormEdit, NormEditRecord } from '@wrightonic/contract';
import type { Academy } from './scope';
import type { NormEditsRow } from './tables';

/** What the academy made of the norms, oldest first, with who said so. */
export async function normEdits(academy: Academy): Promise<NormEditRecord[]> {
  const query = academy.from('norm_edits', 'e');
  const rows = await academy
    .join(query, 'people', 'p', 'id', 'e.by_person')
    .orderBy(['e.at', 'e.id'])
    .select('e.id', 'e.norm', 'e.low', 'e.high', 'e.basis', 'e.at', 'p.name as by');
  return rows.map((row: NormEditsRow & { by: string }) => ({
    id: row.id,
    key: row.norm,
    range: row.low === null ? null : { low: row.low, high: row.high, basis: row.basis },
    at: row.at.toISOString(),
    by: row.by,
  }));
}

export const addNormEdit = (academy: Academy, { id, key, range }: NewNormEdit, by: string): Promise<void> =>
  academy.add('norm_edits', {
    id,
    norm: key,
    low: range?.low ?? null,
    high: range?.high ?? null,
    basis: range?.basis ?? '',
    at: new Date(),
    by_person: by,
  });
