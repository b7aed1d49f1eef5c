/** The client that knex makes for mysql2; the package brings no types for it. */
declare module 'knex/lib/dialects/mysql2/index.js' {
  import type { Knex } from 'knex';
  export default class Client_MySQL2 extends Knex.Client {
    _query(connection: unknown, query: Record<string, unknown>): Promise<unknown>;
  }
}
