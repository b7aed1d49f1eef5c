import { join } from 'node:path';
import { inBrowser, passingFolder } from './browser.mjs';
import { main } from './run.mjs';

await main(async () => {
  const folder = passingFolder('screenshots');
  return inBrowser('pictures', folder, { PLAYWRIGHT_JSON_OUTPUT_NAME: join(folder, 'x') });
});
