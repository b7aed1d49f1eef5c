import { randomBytes } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { atEnd, freePort, root, run, stop } from './run.mjs';
import { serve } from './serve.mjs';
import { setUp } from './setup.mjs';

/** A folder that is gone when the script ends. */
export function passingFolder(name) {
  mkdirSync(join(root, '.data'), { recursive: true });
  const folder = mkdtempSync(join(root, '.data', `${name}-`));
  atEnd(() => rmSync(folder, { recursive: true, force: true }));
  return folder;
}

/** Runs one project of the browser tests against a server and a database of its own; answers with its exit code. */
export async function inBrowser(project, folder, env = {}) {
  await setUp(['mariadbd', 'chromium', 'ffmpeg']);
  const port = await freePort();
  const DEMO_PASSWORD = randomBytes(12).toString('base64url');
  const { server } = await serve({ folder, port, env: { ...env, DEMO_PASSWORD } });
  const code = await run('npx', ['playwright', 'test', `--project=${project}`], {
    env: { ...process.env, BASE_URL: `http://127.0.0.1:${port}`, DEMO_PASSWORD, ...env },
  });
  await stop(server);
  return code;
}
