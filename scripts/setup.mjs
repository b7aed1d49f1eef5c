import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { alone } from './lock.mjs';
import { must, output, root, say } from './run.mjs';

const debian = {
  mariadbd: 'mariadb-server',
  'chromium-headless-shell': 'chromium-headless-shell',
  ffmpeg: 'ffmpeg',
  rsync: 'rsync',
  'redis-server': 'redis-server',
  haproxy: 'haproxy',
};
const here = async (command) =>
  (await output('sh', ['-c', `command -v ${command} || command -v /usr/sbin/${command}`])) !== null;

/** Installs what the machine lacks of Debian's packages; needs root only then. */
async function debianPackages(commands) {
  const missing = [];
  for (const command of commands) if (!(await here(command))) missing.push(debian[command]);
  if (missing.length === 0) return;
  const sudo = process.getuid() === 0 ? [] : ['sudo', '-n'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args];
    return must(command, rest, { stdio: ['ignore', 'ignore', 'inherit'] });
  };
  say(`Installing from Debian: ${missing.join(', ')}`);
  try {
    await apt('-o', 'DPkg::Lock::Timeout=600', 'update', '-qq');
    await apt('-o', 'DPkg::Lock::Timeout=600', 'install', '-y', '-qq', '--no-install-recommends', ...missing);
  } catch {
    throw new Error(`Could not install ${missing.join(', ')}. As root: apt-get install ${missing.join(' ')}`);
  }
}

/** Installs the npm packages of the lock file, unless they are the ones that are there. */
async function npmPackages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const stamp = join(root, 'node_modules', '.installed-from');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  say('Installing npm packages');
  await must('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(stamp, lock);
}

/** Everything that a fresh Debian machine with Node.js lacks. */
export const setUp = (commands) =>
  alone(join(root, '.data', 'setting-up'), 'installing', async () => {
    await Promise.all([debianPackages(commands), npmPackages()]);
  });
