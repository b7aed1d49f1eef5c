import type { Knex } from 'knex';

/** A row that is written belongs to the academy of whoever writes it; no caller can say otherwise. */
type Written = Record<string, unknown>;

/**
 * The one door to the tables. Whatever goes through it is held to one academy, so that no query can forget it;
 * ESLint keeps `knex` out of every other file of the store.
 */
export class Academy {
  constructor(
    private readonly db: Knex,
    readonly id: string,
  ) {}

  /** Rows of one table; `alias` where a query joins more than one. */
  from(table: string, alias: string = table): Knex.QueryBuilder {
    return this.db({ [alias]: table }).where(`${alias}.academy_id`, this.id);
  }

  /** Joins on the academy as well as on the id. */
  join(
    query: Knex.QueryBuilder,
    table: string,
    alias: string,
    column: string,
    on: string,
  ): Knex.QueryBuilder {
    return query.join({ [alias]: table }, (join) =>
      join.on(`${alias}.academy_id`, '=', this.db.raw('?', [this.id])).andOn(`${alias}.${column}`, '=', on),
    );
  }

  /** Adds rows. A row whose id is there already is left as it is, so that sending twice is harmless. */
  async add(table: string, rows: Written | readonly Written[]): Promise<void> {
    const list = (Array.isArray(rows) ? rows : [rows]) as Written[];
    if (list.length === 0) return;
    await this.db(table)
      .insert(list.map((row) => ({ ...row, academy_id: this.id })))
      .onConflict()
      .merge({ academy_id: this.db.ref('academy_id') });
  }

  async change(table: string, id: string, values: Written): Promise<number> {
    return this.from(table).where(`${table}.id`, id).update(values);
  }

  /** An expression of SQL; never one that holds input. */
  raw(expression: string): Knex.Raw {
    return this.db.raw(expression);
  }

  /** Holds up whoever else wants to be alone in this academy, until the transaction ends. */
  async alone(): Promise<void> {
    await this.db('academies').where({ id: this.id }).forUpdate().first('id');
  }

  /** All or nothing. */
  whole<T>(work: (academy: Academy) => Promise<T>): Promise<T> {
    return this.db.transaction((transaction) => work(new Academy(transaction, this.id)));
  }
}

/** A row points to one that is not there, or not in this academy. */
export const isMissingParent = (error: unknown): boolean =>
  (error as { code?: string }).code === 'ER_NO_REFERENCED_ROW_2';

/** The same, found out before the database could say so. */
export const missingParent = (what: string): Error =>
  Object.assign(new Error(what), { code: 'ER_NO_REFERENCED_ROW_2' });

/** MariaDB gives JSON columns as text. */
export const parsed = <T>(json: unknown): T => JSON.parse(json as string) as T;

/** Adds many rows, some at a time. */
export async function inBatches(
  academy: Academy,
  table: string,
  rows: readonly Record<string, unknown>[],
): Promise<void> {
  for (let i = 0; i < rows.length; i += 1000) await academy.add(table, rows.slice(i, i + 1000));
}

/** Leaves out what was taken back; asked row by row, so that however much was taken back costs nothing. */
export const notUndone = (query: Knex.QueryBuilder, alias: string): Knex.QueryBuilder =>
  query.whereNotExists((undone: Knex.QueryBuilder) =>
    undone
      .from({ u: 'undone' })
      .select('u.id')
      .whereRaw('u.academy_id = ?? and u.of = ??', [`${alias}.academy_id`, `${alias}.id`]),
  );
