import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { inBrowser, passingFolder } from './browser.mjs';
import { main, say } from './run.mjs';

await main(async () => {
  // `npm run bench -- scale`: the requests on the data of an academy of years.
  if (process.argv[2] === 'scale') {
    const { benchScale } = await import('./scale/bench.mjs');
    say(`\n${(await benchScale(process.env.DATA_FOLDER)).join('\n')}`);
    return 0;
  }
  const folder = passingFolder('bench');
  const table = join(folder, 'table.md');
  const code = await inBrowser('bench', folder, {
    BENCH_TABLE: table,
    PLAYWRIGHT_JSON_OUTPUT_NAME: join(folder, 'x'),
  });
  if (existsSync(table)) say(`\n${readFileSync(table, 'utf8')}`);
  return code;
});
