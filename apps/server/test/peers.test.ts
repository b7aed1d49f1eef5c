import { spawn } from 'node:child_process';
import { Queue } from 'bullmq';
import { Redis } from 'ioredis';
import type { CampInput, CampPlan } from '@wrightonic/core';
import { v7 } from 'uuid';
import { planCampBeside } from '../src/solver/camps';
import { OwnJobs } from '../src/solver/threads';
import { packed, QueuedJobs, unpacked } from '../src/peers/queuedJobs';
import { settingsOf } from '../src/settings';
import { RedisBus } from '../src/peers/redisBus';
import { again } from '../src/store/again';
import { alone, leased } from '../src/store/alone';
import { Academy } from '../src/store/scope';
import { plannedCamp, planWish, smallSetup } from './campFixtures';
import { redisServer } from './redisServer';
import { academy, browser, form, serverBeside, testServer, type TestServer } from './testServer';

let redis: Awaited<ReturnType<typeof redisServer>>;
let here: TestServer;
let there: TestServer;
let first: Awaited<ReturnType<typeof academy>>;
/** The same person at both servers. */
let mine: { here: ReturnType<typeof browser>; there: ReturnType<typeof browser> };
beforeAll(async () => {
  redis = await redisServer();
  const settings = settingsOf({ BUS_URL: redis.url, COOKIE_SECRET: 'of the tests '.repeat(3) });
  here = await testServer({ settings });
  there = await serverBeside(here, { settings });
  first = await academy(here, 'first');
  const owner = browser(here);
  await owner.signIn(first.email('owner'));
  mine = { here: owner, there: owner.at(there) };
});
afterAll(async () => {
  await there.end();
  await here.end();
  await redis.kill();
});

const soon = async (holds: () => boolean | Promise<boolean>, ms = 10_000): Promise<void> => {
  for (const last = Date.now() + ms; !(await holds()); await new Promise((rest) => setTimeout(rest, 30)))
    if (Date.now() > last) throw new Error('not in time');
};
/** What comes along a stream, as it comes. */
async function listening(at: ReturnType<typeof browser>, path: string) {
  const response = await at.raw(path);
  const of = { text: '', over: false };
  const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
  void (async () => {
    for (let part = await reader.read(); !part.done; part = await reader.read()) of.text += part.value;
  })()
    .catch(() => undefined)
    .finally(() => (of.over = true));
  return Object.assign(of, { close: () => reader.cancel() });
}

it('reads at one server what was written at the other, at once and every time', async () => {
  for (let n = 0; n < 20; n++) {
    const athlete = form({ givenName: `Quill${n}` });
    const [one, other] = n % 2 ? [mine.here, mine.there] : [mine.there, mine.here];
    expect((await one.get('/athletes')).body).toHaveLength(n);
    expect((await other.post('/athletes', athlete)).status).toBe(201);
    expect((await one.get('/athletes')).body).toHaveLength(n + 1);
  }
});

it('tells at both servers what happened at one: a camp was planned, a session ended', async () => {
  const feed = await listening(mine.there, '/change-feed/stream');
  const athlete = form();
  await mine.here.post('/athletes', athlete);
  await plannedCamp(mine.here, [athlete.id]);
  await soon(() => feed.text.includes('event:camp') || feed.text.includes('event: camp'));
  await feed.close();
  const assistant = browser(there);
  await assistant.signIn(first.email('assistant'));
  const own = await listening(assistant, '/change-feed/stream');
  expect((await assistant.at(here).delete('/session')).status).toBe(204);
  await soon(() => own.over);
});

it('passes a reading that came to one server on to whoever follows the line at the other', async () => {
  const device = { id: v7(), name: 'Gun' };
  const { body } = await mine.here.post('/devices', device);
  const line = await listening(mine.there, `/radar/${device.id}/stream`);
  const sent = await fetch(`${here.base}/readings`, {
    method: 'POST',
    headers: { authorization: `Bearer ${body.key}` },
    body: JSON.stringify({ velocity: 30, unit: 'm/s' }),
  });
  expect(sent.status).toBe(201);
  await soon(() => line.text.includes('"velocity":30'));
  await line.close();
});

it('counts wrong passwords over both servers', async () => {
  const email = `nobody-${v7()}@first.example`;
  const tries = [here, there].map((server) => browser(server));
  const answers: number[] = [];
  // Counted by each for itself, none of them would be over its ten; a machine that is busy counts one or two so.
  for (let n = 0; n < 19; n++) answers.push((await tries[n % 2]!.signIn(email, 'wrong')).status);
  expect(answers.slice(0, 10)).toEqual(Array(10).fill(401));
  expect(answers.slice(-2)).toEqual([429, 429]);
});

it('shows and stops at one server a plan that the other was asked for, and makes no second one beside it', async () => {
  const athlete = form();
  await mine.here.post('/athletes', athlete);
  // One athlete is too few for every station: what is looked for is never found, so that the plan takes seconds.
  const open = smallSetup();
  const setup = { ...open, stations: open.stations.map((station) => ({ ...station, minimum: 2 })) };
  const camp = await plannedCamp(mine.here, [athlete.id], setup);
  const wish = planWish(camp.plan.id, { anew: true, seconds: 20 });
  const planned = mine.here.post(`/camps/${camp.id}/plans`, wish);
  await soon(async () => (await mine.there.get(`/camps/${camp.id}/planning`)).body.planning !== null);
  expect((await mine.there.post(`/camps/${camp.id}/plans`, planWish(camp.plan.id))).status).toBe(409);
  const before = Date.now();
  await mine.there.post(`/camps/${camp.id}/planning/stop`, {});
  expect((await planned).status).toBe(201);
  expect(Date.now() - before).toBeLessThan(10_000);
  expect((await mine.there.get(`/camps/${camp.id}/planning`)).body).toEqual({ planning: null });
});

it('gives all steps of one plan a common time, and gives the camp back where one fails', async () => {
  const jobs = new OwnJobs();
  const times: number[] = [];
  const plan = {} as CampPlan;
  jest.spyOn(jobs, 'run').mockImplementation(async (_kind, _input, within) => {
    times.push(within);
    await new Promise((rest) => setTimeout(rest, 120));
    return times.length < 3 ? { plan } : { refused: { field: 'stations', text: 'none is open' } };
  });
  const always = () => ({}) as CampInput;
  await expect(planCampBeside(jobs, 'camp', always)).rejects.toThrow('none is open');
  expect(times[0]).toBeLessThanOrEqual(55_000);
  for (const n of [1, 2]) expect(times[n]).toBeLessThanOrEqual(times[n - 1]! - 100);
  expect(await jobs.planning('camp')).toBeNull();
  await jobs.close();
});

it('does what a server took and did not end, as it was killed', async () => {
  const own = await redisServer();
  const asking = new Redis(own.url, { maxRetriesPerRequest: null });
  const taking = `
    const { Worker } = require('bullmq');
    const take = () => (process.stdout.write('taken'), new Promise(() => {}));
    const connection = { url: '${own.url}', maxRetriesPerRequest: null };
    new Worker('week', take, { prefix: 'wrightonic', connection, lockDuration: 1000, stalledInterval: 1000 });`;
  const other = spawn('node', ['-e', taking], { cwd: __dirname, stdio: ['ignore', 'pipe', 'inherit'] });
  const taken = new Promise((done) => other.stdout.once('data', done));
  const queue = new Queue('week', { prefix: 'wrightonic', connection: asking });
  const job = await queue.add('week', { input: packed({ days: [] }), within: 20_000, name: null });
  await taken;
  other.kill('SIGKILL');
  const jobs = new QueuedJobs(own.url, () => undefined);
  await soon(async () => (await job.getState()) === 'completed', 20_000);
  const { returnvalue } = (await queue.getJob(job.id!))!;
  expect(unpacked(returnvalue)).toMatchObject({ week: { days: [] } });
  await jobs.close();
  await queue.close();
  asking.disconnect();
  await own.kill();
});

it('goes on without Redis, server by server, and says when something may have been missed', async () => {
  const feed = await listening(mine.there, '/change-feed/stream');
  const [one, other] = [new RedisBus(redis.url, () => undefined), new RedisBus(redis.url, () => undefined)];
  const heard: unknown[] = [];
  other.subscribe('topic', (message) => heard.push(message));
  await soon(() => {
    one.publish('topic', 1);
    return heard.includes(1);
  });
  await redis.kill();
  const athlete = form();
  expect((await mine.here.post('/athletes', athlete)).status).toBe(201);
  const email = `nobody-${v7()}@first.example`;
  const tries = browser(here);
  for (let n = 0; n < 10; n++) expect((await tries.signIn(email, 'wrong')).status).toBe(401);
  expect((await tries.signIn(email, 'wrong')).status).toBe(429);
  const camp = await plannedCamp(mine.here, [athlete.id]);
  expect(camp.plan.routes).toHaveLength(1);
  let gaps = 0;
  other.onGap(() => gaps++);
  one.publish('topic', 2);
  await redis.start();
  await soon(() => gaps > 0);
  await soon(() => {
    one.publish('topic', 3);
    return heard.includes(3);
  });
  // Whoever followed asks again, and reads what they missed.
  await soon(() => feed.over);
  await Promise.all([one.close(), other.close()]);
});

describe('work for one at a time', () => {
  /** Takes a while, ms, and writes down when it begins and ends. */
  const workInto = (log: string[], name: string, takes: number) => async () => {
    log.push(`${name} begins`);
    await new Promise((rest) => setTimeout(rest, takes));
    log.push(`${name} ends`);
  };
  it('is done by one process after the other', async () => {
    const log: string[] = [];
    const work = (name: string) => workInto(log, name, 150);
    await Promise.all([alone(here.db, 'tests', work('a')), alone(there.db, 'tests', work('b'))]);
    expect(log.map((line) => line.slice(2))).toEqual(['begins', 'ends', 'begins', 'ends']);
    expect(log[0]![0]).toBe(log[1]![0]);
  });

  it('is held by a row where a lock of the database holds on one node alone', async () => {
    const log: string[] = [];
    const work = (name: string) => workInto(log, name, 400);
    await Promise.all([leased(here.db, 'row', work('a')), leased(there.db, 'row', work('b'))]);
    expect(log.map((line) => line.slice(2))).toEqual(['begins', 'ends', 'begins', 'ends']);
    expect(await here.db('leases').where({ name: 'row' })).toEqual([]);
  });

  it('waits for a row of somebody who was killed until it has run out, and no longer', async () => {
    await leased(here.db, 'first', async () => undefined);
    await here.db.raw('insert into leases values (?, ?, now(3) + interval 1500000 microsecond)', [
      'killed',
      v7(),
    ]);
    const began = Date.now();
    await leased(there.db, 'killed', async () => undefined);
    const waited = Date.now() - began;
    expect(waited).toBeGreaterThanOrEqual(1_200);
    expect(waited).toBeLessThan(6_000);
  });

  it('gives the row back where it fails', async () => {
    const broken = () => Promise.reject(new Error('broken'));
    await expect(leased(here.db, 'fails', broken)).rejects.toThrow('broken');
    await expect(leased(there.db, 'fails', async () => 'done')).resolves.toBe('done');
  });

  it('is done again six times at most where it was ended for another’s sake, and never for another reason', async () => {
    let times = 0;
    const failing = (code: string, until: number) => () => {
      times++;
      return times < until
        ? Promise.reject(Object.assign(new Error(code), { code }))
        : Promise.resolve('done');
    };
    await expect(again(failing('ER_LOCK_DEADLOCK', 6))).resolves.toBe('done');
    times = 0;
    await expect(again(failing('ER_LOCK_DEADLOCK', 7))).rejects.toThrow('ER_LOCK_DEADLOCK');
    expect(times).toBe(6);
    times = 0;
    await expect(again(failing('ER_DUP_ENTRY', 2))).rejects.toThrow('ER_DUP_ENTRY');
    expect(times).toBe(1);
  });

  it('loses neither of two transactions that wait for each other', async () => {
    const { id } = first;
    const ids = [form(), form()].map((each) => ({ ...each, heightCm: 150 }));
    for (const each of ids) await mine.here.post('/athletes', each);
    let waiting = 0;
    const grow = (server: TestServer, order: readonly string[]) =>
      new Academy(server.db, id).transaction(async (trx) => {
        for (const each of order) {
          await trx.from('athletes').where({ id: each }).increment('height_cm', 1);
          waiting++;
          // Both hold one of the two, the first time.
          if (each === order[0]) await soon(() => waiting >= 2);
        }
      });
    const [a, b] = ids.map((each) => each.id) as [string, string];
    await Promise.all([grow(here, [a, b]), grow(there, [b, a])]);
    const rows = await here.db('athletes').whereIn('id', [a, b]).pluck('height_cm');
    expect(rows.map(Number)).toEqual([152, 152]);
  });
});
