import type { Knex } from 'knex';
import { owned, pointer, written } from './columns';

const none = '{"maxPerDay":null,"maxPerGame":null}';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('athletes', (t) => {
    t.json('league').notNullable().defaultTo(none);
  });
  await knex.schema.createTable('pain_clearances', (t) => {
    owned(t);
    pointer(t, 'session_id', 'sessions');
    t.string('cleared_by', 120).notNullable();
    t.string('reason', 300).notNullable();
    written(t);
  });
  await knex.schema.createTable('instructions', (t) => {
    owned(t);
    pointer(t, 'athlete_id', 'athletes');
    t.string('told_by', 80).notNullable();
    t.string('text', 300).notNullable();
    written(t);
    t.index(['academy_id', 'athlete_id', 'at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('instructions');
  await knex.schema.dropTable('pain_clearances');
  await knex.schema.alterTable('athletes', (t) => {
    t.dropColumns('league');
  });
}
