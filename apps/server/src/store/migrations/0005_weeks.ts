import type { Knex } from 'knex';
import { v7 } from 'uuid';
import { instant, owned, pointer, uuid, written } from './columns';

const tables: [string, (t: Knex.CreateTableBuilder) => void][] = [
  [
    'assignment_items',
    (t) => {
      owned(t);
      pointer(t, 'assignment_id', 'assignments');
      t.date('date').notNullable();
      t.string('drill', 60).notNullable();
      // The drill of the plan that it stands for, so that a swap is followed; null for what comes before throwing.
      pointer(t, 'plan_drill_id', 'plan_drills', false);
      t.specificType('sets', 'tinyint').notNullable().checkBetween([1, 20]);
      t.integer('position').notNullable();
      t.unique(['academy_id', 'assignment_id', 'date', 'drill']);
    },
  ],
  [
    'games',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.string('uid', 255).notNullable();
      t.date('date').notNullable();
      t.string('title', 200).notNullable();
      written(t);
      t.unique(['academy_id', 'athlete_id', 'uid', 'date']);
    },
  ],
  [
    'plan_drill_states',
    (t) => {
      owned(t);
      pointer(t, 'plan_drill_id', 'plan_drills');
      t.double('position').notNullable();
      t.boolean('locked').notNullable();
      t.boolean('removed').notNullable();
      written(t);
      t.index(['academy_id', 'plan_drill_id', 'at']);
    },
  ],
  [
    'constraint_sets',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.string('drill', 60).notNullable();
      t.json('constraints').notNullable();
      written(t);
      t.index(['academy_id', 'athlete_id', 'at']);
    },
  ],
  [
    'set_events',
    (t) => {
      owned(t);
      pointer(t, 'session_id', 'sessions');
      t.string('drill', 60).notNullable();
      t.json('constraints').notNullable();
      t.integer('clean').notNullable();
      t.integer('missed').notNullable();
      t.string('workaround', 60);
      written(t);
      t.index(['academy_id', 'session_id']);
    },
  ],
  [
    'lexicon_edits',
    (t) => {
      owned(t);
      t.string('tag', 30).notNullable();
      t.string('phrase', 60).notNullable();
      t.boolean('removed').notNullable();
      written(t);
    },
  ],
  [
    'templates',
    (t) => {
      owned(t);
      t.string('name', 80).notNullable();
      t.enum('discipline', ['overhand', 'windmill']).notNullable();
      t.json('threads').notNullable();
      written(t);
    },
  ],
  [
    'shares',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.specificType('token_hash', 'char(64)').notNullable().unique();
      instant(t, 'expires_at').notNullable();
      written(t);
    },
  ],
  [
    'share_ends',
    (t) => {
      owned(t);
      pointer(t, 'share_id', 'shares');
      written(t);
      t.unique(['academy_id', 'share_id']);
    },
  ],
];

/** Weeks from before days had drills of their own: every day held all of them, in their whole dose. */
async function spreadOverDays(knex: Knex): Promise<void> {
  // Done, and cut off after it.
  if (!(await knex.schema.hasTable('assignment_drills'))) return;
  const assignments = await knex('assignments').select('academy_id', 'id', 'days');
  for (const { academy_id, id, days } of assignments) {
    const dates = JSON.parse(days) as string[];
    const drills = await knex({ a: 'assignment_drills' })
      .join({ d: 'plan_drills' }, (join) =>
        join.on('d.academy_id', 'a.academy_id').andOn('d.id', 'a.plan_drill_id'),
      )
      .where({ 'a.academy_id': academy_id, 'a.assignment_id': id })
      .select('d.id', 'd.drill', 'd.dose');
    const once = [...new Map(drills.map((row) => [row.drill, row])).values()];
    const items = dates.flatMap((date) =>
      once.map((row, position) => ({
        academy_id,
        id: v7(),
        assignment_id: id,
        date,
        drill: row.drill,
        plan_drill_id: row.id,
        sets: Number(/^(\d+)x/.exec(row.dose)?.[1] ?? 1),
        position,
      })),
    );
    // Of a start that was cut off in the middle.
    await knex('assignment_items').where({ academy_id, assignment_id: id }).delete();
    if (items.length) await knex.batchInsert('assignment_items', items, 500);
    const weekDays = dates.map((date) => ({
      date,
      kind: 'home',
      minutes: 30,
      equipment: [],
      places: ['home', 'field'],
      pitches: null,
    }));
    await knex('assignments')
      .where({ academy_id, id })
      .update({ week_days: JSON.stringify(weekDays) });
  }
}

export async function up(knex: Knex): Promise<void> {
  for (const [name, columns] of tables) await knex.schema.createTable(name, columns);
  await knex.schema.alterTable('assignments', (t) => {
    t.json('week_days').notNullable().defaultTo('[]');
  });
  await knex.schema.alterTable('stage_moves', (t) => {
    t.boolean('stays').notNullable().defaultTo(false);
  });
  // A stage that was skipped may be opened between two others.
  await knex.schema.alterTable('plan_stages', (t) => {
    t.double('position').notNullable().alter();
  });
  await knex.schema.alterTable('academies', (t) => {
    t.integer('week_throws');
    t.specificType('build_up_weeks', 'tinyint');
    t.integer('ramp_percent').notNullable().defaultTo(20);
    t.boolean('all_hard').notNullable().defaultTo(false);
  });
  await spreadOverDays(knex);
  await knex.schema.dropTable('assignment_drills');
  await knex.schema.alterTable('assignments', (t) => {
    t.dropColumns('throws_a_day');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('assignments', (t) => {
    t.integer('throws_a_day').notNullable().defaultTo(0);
  });
  await knex.schema.createTable('assignment_drills', (t) => {
    uuid(t, 'academy_id').notNullable();
    pointer(t, 'assignment_id', 'assignments');
    pointer(t, 'plan_drill_id', 'plan_drills');
    t.primary(['academy_id', 'assignment_id', 'plan_drill_id']);
  });
  await knex.raw(
    'insert ignore into assignment_drills (academy_id, assignment_id, plan_drill_id) select academy_id, assignment_id, plan_drill_id from assignment_items where plan_drill_id is not null',
  );
  await knex.schema.alterTable('stage_moves', (t) => {
    t.dropColumns('stays');
  });
  await knex.schema.alterTable('plan_stages', (t) => {
    t.integer('position').notNullable().alter();
  });
  await knex.schema.alterTable('academies', (t) => {
    t.dropColumns('week_throws', 'build_up_weeks', 'ramp_percent', 'all_hard');
  });
  await knex.schema.alterTable('assignments', (t) => {
    t.dropColumns('week_days');
  });
  for (const [name] of [...tables].reverse()) await knex.schema.dropTable(name);
}
