import type { Knex } from 'knex';

/** What the gates propose is made anew when it is asked for, of athletes who worked since. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('athlete_states', (t) => {
    t.boolean('moves_stale').notNullable().defaultTo(false);
    t.index(['academy_id', 'moves_stale'], 'athlete_states_stale');
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.alterTable('athlete_states', (t) => {
    t.dropIndex([], 'athlete_states_stale');
    t.dropColumn('moves_stale');
  });
}
