import { randomBytes } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { atEnd, freePort, output, root, run, stop } from './run.mjs';
import { launchServer, serve } from './serve.mjs';
import { setUp } from './setup.mjs';

/** A folder that is gone when the script ends. */
export function passingFolder(name) {
  mkdirSync(join(root, '.data'), { recursive: true });
  const folder = mkdtempSync(join(root, '.data', `${name}-`));
  atEnd(() => rmSync(folder, { recursive: true, force: true }));
  return folder;
}

/** A server without an academy, on a database of its own beside the other one; answers with what the tests need of it. */
async function emptyServer({ url, app }, folder, env) {
  const beside = new URL(url);
  beside.pathname = '/wrightonic_empty';
  const { hostname, port: at, username, password } = beside;
  const made = await output('mariadb', [
    '--no-defaults',
    `--host=${hostname}`,
    `--port=${at}`,
    `--user=${username}`,
    `--password=${password}`,
    '-e',
    'create database wrightonic_empty',
  ]);
  if (made === null) throw new Error('A second database could not be made.');
  const port = await freePort();
  const FOUNDING_CODE = randomBytes(8).toString('hex');
  mkdirSync(folder, { recursive: true });
  const server = await launchServer({
    url: beside.href,
    app,
    folder,
    port,
    env: { ...env, DEMO: 'no', FOUNDING_CODE },
  });
  return { server, env: { EMPTY_URL: `http://127.0.0.1:${port}`, FOUNDING_CODE } };
}

/** Runs a project of the browser tests, and those named after it, against a server that stands; answers with its exit code. */
export const drive = (project, port, env) =>
  run('npx', ['playwright', 'test', `--project=${project}*`], {
    env: { ...process.env, BASE_URL: `http://127.0.0.1:${port}`, ...env },
  });

/** The password of the demo's people, for one run. */
export const demoPassword = () => ({ DEMO_PASSWORD: randomBytes(12).toString('base64url') });

/** What a project of the browser tests is run against: a server on a database of its own, until it is ended. */
export async function stand(project, folder, given = {}) {
  await setUp(['mariadbd', 'chromium-headless-shell', 'ffmpeg']);
  const port = await freePort();
  const env = { ...given, ...demoPassword() };
  const served = await serve({ folder, port, env });
  const empty = project === 'tests' ? await emptyServer(served, join(folder, 'empty'), given) : null;
  return {
    drive: (more = {}) => drive(project, port, { ...env, ...empty?.env, ...more }),
    end: async () => {
      if (empty) await stop(empty.server);
      await stop(served.server);
    },
  };
}

/** Runs one project of the browser tests against a server and a database of its own; answers with its exit code. */
export async function inBrowser(project, folder, given = {}) {
  const { drive, end } = await stand(project, folder, given);
  const code = await drive();
  await end();
  return code;
}
