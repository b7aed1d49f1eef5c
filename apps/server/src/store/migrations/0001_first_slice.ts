import type { Knex } from 'knex';
import { instant, owned, pointer, uuid, written } from './columns';

const tables: [string, (t: Knex.CreateTableBuilder) => void][] = [
  [
    'academies',
    (t) => {
      uuid(t, 'id').primary();
      t.string('name', 120).notNullable();
      t.string('zone', 64).notNullable();
      t.boolean('demo').notNullable().defaultTo(false);
      t.json('equipment').notNullable();
    },
  ],
  [
    'people',
    (t) => {
      owned(t);
      t.string('email', 200).notNullable().unique();
      t.string('name', 120).notNullable();
      t.string('password_hash', 200).notNullable();
      t.enum('role', ['owner', 'instructor', 'assistant']).notNullable();
      t.enum('hand', ['R', 'L']).notNullable().defaultTo('R');
      t.enum('velocity_unit', ['mph', 'km/h']).notNullable().defaultTo('mph');
      t.json('approach').notNullable();
    },
  ],
  [
    'athletes',
    (t) => {
      owned(t);
      t.string('given_name', 60).notNullable();
      t.string('family_name', 60).notNullable();
      t.enum('discipline', ['overhand', 'windmill']).notNullable();
      t.enum('throws', ['R', 'L']).notNullable();
      t.date('birthdate').notNullable();
      t.decimal('height_cm', 5, 1).checkBetween([80, 230]);
      t.decimal('mass_kg', 5, 1).checkBetween([15, 200]);
      t.json('equipment').notNullable();
      t.json('approach').notNullable();
      t.string('note', 1000).notNullable().defaultTo('');
    },
  ],
  [
    'lessons',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      pointer(t, 'instructor_id', 'people');
      instant(t, 'starts_at').notNullable();
      t.string('zone', 64).notNullable();
      t.integer('minutes').notNullable().checkBetween([10, 240]);
      t.string('place', 80).notNullable();
      t.index(['academy_id', 'starts_at']);
    },
  ],
  [
    'looks',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.enum('kind', ['quick', 'full']).notNullable();
      t.string('zone', 64).notNullable();
      t.date('date').notNullable();
      t.string('place', 80).notNullable();
      written(t);
      t.index(['academy_id', 'athlete_id', 'at']);
    },
  ],
  [
    'look_ends',
    (t) => {
      owned(t);
      pointer(t, 'look_id', 'looks');
      written(t);
      t.unique(['academy_id', 'look_id']);
    },
  ],
  [
    'findings',
    (t) => {
      owned(t);
      pointer(t, 'look_id', 'looks');
      t.string('node', 60).notNullable();
      t.specificType('severity', 'tinyint').checkBetween([0, 3]);
      pointer(t, 'replaces', 'findings', false);
      written(t);
      t.index(['academy_id', 'look_id', 'node']);
    },
  ],
  [
    'traces',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      pointer(t, 'look_id', 'looks');
      t.string('catalogue', 20).notNullable();
      t.json('result').notNullable();
      t.string('chosen_lower', 60);
      t.string('chosen_arm', 60);
      t.string('reason', 300).notNullable();
      written(t);
      t.index(['academy_id', 'athlete_id', 'at']);
    },
  ],
  [
    'plans',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      pointer(t, 'trace_id', 'traces');
      t.date('starts_on').notNullable();
      t.date('ends_on').notNullable();
      t.date('relook_on').notNullable();
      written(t);
      t.check('ends_on > starts_on and relook_on > starts_on', {}, 'plans_dates');
      t.index(['academy_id', 'athlete_id', 'at']);
    },
  ],
  [
    'plan_threads',
    (t) => {
      owned(t);
      pointer(t, 'plan_id', 'plans');
      t.enum('thread', ['lower', 'arm']).notNullable();
      t.string('focus', 60).notNullable();
      t.double('share').notNullable().checkBetween([0, 1]);
      t.json('skipped').notNullable();
      t.json('held').notNullable();
      t.unique(['academy_id', 'plan_id', 'thread']);
    },
  ],
  [
    'plan_stages',
    (t) => {
      owned(t);
      pointer(t, 'plan_thread_id', 'plan_threads');
      t.string('stage', 12).notNullable();
      t.integer('position').notNullable();
      t.unique(['academy_id', 'plan_thread_id', 'stage']);
    },
  ],
  [
    'plan_drills',
    (t) => {
      owned(t);
      pointer(t, 'plan_stage_id', 'plan_stages');
      t.string('drill', 60).notNullable();
      t.string('dose', 40).notNullable();
      t.integer('position').notNullable();
      pointer(t, 'replaces', 'plan_drills', false);
      written(t);
      t.unique(['academy_id', 'replaces']);
    },
  ],
  [
    'stage_moves',
    (t) => {
      owned(t);
      pointer(t, 'plan_thread_id', 'plan_threads');
      t.string('stage', 12).notNullable();
      t.string('reason', 300).notNullable();
      written(t);
    },
  ],
  [
    'assignments',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      pointer(t, 'plan_id', 'plans');
      t.date('from_date').notNullable();
      t.json('days').notNullable();
      t.integer('throws_a_day').notNullable();
      t.string('reason', 300).notNullable();
      written(t);
      t.index(['academy_id', 'athlete_id', 'from_date']);
    },
  ],
  [
    'assignment_drills',
    (t) => {
      uuid(t, 'academy_id').notNullable();
      pointer(t, 'assignment_id', 'assignments');
      pointer(t, 'plan_drill_id', 'plan_drills');
      t.primary(['academy_id', 'assignment_id', 'plan_drill_id']);
    },
  ],
  [
    'sessions',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      pointer(t, 'plan_id', 'plans', false);
      t.date('date').notNullable();
      t.string('zone', 64).notNullable();
      written(t);
      t.index(['academy_id', 'athlete_id', 'at']);
    },
  ],
  [
    'session_ends',
    (t) => {
      owned(t);
      pointer(t, 'session_id', 'sessions');
      t.string('note', 1000).notNullable();
      written(t);
      t.unique(['academy_id', 'session_id']);
    },
  ],
  [
    'pain_reports',
    (t) => {
      owned(t);
      pointer(t, 'session_id', 'sessions');
      t.enum('moment', ['before', 'after']).notNullable();
      t.enum('level', ['none', 'soreness', 'pain']).notNullable();
      t.specificType('score', 'tinyint').checkBetween([0, 10]);
      t.string('site', 20);
      written(t);
    },
  ],
  [
    'rep_events',
    (t) => {
      owned(t);
      pointer(t, 'session_id', 'sessions');
      t.string('drill', 60).notNullable();
      t.enum('outcome', ['clean', 'missed']).notNullable();
      written(t);
      t.index(['academy_id', 'session_id', 'drill']);
    },
  ],
  [
    'throws',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      pointer(t, 'session_id', 'sessions');
      t.date('date').notNullable();
      t.string('drill', 60);
      t.double('velocity').checkBetween([2, 55]);
      t.specificType('effort', 'tinyint').checkBetween([10, 100]);
      t.string('pitch', 30).notNullable();
      t.double('ball_g').notNullable().checkBetween([50, 2000]);
      t.enum('kind', ['game', 'practice']).notNullable().defaultTo('practice');
      written(t);
      t.index(['academy_id', 'athlete_id', 'date']);
    },
  ],
  [
    'undone',
    (t) => {
      owned(t);
      pointer(t, 'session_id', 'sessions');
      uuid(t, 'of').notNullable();
      written(t);
      t.unique(['academy_id', 'of']);
    },
  ],
  [
    'audit',
    (t) => {
      owned(t);
      t.string('action', 40).notNullable();
      uuid(t, 'subject').notNullable();
      t.json('was').notNullable();
      written(t);
    },
  ],
];

export async function up(knex: Knex): Promise<void> {
  for (const [name, columns] of tables) await knex.schema.createTable(name, columns);
  await knex.schema.createTable('web_sessions', (t) => {
    t.string('sid', 255).primary();
    t.json('sess').notNullable();
    t.datetime('expired').notNullable().index();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('web_sessions');
  for (const [name] of [...tables].reverse()) await knex.schema.dropTable(name);
}
