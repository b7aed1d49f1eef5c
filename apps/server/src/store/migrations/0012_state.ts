import type { Knex } from 'knex';
import { pointer, uuid } from './columns';

/** Index by index what a day, a week or a diary asks for, so that years behind it cost nothing. */
const indexes: [table: string, columns: string[], name: string][] = [
  ['sessions', ['academy_id', 'date', 'athlete_id'], 'sessions_by_date'],
  ['assignments', ['academy_id', 'from_date', 'athlete_id'], 'assignments_by_first_day'],
  ['home_sets', ['academy_id', 'done_on', 'athlete_id'], 'home_sets_by_date'],
  ['home_sets', ['academy_id', 'athlete_id', 'done_on'], 'home_sets_of_athlete'],
  ['home_pain', ['academy_id', 'level', 'date'], 'home_pain_by_date'],
  ['pain_reports', ['academy_id', 'level', 'at'], 'pain_reports_by_level'],
  ['lessons', ['academy_id', 'instructor_id', 'starts_at'], 'lessons_of_instructor'],
  ['lesson_changes', ['academy_id', 'rest', 'lesson_id'], 'lesson_changes_of_rest'],
];

const ofAthlete = (t: Knex.CreateTableBuilder): void => {
  uuid(t, 'academy_id').notNullable();
  pointer(t, 'athlete_id', 'athletes');
};

/** What is kept beside the history so that nobody has to read all of it; each can be made anew from the history. */
const tables: Record<string, (t: Knex.CreateTableBuilder) => void> = {
  athlete_states: (t) => {
    ofAthlete(t);
    t.primary(['academy_id', 'athlete_id']);
    t.boolean('look_open').notNullable().defaultTo(false);
    // Counts the changes, so that an answer made of states can be kept until one of them changes.
    t.integer('version').unsigned().notNullable().defaultTo(1);
    t.index(['academy_id', 'version'], 'athlete_states_versions');
    // Grades of the newest look.
    t.json('findings').notNullable().defaultTo('{}');
    uuid(t, 'looked_id');
    t.date('looked_on');
    t.boolean('clean').notNullable().defaultTo(false);
    uuid(t, 'traced_look_id');
    uuid(t, 'trace_id');
    t.string('focus_lower', 60);
    t.string('focus_arm', 60);
    uuid(t, 'plan_id');
    uuid(t, 'planned_trace_id');
    t.date('relook_on');
    t.date('plan_ends_on');
    t.date('assigned_until');
    // What locks the throws, and what opened them last; null where nothing did.
    t.json('throw_lock');
    t.json('throw_clearance');
    // What the gates propose, and the day of the newest session that they look at.
    t.json('moves').notNullable().defaultTo('[]');
    t.date('worked_on');
  },
  // Reps of one session that have drill, level, cue and side in common, net of what was taken back.
  rep_counts: (t) => {
    uuid(t, 'academy_id').notNullable();
    pointer(t, 'session_id', 'sessions');
    // In the order of the last rep.
    t.integer('position').notNullable();
    t.primary(['academy_id', 'session_id', 'position']);
    t.string('drill', 60).notNullable();
    t.string('level', 40);
    uuid(t, 'cue_id');
    t.enum('side', ['lead', 'trail']);
    t.integer('clean').notNullable();
    t.integer('missed').notNullable();
    // Somebody marked pain in the session.
    t.boolean('pain').notNullable();
  },
  throw_days: (t) => {
    ofAthlete(t);
    t.date('date').notNullable();
    t.boolean('hard').notNullable();
    t.primary(['academy_id', 'athlete_id', 'date', 'hard']);
    t.integer('count').notNullable();
  },
  // How the calls of a trace turned out at the looks after it.
  trace_calls: (t) => {
    uuid(t, 'academy_id').notNullable();
    pointer(t, 'trace_id', 'traces');
    t.primary(['academy_id', 'trace_id']);
    ofPerson(t);
    t.string('lower', 20);
    t.string('arm', 20);
    t.index(['academy_id', 'by_person', 'lower', 'arm'], 'trace_calls_counted');
  },
};
const ofPerson = (t: Knex.CreateTableBuilder) => pointer(t, 'by_person', 'people');

const uselessOfReps = [
  'rep_events_academy_id_session_id_drill_index',
  'rep_events_academy_id_by_person_foreign',
];

export async function up(db: Knex): Promise<void> {
  for (const [table, columns, name] of indexes)
    await db.schema.alterTable(table, (t) => t.index(columns, name));
  // Another index begins with the same columns; and who wrote a rep is asked of the rep alone.
  await db.schema.alterTable('rep_events', (t) => t.dropForeign([], uselessOfReps[1]));
  for (const name of uselessOfReps) await db.schema.alterTable('rep_events', (t) => t.dropIndex([], name));
  for (const [name, columns] of Object.entries(tables)) await db.schema.createTable(name, columns);
}

export async function down(db: Knex): Promise<void> {
  for (const name of Object.keys(tables).reverse()) await db.schema.dropTable(name);
  await db.schema.alterTable('rep_events', (t) => {
    t.index(['academy_id', 'session_id', 'drill'], uselessOfReps[0]);
    t.foreign(['academy_id', 'by_person']).references(['academy_id', 'id']).inTable('people');
  });
  for (const [table, columns, name] of indexes)
    await db.schema.alterTable(table, (t) => t.dropIndex(columns, name));
}
