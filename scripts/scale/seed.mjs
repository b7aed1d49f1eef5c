import { execFile } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { startDatabase } from '../database.mjs';
import { main, must, root, say } from '../run.mjs';
import { rebuildStates } from '../rebuild.mjs';
import { setUp } from '../setup.mjs';

const done = promisify(execFile);
/** Loaded beside everything else, as they take the longest. */
const large = ['rep_events'];
const settings = 'set foreign_key_checks = 0, unique_checks = 0, max_statement_time = 0;';

async function load(url, statements) {
  const { hostname, port, username, password, pathname } = new URL(url);
  const loaded = done(
    'mariadb',
    [
      '--no-defaults',
      `--host=${hostname}`,
      `--port=${port}`,
      `--user=${username}`,
      '--local-infile=1',
      pathname.slice(1),
    ],
    { env: { ...process.env, MYSQL_PWD: password } },
  );
  loaded.child.stdin.end([settings, ...statements].join('\n'));
  await loaded;
}

/**
 * A database of the size that an academy has after years, in a folder that is kept: it is made once and used again.
 *
 * @param env of the database server
 * @returns its URL
 */
export async function scaledDatabase(folder) {
  const finished = join(folder, 'seeded');
  if (!existsSync(finished)) rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const url = await startDatabase(folder);
  if (existsSync(finished)) return url;
  const began = Date.now();
  const tables = join(folder, 'tables');
  await must('node', ['--require', 'tsx/cjs', join(root, 'scripts', 'scale', 'rows.ts'), tables, url]);
  say(`rows written after ${Math.round((Date.now() - began) / 1000)} s`);
  const statements = JSON.parse(readFileSync(join(tables, 'load.json'), 'utf8'));
  await Promise.all([
    load(
      url,
      large.flatMap((table) => statements[table]),
    ),
    load(
      url,
      Object.keys(statements)
        .filter((table) => !large.includes(table))
        .flatMap((table) => statements[table]),
    ),
  ]);
  rmSync(tables, { recursive: true, force: true });
  await load(url, [`analyze table ${Object.keys(statements).join(', ')};`]);
  say(`loaded after ${Math.round((Date.now() - began) / 1000)} s`);
  await rebuildStates(url);
  say(`states made after ${Math.round((Date.now() - began) / 1000)} s`);
  writeFileSync(finished, new Date().toISOString());
  return url;
}

if (process.argv[1] === join(root, 'scripts', 'scale', 'seed.mjs'))
  await main(async () => {
    await setUp(['mariadbd']);
    const folder = process.env.DATA_FOLDER ?? join(root, '.data', 'scale');
    await scaledDatabase(folder);
    return 0;
  });
