import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import type { Knex } from 'knex';
import Mysql2 from 'knex/lib/dialects/mysql2/index.js';
import { connect } from '../src/store/database';
import { migrate } from '../src/store/migrate';
import { firstRows } from './firstRows';

/*
 * Kills a process in the middle of each migration, at ten of its statements, and lets another go on. Prints a line of a
 * table for each migration; ends with 1 when one could not be recovered. Needs `DATABASE_URL`, whose account may make
 * databases. As `kills.ts victim <url> <n> <statement> <when>` it is the process that is killed.
 */

const moments = 10;

type When = 'before' | 'after';

/** Hears of each statement before and after it is sent. */
function overhear(heard: (count: number, when: When) => void): () => void {
  const client = Mysql2.prototype as { _query(connection: unknown, query: object): Promise<unknown> };
  const own = client._query;
  let count = 0;
  client._query = function sent(connection, query) {
    count++;
    heard(count, 'before');
    const answer = own.call(this, connection, query);
    // It is on its way; nobody waits for what comes of it.
    setImmediate(heard, count, 'after');
    return answer;
  };
  return () => (client._query = own);
}

interface Known {
  migrations: { migrationSource: Knex.MigrationSource<string> };
}

const namesOf = (db: Knex): Promise<string[]> =>
  (db.client.config as Known).migrations.migrationSource.getMigrations([]);

/** A database that knows the first so many migrations and no more. */
async function upTo(url: string, n: number): Promise<Knex> {
  const db = connect(url);
  const { migrations } = db.client.config as Known;
  const names = (await namesOf(db)).slice(0, n);
  migrations.migrationSource = { ...migrations.migrationSource, getMigrations: async () => names };
  return db;
}

async function victim(url: string, n: number, at: number, when: When): Promise<void> {
  const db = await upTo(url, n);
  overhear((count, now) => {
    if (count === at && now === when) process.kill(process.pid, 'SIGKILL');
  });
  await migrate(db);
  throw new Error(`There is no statement ${at}.`);
}

/** The tables as they are, and how much is in each. */
async function shape(db: Knex, schema: string): Promise<string> {
  const of = (table: string, columns: string[], where: string) =>
    db.select(columns).from(`information_schema.${table}`).where(where, schema).orderBy(columns);
  const [columns, keys, links] = await Promise.all([
    of(
      'columns',
      ['table_name', 'column_name', 'column_type', 'is_nullable', 'column_default'],
      'table_schema',
    ),
    of(
      'statistics',
      ['table_name', 'index_name', 'seq_in_index', 'column_name', 'non_unique'],
      'table_schema',
    ),
    of('referential_constraints', ['table_name', 'constraint_name', 'delete_rule'], 'constraint_schema'),
  ]);
  const tables = [...new Set(columns.map((row) => (row as { table_name: string }).table_name))];
  const rows = await Promise.all(tables.map((table) => db(table).count({ rows: '*' }).first()));
  return JSON.stringify([columns, keys, links, rows]);
}

async function main(url: string): Promise<void> {
  const server = connect(url);
  const names = await namesOf(server);
  let broken = 0;
  /** Made anew with everything that the first version knew, at the migration before `n`. */
  const made = async (name: string, n: number): Promise<[string, Knex]> => {
    const where = new URL(url);
    where.pathname = `/${name}`;
    await server.raw(`drop database if exists ${name}`);
    await server.raw(`create database ${name}`);
    for (const step of [1, n - 1].filter((each) => each >= 1 && each < n)) {
      const db = await upTo(where.href, step);
      await migrate(db);
      if (step === 1 && !(await db('academies').first())) await firstRows(db);
      await db.destroy();
    }
    return [where.href, await upTo(where.href, n)];
  };
  for (const [index, name] of names.entries()) {
    const n = index + 1;
    const [, straight] = await made('wrightonic_straight', n);
    let statements = 0;
    const quiet = overhear((count) => (statements = count));
    await migrate(straight);
    quiet();
    const right = await shape(straight, 'wrightonic_straight');
    let recovered = 0;
    for (let moment = 0; moment < moments; moment++) {
      const at = 1 + Math.round((moment * (statements - 1)) / (moments - 1));
      const [where, db] = await made('wrightonic_killed', n);
      const dead = await promisify(execFile)('node', [
        ...['--require', 'tsx/cjs', __filename, 'victim', where, String(n), String(at)],
        moment % 2 ? 'after' : 'before',
      ]).then(
        () => 'ended by itself',
        ({ signal, stderr }: { signal?: string; stderr: string }) => signal ?? stderr,
      );
      try {
        if (dead !== 'SIGKILL') throw new Error(dead);
        await migrate(db);
        if ((await shape(db, 'wrightonic_killed')) !== right) throw new Error('The tables are not the same.');
        recovered++;
      } catch (error) {
        process.stderr.write(`${name}, statement ${at}: ${(error as Error).message}\n`);
      }
      await db.destroy();
    }
    await straight.destroy();
    if (recovered < moments) broken++;
    process.stdout.write(`| ${name} | ${statements} statements | ${moments} | ${recovered} |\n`);
  }
  await server.destroy();
  process.exit(broken ? 1 : 0);
}

const [role, url, n, at, when] = process.argv.slice(2);
if (role === 'victim') void victim(url!, Number(n), Number(at), when as When);
else void main(process.env['DATABASE_URL']!);
