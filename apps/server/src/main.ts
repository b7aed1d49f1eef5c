import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import pino from 'pino';
import { startNightly } from './backup/backup';
import { demoCamps } from './demoCamps';
import { listen } from './http/listen';
import { server } from './http/server';
import { printer } from './print/document';
import { settingsOf } from './settings';
import { UnscopedStore } from './store/academies';
import { alone } from './store/alone';
import { connect } from './store/database';
import { dump } from './store/dump';
import { migrate } from './store/migrate';
import { seedSaltmarsh } from './store/seeds/saltmarsh';
import { rebuild } from './store/state/rebuild';

const need = (name: string): string => {
  const value = process.env[name];
  if (!value) throw new Error(`${name} is not set`);
  return value;
};

/** Made once for each data folder, so that a restart signs nobody out. */
function keptCookieSecret(folder: string): string {
  const file = join(folder, 'cookie-secret');
  if (!existsSync(file)) {
    mkdirSync(folder, { recursive: true });
    // Whole or not at all: a start that was killed here leaves no empty secret.
    writeFileSync(`${file}.part`, randomBytes(32).toString('hex'), { mode: 0o600 });
    renameSync(`${file}.part`, file);
  }
  return readFileSync(file, 'utf8').trim();
}

/** Read by whoever starts the server, and by nobody else. */
const newFoundingCode = (): string =>
  randomBytes(6)
    .toString('hex')
    .replace(/(.{4})(?=.)/g, '$1-');

async function main(): Promise<void> {
  const settings = settingsOf(process.env);
  const log = pino({ level: settings.logLevel });
  const [url, folder] = [need('DATABASE_URL'), need('DATA_FOLDER')];
  const db = connect(url);
  const unscoped = new UnscopedStore(db);
  const loadDemo = () => seedSaltmarsh(db, new Date(), settings.demoPassword, demoCamps());
  // Of several servers that start at once one prepares the database, and the others find it prepared.
  await alone(db, 'prepares', async () => {
    await migrate(db, async ([first]) => {
      const file = await dump(url, join(folder, 'dumps'), `before-${first}-${Date.now()}`);
      process.stdout.write(`The database as it was is kept in ${file}\n`);
    });
    if (!settings.demoNever && (await unscoped.isEmpty())) await loadDemo();
    const patient = connect(url, 0);
    const made = await rebuild(patient, true);
    await patient.destroy();
    if (made) log.info({ athletes: made }, 'states were made from the history');
  });
  const code = (await unscoped.isEmpty()) ? (settings.foundingCode ?? newFoundingCode()) : null;
  const app = process.env['APP_FOLDER'];
  const { web, close } = await server({
    db,
    secret: settings.cookieSecret ?? keptCookieSecret(folder),
    founding: { code, loadDemo },
    log,
    settings,
    ...(app ? { app } : {}),
  });
  const endNightly = startNightly(url, join(folder, 'backups'), settings, log);
  // Nobody waits yet; whoever prints first would.
  await printer();
  const listening = await listen(web, settings.port, settings.host);
  if (code)
    process.stdout.write(
      `There is no academy here yet. Open ${settings.publicUrl}/found and enter this code: ${code}\n`,
    );
  process.stdout.write(`Wrightonic is at ${settings.publicUrl}\n`);
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      listening.close(
        () =>
          void Promise.resolve(endNightly())
            .then(close)
            .then(() => db.destroy())
            .then(() => process.exit(0)),
      );
      listening.closeAllConnections();
    });
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? (error.stack ?? error.message) : String(error)}\n`);
  process.exit(1);
});
