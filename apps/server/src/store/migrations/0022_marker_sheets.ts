import type { Knex } from 'knex';
import { owned, written } from './columns';

/** Which marker of a lab lies at which joint, as it was read by; a sheet counts for the whole academy. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('marker_sheets', (t) => {
    owned(t);
    t.specificType('markers', 'mediumtext').notNullable();
    written(t);
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.dropTable('marker_sheets');
}
