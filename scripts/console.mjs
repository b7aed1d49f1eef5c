import { join, resolve } from 'node:path';
import { runningDatabase, startDatabase } from './database.mjs';
import { main, root, run } from './run.mjs';
import { setUp } from './setup.mjs';

/** What is done at the console of a server: on the database that runs, or on one that is started for it. */
await main(async () => {
  const [command, ...given] = process.argv.slice(2);
  await setUp(['mariadbd']);
  const folder = resolve(process.env.DATA_FOLDER ?? join(root, '.data', 'start'));
  const running = process.env.DATABASE_URL ?? runningDatabase(folder);
  if (running && command === 'restore' && !process.env.DATABASE_URL)
    throw new Error(
      `${folder} is in use. Restore into an empty folder: DATA_FOLDER=… npm run restore -- FILE`,
    );
  const url = running ?? (await startDatabase(folder));
  const files = ['backup', 'restore'].includes(command) ? given.map((file) => resolve(file)) : given;
  return run(
    'node',
    ['--require', 'tsx/cjs', join(root, 'apps', 'server', 'src', 'console.ts'), command, ...files],
    { env: { ...process.env, DATABASE_URL: url } },
  );
});
