import { readdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { passingFolder } from './browser.mjs';
import { buildApp } from './build.mjs';
import { startDatabase } from './database.mjs';
import { freePort, launch, main, root, run, say, until, wait } from './run.mjs';
import { answers } from './serve.mjs';
import { setUp } from './setup.mjs';

const moments = 10;

/** Every process below one, itself among them. */
function family(pid) {
  const parents = new Map();
  for (const each of readdirSync('/proc').filter((name) => /^\d+$/.test(name)))
    try {
      const parent = Number(readFileSync(`/proc/${each}/stat`, 'utf8').split(') ').pop().split(' ')[1]);
      parents.set(parent, [...(parents.get(parent) ?? []), Number(each)]);
    } catch {
      // It ended in the meantime.
    }
  const below = (one) => [one, ...(parents.get(one) ?? []).flatMap(below)];
  return below(pid);
}

function killHard(pids) {
  for (const pid of pids)
    try {
      process.kill(pid, 'SIGKILL');
    } catch {
      // It is gone already.
    }
}

const started = async (folder) => {
  const port = await freePort();
  const began = Date.now();
  const child = launch('node', [join(root, 'scripts', 'start.mjs')], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DATA_FOLDER: folder, PORT: String(port) },
  });
  const ready = until(
    async () => {
      if (child.over) throw new Error(`The start ended with ${await child.gone}.`);
      return answers('127.0.0.1', port);
    },
    'the start',
    180_000,
  ).then(() => Date.now() - began);
  return { child, port, ready };
};

/** How many athletes the demo shows, for somebody who looks around in it. */
async function athletes(port) {
  const at = `http://127.0.0.1:${port}/api`;
  const first = await fetch(`${at}/session`);
  const { csrf } = await first.json();
  const cookie = first.headers.getSetCookie().map((each) => each.split(';')[0]);
  const entered = await fetch(`${at}/session/demo`, {
    method: 'POST',
    headers: { cookie: cookie.join('; '), 'x-csrf-token': csrf, 'content-type': 'application/json' },
    body: '{}',
  });
  const mine = entered.headers.getSetCookie().map((each) => each.split(';')[0]);
  const answer = await fetch(`${at}/athletes`, { headers: { cookie: [...cookie, ...mine].join('; ') } });
  return (await answer.json()).length;
}

/** Ended as Ctrl-C would. */
async function ended({ child }) {
  if (!child.over) process.kill(child.pid, 'SIGINT');
  await child.gone;
}

/** Kills the first start in a fresh folder at moments spread over it; the next start has to come up whole. */
async function firstStart(what, victims) {
  const straight = passingFolder('kills');
  const whole = await started(straight);
  const took = await whole.ready;
  const right = await athletes(whole.port);
  await ended(whole);
  rmSync(straight, { recursive: true, force: true });
  let recovered = 0;
  for (let moment = 0; moment < moments; moment++) {
    const folder = passingFolder('kills');
    const one = await started(folder);
    one.ready.catch(() => undefined);
    const at = Math.round((took * (moment + 0.5)) / moments);
    await wait(at);
    killHard(victims(one.child.pid));
    await one.child.gone;
    const next = await started(folder);
    try {
      await next.ready;
      const found = await athletes(next.port);
      if (found !== right) throw new Error(`${found} athletes instead of ${right}.`);
      recovered++;
    } catch (error) {
      say(`${what}, after ${at} ms: ${error.message}`);
    }
    await ended(next);
    // What outlived the script that was killed may still write.
    rmSync(folder, { recursive: true, force: true, maxRetries: 40, retryDelay: 250 });
  }
  say(`| first start, ${what} | ${(took / 1000).toFixed(1)} s | ${moments} | ${recovered} |`);
  return recovered === moments;
}

/** `npm run kills`: the first start and each migration are killed at ten moments, and have to be recovered. */
await main(async () => {
  await setUp(['mariadbd']);
  await buildApp();
  say('| what is killed | takes | killed | recovered |\n| --- | --- | --- | --- |');
  const fine = [
    await firstStart('everything at once', family),
    await firstStart('the start script alone', (pid) => [pid]),
    (await run('node', ['--require', 'tsx/cjs', join(root, 'apps', 'server', 'test', 'kills.ts')], {
      env: { ...process.env, DATABASE_URL: await startDatabase(passingFolder('kills')) },
    })) === 0,
  ];
  return fine.every(Boolean) ? 0 : 1;
});
