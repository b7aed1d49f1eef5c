import type { Knex } from 'knex';
import { UnscopedStore } from '../academies';
import { bookOf } from '../drills';
import { Academy } from '../scope';
import { countAthletes, rebuildAthletes } from './refresh';

/**
 * Makes what is kept beside the history anew from it, academy by academy.
 *
 * @param missing only of athletes of whom something is not kept yet, as after a migration
 * @returns how many athletes it was made of
 */
export async function rebuild(db: Knex, missing: boolean): Promise<number> {
  const unscoped = new UnscopedStore(db);
  let made = 0;
  for (const id of await unscoped.academyIds()) {
    const academy = new Academy(db, id);
    const query = academy.from('athletes', 'a').orderBy('a.id');
    if (missing)
      query
        .leftJoin({ s: 'athlete_states' }, (join) =>
          join.on('s.academy_id', 'a.academy_id').andOn('s.athlete_id', 'a.id'),
        )
        .where((state) => state.whereNull('s.athlete_id').orWhere('s.incomplete', true));
    const athletes: string[] = await query.pluck('a.id');
    const everybody = !missing || athletes.length === (await academy.from('athletes').pluck('id')).length;
    await rebuildAcademy(unscoped, id, athletes, everybody);
    made += athletes.length;
  }
  return made;
}

/** The same for some athletes of one academy. */
export async function rebuildAcademy(
  unscoped: UnscopedStore,
  academyId: string,
  athletes: readonly string[],
  everybody = false,
): Promise<void> {
  if (athletes.length === 0) return;
  const academyRow = (await unscoped.academy(academyId))!;
  const academy = new Academy(unscoped.db, academyId);
  await countAthletes(academy, everybody ? undefined : athletes);
  // All that follows is asked of what was just counted: the database must know how many rows there are.
  if (everybody) await unscoped.db.raw('analyze table rep_counts');
  const book = bookOf(academy);
  await rebuildAthletes(academy, athletes, {
    zone: academyRow.zone,
    carryDays: academyRow.carryDays,
    book: () => book,
  });
}
