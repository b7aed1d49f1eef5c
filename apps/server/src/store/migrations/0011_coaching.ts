import type { Knex } from 'knex';
import { owned, pointer, uuid, written } from './columns';

const flightColumns = ['spin_rpm', 'spin_axis', 'break_h_cm', 'break_v_cm'];

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
    t.index(
      ['academy_id', 'session_id', 'drill', 'level', 'cue_id', 'side', 'outcome'],
      'rep_events_by_level',
    );
  });
  await db.schema.alterTable('rep_events', (t) => t.dropIndex([], 'rep_events_counted'));
  await db.schema.alterTable('looks', (t) => {
    // When it was taken; `at` is when it was begun on the device.
    t.datetime('looked_at', { precision: 3 });
    t.string('view', 20);
    t.string('thrown', 120).notNullable().defaultTo('');
    t.string('looked_by', 80).notNullable().defaultTo('');
  });
  await db('looks')
    .whereNull('looked_at')
    .update({ looked_at: db.ref('at') });
  await db.schema.createTable('look_tellings', (t) => {
    owned(t);
    pointer(t, 'look_id', 'looks');
    t.string('zone', 64).notNullable();
    t.datetime('looked_at', { precision: 3 }).notNullable();
    t.string('place', 80).notNullable();
    t.string('view', 20);
    t.string('thrown', 120).notNullable();
    t.string('looked_by', 80).notNullable();
    written(t);
  });
  await db.schema.alterTable('screen_tries', (t) => {
    t.string('tool', 30);
    t.json('parts');
    t.boolean('retest').notNullable().defaultTo(false);
  });
  await db.schema.createTable('norm_edits', (t) => {
    owned(t);
    t.string('norm', 120).notNullable();
    // Both null: the catalogue's own range again.
    t.double('low');
    t.double('high');
    t.string('basis', 200).notNullable();
    written(t);
  });
  for (const table of ['throws', 'readings'])
    await db.schema.alterTable(table, (t) => {
      for (const column of flightColumns) t.double(column);
    });
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
  for (const table of ['spot_events', 'cue_choices', 'level_choices', 'look_tellings', 'norm_edits'])
    await db.schema.dropTable(table);
  await db.schema.alterTable('rep_events', (t) => {
    t.index(['academy_id', 'session_id', 'drill', 'outcome'], 'rep_events_counted');
  });
  await db.schema.alterTable('rep_events', (t) => {
    t.dropIndex([], 'rep_events_by_level');
    for (const column of ['level', 'side', 'cue_id']) t.dropColumn(column);
  });
  for (const table of ['throws', 'readings'])
    await db.schema.alterTable(table, (t) => {
      for (const column of flightColumns) t.dropColumn(column);
    });
  await db.schema.alterTable('screen_tries', (t) => {
    for (const column of ['tool', 'parts', 'retest']) t.dropColumn(column);
  });
  await db.schema.alterTable('looks', (t) => {
    for (const column of ['looked_at', 'view', 'thrown', 'looked_by']) t.dropColumn(column);
  });
  await db.schema.alterTable('people', (t) => {
    t.dropColumn('size_unit');
    t.dropColumn('zone_view');
  });
}
