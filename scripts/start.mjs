import { join, resolve } from 'node:path';
import { main, root } from './run.mjs';
import { keepServing } from './serve.mjs';
import { setUp } from './setup.mjs';

await main(async () => {
  const folder = resolve(process.env.DATA_FOLDER ?? join(root, '.data', 'start'));
  await setUp(['mariadbd']);
  await keepServing({ folder, port: Number(process.env.PORT ?? 4310) });
  return 0;
});
