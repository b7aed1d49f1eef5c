import { get } from 'node:http';
import { join } from 'node:path';
import { buildApp } from './build.mjs';
import { startDatabase } from './database.mjs';
import { launch, root, until } from './run.mjs';

const answers = (port) =>
  new Promise((done) => {
    get({ host: '127.0.0.1', port, path: '/api/health' }, (response) => {
      response.resume();
      done(response.statusCode === 200);
    }).once('error', () => done(false));
  });

/** The server on a database and a build that are there already. */
export async function launchServer({ url, app, folder, port, env = {} }) {
  const server = launch('node', ['--require', 'tsx/cjs', join(root, 'apps', 'server', 'src', 'main.ts')], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      ...env,
      DATABASE_URL: url,
      DATA_FOLDER: folder,
      APP_FOLDER: app,
      PORT: String(port),
    },
  });
  await until(async () => {
    if (server.over) throw new Error(`The server ended with ${await server.gone}.`);
    return answers(port);
  }, 'the server');
  return server;
}

/** Database, build and server, each started when what it needs is there. */
export async function serve({ folder, port, env = {} }) {
  const [url, app] = await Promise.all([startDatabase(folder), buildApp()]);
  return { url, app, server: await launchServer({ url, app, folder, port, env }) };
}
