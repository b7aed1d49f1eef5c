import type { Knex } from 'knex';
import { owned, written } from './columns';

export async function up(db: Knex): Promise<void> {
  // A change is another row; the newest of a drill counts.
  await db.schema.createTable('own_drills', (t) => {
    owned(t);
    t.string('drill', 60).notNullable();
    t.json('body').notNullable();
    t.boolean('retired').notNullable();
    written(t);
    t.index(['academy_id', 'drill', 'at']);
  });
}

export const down = (db: Knex): Promise<void> => db.schema.dropTable('own_drills');
