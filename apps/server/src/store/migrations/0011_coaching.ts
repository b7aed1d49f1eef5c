import type { Knex } from 'knex';
import { owned, pointer, uuid, written } from './columns';

export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('people', (t) => {
    t.enum('size_unit', ['us', 'metric']).notNullable().defaultTo('us');
    t.enum('zone_view', ['pitcher', 'catcher']).notNullable().defaultTo('pitcher');
  });
  await db.schema.alterTable('rep_events', (t) => {
    t.string('level', 40);
    t.enum('side', ['lead', 'trail']);
    // No pointer: a rep stays where its cue was refused.
    uuid(t, 'cue_id');
    t.index(['academy_id', 'session_id', 'drill', 'level', 'cue_id', 'outcome'], 'rep_events_by_level');
  });
  await db.schema.alterTable('rep_events', (t) => t.dropIndex([], 'rep_events_counted'));
  await db.schema.createTable('level_choices', (t) => {
    owned(t);
    pointer(t, 'athlete_id', 'athletes');
    t.string('drill', 60).notNullable();
    t.string('level', 40).notNullable();
    written(t);
  });
  await db.schema.createTable('cue_choices', (t) => {
    owned(t);
    pointer(t, 'athlete_id', 'athletes');
    t.string('drill', 60).notNullable();
    t.string('text', 120).notNullable();
    t.enum('whose', ['drill', 'instructor', 'athlete']).notNullable();
    written(t);
  });
  await db.schema.createTable('spot_events', (t) => {
    owned(t);
    pointer(t, 'session_id', 'sessions');
    t.string('drill', 60).notNullable();
    uuid(t, 'rep_id').notNullable();
    t.string('spot', 20).notNullable();
    t.string('sides', 40).notNullable();
    written(t);
    t.index(['academy_id', 'rep_id']);
  });
}

export async function down(db: Knex): Promise<void> {
  for (const table of ['spot_events', 'cue_choices', 'level_choices']) await db.schema.dropTable(table);
  await db.schema.alterTable('rep_events', (t) => {
    t.index(['academy_id', 'session_id', 'drill', 'outcome'], 'rep_events_counted');
  });
  await db.schema.alterTable('rep_events', (t) => {
    t.dropIndex([], 'rep_events_by_level');
    for (const column of ['level', 'side', 'cue_id']) t.dropColumn(column);
  });
  await db.schema.alterTable('people', (t) => {
    t.dropColumn('size_unit');
    t.dropColumn('zone_view');
  });
}
