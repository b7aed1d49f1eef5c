import type { Knex } from 'knex';
import { owned, pointer, written } from './columns';

/** Why a rep was missed, where somebody said so after the tap; the newest word counts. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('rep_explanations', (t) => {
    owned(t);
    pointer(t, 'session_id', 'sessions');
    pointer(t, 'rep_id', 'rep_events');
    t.string('reason', 60).notNullable();
    written(t);
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.dropTable('rep_explanations');
}
