import { v7 } from 'uuid';
import type { UnscopedStore } from '../academies';
import { athlete } from '../athletes';
import type { Academy } from '../scope';
import { belongingTo, inPieces, pointersOf, type Belonging } from './belonging';
import { athleteTables, shapesOf, type Shape } from './shape';

/** What stands in place of a name in texts about several people. */
const someone = 'someone who was deleted';
/** Counts that stay, without anybody to whom they belong. */
const counted = ['looks', 'sessions', 'plans', 'throws', 'rep_events'] as const;

/** A table whose texts may name somebody beside the rows that are theirs. */
const textsOf = ({ columns }: Shape) => columns.filter(({ type, oneOf }) => type === 'text' && !oneOf);

/**
 * Takes an athlete out for good: every row that belongs to them, what is made of those rows, old versions of the athlete,
 * and their name and id wherever a text of many holds them. What stays is how much it was.
 *
 * @returns false when there is no such athlete
 */
export async function eraseAthlete(
  unscoped: UnscopedStore,
  academy: Academy,
  id: string,
  now: Date,
): Promise<boolean> {
  const shapes = await shapesOf(unscoped);
  const tables = athleteTables(shapes, shapes.all);
  return academy.transaction(async (trx) => {
    await trx.lock();
    const person = await athlete(trx, id);
    if (!person) return false;
    const belonging = await belongingTo(trx, id, tables);
    const signUps: string[] = await trx
      .from('camp_sign_up_ends')
      .where({ athlete_id: id })
      .pluck('sign_up_id');
    const counts = Object.fromEntries(counted.map((name) => [name, belonging.get(name)?.size ?? 0]));
    // Those that point to others go before them.
    for (const shape of [...tables].reverse()) await eraseRows(trx, shape, belonging);
    const all = [...belonging.values()].flatMap((ids) => [...ids]);
    for (const ids of inPieces(all)) {
      await trx.erase('audit').whereIn('subject', ids).delete();
      await trx.erase('audit_events').whereIn('subject', ids).delete();
      await trx.erase('undone').whereIn('of', ids).delete();
    }
    for (const ids of inPieces(signUps)) await trx.erase('camp_sign_ups').whereIn('id', ids).delete();
    await forgetIn(trx, shapes.all, id, `${person.givenName} ${person.familyName}`);
    await trx.add('removals', { id, counts: JSON.stringify(counts), at: now });
    await trx.add('audit_events', {
      id: v7(),
      kind: 'deleted',
      told: 'an athlete was deleted for good',
      subject: null,
      person_id: null,
      at: now,
      day: null,
    });
    return true;
  });
}

async function eraseRows(academy: Academy, shape: Shape, belonging: Belonging): Promise<void> {
  const rows = () => academy.erase(shape.name);
  if (!shape.key.includes('id')) {
    for (const { column, table } of pointersOf(shape, belonging))
      for (const ids of inPieces([...belonging.get(table)!])) await rows().whereIn(column, ids).delete();
    return;
  }
  const own = shape.foreign.filter(({ table }) => table === shape.name).map(({ column }) => column);
  const pieces = inPieces([...(belonging.get(shape.name) ?? [])]);
  // Rows of one table may point to each other.
  for (const ids of own.length ? pieces : [])
    await rows()
      .whereIn('id', ids)
      .update(Object.fromEntries(own.map((column) => [column, null])));
  for (const ids of pieces) await rows().whereIn('id', ids).delete();
}

/** Takes a name and an id out of what is of many: plans of camps, notes, words of others. */
async function forgetIn(academy: Academy, shapes: readonly Shape[], id: string, name: string): Promise<void> {
  // Another id stands in its place, so that a document keeps its form.
  const nobody = v7();
  for (const shape of shapes) {
    if (shape.name === 'people' || shape.name === 'removals') continue;
    for (const { name: column, atMost } of textsOf(shape))
      for (const [from, to] of [
        [id, nobody],
        [name, someone],
      ] as const)
        await academy.replaceIn(shape.name, column, { from, to, atMost: atMost ?? null });
  }
}
