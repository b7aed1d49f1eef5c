import type { Knex } from 'knex';
import { pointer, uuid, written } from './columns';

/** How a person reads days and times, a picture of an athlete, and whether a link names flaws. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('people', (t) => {
    t.enum('date_order', ['auto', 'month-day', 'day-month']).notNullable().defaultTo('auto');
    t.enum('hours', ['auto', '12', '24']).notNullable().defaultTo('auto');
  });
  await db.schema.alterTable('shares', (t) => {
    t.boolean('names').notNullable().defaultTo(false);
  });
  // Where each thread stands, so that a roster need not read the plans.
  await db.schema.alterTable('athlete_states', (t) => {
    t.string('stage_lower', 20);
    t.string('stage_arm', 20);
    t.date('seen_on');
  });
  // One a person; without a picture it was taken down.
  await db.schema.createTable('athlete_photos', (t) => {
    uuid(t, 'academy_id').notNullable();
    pointer(t, 'athlete_id', 'athletes');
    t.primary(['academy_id', 'athlete_id']);
    t.specificType('png', 'mediumblob');
    written(t);
  });
  // The state has a part that nobody made yet.
  await db('athlete_states').update({ incomplete: true });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.dropTable('athlete_photos');
  await db.schema.alterTable('athlete_states', (t) => {
    t.dropColumn('stage_lower');
    t.dropColumn('stage_arm');
    t.dropColumn('seen_on');
  });
  await db.schema.alterTable('shares', (t) => {
    t.dropColumn('names');
  });
  await db.schema.alterTable('people', (t) => {
    t.dropColumn('date_order');
    t.dropColumn('hours');
  });
}
