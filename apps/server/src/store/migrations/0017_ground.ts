import type { Knex } from 'knex';

const kinds = ['angle', 'line', 'length', 'scale'] as const;
const change = (db: Knex, allowed: readonly string[]) =>
  db.schema.alterTable('clip_drawings', (t) => {
    t.enum('kind', [...allowed])
      .notNullable()
      .alter();
  });

/** Level ground can be drawn over a clip, so that a tilted camera is put right. */
export async function up(db: Knex): Promise<void> {
  await change(db, [...kinds, 'ground']);
}

export async function down(db: Knex): Promise<void> {
  await db('clip_drawings').where('kind', 'ground').delete();
  await change(db, kinds);
}
