import type { Academy } from '../scope';
import type { Shape } from './shape';

/** Ids of rows by table. */
export type Belonging = Map<string, Set<string>>;

/** A statement holds no more ids than this. */
export const idsAtOnce = 1_000;

export function inPieces<T>(all: readonly T[]): T[][] {
  const pieces: T[][] = [];
  for (let n = 0; n < all.length; n += idsAtOnce) pieces.push(all.slice(n, n + idsAtOnce));
  return pieces;
}

/** The columns of a table that point to rows which belong. */
export const pointersOf = ({ foreign }: Shape, belonging: Belonging) =>
  foreign.filter(({ table }) => (belonging.get(table)?.size ?? 0) > 0);

/**
 * Everything that belongs to one athlete, however far down, by what points to what.
 *
 * @param tables those to look in, each after what it points to, `athletes` first
 */
export async function belongingTo(
  academy: Academy,
  athleteId: string,
  tables: readonly Shape[],
): Promise<Belonging> {
  const belonging: Belonging = new Map([['athletes', new Set([athleteId])]]);
  for (const shape of tables) {
    if (shape.name === 'athletes' || !shape.key.includes('id')) continue;
    const found = new Set<string>();
    // A table may point to itself: its own rows are asked for until there are no more.
    let again = true;
    while (again) {
      const before = found.size;
      for (const { column, table } of pointersOf(shape, new Map([...belonging, [shape.name, found]])))
        for (const ids of inPieces([...(table === shape.name ? found : belonging.get(table)!)])) {
          const rows: string[] = await academy.from(shape.name).whereIn(column, ids).pluck('id');
          rows.forEach((id) => found.add(id));
        }
      again = found.size > before && shape.foreign.some(({ table }) => table === shape.name);
    }
    if (found.size) belonging.set(shape.name, found);
  }
  // What was taken back outside of a session names it without a key of the database.
  const all = [...belonging.values()].flatMap((ids) => [...ids]);
  const undone = belonging.get('undone') ?? new Set<string>();
  for (const ids of inPieces(all)) {
    const rows: string[] = await academy
      .from('undone')
      .whereNull('session_id')
      .whereIn('of', ids)
      .pluck('id');
    rows.forEach((id) => undone.add(id));
  }
  if (undone.size) belonging.set('undone', undone);
  return belonging;
}
