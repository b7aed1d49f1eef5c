import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { get } from 'node:http';
import { join } from 'node:path';
import { buildApp } from './build.mjs';
import { bundleServer } from './bundle.mjs';
import { launchDatabase, startDatabase } from './database.mjs';
import { identity, living } from './identity.mjs';
import { ending, launch, root, say, stop, until, wait } from './run.mjs';

/** Whether a server there says that it is well. */
export const answers = (host, port) =>
  new Promise((done) => {
    get({ host, port, path: '/api/health', timeout: 2_000 }, (response) => {
      response.resume();
      done(response.statusCode === 200);
    })
      .once('timeout', function late() {
        this.destroy();
      })
      .once('error', () => done(false));
  });

/** A server whose script was killed hard still holds the port: it is ended first. */
async function endLeftOver(file) {
  const pid = existsSync(file) ? living(readFileSync(file, 'utf8')) : null;
  if (!pid) return;
  process.kill(pid, 'SIGKILL');
  await until(() => !living(readFileSync(file, 'utf8')), 'the server of an earlier run', 10_000);
}

/** A machine that is short of time loads the demo this slowly, ms. */
const slowest = 240_000;

/** The server on a database and a build that are there already. */
export async function launchServer({ url, app, folder, port, env = {} }) {
  const file = join(folder, 'server.pid');
  const [bundle] = await Promise.all([bundleServer(), endLeftOver(file)]);
  const server = launch(
    'node',
    ['--enable-source-maps', '--require', join(root, 'scripts', 'clock.cjs'), join(bundle, 'main.js')],
    {
      env: {
        ...process.env,
        NODE_ENV: 'production',
        ...env,
        DATABASE_URL: url,
        DATA_FOLDER: folder,
        APP_FOLDER: app,
        PORT: String(port),
      },
    },
  );
  writeFileSync(file, identity(server.pid));
  void server.gone.then(() => {
    if (existsSync(file) && !living(readFileSync(file, 'utf8'))) rmSync(file, { force: true });
  });
  const host = env.HOST ?? process.env.HOST ?? '127.0.0.1';
  await until(
    async () => {
      if (server.over) throw new Error(`The server ended with ${await server.gone}.`);
      return answers(host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host, port);
    },
    'the server',
    slowest,
  );
  return server;
}

/** Database, build and server, each started when what it needs is there. */
export async function serve({ folder, port, env = {} }) {
  const [url, app] = await Promise.all([startDatabase(folder), buildApp()]);
  return { url, app, server: await launchServer({ url, app, folder, port, env }) };
}

/** After so long without ending a program counts as well again, ms. */
const well = 60_000;
const longestPause = 30_000;

/** Starts a program again whenever it ends, each time after a longer pause while it does not stay. */
export async function watch(name, first, again) {
  let running = first;
  let pause = 1_000;
  for (;;) {
    const began = Date.now();
    const code = await running.gone;
    if (ending()) return;
    if (Date.now() - began > well) pause = 1_000;
    for (;;) {
      say(`${name} ended with ${code}; it is started again in ${pause / 1000} s.`);
      await wait(pause);
      pause = Math.min(2 * pause, longestPause);
      if (ending()) return;
      try {
        running = await again();
        say(`${name} runs again.`);
        break;
      } catch (error) {
        say(`${name} could not be started: ${error.message}`);
      }
    }
  }
}

/** The same, watched: what ends is started again and said so, until this script is told to end. */
export async function keepServing({ folder, port }) {
  const own = process.env.DATABASE_URL;
  const [database, app] = await Promise.all([own ? null : launchDatabase(folder), buildApp()]);
  const url = own ?? database.url;
  const start = async () => {
    const server = await launchServer({ url, app, folder, port });
    return server;
  };
  const server = await start();
  await Promise.all([
    // A database of somebody else is watched by whoever runs it.
    ...(database
      ? [
          watch(
            'The database',
            database.server,
            async () => (await launchDatabase(folder, database.port)).server,
          ),
        ]
      : []),
    watch('The server', server, start),
  ]);
  await stop(server);
}
