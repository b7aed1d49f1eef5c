import { join, resolve } from 'node:path';
import { startDatabase } from './database.mjs';
import { main, must, root } from './run.mjs';
import { setUp } from './setup.mjs';

/** Runs the server's own rebuilding on a database. */
export const rebuildStates = (url) =>
  must('node', ['--require', 'tsx/cjs', join(root, 'apps', 'server', 'src', 'rebuild.ts')], {
    env: { ...process.env, DATABASE_URL: url },
  });

if (process.argv[1] === join(root, 'scripts', 'rebuild.mjs'))
  await main(async () => {
    await setUp(['mariadbd']);
    const folder = resolve(process.env.DATA_FOLDER ?? join(root, '.data', 'start'));
    await rebuildStates(process.env.DATABASE_URL ?? (await startDatabase(folder)));
    return 0;
  });
