import type { Knex } from 'knex';
import { instant, owned, pointer, uuid, written } from './columns';

const tables = [
  'camps',
  'camp_setups',
  'camp_members',
  'camp_changes',
  'camp_plans',
  'camp_check_ins',
  'camp_links',
  'camp_link_ends',
  'camp_sign_ups',
  'camp_sign_up_ends',
  'camp_archivings',
];

/** Every row is a version or an event; the newest of its subject counts, and none is ever changed. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('camps', (t) => {
    owned(t);
    written(t);
  });
  const create = (name: string, columns: (t: Knex.CreateTableBuilder) => void) =>
    db.schema.createTable(name, (t) => {
      owned(t);
      pointer(t, 'camp_id', 'camps');
      columns(t);
      written(t);
    });
  await create('camp_setups', (t) => {
    // The one that it was made of; two cannot be made of the same.
    uuid(t, 'before');
    t.specificType('body', 'mediumtext').notNullable();
    t.unique(['academy_id', 'camp_id', 'before']);
  });
  await create('camp_members', (t) => {
    pointer(t, 'athlete_id', 'athletes');
    t.boolean('coming').notNullable();
    uuid(t, 'from_slot');
    uuid(t, 'to_slot');
    t.json('barred').notNullable();
    t.string('restriction', 200).notNullable();
  });
  await create('camp_changes', (t) => {
    t.enum('kind', ['away', 'late', 'left', 'sick', 'closed']).notNullable();
    uuid(t, 'subject').notNullable();
    uuid(t, 'slot').notNullable();
    // The change that is taken back by this one.
    uuid(t, 'ends');
  });
  await create('camp_plans', (t) => {
    uuid(t, 'before');
    pointer(t, 'setup_id', 'camp_setups');
    t.string('why', 120).notNullable();
    t.specificType('body', 'mediumtext').notNullable();
    t.unique(['academy_id', 'camp_id', 'before']);
  });
  await create('camp_check_ins', (t) => {
    pointer(t, 'athlete_id', 'athletes');
    t.date('date').notNullable();
    t.enum('state', ['present', 'late', 'absent', 'left']).notNullable();
    t.string('restriction', 200).notNullable();
    t.string('picked_up_by', 80).notNullable();
  });
  await create('camp_links', (t) => {
    t.enum('kind', ['sign-up', 'card']).notNullable();
    // A report card is one athlete's.
    pointer(t, 'athlete_id', 'athletes', false);
    t.string('token_hash', 64).notNullable().unique();
    instant(t, 'expires_at').notNullable();
  });
  await create('camp_link_ends', (t) => pointer(t, 'link_id', 'camp_links'));
  // Signed up behind the link: nobody of the academy wrote it.
  await db.schema.createTable('camp_sign_ups', (t) => {
    owned(t);
    pointer(t, 'camp_id', 'camps');
    pointer(t, 'link_id', 'camp_links');
    t.json('body').notNullable();
    instant(t, 'at').notNullable();
  });
  await create('camp_sign_up_ends', (t) => {
    pointer(t, 'sign_up_id', 'camp_sign_ups');
    // Null where it was not taken.
    pointer(t, 'athlete_id', 'athletes', false);
  });
  await create('camp_archivings', (t) => t.boolean('archived').notNullable());
  await db.schema.alterTable('people', (t) => {
    // Helpers of one camp see that camp alone, while it runs.
    pointer(t, 'camp_id', 'camps', false);
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.alterTable('people', (t) => {
    t.dropForeign(['academy_id', 'camp_id']);
    t.dropColumn('camp_id');
  });
  for (const table of [...tables].reverse()) await db.schema.dropTable(table);
}
