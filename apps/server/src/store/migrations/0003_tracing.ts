import type { Knex } from 'knex';
import { owned, pointer, written } from './columns';

const tables: [string, (t: Knex.CreateTableBuilder) => void][] = [
  [
    'link_edits',
    (t) => {
      owned(t);
      t.string('cause', 60).notNullable();
      t.string('effect', 60).notNullable();
      /** Null switches the link off. */
      t.double('weight').checkBetween([0, 1]);
      t.string('reason', 300).notNullable();
      written(t);
    },
  ],
  [
    'link_strikes',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.string('cause', 60).notNullable();
      t.string('effect', 60).notNullable();
      t.boolean('struck').notNullable();
      t.string('reason', 300).notNullable();
      written(t);
      t.index(['academy_id', 'athlete_id', 'at']);
    },
  ],
];

export async function up(knex: Knex): Promise<void> {
  for (const [name, columns] of tables) await knex.schema.createTable(name, columns);
  await knex.schema.alterTable('traces', (t) => {
    t.string('proposed_lower', 60);
    t.string('proposed_arm', 60);
    /** What was seen when it was traced; null in rows from before this was kept. */
    t.json('findings');
  });
  await knex.raw(`
    update traces set
      proposed_lower = nullif(json_value(result, '$.focus.lower'), 'null'),
      proposed_arm = nullif(json_value(result, '$.focus.arm'), 'null')`);
  await knex.schema.alterTable('findings', (t) => {
    t.double('error');
  });
  // Counting the reps of every session reads nothing but this index.
  await knex.schema.alterTable('rep_events', (t) => {
    t.index(['academy_id', 'session_id', 'drill', 'outcome'], 'rep_events_counted');
  });
  await knex.schema.alterTable('people', (t) => {
    t.double('good_strikes').notNullable().defaultTo(0.6).checkBetween([0.3, 0.95]);
  });
}

export async function down(knex: Knex): Promise<void> {
  for (const [name] of [...tables].reverse()) await knex.schema.dropTable(name);
  await knex.schema.alterTable('traces', (t) => {
    t.dropColumns('proposed_lower', 'proposed_arm', 'findings');
  });
  await knex.schema.alterTable('findings', (t) => {
    t.dropColumns('error');
  });
  await knex.schema.alterTable('rep_events', (t) => {
    t.dropIndex([], 'rep_events_counted');
  });
  await knex.schema.alterTable('people', (t) => {
    t.dropColumns('good_strikes');
  });
}
