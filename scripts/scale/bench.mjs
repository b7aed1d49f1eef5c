import { createHash } from 'node:crypto';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildApp } from '../build.mjs';
import { freePort, root, run, say, stop, wait } from '../run.mjs';
import { launchServer } from '../serve.mjs';
import { setUp } from '../setup.mjs';
import { batchSize, Client, logged, p95 } from './client.mjs';
import { scaledDatabase } from './seed.mjs';

const ticksASecond = 100;
const alone = 60;
const together = 20;
const most = { cpu: 25, alone: 50, together: 250, still: 50, memory: 400 };

/** What a process and its threads have computed so far, ms. */
function computed(pid) {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1].split(' ');
  return ((Number(fields[11]) + Number(fields[12])) * 1000) / ticksASecond;
}

/** A fixed piece of work, so that a slow hour of the machine shows, ms. */
function reference() {
  const began = performance.now();
  const block = Buffer.alloc(1 << 20, 7);
  for (let n = 0; n < 60; n++) createHash('sha256').update(block).digest();
  return performance.now() - began;
}

/** Every reading request that a screen makes, for an athlete with years behind. */
async function requests(client) {
  const roster = await client.ask('/athletes');
  const { id } = roster[Math.floor(roster.length / 2)];
  const today = new Date().toISOString().split('T')[0];
  const verbs = ['', '/look', '/trace', '/build', '/work', '/prove', '/course'];
  const halfAYear = new Date(Date.now() - 182 * 86_400_000).toISOString().split('T')[0];
  const parts = [
    'open-session',
    'offers',
    'screens',
    'throws',
    'clips',
    'curves',
    'traces',
    'profile',
    'shares',
    'reports',
  ];
  return [
    '/session',
    '/athletes',
    '/day',
    '/lessons',
    `/lessons?from=${today}&days=7`,
    '/stage-proposals',
    '/calls',
    '/devices',
    '/drills',
    '/links',
    '/lexicon',
    '/norms',
    '/planning',
    '/templates',
    ...verbs.map((verb) => `/athletes/${id}${verb}`),
    ...parts.map((part) => `/athletes/${id}/${part}`),
    // Of the whole roster at once: asked now and then, and held to a second.
    `/progress?from=${halfAYear}&to=${today}`,
    '/worth',
  ].map((path) => ({ path, name: path.replace(id, ':id').replaceAll(/=[\d-]{10}/g, '=:day') }));
}

/** The same address in other letters, so that no answer is kept for it. */
const anew = (path, n) => `${path}${path.includes('?') ? '' : '?'}${'&'.repeat(n + 1)}`;

/** One client asks one time after the other: what both processes compute for it, and how long each answer takes. */
async function askedAlone(client, pids, pathAt) {
  const before = pids.map(computed);
  const times = [];
  let bytes = 0;
  for (let n = 0; n < alone; n++) {
    const began = performance.now();
    bytes = await client.ask(pathAt(n), { read: false });
    times.push(performance.now() - began);
  }
  return { bytes, times, cpu: pids.map((pid, n) => (computed(pid) - before[n]) / alone) };
}

async function measured(clients, { path }, pids) {
  for (let n = 0; n < 5; n++) await clients[0].ask(path, { read: false });
  const fresh = await askedAlone(clients[0], pids, (n) => anew(path, n));
  const { bytes, cpu, times } = await askedAlone(clients[0], pids, () => path);
  const many = [];
  await Promise.all(
    clients.map(async (client) => {
      for (let n = 0; n < 6; n++) {
        const began = performance.now();
        await client.ask(path, { read: false });
        many.push(performance.now() - began);
      }
    }),
  );
  return { bytes, fresh: fresh.cpu, cpu, anew: p95(fresh.times), one: p95(times), many: p95(many) };
}

const ms = (value) => value.toFixed(1);
const against = (value, limit) => (value <= limit ? ms(value) : `**${ms(value)}**`);

/**
 * Every request on the data of years, with one client and with twenty, and the app on it; answers with the lines of tables.
 *
 * @param only requests whose path holds this, or `app`
 */
export async function benchScale(folder = join(root, '.data', 'scale'), only = '') {
  const url = await scaledDatabase(folder);
  const app = await buildApp();
  const port = await freePort();
  const lagFile = join(folder, 'lag');
  const lag = join(root, 'scripts', 'scale', 'lag.cjs');
  const server = await launchServer({
    url,
    app,
    folder,
    port,
    env: { NODE_OPTIONS: `--require ${lag}`, LAG_FILE: lagFile },
  });
  /** How long the event loop stood still at most since this was asked last, ms. */
  const stood = async () => {
    process.kill(server.pid, 'SIGUSR2');
    await wait(100);
    return Number(readFileSync(lagFile, 'utf8'));
  };
  const database = Number(readFileSync(join(folder, 'mariadb', 'mariadb.pid'), 'utf8'));
  const base = `http://127.0.0.1:${port}`;
  const clients = [];
  for (let n = 0; n < together; n++) {
    const client = new Client(base);
    await client.signIn(`person${n % 12}@barn0.example`, 'years-of-practice');
    clients.push(client);
  }
  const rows = [
    `| request | size | read anew: CPU of node + database, at most ${most.cpu} ms | p95 of one client, at most ${most.alone} ms | kept: CPU | p95 of one client | of ${together}, at most ${most.together} ms | event loop stood still, at most ${most.still} ms | reference |`,
    '|---|---|---|---|---|---|---|---|---|',
  ];
  const asked = await requests(clients[0]);
  await stood();
  for (const request of asked) {
    if (!request.name.includes(only)) continue;
    const found = await measured(clients, request, [server.pid, database]).catch((error) => error);
    if (found instanceof Error) {
      rows.push(`| GET ${request.name} | ${found.message.slice(0, 80)} |`);
      say(rows.at(-1));
      continue;
    }
    const [node, data] = found.fresh;
    const cpu = `${ms(node)} + ${ms(data)}${node + data > most.cpu ? ' **over**' : ''}`;
    const kept = found.cpu.map(ms).join(' + ');
    rows.push(
      `| GET ${request.name} | ${(found.bytes / 1000).toFixed(1)} kB | ${cpu} | ${against(found.anew, most.alone)} | ${kept} | ${against(found.one, most.alone)} | ${against(found.many, most.together)} | ${against(await stood(), most.still)} | ${ms(reference())} |`,
    );
    say(rows.at(-1));
  }
  if (!only) {
    const { rate } = await logged(clients[0]);
    rows.push(
      `| POST /log, batches of ${batchSize} | ${rate.toFixed(0)} events a second, at least 2,000; stood still ${against(await stood(), most.still)} ms |`,
    );
    say(rows.at(-1));
  }
  const memory = /VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))[1] / 1000;
  rows.push(`| most memory of the server | ${memory.toFixed(0)} MB, at most ${most.memory} |`);
  say(rows.at(-1));
  if (!only || only === 'app') {
    const table = join(folder, 'app.md');
    rmSync(table, { force: true });
    await setUp(['chromium-headless-shell']);
    await run('npx', ['playwright', 'test', '--project=scale', '--reporter=line'], {
      env: { ...process.env, BASE_URL: base, BENCH_TABLE: table },
    });
    if (existsSync(table)) rows.push('', readFileSync(table, 'utf8'));
  }
  await stop(server);
  return rows;
}
