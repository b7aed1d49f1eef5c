import type { Knex } from 'knex';
import { instant, owned, pointer, uuid, written } from './columns';

/** A secret of which only its hash is kept. */
const secret = (t: Knex.CreateTableBuilder) => {
  t.string('token_hash', 64).notNullable().unique();
  instant(t, 'expires_at').notNullable();
};

const tables: Record<string, (t: Knex.CreateTableBuilder) => void> = {
  invitations: (t) => {
    owned(t);
    t.string('email', 200).notNullable();
    t.string('name', 120).notNullable();
    t.enum('role', ['owner', 'instructor', 'assistant']).notNullable();
    secret(t);
    written(t);
  },
  // Used, with the account that came of it, or taken back.
  invitation_ends: (t) => {
    owned(t);
    pointer(t, 'invitation_id', 'invitations');
    t.unique(['academy_id', 'invitation_id']);
    pointer(t, 'person_id', 'people', false);
    instant(t, 'at').notNullable();
  },
  password_resets: (t) => {
    owned(t);
    pointer(t, 'person_id', 'people');
    secret(t);
    instant(t, 'at').notNullable();
    instant(t, 'used_at');
  },
  recovery_codes: (t) => {
    owned(t);
    pointer(t, 'person_id', 'people');
    t.string('code_hash', 64).notNullable();
    instant(t, 'at').notNullable();
    instant(t, 'used_at');
  },
  // What went out by mail, or would have: its text is dropped once it was sent.
  mails: (t) => {
    owned(t);
    t.string('to_address', 200).notNullable();
    t.string('kind', 30).notNullable();
    t.string('subject', 200).notNullable();
    t.text('body').notNullable();
    pointer(t, 'athlete_id', 'athletes', false);
    pointer(t, 'by_person', 'people', false);
    instant(t, 'at').notNullable();
    instant(t, 'sent_at');
    instant(t, 'next_at');
    t.integer('tries').notNullable().defaultTo(0);
    t.boolean('simulated').notNullable();
    t.string('problem', 200).notNullable().defaultTo('');
    t.index(['academy_id', 'at']);
    t.index(['next_at']);
  },
  deletions: (t) => {
    owned(t);
    pointer(t, 'athlete_id', 'athletes');
    t.string('reason', 300).notNullable();
    written(t);
  },
  deletion_confirms: (t) => {
    owned(t);
    pointer(t, 'deletion_id', 'deletions');
    t.unique(['academy_id', 'deletion_id']);
    instant(t, 'due_at').notNullable();
    written(t);
  },
  deletion_ends: (t) => {
    owned(t);
    pointer(t, 'deletion_id', 'deletions');
    t.unique(['academy_id', 'deletion_id']);
    written(t);
  },
  // Ids of athletes who were deleted, so that devices drop what they keep, and counts without a person.
  removals: (t) => {
    owned(t);
    t.json('counts').notNullable();
    instant(t, 'at').notNullable();
  },
  // Who did what; without a person where somebody tried to get in.
  audit_events: (t) => {
    owned(t);
    t.string('kind', 20).notNullable();
    t.string('told', 120).notNullable();
    uuid(t, 'subject');
    pointer(t, 'person_id', 'people', false);
    instant(t, 'at').notNullable();
    // Of what is written down once a day.
    t.date('day');
    t.unique(['academy_id', 'person_id', 'kind', 'subject', 'day'], { indexName: 'audit_events_once_a_day' });
    t.index(['academy_id', 'at']);
    t.index(['academy_id', 'subject']);
  },
};

/** What an academy needs to run its year: accounts, mail, what is asked to be deleted, and who did what. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('people', (t) => {
    instant(t, 'deactivated_at');
    t.string('totp_secret', 64);
    // The newest code that was used: none is used twice.
    t.integer('totp_step').notNullable().defaultTo(0);
  });
  await db.schema.alterTable('athletes', (t) => {
    instant(t, 'archived_at');
  });
  await db.schema.alterTable('academies', (t) => {
    t.integer('retention_years');
  });
  await db.schema.alterTable('shares', (t) => {
    t.string('for_whom', 60).notNullable().defaultTo('');
  });
  for (const [name, columns] of Object.entries(tables)) await db.schema.createTable(name, columns);
}

export async function down(db: Knex): Promise<void> {
  for (const name of Object.keys(tables).reverse()) await db.schema.dropTable(name);
  await db.schema.alterTable('shares', (t) => {
    t.dropColumn('for_whom');
  });
  await db.schema.alterTable('academies', (t) => {
    t.dropColumn('retention_years');
  });
  await db.schema.alterTable('athletes', (t) => {
    t.dropColumn('archived_at');
  });
  await db.schema.alterTable('people', (t) => {
    t.dropColumns('deactivated_at', 'totp_secret', 'totp_step');
  });
}
