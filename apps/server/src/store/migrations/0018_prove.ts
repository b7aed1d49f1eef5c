import type { Knex } from 'knex';
import { instant, owned, pointer, uuid, written } from './columns';

/** What proves itself over time: a day's velocity, where it should go, and what is told of it. */
const tables: Record<string, (t: Knex.CreateTableBuilder) => void> = {
  // The figures of the largest group of like throws of a day; kept beside the history, as are the counts.
  velocity_days: (t) => {
    uuid(t, 'academy_id').notNullable();
    pointer(t, 'athlete_id', 'athletes');
    t.date('date').notNullable();
    t.primary(['academy_id', 'athlete_id', 'date']);
    t.index(['academy_id', 'date'], 'velocity_days_by_date');
    t.integer('n').notNullable();
    for (const figure of ['top', 'usual', 'robust_sd', 'step']) t.double(figure).notNullable();
    t.integer('simulated').notNullable();
    t.integer('effort');
    t.string('pitch', 40).notNullable();
    t.integer('ball_g').notNullable();
    // What such throws have in common, and whether they are alike enough to be compared at all.
    t.string('like_key', 80).notNullable();
    t.boolean('alike').notNullable();
  },
  // How far the sessions of like throws of an athlete wander; kept beside the history.
  velocity_wander: (t) => {
    uuid(t, 'academy_id').notNullable();
    pointer(t, 'athlete_id', 'athletes');
    t.string('like_key', 80).notNullable();
    t.primary(['academy_id', 'athlete_id', 'like_key']);
    t.double('between_sessions').notNullable();
  },
  // Sets assigned for a day at home, and how many of them were ticked; kept beside the history.
  home_days: (t) => {
    uuid(t, 'academy_id').notNullable();
    pointer(t, 'athlete_id', 'athletes');
    t.date('date').notNullable();
    t.primary(['academy_id', 'athlete_id', 'date']);
    t.index(['academy_id', 'date'], 'home_days_by_date');
    for (const count of ['assigned', 'done', 'late']) t.integer(count).notNullable();
  },
  // Flaws that were seen as obvious and looked at again since, as the looks stand; kept beside the history.
  flaw_cases: (t) => {
    uuid(t, 'academy_id').notNullable();
    pointer(t, 'athlete_id', 'athletes');
    t.string('flaw', 60).notNullable();
    t.primary(['academy_id', 'athlete_id', 'flaw']);
    t.date('seen_on').notNullable();
    // The first look since which it has been clean or slight.
    t.date('cleared_on');
    t.date('last_on').notNullable();
  },
  // The newest one counts; without a velocity there is none.
  velocity_targets: (t) => {
    owned(t);
    pointer(t, 'athlete_id', 'athletes');
    t.double('velocity');
    t.date('by_date');
    written(t);
  },
  // What a family was sent: it stays as it was.
  reports: (t) => {
    owned(t);
    pointer(t, 'athlete_id', 'athletes');
    t.string('token_hash', 64).notNullable().unique();
    instant(t, 'expires_at').notNullable();
    t.specificType('body', 'mediumtext').notNullable();
    written(t);
  },
  report_ends: (t) => {
    owned(t);
    pointer(t, 'report_id', 'reports');
    written(t);
  },
};

export async function up(db: Knex): Promise<void> {
  for (const [name, columns] of Object.entries(tables)) await db.schema.createTable(name, columns);
  await db.schema.alterTable('academies', (t) => t.boolean('growth_note').notNullable().defaultTo(true));
  // Of these athletes something is not kept yet that can be made from their history.
  await db.schema.alterTable('athlete_states', (t) => t.boolean('incomplete').notNullable().defaultTo(false));
  await db('athlete_states').update({ incomplete: true });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.alterTable('athlete_states', (t) => t.dropColumn('incomplete'));
  await db.schema.alterTable('academies', (t) => t.dropColumn('growth_note'));
  for (const name of Object.keys(tables).reverse()) await db.schema.dropTable(name);
}
