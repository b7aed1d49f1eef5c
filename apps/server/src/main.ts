import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import pino from 'pino';
import { server } from './http/server';
import { Doorkeeper } from './store/academies';
import { connect, migrate } from './store/database';
import { seedSaltmarsh } from './store/seeds/saltmarsh';

const need = (name: string): string => {
  const value = process.env[name];
  if (!value) throw new Error(`${name} is not set`);
  return value;
};

/** Made once for each data folder, so that a restart signs nobody out. */
function cookieSecret(folder: string): string {
  const file = join(folder, 'cookie-secret');
  if (!existsSync(file)) {
    mkdirSync(folder, { recursive: true });
    writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 });
  }
  return readFileSync(file, 'utf8').trim();
}

async function main(): Promise<void> {
  const log = pino({ level: process.env['LOG_LEVEL'] ?? 'warn' });
  const db = connect(need('DATABASE_URL'));
  await migrate(db);
  if (process.env['DEMO'] !== 'no' && (await new Doorkeeper(db).isEmpty()))
    await seedSaltmarsh(db, new Date());
  const secret = cookieSecret(need('DATA_FOLDER'));
  const port = Number(process.env['PORT'] ?? 4310);
  const app = process.env['APP_FOLDER'];
  const listening = server({ db, secret, log, ...(app ? { app } : {}) }).listen(
    port,
    '127.0.0.1',
    (error?: Error) => {
      if (error) throw error;
      process.stdout.write(`Wrightonic is at http://127.0.0.1:${port}\n`);
    },
  );
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      listening.close(() => void db.destroy().then(() => process.exit(0)));
      listening.closeAllConnections();
    });
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? (error.stack ?? error.message) : String(error)}\n`);
  process.exit(1);
});
