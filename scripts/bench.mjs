import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { inBrowser, passingFolder } from './browser.mjs';
import { main, root, run, say } from './run.mjs';
import { setUp } from './setup.mjs';

await main(async () => {
  // `npm run bench -- scale`: the requests and the app on the data of an academy of years; `scale app`: the app alone.
  if (process.argv[2] === 'scale') {
    const { benchScale } = await import('./scale/bench.mjs');
    say(`\n${(await benchScale(process.env.DATA_FOLDER, process.argv[3])).join('\n')}`);
    return 0;
  }
  // `npm run bench -- camp`: camps of every size, against a plan by hand.
  if (process.argv[2] === 'camp')
    return run('node', ['--require', 'tsx/cjs', join(root, 'scripts', 'camp', 'bench.ts')]);
  // `npm run bench -- cluster`: what one server and several take, on a database of their own and on a cluster.
  if (process.argv[2] === 'cluster') {
    const [{ benchCluster }, { clusterNeeds }] = await Promise.all([
      import('./cluster/bench.mjs'),
      import('./cluster/cluster.mjs'),
    ]);
    await setUp(clusterNeeds);
    say(`\n${(await benchCluster(passingFolder('bench'))).join('\n')}`);
    return 0;
  }
  // `npm run bench -- motion`: pretend films of every flaw; with a number, so many of each instead of 200.
  if (process.argv[2] === 'motion')
    return run('node', [
      '--require',
      'tsx/cjs',
      join(root, 'scripts', 'motion', 'bench.ts'),
      ...process.argv.slice(3),
    ]);
  const folder = passingFolder('bench');
  const table = join(folder, 'table.md');
  const code = await inBrowser('bench', folder, {
    BENCH_TABLE: table,
    PLAYWRIGHT_JSON_OUTPUT_NAME: join(folder, 'x'),
  });
  if (existsSync(table)) say(`\n${readFileSync(table, 'utf8')}`);
  return code;
});
