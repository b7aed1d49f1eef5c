import type { Knex } from 'knex';

export const uuid = (t: Knex.CreateTableBuilder, name: string) => t.specificType(name, 'uuid');
export const instant = (t: Knex.CreateTableBuilder, name: string) => t.datetime(name, { precision: 3 });

/** Every row belongs to an academy, and so does whatever it points to: the keys hold both ids. */
export function owned(t: Knex.CreateTableBuilder): void {
  uuid(t, 'academy_id').notNullable();
  uuid(t, 'id').notNullable();
  t.primary(['academy_id', 'id']);
  t.foreign('academy_id').references('academies.id');
}

export function pointer(t: Knex.CreateTableBuilder, column: string, table: string, must = true): void {
  const built = uuid(t, column);
  if (must) built.notNullable();
  t.foreign(['academy_id', column]).references(['academy_id', 'id']).inTable(table);
}

/** Who wrote a row and when; such rows are never changed. */
export function written(t: Knex.CreateTableBuilder): void {
  instant(t, 'at').notNullable();
  pointer(t, 'by_person', 'people');
}
