import { join } from 'node:path';
import { passingFolder } from './browser.mjs';
import { clusterNeeds, standUp } from './cluster/cluster.mjs';
import { main, say } from './run.mjs';
import { watch } from './serve.mjs';
import { setUp } from './setup.mjs';

/** Three database nodes, Redis, HAProxy and two servers on loopback, with a demo that is gone when this ends. */
await main(async () => {
  await setUp(clusterNeeds);
  const port = Number(process.env.PORT ?? 4310);
  const { parts, nodes, servers } = await standUp({ folder: join(passingFolder('cluster'), 'parts'), port });
  say(
    `Database nodes at ${nodes.map(({ ports }) => ports.sql).join(', ')}; servers at ${servers.map((each) => each.port).join(', ')}.`,
  );
  say(`The cluster is at http://127.0.0.1:${port}`);
  await Promise.all(
    Object.entries(parts).map(([name, { running, start }]) => watch(name, running, () => start('again'))),
  );
});
