import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { identity, living } from './identity.mjs';
import { say, wait } from './run.mjs';

/** Lets one process at a time do something, even when two scripts run side by side. */
export async function alone(file, what, work) {
  mkdirSync(dirname(file), { recursive: true });
  let told = false;
  for (;;) {
    try {
      writeFileSync(file, identity(process.pid), { flag: 'wx' });
      break;
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
      const owner = readOr(file, '');
      if (owner && !living(owner)) rmSync(file, { force: true });
      else {
        if (!told) say(`Waiting for another process to finish: ${what}`);
        told = true;
        await wait(250);
      }
    }
  }
  const release = () => rmSync(file, { force: true });
  process.once('exit', release);
  try {
    return await work();
  } finally {
    release();
    process.off('exit', release);
  }
}

function readOr(file, fallback) {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    return fallback;
  }
}
