/** The client that knex makes for mysql2; the package brings no types for it. */
declare module 'knex/lib/dialects/mysql2/index.js' {
  export default class Client_MySQL2 {
    _query(connection: unknown, query: Record<string, unknown>): Promise<unknown>;
  }
}
