import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Logger } from 'pino';
import { dayAt } from '@wrightonic/core';
import type { Settings } from '../settings';
import { connectionOf, dumping } from '../store/dump';
import { connect, newestMigration } from '../store/database';
import { readBackup, verifiedBackup, writeBackup, type BackupHead } from './file';

type Database = ReturnType<typeof connect>;

/** What cannot be restored, in words. */
export class CannotRestore extends Error {}

const schemaOf = async (db: Database): Promise<string> => {
  const row = await db('knex_migrations').orderBy('id', 'desc').first<{ name: string } | undefined>('name');
  return row?.name ?? '';
};

/** A backup of the database as it stands now, while the server goes on. */
export async function backUp(url: string, file: string, passphrase: string | null, now: Date): Promise<void> {
  const db = connect(url);
  try {
    const schema = await schemaOf(db);
    await writeBackup(file, dumping(url), { schema, passphrase, now });
  } finally {
    await db.destroy();
  }
}

/**
 * Brings a backup back into a database in which nothing is.
 *
 * @throws BadBackup or CannotRestore before anything was touched
 */
export async function restore(url: string, file: string, passphrase: string | null): Promise<BackupHead> {
  const head = await verifiedBackup(file, passphrase);
  if (head.schema > newestMigration)
    throw new CannotRestore(
      `This backup comes from a newer version (${head.schema}). Update Wrightonic before you restore it.`,
    );
  const db = connect(url, 0);
  try {
    await db.transaction(async (held) => {
      const name = "concat('wrightonic restores ', database())";
      const [[{ got }]] = await held.raw(`select get_lock(${name}, 0) as got`);
      if (got !== 1) throw new CannotRestore('Another restore into this database is under way.');
      try {
        await into(db, url, file, passphrase);
      } finally {
        await held.raw(`select release_lock(${name})`);
      }
    });
  } finally {
    await db.destroy();
  }
  return head;
}

async function into(db: Database, url: string, file: string, passphrase: string | null): Promise<void> {
  const tables: string[] = await db('information_schema.tables')
    .where('table_schema', db.raw('database()'))
    .pluck('table_name');
  if (tables.length)
    throw new CannotRestore(
      'There is something in this database already. Restore into an empty folder: DATA_FOLDER=… npm run restore -- FILE',
    );
  const { args, env } = connectionOf(url);
  const client = spawn('mariadb', [...args, new URL(url).pathname.slice(1)], {
    env,
    stdio: ['pipe', 'ignore', 'inherit'],
  });
  const ended = new Promise<void>((done, fail) => {
    client.once('error', fail);
    client.once('exit', (code) => (code === 0 ? done() : fail(new Error(`mariadb ended with ${code}`))));
  });
  try {
    await Promise.all([readBackup(file, passphrase, client.stdin), ended]);
  } catch (error) {
    await emptied(db);
    throw new CannotRestore(`Nothing was restored: ${(error as Error).message}`);
  }
}

/** Takes away what a restore that failed left behind. */
async function emptied(db: Database): Promise<void> {
  const left: string[] = await db('information_schema.tables')
    .where('table_schema', db.raw('database()'))
    .pluck('table_name');
  await db.transaction(async (t) => {
    await t.raw('set foreign_key_checks = 0');
    for (const table of left) await t.raw('drop table if exists ??', [table]);
  });
}

const dayMs = 86_400_000;
const nightly = /^nightly-\d{4}-\d\d-\d\d\.backup$/;

/** The next instant after `now` at a time of day in UTC. */
export function nextAt(time: string, now: Date): Date {
  const today = new Date(`${dayAt(now, 'UTC')}T${time}:00.000Z`);
  return today > now ? today : new Date(today.getTime() + dayMs);
}

/** A backup for the night, once however many servers do it; the last few are kept. */
export async function nightlyBackup(
  url: string,
  folder: string,
  { backupKeep, backupPassphrase }: Pick<Settings, 'backupKeep' | 'backupPassphrase'>,
  now: Date,
): Promise<string> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, `nightly-${dayAt(now, 'UTC')}.backup`);
  await backUp(url, file, backupPassphrase, now);
  const kept = readdirSync(folder)
    .filter((name) => nightly.test(name))
    .sort();
  for (const old of kept.slice(0, -backupKeep)) rmSync(join(folder, old), { force: true });
  return file;
}

/** @returns what ends it */
export function startNightly(
  url: string,
  folder: string,
  settings: Pick<Settings, 'backupAt' | 'backupKeep' | 'backupPassphrase'>,
  log: Logger,
): () => void {
  const { backupAt } = settings;
  if (backupAt === null) return () => undefined;
  let timer: NodeJS.Timeout;
  const wait = () => {
    timer = setTimeout(
      () =>
        void nightlyBackup(url, folder, settings, new Date())
          .then(
            (file) => log.info({ file }, 'a backup was made'),
            (error: Error) => log.error({ why: error.message }, 'no backup could be made'),
          )
          .then(wait),
      nextAt(backupAt, new Date()).getTime() - Date.now(),
    ).unref();
  };
  wait();
  return () => clearTimeout(timer);
}
