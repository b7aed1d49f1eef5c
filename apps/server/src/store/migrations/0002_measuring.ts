import type { Knex } from 'knex';
import { owned, pointer, uuid, written } from './columns';

const tables: [string, (t: Knex.CreateTableBuilder) => void][] = [
  [
    'body_sizes',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.date('date').notNullable();
      t.decimal('height_cm', 5, 1).checkBetween([80, 230]);
      t.decimal('mass_kg', 5, 1).checkBetween([15, 200]);
      written(t);
      t.check('height_cm is not null or mass_kg is not null', {}, 'body_sizes_one');
      t.index(['academy_id', 'athlete_id', 'date']);
    },
  ],
  [
    'injuries',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.string('site', 20).notNullable();
      t.string('what', 200).notNullable();
      t.date('since').notNullable();
      t.boolean('surgery').notNullable();
      written(t);
    },
  ],
  [
    'clearances',
    (t) => {
      owned(t);
      pointer(t, 'injury_id', 'injuries');
      t.string('cleared_by', 120).notNullable();
      t.date('date').notNullable();
      t.string('restrictions', 300).notNullable();
      written(t);
    },
  ],
  [
    'screens',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.date('date').notNullable();
      t.string('zone', 64).notNullable();
      written(t);
      t.index(['academy_id', 'athlete_id', 'at']);
    },
  ],
  [
    'screen_tries',
    (t) => {
      owned(t);
      pointer(t, 'screen_id', 'screens');
      t.string('test', 40).notNullable();
      t.enum('side', ['lead', 'trail', 'throwing', 'glove', 'none']).notNullable();
      t.specificType('n', 'tinyint').notNullable().checkBetween([1, 2]);
      t.double('value');
      t.boolean('pain').notNullable();
      written(t);
      t.index(['academy_id', 'screen_id']);
    },
  ],
  [
    'screen_ends',
    (t) => {
      owned(t);
      pointer(t, 'screen_id', 'screens');
      written(t);
      t.unique(['academy_id', 'screen_id']);
    },
  ],
  [
    'clips',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.date('date').notNullable();
      t.string('zone', 64).notNullable();
      t.string('name', 200).notNullable();
      t.bigInteger('size').notNullable();
      t.specificType('hash', 'char(64)').notNullable();
      t.double('seconds').notNullable();
      t.integer('width').notNullable();
      t.integer('height').notNullable();
      written(t);
      t.index(['academy_id', 'athlete_id', 'at']);
    },
  ],
  [
    'clip_settings',
    (t) => {
      owned(t);
      pointer(t, 'clip_id', 'clips');
      t.double('fps').notNullable();
      t.double('capture_fps').notNullable();
      t.enum('view', ['side', 'front', 'behind', 'above', 'other']).notNullable();
      t.boolean('square').notNullable();
      written(t);
    },
  ],
  [
    'clip_marks',
    (t) => {
      owned(t);
      pointer(t, 'clip_id', 'clips');
      t.string('event', 20).notNullable();
      t.double('time_s');
      written(t);
    },
  ],
  [
    'clip_drawings',
    (t) => {
      owned(t);
      pointer(t, 'clip_id', 'clips');
      uuid(t, 'drawing').notNullable();
      t.enum('kind', ['angle', 'line', 'length', 'scale']).notNullable();
      t.double('time_s').notNullable();
      t.json('points');
      t.string('measure', 60).notNullable();
      t.double('length_cm');
      written(t);
    },
  ],
  [
    'clip_pictures',
    (t) => {
      owned(t);
      pointer(t, 'clip_id', 'clips');
      t.double('time_s').notNullable();
      t.string('note', 200).notNullable();
      t.boolean('shown').notNullable().defaultTo(false);
      t.specificType('png', 'mediumblob').notNullable();
      written(t);
    },
  ],
  [
    'curve_readings',
    (t) => {
      owned(t);
      pointer(t, 'athlete_id', 'athletes');
      t.date('date').notNullable();
      t.string('zone', 64).notNullable();
      t.string('name', 200).notNullable();
      t.json('result').notNullable();
      written(t);
      t.index(['academy_id', 'athlete_id', 'at']);
    },
  ],
];

export async function up(knex: Knex): Promise<void> {
  for (const [name, columns] of tables) await knex.schema.createTable(name, columns);
  await knex.schema.alterTable('athletes', (t) => {
    t.string('level', 20);
    t.enum('sex', ['female', 'male']);
    t.json('teams').notNullable().defaultTo('[]');
    t.json('days').notNullable().defaultTo('[]');
    t.enum('voice', ['plain', 'feel', 'target', 'detail']).notNullable().defaultTo('plain');
    t.json('guardians').notNullable().defaultTo('[]');
    t.string('allergies', 500).notNullable().defaultTo('');
  });
  await knex.schema.alterTable('findings', (t) => {
    t.double('value');
    t.specificType('derived', 'tinyint');
    t.string('note', 500);
    t.enum('source', ['eye', 'measure', 'clip', 'screen', 'throws', 'curves']);
    t.string('reason', 300);
  });
  await knex.schema.alterTable('throws', (t) => {
    uuid(t, 'session_id').nullable().alter();
    t.enum('source', ['work', 'chart', 'import']).notNullable().defaultTo('work');
    t.double('distance_m').checkBetween([1, 150]);
    t.double('aim_x');
    t.double('aim_y');
    t.double('arrived_x');
    t.double('arrived_y');
    /** Null when nobody charted it, empty for a hit. */
    t.string('sides', 20);
  });
  await knex.schema.alterTable('undone', (t) => {
    uuid(t, 'session_id').nullable().alter();
  });
  // What was measured once is the first line of the growth.
  await knex.raw(`
    insert ignore into body_sizes (academy_id, id, athlete_id, date, height_cm, mass_kg, at, by_person)
    select a.academy_id, a.id, a.id, current_date, a.height_cm, a.mass_kg, utc_timestamp(3),
      (select p.id from people p where p.academy_id = a.academy_id order by p.role = 'owner' desc, p.id limit 1)
    from athletes a where a.height_cm is not null or a.mass_kg is not null`);
}

export async function down(knex: Knex): Promise<void> {
  for (const [name] of [...tables].reverse()) await knex.schema.dropTable(name);
  await knex.schema.alterTable('athletes', (t) => {
    t.dropColumns('level', 'sex', 'teams', 'days', 'voice', 'guardians', 'allergies');
  });
  await knex.schema.alterTable('findings', (t) => {
    t.dropColumns('value', 'derived', 'note', 'source', 'reason');
  });
  await knex.schema.alterTable('throws', (t) => {
    t.dropColumns('source', 'distance_m', 'aim_x', 'aim_y', 'arrived_x', 'arrived_y', 'sides');
  });
}
