import type { Knex } from 'knex';

/** Whoever wants to be alone in an academy counts one more: a row that is only held is held on one node of a cluster. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('academies', (t) => {
    t.integer('turns').unsigned().notNullable().defaultTo(0);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('academies', (t) => {
    t.dropColumn('turns');
  });
}
