import knex, { type Knex } from 'knex';
import Mysql2 from 'knex/lib/dialects/mysql2/index.js';
import { again } from './again';
import * as firstSlice from './migrations/0001_first_slice';
import * as measuring from './migrations/0002_measuring';
import * as tracing from './migrations/0003_tracing';
import * as building from './migrations/0004_building';
import * as weeks from './migrations/0005_weeks';
import * as ownDrills from './migrations/0006_own_drills';
import * as field from './migrations/0007_field';
import * as home from './migrations/0008_home';
import * as lessons from './migrations/0009_lessons';
import * as trust from './migrations/0010_trust';
import * as coaching from './migrations/0011_coaching';
import * as state from './migrations/0012_state';
import * as explained from './migrations/0013_explained';
import * as staleMoves from './migrations/0014_stale_moves';
import * as camps from './migrations/0015_camps';
import * as motion from './migrations/0016_motion';
import * as ground from './migrations/0017_ground';
import * as prove from './migrations/0018_prove';
import * as people from './migrations/0019_people';
import * as wholeAcademy from './migrations/0020_academy';
import * as severalServers from './migrations/0021_several_servers';
import * as markerSheets from './migrations/0022_marker_sheets';
import * as surerWander from './migrations/0023_surer_wander';

/** In the order in which they are applied; one that has landed is never changed. */
const migrations: Record<string, Knex.Migration> = {
  '0001_first_slice': firstSlice,
  '0002_measuring': measuring,
  '0003_tracing': tracing,
  '0004_building': building,
  '0005_weeks': weeks,
  '0006_own_drills': ownDrills,
  '0007_field': field,
  '0008_home': home,
  '0009_lessons': lessons,
  '0010_trust': trust,
  '0011_coaching': coaching,
  '0012_state': state,
  '0013_explained': explained,
  '0014_stale_moves': staleMoves,
  '0015_camps': camps,
  '0016_motion': motion,
  '0017_ground': ground,
  '0018_prove': prove,
  '0019_people': people,
  '0020_academy': wholeAcademy,
  '0021_several_servers': severalServers,
  '0022_marker_sheets': markerSheets,
  '0023_surer_wander': surerWander,
};

/** Up to which this version brings a database. */
export const newestMigration = Object.keys(migrations).at(-1)!;

/** Whether a database stands where this version needs it. */
export const upToDate = async (db: Knex): Promise<boolean> =>
  (await db('knex_migrations').where({ name: newestMigration }).first('id')) !== undefined;

const source: Knex.MigrationSource<string> = {
  getMigrations: async () => Object.keys(migrations),
  getMigrationName: (name) => name,
  getMigration: async (name) => migrations[name]!,
};

/** As long as a query that somebody waits for may take, s; whoever waits for a connection waits no longer than this, ms. */
const longestQuery = 30;
/** Whoever waits for a row that another holds is ended after this, and tries again, s. */
const lockPatience = 5;
const patience = 5_000;

interface Connection {
  query(sql: string, done: (error: Error | null) => void): void;
}

/** A client that does again what stands alone and was ended for another's sake; a transaction is done again as a whole. */
class Patient extends Mysql2 {
  override _query(connection: { __knexTxId?: string }, query: Record<string, unknown>): Promise<unknown> {
    const once = () => super._query(connection, query);
    return connection.__knexTxId ? once() : again(once);
  }
}

/**
 * Opens the database.
 *
 * @param url like `mysql://user@127.0.0.1:4311/wrightonic`
 * @param longest a query that takes longer is given up, s; 0 for one that may take as long as it likes
 */
export function connect(url: string, longest = longestQuery): Knex {
  const { hostname, port, username, password, pathname } = new URL(url);
  return knex({
    client: Patient,
    connection: {
      host: hostname,
      port: Number(port || 3306),
      user: decodeURIComponent(username),
      password: decodeURIComponent(password),
      database: pathname.slice(1),
      connectTimeout: patience,
      charset: 'utf8mb4',
      timezone: 'Z',
      jsonStrings: true,
      // A calendar day has no zone, so it stays the text that it is.
      dateStrings: ['DATE'],
    } as unknown as Knex.StaticConnectionConfig,
    pool: {
      min: 0,
      max: 10,
      afterCreate: (connection: Connection, done: (error: Error | null, connection: Connection) => void) => {
        // In a cluster a read waits until this node has what any node has written; elsewhere it changes nothing.
        const settings = `max_statement_time = ${longest}, innodb_lock_wait_timeout = ${lockPatience}, wsrep_sync_wait = 1`;
        connection.query(`set session ${settings}`, (error) => done(error, connection));
      },
    },
    acquireConnectionTimeout: patience,
    migrations: { migrationSource: source },
  });
}
