import type { Knex } from 'knex';

/** How far sessions wander is measured otherwise: the next start makes it anew of whoever it is kept of. */
export async function up(db: Knex): Promise<void> {
  await db('athlete_states')
    .whereIn('athlete_id', db('velocity_wander').select('athlete_id'))
    .update({ incomplete: true });
}

export async function down(): Promise<void> {
  // The older version reads what is kept; nothing of it is lost.
}
