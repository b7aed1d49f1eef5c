import { createHash, randomUUID } from 'node:crypto';
import { cpSync, existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { passingFolder } from './browser.mjs';
import { buildApp } from './build.mjs';
import { clusterNeeds, killAndRestart, standUp } from './cluster/cluster.mjs';
import { launchDatabase } from './database.mjs';
import { atEnd, freePort, killHard, main, run, say } from './run.mjs';
import { launchServer } from './serve.mjs';
import { setUp } from './setup.mjs';

/** The same app as another version: its page is another one, and its service worker says so. */
function anotherVersion(app, folder) {
  const fresh = join(folder, `app-${randomUUID()}`);
  cpSync(app, fresh, { recursive: true });
  const html = readFileSync(join(fresh, 'index.html'), 'utf8').replace(
    '<head>',
    '<head><meta name="version" content="another" />',
  );
  const revision = createHash('md5').update(html).digest('hex');
  const worker = readFileSync(join(fresh, 'sw.js'), 'utf8').replace(
    /(url:"index.html",revision:")[^"]*/,
    `$1${revision}`,
  );
  for (const [name, text] of [
    ['index.html', html],
    ['sw.js', worker],
  ]) {
    writeFileSync(join(fresh, name), text);
    for (const old of ['br', 'gz']) rmSync(join(fresh, `${name}.${old}`), { force: true });
  }
  return fresh;
}

/**
 * A server and a database of their own that can be killed and started again from the browser tests, by a request to
 * `/server`, `/database` or `/version` at the address in `FAULTS_URL`; the answer comes when they are back.
 */
async function standing(folder) {
  await setUp(['mariadbd', 'chromium-headless-shell', 'ffmpeg']);
  let app = await buildApp();
  let database = await launchDatabase(folder);
  const port = await freePort();
  const start = () => launchServer({ url: database.url, app, folder, port });
  let server = await start();
  return controlled(port, {
    server: async () => {
      await killHard(server);
      server = await start();
    },
    version: async () => {
      app = anotherVersion(app, folder);
      await killHard(server);
      server = await start();
    },
    database: async () => {
      await killHard(database.server);
      database = await launchDatabase(folder, database.port);
    },
  });
}

/** A cluster of which each part can be killed in the same way, by its name. */
async function standingCluster(folder) {
  await setUp([...clusterNeeds, 'chromium-headless-shell', 'ffmpeg']);
  const port = await freePort();
  const { parts } = await standUp({ folder: join(folder, 'parts'), port });
  const kills = Object.keys(parts).map((name) => [name, () => killAndRestart(parts, name)]);
  return controlled(port, Object.fromEntries(kills));
}

/** Where the browser tests find the product, and whom they ask to kill what. */
async function controlled(port, kills) {
  const control = createServer((request, response) => {
    const work = kills[request.url.slice(1)];
    if (!work) return response.writeHead(404).end();
    work().then(
      () => response.writeHead(204).end(),
      (error) => response.writeHead(500).end(error.message),
    );
  });
  const at = await freePort();
  await new Promise((done) => control.listen(at, '127.0.0.1', done));
  atEnd(() => control.close());
  return { BASE_URL: `http://127.0.0.1:${port}`, FAULTS_URL: `http://127.0.0.1:${at}` };
}

/** Runs every fault so many rounds; answers with the exit code and the table of what was logged, stored, lost, doubled. */
export async function faults(folder, rounds, env = {}, what = 'faults') {
  const table = join(folder, 'faults.md');
  const where = await (what === 'cluster' ? standingCluster : standing)(folder);
  const code = await run('npx', ['playwright', 'test', `--project=${what}`], {
    env: { ...process.env, ...where, FAULT_ROUNDS: String(rounds), FAULT_TABLE: table, ...env },
  });
  return { code, table: existsSync(table) ? readFileSync(table, 'utf8') : '' };
}

if (process.argv[1]?.endsWith('faults.mjs'))
  await main(async () => {
    const cluster = process.argv[2] === 'cluster';
    const { code, table } = await (cluster
      ? faults(passingFolder('faults'), 10, {}, 'cluster')
      : faults(passingFolder('faults'), 20));
    say(`\n${table}`);
    return code;
  });
