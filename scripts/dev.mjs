import { join, resolve } from 'node:path';
import { startDatabase } from './database.mjs';
import { freePort, launch, main, root, say, until } from './run.mjs';
import { answers } from './serve.mjs';
import { setUp } from './setup.mjs';
import { haveTracker } from './tracker.mjs';

/**
 * For whoever works on it: the server starts again when one of its files changes, the app is put together as it is asked
 * for, with source maps, shows a change at once, and hands what it asks the API on to the server.
 */
await main(async () => {
  const folder = resolve(process.env.DATA_FOLDER ?? join(root, '.data', 'dev'));
  await setUp(['mariadbd']);
  const [url] = await Promise.all([startDatabase(folder), haveTracker()]);
  const api = await freePort();
  const server = launch(
    'npx',
    ['tsx', 'watch', '--clear-screen=false', join('apps', 'server', 'src', 'main.ts')],
    {
      env: { ...process.env, DATABASE_URL: url, DATA_FOLDER: folder, PORT: String(api) },
    },
  );
  await until(() => answers('127.0.0.1', api), 'the server', 120_000);
  const port = process.env.PORT ?? '4311';
  say(`The app is at http://127.0.0.1:${port}, the API behind it at port ${api}.`);
  const app = launch('npx', ['expo', 'start', '--web', '--port', port], {
    cwd: join(root, 'apps', 'app'),
    env: {
      ...process.env,
      API_URL: `http://127.0.0.1:${api}`,
      BROWSER: 'none',
      EXPO_OFFLINE: '1',
      EXPO_NO_TELEMETRY: '1',
    },
  });
  return Promise.race([server.gone, app.gone]);
});
