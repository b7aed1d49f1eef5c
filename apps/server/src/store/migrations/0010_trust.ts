import type { Knex } from 'knex';
import { pointer, uuid } from './columns';

export async function up(db: Knex): Promise<void> {
  // A lock is a state of the athlete: so is what opens it, with a session or without.
  await db.schema.alterTable('pain_clearances', (t) => pointer(t, 'athlete_id', 'athletes', false));
  await db.raw(`
    update pain_clearances c join sessions s on s.academy_id = c.academy_id and s.id = c.session_id
    set c.athlete_id = s.athlete_id where c.athlete_id is null`);
  await db.raw('alter table pain_clearances modify session_id uuid null');
  // A rep and its throw belong together by id, not by the time between them.
  await db.schema.alterTable('throws', (t) => uuid(t, 'rep_id'));
  // How long a grade is carried into later looks, days.
  await db.schema.alterTable('academies', (t) => {
    t.specificType('carry_days', 'smallint').notNullable().defaultTo(28);
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.alterTable('academies', (t) => t.dropColumn('carry_days'));
  await db.schema.alterTable('throws', (t) => t.dropColumn('rep_id'));
  await db('pain_clearances').whereNull('session_id').delete();
  await db.raw('alter table pain_clearances modify session_id uuid not null');
  await db.schema.alterTable('pain_clearances', (t) => {
    t.dropForeign(['academy_id', 'athlete_id']);
    t.dropColumn('athlete_id');
  });
}
