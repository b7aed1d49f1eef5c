import { join } from 'node:path';
import { passingFolder } from './browser.mjs';
import { startDatabase } from './database.mjs';
import { main, run, say } from './run.mjs';
import { setUp } from './setup.mjs';

/** A thousand bad requests on every route, others each time; the seed that was used comes first, to run it again. */
await main(async () => {
  await setUp(['mariadbd']);
  const FUZZ_SEED = process.env.FUZZ_SEED ?? String(Date.now() % 2 ** 31);
  say(`FUZZ_SEED=${FUZZ_SEED}`);
  const DATABASE_URL = await startDatabase(join(passingFolder('fuzz'), 'database'));
  return run('npx', ['jest', '--ci', join('apps', 'server', 'test', 'fuzz')], {
    env: { ...process.env, DATABASE_URL, FUZZ_SEED, FUZZ_REQUESTS: '1000' },
  });
});
