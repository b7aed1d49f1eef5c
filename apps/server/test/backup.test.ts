import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { backUp, nextAt, nightlyBackup, restore } from '../src/backup/backup';
import { fixtures } from './fixtures';
import { emptyDatabase, form } from './testServer';

const passphrase = 'a passphrase of the tests';
let set: Awaited<ReturnType<typeof fixtures>>;
let folder: string;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'backup-'));
  set = await fixtures({ camp: true });
});
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true });
  await set.here.end();
});

type Database = Awaited<ReturnType<typeof emptyDatabase>>;
const tablesIn = async ({ db }: Pick<Database, 'db'>): Promise<string[]> =>
  db('information_schema.tables')
    .where('table_schema', db.raw('database()'))
    .orderBy('table_name')
    .pluck('table_name') as Promise<string[]>;
/** Every row of every table. */
async function everything(of: Pick<Database, 'db'>): Promise<Record<string, string[]>> {
  const read = (await tablesIn(of)).map(async (table) => {
    const rows: object[] = await of.db(table);
    return [table, rows.map((row) => JSON.stringify(row)).sort()] as const;
  });
  return Object.fromEntries(await Promise.all(read));
}
const made = async (name: string, secret: string | null = null): Promise<string> => {
  const file = join(folder, name);
  await backUp(set.here.url, file, secret, new Date());
  return file;
};
/** Restores into an empty database, and says what came of it. */
async function restored(file: string, secret: string | null = null) {
  const target = await emptyDatabase();
  try {
    const why = await restore(target.url, file, secret).then(
      () => null,
      (error: Error) => error.message,
    );
    return { why, tables: (await tablesIn(target)).length };
  } finally {
    await target.end();
  }
}

it('comes back with every row of every table, encrypted or not, as it was at one moment', async () => {
  const before = await everything(set.here);
  for (const secret of [null, passphrase]) {
    // Somebody goes on meanwhile.
    const writing = Promise.all(Array.from({ length: 5 }, () => set.owner.post('/athletes', form())));
    const file = await made(`whole-${secret ? 'secret' : 'open'}.backup`, secret);
    await writing;
    const target = await emptyDatabase();
    await restore(target.url, file, secret);
    const after = await everything(target);
    expect(Object.keys(after)).toEqual(Object.keys(before));
    for (const [table, rows] of Object.entries(before))
      expect([table, rows.filter((row) => !after[table]!.includes(row)).length]).toEqual([
        table,
        // A session is touched by whoever uses it.
        table === 'web_sessions' ? expect.any(Number) : 0,
      ]);
    // An athlete is there with all that was written along with it, or not at all.
    expect(after['athletes']!.length).toBe(after['athlete_states']!.length);
    await target.end();
  }
  expect(readFileSync(join(folder, 'whole-secret.backup')).includes('athletes')).toBe(false);
}, 120_000);

it('is refused before anything is touched when it is broken, foreign, newer, or not opened', async () => {
  const open = readFileSync(await made('good.backup'));
  const secret = readFileSync(await made('secret.backup', passphrase));
  const flipped = Buffer.from(open);
  flipped[Math.floor(open.length / 2)]! ^= 1;
  const head = open.indexOf('\n', 25);
  const cases: [string, Buffer, string | null, RegExp][] = [
    ['cut', open.subarray(0, open.length - 1), null, /cut short/],
    ['beheaded', open.subarray(0, 60), null, /cut short/],
    ['flipped', flipped, null, /cut short or changed/],
    ['foreign', Buffer.from('-- a dump of something else\n'.repeat(50)), null, /no backup of Wrightonic/],
    ['empty', Buffer.alloc(0), null, /no backup of Wrightonic/],
    ['garbled', Buffer.concat([open.subarray(0, 30), open.subarray(head)]), null, /cut short or changed/],
    ['wrong', secret, 'another passphrase', /passphrase does not open/],
    ['unsaid', secret, null, /encrypted/],
  ];
  for (const [name, bytes, said, words] of cases) {
    const file = join(folder, name);
    writeFileSync(file, bytes);
    expect([name, await restored(file, said)]).toEqual([
      name,
      { why: expect.stringMatching(words), tables: 0 },
    ]);
  }
  expect((await restored(join(folder, 'nowhere'))).why).toContain('There is no file');
  await set.here.db('knex_migrations').insert({ name: '9999_later', batch: 99, migration_time: new Date() });
  const newer = await made('newer.backup');
  await set.here.db('knex_migrations').where({ name: '9999_later' }).delete();
  expect(await restored(newer)).toEqual({ why: expect.stringContaining('newer version'), tables: 0 });
}, 120_000);

it('does not go over something that is there, and not twice at once', async () => {
  const file = join(folder, 'good.backup');
  await expect(restore(set.here.url, file, null)).rejects.toThrow(/something in this database already/);
  const target = await emptyDatabase();
  const both = await Promise.allSettled([restore(target.url, file, null), restore(target.url, file, null)]);
  expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
  expect((await target.db('athletes')).length).toBeGreaterThan(0);
  await target.end();
}, 60_000);

it('is made each night at its time, and the last few are kept', async () => {
  const at = (text: string) => new Date(`2026-12-${text}:00.000Z`);
  expect(nextAt('03:30', at('05T03:29'))).toEqual(at('05T03:30'));
  expect(nextAt('03:30', at('05T03:30'))).toEqual(at('06T03:30'));
  const nights = join(folder, 'nights');
  const settings = { backupKeep: 2, backupPassphrase: null };
  for (const day of ['05', '06', '07'])
    await nightlyBackup(set.here.url, nights, settings, at(`${day}T03:30`));
  writeFileSync(join(nights, 'kept by hand.backup'), '');
  await nightlyBackup(set.here.url, nights, settings, at('08T03:30'));
  expect(readdirSync(nights).sort()).toEqual([
    'kept by hand.backup',
    'nightly-2026-12-07.backup',
    'nightly-2026-12-08.backup',
  ]);
}, 60_000);
