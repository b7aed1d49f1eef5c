import { spawn } from 'node:child_process';
import { createWriteStream, mkdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';

/** How a client of MariaDB reaches a database; its password is not for the list of processes. */
export function connectionOf(url: string): { args: string[]; env: NodeJS.ProcessEnv } {
  const { hostname, port, username, password } = new URL(url);
  return {
    args: [
      '--no-defaults',
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
    ],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
  };
}

/** The whole database as SQL, as it stands at one moment while others go on; `ended` rejects when it broke off. */
export function dumping(url: string): { dump: Readable; ended: Promise<void> } {
  const { args, env } = connectionOf(url);
  const child = spawn(
    'mariadb-dump',
    [...args, '--single-transaction', '--hex-blob', new URL(url).pathname.slice(1)],
    { env, stdio: ['ignore', 'pipe', 'inherit'] },
  );
  const ended = new Promise<void>((done, fail) => {
    child.once('error', fail);
    child.once('exit', (code) => (code === 0 ? done() : fail(new Error(`mariadb-dump ended with ${code}`))));
  });
  // Whoever reads the dump asks for its end afterwards.
  ended.catch(() => undefined);
  return { dump: child.stdout, ended };
}

/**
 * Writes the whole database into a file, as it stands before something that could spoil it.
 *
 * @param url of the database
 * @param folder where dumps are kept
 * @returns the file
 * @throws Error when it cannot be written: then nothing may be risked
 */
export async function dump(url: string, folder: string, name: string): Promise<string> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, `${name}.sql.gz`);
  const { dump: source, ended } = dumping(url);
  try {
    await Promise.all([
      pipeline(source, createGzip(), createWriteStream(`${file}.part`, { mode: 0o600 })),
      ended,
    ]);
  } catch (error) {
    rmSync(`${file}.part`, { force: true });
    throw new Error(`Nothing was migrated: no dump could be written (${(error as Error).message})`);
  }
  renameSync(`${file}.part`, file);
  return file;
}
