import { connect } from './store/database';
import { migrate } from './store/migrate';
import { rebuild } from './store/state/rebuild';

/** Makes what is kept beside the history anew, of every athlete. */
async function main(): Promise<void> {
  const url = process.env['DATABASE_URL'];
  if (!url) throw new Error('DATABASE_URL is not set');
  const db = connect(url, 0);
  await migrate(db);
  const made = await rebuild(db, false);
  process.stdout.write(`What is kept of ${made} athletes was made anew from their history.\n`);
  await db.destroy();
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? (error.stack ?? error.message) : String(error)}\n`);
  process.exit(1);
});
