import type { Knex } from 'knex';
import { instant, owned, pointer } from './columns';

/** Written by whoever has a link; nobody is signed in there. */
function byLink(t: Knex.CreateTableBuilder): void {
  owned(t);
  pointer(t, 'athlete_id', 'athletes');
  pointer(t, 'share_id', 'shares');
  instant(t, 'at').notNullable();
  instant(t, 'received').notNullable();
  t.index(['academy_id', 'athlete_id', 'at']);
}

const tables: Record<string, (t: Knex.CreateTableBuilder) => void> = {
  // The newest word on a set counts.
  home_sets: (t) => {
    t.date('date').notNullable();
    t.string('drill', 60).notNullable();
    t.specificType('set_n', 'tinyint').notNullable().checkBetween([1, 20]);
    t.boolean('done').notNullable();
    t.integer('clean').checkBetween([0, 200]);
    t.integer('missed').checkBetween([0, 200]);
    t.date('done_on').notNullable();
    // What the set cost when it was ticked; the drill may change later.
    t.double('throws').notNullable();
    t.specificType('effort', 'tinyint').checkBetween([10, 100]);
  },
  home_pain: (t) => {
    t.date('date').notNullable();
    t.enum('level', ['none', 'soreness', 'pain']).notNullable();
    t.specificType('score', 'tinyint').checkBetween([0, 10]);
    t.string('site', 20);
  },
  // The newest word on a game counts.
  home_games: (t) => {
    t.date('date').notNullable();
    t.integer('pitches').notNullable().checkBetween([0, 200]);
    t.string('title', 80).notNullable();
  },
};

export async function up(db: Knex): Promise<void> {
  for (const [name, columns] of Object.entries(tables))
    await db.schema.createTable(name, (t) => {
      byLink(t);
      columns(t);
    });
}

export async function down(db: Knex): Promise<void> {
  for (const name of Object.keys(tables).reverse()) await db.schema.dropTable(name);
}
