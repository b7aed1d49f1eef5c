import { join, resolve } from 'node:path';
import { main, root } from './run.mjs';
import { serve } from './serve.mjs';
import { setUp } from './setup.mjs';

await main(async () => {
  const folder = resolve(process.env.DATA_FOLDER ?? join(root, '.data', 'start'));
  await setUp(['mariadbd']);
  const { server } = await serve({ folder, port: Number(process.env.PORT ?? 4310) });
  return server.gone;
});
