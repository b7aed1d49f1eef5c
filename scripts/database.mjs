import { randomBytes } from 'node:crypto';
import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { identity, living } from './identity.mjs';
import { atEnd, freePort, launch, must, output, until } from './run.mjs';

const user = userInfo().username;
const name = 'wrightonic';

/** A database server that outlived its script, by being killed hard, still holds the folder: it is ended first. */
async function endLeftOver(data) {
  const pidFile = join(data, 'mariadb.pid');
  if (!existsSync(pidFile)) return;
  const pid = Number(readFileSync(pidFile, 'utf8'));
  const commandLine = await output('cat', [`/proc/${pid}/cmdline`]);
  if (!commandLine?.includes(`--datadir=${data}`)) return;
  process.kill(pid, 'SIGTERM');
  await until(() => !existsSync(`/proc/${pid}`), 'the database server of an earlier run', 30_000);
}

/**
 * Where the database is set up before it takes its place: an installer that outlived its script writes on into a folder
 * that nobody looks at any more.
 */
function freshFolder(folder) {
  const name = 'mariadb.part-';
  for (const old of readdirSync(folder).filter((each) => each.startsWith(name)))
    try {
      rmSync(join(folder, old), { recursive: true, force: true });
    } catch {
      // It is still being written; the next start removes it.
    }
  return mkdtempSync(join(folder, name));
}

/** A folder for one database server alone: each removes at its start whatever others have in a folder for what passes. */
const ownTmp = () => mkdtempSync(join(tmpdir(), 'wrightonic-'));

/** Makes the data of a database in which nothing is; `owner` is whom it runs as. */
export async function installDatabase(data, owner = user) {
  const passing = ownTmp();
  chmodSync(passing, 0o777);
  await must(
    'mariadb-install-db',
    [
      '--no-defaults',
      `--datadir=${data}`,
      `--user=${owner}`,
      '--auth-root-authentication-method=socket',
      `--auth-root-socket-user=${user}`,
      '--skip-test-db',
    ],
    { stdio: ['ignore', 'ignore', 'inherit'], env: { ...process.env, TMPDIR: passing } },
  );
  rmSync(passing, { recursive: true, force: true });
}

/** Two scripts never use one folder: the second is told so, and the first goes on. */
function claim(folder) {
  const file = join(folder, 'in-use-by');
  const owner = existsSync(file) ? living(readFileSync(file, 'utf8')) : null;
  if (owner && owner !== process.pid)
    throw new Error(
      `${folder} is in use by process ${owner}. End it first, or set DATA_FOLDER to another folder.`,
    );
  writeFileSync(file, identity(process.pid));
  atEnd(() => rmSync(file, { force: true }));
}

/**
 * Starts MariaDB on loopback with its data in `folder`; the first time it is set up there. Only the account that
 * it is made for can sign in over the network, with a password that is in the folder alone.
 *
 * @param at a port that it had before; another one when left out
 * @returns its URL, and the process
 */
export async function launchDatabase(folder, at) {
  const data = join(folder, 'mariadb');
  const secret = join(folder, 'database-password');
  mkdirSync(folder, { recursive: true });
  claim(folder);
  if (!existsSync(secret)) {
    await endLeftOver(data);
    rmSync(data, { recursive: true, force: true });
    const fresh = freshFolder(folder);
    await installDatabase(fresh);
    renameSync(fresh, data);
  }
  await endLeftOver(data);
  const port = at ?? (await freePort());
  writeFileSync(join(folder, 'database-port'), String(port));
  // A socket's path may have 107 characters only.
  const sockets = ownTmp();
  const socket = join(sockets, 's');
  atEnd(() => rmSync(sockets, { recursive: true, force: true }));
  const log = openSync(join(folder, 'mariadb.log'), 'a');
  const server = launch(
    (await output('sh', ['-c', 'command -v mariadbd'])) ?? '/usr/sbin/mariadbd',
    [
      '--no-defaults',
      `--datadir=${data}`,
      `--socket=${socket}`,
      `--tmpdir=${sockets}`,
      `--pid-file=${join(data, 'mariadb.pid')}`,
      `--port=${port}`,
      '--bind-address=127.0.0.1',
      `--user=${user}`,
      '--skip-name-resolve',
      '--character-set-server=utf8mb4',
      '--innodb-buffer-pool-size=256M',
    ],
    { stdio: ['ignore', log, log] },
  );
  const ask = (...args) =>
    output('mariadb', ['--no-defaults', `--socket=${socket}`, `--user=${user}`, ...args]);
  await until(async () => {
    if (server.over) throw new Error(`MariaDB did not start; see ${join(folder, 'mariadb.log')}`);
    return (await ask('-e', 'select 1')) !== null;
  }, 'MariaDB');
  if (!existsSync(secret)) {
    const password = randomBytes(18).toString('hex');
    const account = `'${name}'@'127.0.0.1'`;
    const made = await ask(
      '-e',
      `create or replace user ${account} identified by '${password}';
       grant all on \`${name}%\`.* to ${account};
       create database if not exists ${name};`,
    );
    if (made === null) throw new Error('The database could not be made.');
    // Whole or not at all: that it is there says that the database is made.
    writeFileSync(`${secret}.part`, password, { mode: 0o600 });
    renameSync(`${secret}.part`, secret);
  }
  return { url: urlOf(secret, port), port, server };
}

const urlOf = (secret, port) => `mysql://${name}:${readFileSync(secret, 'utf8')}@127.0.0.1:${port}/${name}`;

/** The URL of a database that another script runs in `folder`; null when none does. */
export function runningDatabase(folder) {
  const [owner, port, secret] = ['in-use-by', 'database-port', 'database-password'].map((file) =>
    join(folder, file),
  );
  if (![owner, port, secret].every((file) => existsSync(file))) return null;
  return living(readFileSync(owner, 'utf8')) ? urlOf(secret, readFileSync(port, 'utf8')) : null;
}

/** The same, where only its URL matters. */
export const startDatabase = async (folder) => (await launchDatabase(folder)).url;
