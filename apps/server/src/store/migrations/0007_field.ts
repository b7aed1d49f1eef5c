import type { Knex } from 'knex';
import { instant, owned, pointer, written } from './columns';

const sources = ['work', 'chart', 'import'];

export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('rep_events', (t) => {
    t.string('reason', 60);
  });
  await db.schema.alterTable('throws', (t) => {
    t.enum('source', [...sources, 'radar', 'simulated'])
      .notNullable()
      .defaultTo('work')
      .alter();
  });
  await db.schema.createTable('session_notes', (t) => {
    owned(t);
    pointer(t, 'session_id', 'sessions');
    t.string('drill', 60);
    t.string('text', 300).notNullable();
    written(t);
  });
  await db.schema.createTable('devices', (t) => {
    owned(t);
    t.string('name', 60).notNullable();
    // The key is told once; only its hash is kept.
    t.specificType('key_hash', 'char(64)').notNullable().unique();
    written(t);
  });
  await db.schema.createTable('device_ends', (t) => {
    owned(t);
    pointer(t, 'device_id', 'devices');
    written(t);
    t.unique(['academy_id', 'device_id']);
  });
  await db.schema.createTable('readings', (t) => {
    owned(t);
    pointer(t, 'device_id', 'devices');
    t.double('velocity').notNullable().checkBetween([1, 70]);
    // When the device measured, by its own clock, and when it arrived here.
    instant(t, 'read_at').notNullable();
    instant(t, 'at').notNullable();
    // What the device calls this reading, so that sending twice adds nothing.
    t.string('device_ref', 60);
    t.unique(['academy_id', 'device_id', 'device_ref']);
    t.index(['academy_id', 'device_id', 'at']);
  });
}

export async function down(db: Knex): Promise<void> {
  for (const table of ['readings', 'device_ends', 'devices', 'session_notes'])
    await db.schema.dropTable(table);
  await db.schema.alterTable('rep_events', (t) => {
    t.dropColumn('reason');
  });
  await db('throws').whereIn('source', ['radar', 'simulated']).update({ source: 'work' });
  await db.schema.alterTable('throws', (t) => {
    t.enum('source', sources).notNullable().defaultTo('work').alter();
  });
}
