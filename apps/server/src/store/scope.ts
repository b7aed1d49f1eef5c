import type { Knex } from 'knex';
import type { Tables } from 'knex/types/tables';
import { again } from './again';
import { keptOf, type Answer } from './kept';
import './tables';

/** A table of an academy. */
export type TableName = Exclude<keyof Tables, 'academies'>;
/** A row that is written belongs to the academy of whoever writes it; no caller can say otherwise. */
export type RowToWrite<T extends TableName> = Omit<Knex.ResolveTableType<Tables[T], 'insert'>, 'academy_id'>;
type Written = Record<string, unknown>;

/**
 * The one door to the tables. Whatever goes through it is held to one academy, so that no query can forget it;
 * ESLint keeps `knex` out of every other file of the store.
 */
export class Academy {
  constructor(
    private readonly db: Knex,
    readonly id: string,
    /** A row that is there with other content is an error instead of being left as it is. */
    private readonly compares = false,
  ) {}

  /** The same door for what is logged: an id stands for one content for ever. */
  exact(): Academy {
    return new Academy(this.db, this.id, true);
  }

  /** Rows of one table; `alias` where a query joins more than one. */
  from(table: TableName, alias: string = table): Knex.QueryBuilder {
    return this.db({ [alias]: table }).where(`${alias}.academy_id`, this.id);
  }

  /** Rows to be taken out, of what is only counted and can be counted again; history is never taken out. */
  counted(
    table:
      | 'rep_counts'
      | 'throw_days'
      | 'velocity_days'
      | 'velocity_wander'
      | 'home_days'
      | 'trace_calls'
      | 'flaw_cases',
  ): Knex.QueryBuilder {
    return this.db(table).where({ academy_id: this.id });
  }

  /** The answer to a question of this academy, as a table to ask on. */
  within(query: Knex.QueryBuilder, alias: string): Knex.QueryBuilder {
    return this.db.from(query.as(alias));
  }

  /** Joins on the academy as well as on the id. */
  join(
    query: Knex.QueryBuilder,
    table: TableName,
    alias: string,
    column: string,
    on: string,
  ): Knex.QueryBuilder {
    return query.join({ [alias]: table }, (join) =>
      join.on(`${alias}.academy_id`, '=', this.db.raw('?', [this.id])).andOn(`${alias}.${column}`, '=', on),
    );
  }

  /** Adds rows. A row whose id is there already is left as it is, so that sending twice is harmless. */
  async add<T extends TableName>(table: T, rows: RowToWrite<T> | readonly RowToWrite<T>[]): Promise<void> {
    const list = (Array.isArray(rows) ? rows : [rows]) as Written[];
    if (list.length === 0) return;
    const written = list.map((row) => ({ ...row, academy_id: this.id }));
    const insert = this.inserting(table, written);
    if (!this.compares) return void (await insert);
    const stored = await this.returned(insert);
    if (!written.every((row, n) => sameContent(row, stored[n]!))) throw new OtherContent(table);
  }

  /** Adds rows in one statement, and says of each whether what is there now under its id says the same. */
  async addEach(table: TableName, rows: readonly Written[]): Promise<boolean[]> {
    const written = rows.map((row) => ({ ...row, academy_id: this.id }));
    const stored = await this.returned(this.inserting(table, written));
    return written.map((row, n) => sameContent(row, stored[n]!));
  }

  /** Adds rows, and answers with the ids of those that were not there before under this or another key. */
  async addNew(table: TableName, rows: readonly (Written & { id: string })[]): Promise<Set<string>> {
    const written = rows.map((row) => ({ ...row, academy_id: this.id }));
    const stored = await this.returned(this.inserting(table, written));
    return new Set(rows.flatMap(({ id }, n) => (stored[n]?.['id'] === id ? [id] : [])));
  }

  /** An insert that leaves a row as it is where one is there under the same key. */
  private inserting(table: string, rows: readonly Written[]): Knex.QueryBuilder {
    return this.db(table)
      .insert(rows)
      .onConflict()
      .merge({ academy_id: this.db.ref('academy_id') });
  }

  /** Rows as they stand after an insert, in its order. */
  private async returned(insert: Knex.QueryBuilder): Promise<Written[]> {
    const { sql, bindings } = insert.toSQL().toNative();
    const [stored] = await this.db.raw(`${sql} returning *`, [...bindings]);
    return stored;
  }

  /** Adds a row, or changes what it names of the one that is there under the same key. */
  async put<T extends TableName>(table: T, row: RowToWrite<T>): Promise<void> {
    await this.db(table)
      .insert({ ...row, academy_id: this.id } as never)
      .onConflict()
      .merge(Object.keys(row) as never);
  }

  /** Adds a row, or counts one change more of the one that is there; it is held until the transaction ends. */
  async touch(table: 'athlete_states', row: Written): Promise<void> {
    await this.db(table)
      .insert({ ...row, academy_id: this.id })
      .onConflict()
      .merge({ version: this.db.raw('?? + 1', [`${table}.version`]) });
  }

  /** Adds what a question of this academy answers, without its going through here; its columns are named. */
  async addAnswers(table: TableName, columns: readonly string[], query: Knex.QueryBuilder): Promise<void> {
    const named = columns.map(() => '??').join(', ');
    await this.db(this.db.raw(`?? (??, ${named})`, [table, 'academy_id', ...columns])).insert(
      query.select(this.db.raw('cast(? as uuid)', [this.id]), ...columns),
    );
  }

  /** Takes rows out for good: only what a deletion names. */
  erase(table: TableName): Knex.QueryBuilder {
    return this.db(table).where({ academy_id: this.id });
  }

  /** Puts another text in place of one, wherever a column holds it; `atMost` is as long as the column may be. */
  async replaceIn(
    table: TableName,
    column: string,
    { from, to, atMost }: { from: string; to: string; atMost: number | null },
  ): Promise<void> {
    const put = this.db.raw('replace(??, ?, ?)', [column, from, to]);
    await this.db(table)
      .where({ academy_id: this.id })
      .whereRaw('instr(??, ?) > 0', [column, from])
      .update({ [column]: atMost === null ? put : this.db.raw('left(?, ?)', [put, atMost]) } as never);
  }

  /** Settings of the academy itself. */
  async settle(values: Record<string, unknown>): Promise<void> {
    if (Object.keys(values).length) await this.db('academies').where({ id: this.id }).update(values);
  }

  async change<T extends TableName>(table: T, id: string, values: RowToWrite<T>): Promise<number> {
    return this.from(table).where(`${table}.id`, id).update(values);
  }

  /** An expression of SQL; never one that holds input. */
  raw(expression: string): Knex.Raw {
    return this.db.raw(expression);
  }

  /** What was answered last, while no table that it was read from has changed, or what is read now; see `KeptAnswers`. */
  kept(key: string, read: () => Promise<string>): Promise<Answer> {
    return keptOf(this.db).answer(this.id, key, read);
  }

  /**
   * Holds up whoever else wants to be alone in this academy, until the transaction ends. It is written down, as a row that
   * is only held is held on one node of a cluster.
   */
  async lock(): Promise<void> {
    await this.db('academies').where({ id: this.id }).increment('turns');
  }

  /** Works in a transaction, and again where it was ended for another's sake; one within another ends with that one. */
  private tried<T>(work: (academy: Academy) => Promise<T>, settings?: Knex.TransactionConfig): Promise<T> {
    const once = () => this.db.transaction((one) => work(new Academy(one, this.id, this.compares)), settings);
    return this.db.isTransaction ? once() : again(once);
  }

  /** All or nothing; `work` may run more than once. */
  transaction<T>(work: (academy: Academy) => Promise<T>): Promise<T> {
    return this.tried(work);
  }

  /**
   * All or nothing, where every question sees what others have finished until then, so that only rows that are there
   * hold anybody up; `work` may run more than once.
   */
  current<T>(work: (academy: Academy) => Promise<T>): Promise<T> {
    return this.tried(work, { isolationLevel: 'read committed' });
  }
}

/** A row with this id is there, and says something else. */
export class OtherContent extends Error {
  constructor(table: string) {
    super(`another row of ${table} has this id`);
  }
}

/** Numbers are rounded by their columns. */
const sameNumber = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-4 * Math.max(1, Math.abs(a));

function sameValue(written: unknown, stored: unknown): boolean {
  if (written === undefined || written === null) return stored === null || written === undefined;
  if (written instanceof Date) return stored instanceof Date && written.getTime() === stored.getTime();
  if (typeof written === 'boolean') return Number(written) === Number(stored);
  if (typeof written === 'number') return stored !== null && sameNumber(written, Number(stored));
  return written === String(stored);
}

/** Whether a row that is there says the same; whoever sends it again may be somebody else. */
const sameContent = (written: Written, stored: Written): boolean =>
  Object.entries(written).every(([key, value]) => key === 'by_person' || sameValue(value, stored[key]));

/** A row points to one that is not there, or not in this academy. */
export const isMissingParent = (error: unknown): boolean =>
  (error as { code?: string }).code === 'ER_NO_REFERENCED_ROW_2';

/** The same, found out before the database could say so. */
export const missingParent = (what: string): Error =>
  Object.assign(new Error(what), { code: 'ER_NO_REFERENCED_ROW_2' });

/** Another row has this under a key that is for one alone. */
export const isDuplicate = (error: unknown): boolean =>
  (error as { code?: string } | null)?.code === 'ER_DUP_ENTRY';

/** MariaDB gives JSON columns as text. */
export const parsed = <T>(json: unknown): T => JSON.parse(json as string) as T;

/** Adds many rows, some at a time. */
export async function inBatches(
  academy: Academy,
  table: TableName,
  rows: readonly Record<string, unknown>[],
): Promise<void> {
  for (let i = 0; i < rows.length; i += 1000) await academy.add(table, rows.slice(i, i + 1000) as never);
}

/** Leaves out what was taken back; asked row by row, so that however much was taken back costs nothing. */
export const notUndone = (query: Knex.QueryBuilder, alias: string): Knex.QueryBuilder =>
  query.whereNotExists((undone: Knex.QueryBuilder) =>
    undone
      .from({ u: 'undone' })
      .select('u.id')
      .whereRaw('u.academy_id = ?? and u.of = ??', [`${alias}.academy_id`, `${alias}.id`]),
  );
