import type { Knex } from 'knex';
import { instant, owned, pointer, uuid, written } from './columns';

export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('lessons', (t) => {
    // Lessons that were put into the diary together, a week apart.
    uuid(t, 'series_id');
    t.index(['academy_id', 'series_id']);
    t.index(['academy_id', 'athlete_id', 'starts_at']);
  });
  await db.schema.createTable('lesson_changes', (t) => {
    owned(t);
    pointer(t, 'lesson_id', 'lessons');
    // The change holds for every later lesson of the series as well.
    t.boolean('rest').notNullable();
    t.enum('state', ['on', 'called-off', 'moved', 'no-show', 'rained-off']).notNullable();
    instant(t, 'starts_at');
    t.string('place', 80);
    t.string('reason', 300).notNullable();
    written(t);
    t.index(['academy_id', 'starts_at']);
  });
  await db.schema.createTable('feeds', (t) => {
    owned(t);
    pointer(t, 'person_id', 'people');
    t.specificType('token_hash', 'char(64)').notNullable().unique();
    instant(t, 'at').notNullable();
  });
  await db.schema.createTable('feed_ends', (t) => {
    owned(t);
    pointer(t, 'feed_id', 'feeds');
    instant(t, 'at').notNullable();
    t.unique(['academy_id', 'feed_id']);
  });
}

export async function down(db: Knex): Promise<void> {
  for (const table of ['feed_ends', 'feeds', 'lesson_changes']) await db.schema.dropTable(table);
  await db.schema.alterTable('lessons', (t) => {
    t.dropIndex(['academy_id', 'athlete_id', 'starts_at']);
    t.dropIndex(['academy_id', 'series_id']);
    t.dropColumn('series_id');
  });
}
