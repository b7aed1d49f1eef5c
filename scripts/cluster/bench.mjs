import { join } from 'node:path';
import { buildApp } from '../build.mjs';
import { startDatabase } from '../database.mjs';
import { freePort, say, stop } from '../run.mjs';
import { batches, batchSize, Client, logged, p95 } from '../scale/client.mjs';
import { launchServer } from '../serve.mjs';
import { standUp } from './cluster.mjs';

const together = 8;
const readings = 25;
const password = 'a-barn-that-is-measured';

/** What many devices at once send, and what as many read, through one address. */
async function measured(base) {
  const clients = [];
  for (let n = 0; n < together; n++) {
    const client = new Client(base);
    await client.signIn('marlow@saltmarsh.example', password);
    clients.push(client);
  }
  const began = performance.now();
  // Each logs for athletes of its own.
  const sent = await Promise.all(clients.map((client, n) => logged(client, 3 * n)));
  const seconds = (performance.now() - began) / 1000;
  const read = [];
  await Promise.all(
    clients.map(async (client) => {
      for (let n = 0; n < readings; n++) {
        const start = performance.now();
        await client.ask(`/athletes?${'&'.repeat(n + 1)}`, { read: false });
        read.push(performance.now() - start);
      }
    }),
  );
  return {
    rate: (together * batches * batchSize) / seconds,
    batch: p95(sent.flatMap(({ times }) => times)),
    roster: p95(read),
  };
}

/** Events a second and p95, of a server by itself and of one and two on a cluster; answers with the lines of a table. */
export async function benchCluster(folder) {
  const rows = [
    `| what runs | events a second, ${together} devices | a batch of ${batchSize}, p95 | roster read anew, ${together} at once, p95 |`,
    '|---|---|---|---|',
  ];
  const row = (what, { rate, batch, roster }) => {
    rows.push(`| ${what} | ${rate.toFixed(0)} | ${batch.toFixed(0)} ms | ${roster.toFixed(0)} ms |`);
    say(rows.at(-1));
  };
  const own = join(folder, 'own');
  const port = await freePort();
  const [url, app] = await Promise.all([startDatabase(own), buildApp()]);
  const server = await launchServer({ url, app, folder: own, port, env: { DEMO_PASSWORD: password } });
  row('one server, one MariaDB', await measured(`http://127.0.0.1:${port}`));
  await stop(server);
  for (const howMany of [1, 2]) {
    const at = await freePort();
    const env = { DEMO_PASSWORD: password };
    const cluster = await standUp({ folder: join(folder, `of${howMany}`), port: at, howMany, env });
    row(
      `cluster: three nodes, Redis, HAProxy, ${howMany} ${howMany === 1 ? 'server' : 'servers'}`,
      await measured(`http://127.0.0.1:${at}`),
    );
    for (const { running } of Object.values(cluster.parts).reverse()) await stop(running);
  }
  return rows;
}
