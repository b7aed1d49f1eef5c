import { mkdtempSync, openSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { dirname, join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { installDatabase } from '../database.mjs';
import { atEnd, freePort, launch, must, output, until } from '../run.mjs';

const user = userInfo().username;
/** The copier of the nodes gives up the rights of root, and then may not write what is root's. */
const isRoot = process.getuid() === 0;
const owner = isRoot ? 'mysql' : user;
const provider = '/usr/lib/galera/libgalera_smm.so';
/**
 * A node that is silent for so long is left out: soon enough for whoever waits, late enough for a machine that is short of
 * time. A read that waits for what others wrote gives up soon, and is asked again: its question may have been lost with
 * the node that went.
 */
const patience = [
  'evs.keepalive_period=PT0.5S',
  'evs.suspect_timeout=PT2S',
  'evs.inactive_timeout=PT10S',
  'evs.install_timeout=PT5S',
  'repl.causal_read_timeout=PT2S',
  // A node that comes back asks the others; what it remembers of who they were would only hold them up.
  'pc.recovery=FALSE',
].join(';');
/** A copy from another node, or the joining of one that was away, s. */
const joining = 120_000;

/** A database node as it may be started again and again, with the ports that it keeps. */
export async function nodeOf(folder, n) {
  const ports = {
    sql: await freePort(),
    group: await freePort(),
    ist: await freePort(),
    sst: await freePort(),
  };
  // Not in `folder`, which may lie where nobody but root comes in.
  const data = mkdtempSync(join(tmpdir(), `wrightonic-node${n}-`));
  const log = join(folder, `node${n}.log`);
  writeFileSync(log, '');
  // A socket's path may have 107 characters only.
  const sockets = mkdtempSync(join(tmpdir(), 'wrightonic-'));
  atEnd(() => [data, sockets].forEach((each) => rmSync(each, { recursive: true, force: true })));
  if (isRoot) await must('chown', [owner, data, sockets]);
  return {
    n,
    name: `node${n}`,
    folder,
    data,
    socket: join(sockets, 's'),
    log,
    ports,
  };
}

export const ask = ({ socket }, sql) =>
  output('mariadb', ['--no-defaults', `--socket=${socket}`, `--user=${user}`, '-N', '-e', sql]);

/** Whether a node has everything that the others have, and takes part. */
export const synced = async (node) =>
  /\t4$/.test((await ask(node, "show status like 'wsrep_local_state'")) ?? '');

const ofNode = (node) => [
  '--no-defaults',
  `--datadir=${node.data}`,
  `--socket=${node.socket}`,
  `--tmpdir=${dirname(node.socket)}`,
  `--pid-file=${join(node.data, 'mariadb.pid')}`,
  `--port=${node.ports.sql}`,
  '--bind-address=127.0.0.1',
  `--user=${owner}`,
  '--skip-name-resolve',
  '--character-set-server=utf8mb4',
  '--binlog_format=ROW',
  '--innodb_autoinc_lock_mode=2',
  '--innodb-buffer-pool-size=128M',
];

/** Where a node that was killed left off: with it the others send only what came after. */
function position(node) {
  const { stderr, stdout } = spawnSync(
    '/usr/sbin/mariadbd',
    [...ofNode(node), '--wsrep-recover', '--wsrep_on=ON', `--wsrep_provider=${provider}`],
    { encoding: 'utf8' },
  );
  const file = readFileSync(node.log, 'utf8');
  const found = `${stdout}${stderr}${file}`.match(/Recovered position: ?([0-9a-f-]+:-?\d+)/g)?.at(-1);
  const at = found?.replace(/.*: ?/, '');
  return at && !at.startsWith('00000000') && !at.endsWith(':-1') ? [`--wsrep_start_position=${at}`] : [];
}

/**
 * Starts a node and waits until it has what the others have.
 *
 * @param nodes all of them
 * @param how `first` where it begins the cluster, `again` where it was in it before
 */
export async function startNode(node, nodes, how) {
  if (how === 'first') await installDatabase(node.data, owner);
  const { ports } = node;
  const log = openSync(node.log, 'a');
  const others = nodes.map((each) => `127.0.0.1:${each.ports.group}`).join(',');
  const server = launch(
    '/usr/sbin/mariadbd',
    [
      ...ofNode(node),
      ...(how === 'again' ? position(node) : []),
      '--wsrep_on=ON',
      `--wsrep_provider=${provider}`,
      '--wsrep_cluster_name=wrightonic',
      `--wsrep_cluster_address=gcomm://${how === 'first' ? '' : others}`,
      ...(how === 'first' ? ['--wsrep-new-cluster'] : []),
      `--wsrep_node_name=${node.name}`,
      `--wsrep_node_address=127.0.0.1:${ports.group}`,
      `--wsrep_provider_options=base_port=${ports.group};gmcast.listen_addr=tcp://127.0.0.1:${ports.group};ist.recv_addr=127.0.0.1:${ports.ist};${patience}`,
      '--wsrep_sst_method=rsync',
      `--wsrep_sst_receive_address=127.0.0.1:${ports.sst}`,
      // The last one is asked first for a copy: whoever gives one cannot write meanwhile.
      `--wsrep_sst_donor=${[...nodes]
        .reverse()
        .map(({ name }) => name)
        .join(',')},`,
    ],
    { stdio: ['ignore', log, log] },
  );
  await until(
    async () => {
      if (server.over) throw new Error(`${node.name} did not start; see ${node.log}`);
      return synced(node);
    },
    node.name,
    joining,
  );
  return server;
}
