import { join } from 'node:path';
import { passingFolder } from './browser.mjs';
import { startDatabase } from './database.mjs';
import { main, run } from './run.mjs';
import { setUp } from './setup.mjs';

/** Writes the types of the tables anew, as the migrations leave them. */
await main(async () => {
  await setUp(['mariadbd']);
  const DATABASE_URL = await startDatabase(join(passingFolder('tables'), 'database'));
  const code = await run('npx', ['jest', '--ci', join('apps', 'server', 'test', 'tables')], {
    env: { ...process.env, DATABASE_URL, WRITE_TABLES: '1' },
  });
  const written = join('apps', 'server', 'src', 'store', 'tables.ts');
  return code || run('npx', ['oxfmt', written]);
});
