import { spawn } from 'node:child_process';
import { createWriteStream, mkdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';

/**
 * Writes the whole database into a file, as it stands before something that could spoil it.
 *
 * @param url of the database
 * @param folder where dumps are kept
 * @returns the file
 * @throws Error when it cannot be written: then nothing may be risked
 */
export async function dump(url: string, folder: string, name: string): Promise<string> {
  const { hostname, port, username, password, pathname } = new URL(url);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, `${name}.sql.gz`);
  const dumping = spawn(
    'mariadb-dump',
    [
      '--no-defaults',
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
      '--single-transaction',
      '--hex-blob',
      pathname.slice(1),
    ],
    {
      env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  const ended = new Promise<void>((done, fail) => {
    dumping.once('error', fail);
    dumping.once('exit', (code) =>
      code === 0 ? done() : fail(new Error(`mariadb-dump ended with ${code}`)),
    );
  });
  try {
    await Promise.all([
      pipeline(dumping.stdout, createGzip(), createWriteStream(`${file}.part`, { mode: 0o600 })),
      ended,
    ]);
  } catch (error) {
    rmSync(`${file}.part`, { force: true });
    throw new Error(`Nothing was migrated: no dump could be written (${(error as Error).message})`);
  }
  renameSync(`${file}.part`, file);
  return file;
}
