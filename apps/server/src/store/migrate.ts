import knex, { type Knex } from 'knex';
import Mysql2 from 'knex/lib/dialects/mysql2/index.js';
import { alone } from './alone';

/** What a statement says whose work was done before: each changes the schema whole or not at all. */
const doneAlready = new Set([
  'ER_TABLE_EXISTS_ERROR',
  'ER_DUP_FIELDNAME',
  'ER_DUP_KEYNAME',
  'ER_DUP_CONSTRAINT_NAME',
  'ER_FK_DUP_NAME',
  'ER_CANT_DROP_FIELD_OR_KEY',
  'ER_BAD_TABLE_ERROR',
]);

interface DriverError {
  code?: string;
  message?: string;
}

/** A foreign key that is there already is told as a table that cannot be made, with this number. */
const isDone = ({ code = '', message = '' }: DriverError): boolean =>
  doneAlready.has(code) || (code === 'ER_CANT_CREATE_TABLE' && message.includes('errno: 121'));

/** A client whose statements may be repeated, so that a migration that was cut off in the middle goes on. */
class Repeatable extends Mysql2 {
  override async _query(connection: unknown, query: Record<string, unknown>): Promise<unknown> {
    try {
      return await super._query(connection, query);
    } catch (error) {
      if (!isDone(error as DriverError)) throw error;
      return { ...query, response: [[], []] };
    }
  }
}

/**
 * Brings the database up to this version. A process that was killed in the middle leaves nothing in the way: what it
 * did stays, its lock is taken over. Where two start at once, one waits for the other.
 *
 * @param before is called with the migrations to come, where there is something that they could spoil
 */
export async function migrate(db: Knex, before?: (pending: string[]) => Promise<void>): Promise<void> {
  await alone(db, 'migrates', () => migrateAlone(db, before));
}

async function migrateAlone(db: Knex, before?: (pending: string[]) => Promise<void>): Promise<void> {
  const { connection, migrations } = db.client.config as Knex.Config;
  const own = knex({
    client: Repeatable,
    connection: connection!,
    migrations: { ...migrations, disableTransactions: true },
    pool: { min: 1, max: 1 },
  });
  try {
    await own.migrate.forceFreeMigrationsLock();
    const [done, pending] = (await own.migrate.list()) as [unknown[], unknown[]];
    if (done.length && pending.length) await before?.(pending.map(String));
    await own.migrate.latest();
  } finally {
    await own.destroy();
  }
}
