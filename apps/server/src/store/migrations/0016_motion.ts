import type { Knex } from 'knex';
import { owned, pointer, written } from './columns';

/** What was taken over of tracked films: grades, figures and the body without its film; the newest of a clip counts. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('clip_motions', (t) => {
    owned(t);
    pointer(t, 'clip_id', 'clips');
    t.specificType('body', 'mediumtext').notNullable();
    written(t);
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.dropTable('clip_motions');
}
