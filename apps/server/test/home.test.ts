import type { HomeResponse, SharedPage } from '@wrightonic/contract';
import { addDays, drillOf, nodeName, throwsASet } from '@wrightonic/core';
import { v7 } from 'uuid';
import { rebuild } from '../src/store/state/rebuild';
import { fixtures, pitchFields, weekDay, weekOf } from './fixtures';
import { browser, logs, type Browser } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
let today: string;
let athlete: string;
let link: { id: string; token: string };
let home: Browser;
const thrown = 'easy-catch';
beforeAll(async () => {
  set = await fixtures();
  ({ today } = (await set.owner.get('/session')).body);
  athlete = set.theirs['athlete']!;
  const week = weekOf(today, [today, addDays(today, 1)], [thrown], { sets: 2 });
  expect((await set.owner.post(`/plans/${set.theirs['plan']}/assignments`, week)).status).toBe(201);
  link = (await set.owner.post(`/athletes/${athlete}/shares`, { id: v7(), days: 30 })).body;
  home = browser(set.here);
  await home.knock();
});
afterAll(() => set.here.end());

const event = (kind: string, fields: object, at = new Date().toISOString()) => ({
  id: v7(),
  at,
  kind,
  ...fields,
});
const tick = (n: number, more: object = {}, at?: string) =>
  event('set-ticked', { date: today, drill: thrown, set: n, clean: null, missed: null, ...more }, at);
const log = async (...events: object[]) =>
  (await home.post<HomeResponse>(`/shared/${link.token}/log`, { events })).body;
const read = async () => (await home.get<SharedPage>(`/shared/${link.token}`)).body;
const page = async () => (await set.owner.whole(athlete)).body;

it('keeps what is ticked at home once, and counts its throws at the athlete and behind the link', async () => {
  const before = await page();
  const first = tick(1);
  const { responses, at } = await log(first, tick(2, { clean: 7, missed: 1 }));
  expect(responses.map(({ stored }) => stored)).toEqual([true, true]);
  await log(first);
  const behind = await read();
  expect(behind.home.sets).toMatchObject([
    { date: today, drill: thrown, set: 1, clean: null, late: false },
    { set: 2, clean: 7, missed: 1 },
  ]);
  expect(behind.asOf > at).toBe(true);
  const each = throwsASet(drillOf(thrown)!);
  const after = await page();
  expect(after.home.sets).toHaveLength(2);
  expect(after.limits.easyToday - before.limits.easyToday).toBeCloseTo(2 * each, 6);
  expect(behind.limits.easyToday).toBeCloseTo(after.limits.easyToday, 6);
  const open = await set.owner.get(`/athletes/${athlete}/open-session`);
  expect(open.body.elsewhere.easy).toBeCloseTo(2 * each, 6);
});

it('takes a tick back, and leaves the day of a tick whose reps are counted later', async () => {
  const untick = (n: number) => event('set-unticked', { date: today, drill: thrown, set: n });
  await log(untick(1), untick(2));
  expect((await read()).home.sets).toEqual([]);
  expect((await page()).limits.easyToday).toBe(0);
  const yesterday = addDays(today, -1);
  const then = `${yesterday}T12:00:00.000Z`;
  await log(tick(1, { date: yesterday }, then), tick(1, { date: yesterday, clean: 8, missed: 0 }));
  expect((await read()).home.sets).toMatchObject([
    { date: yesterday, clean: 8, doneOn: yesterday, late: false },
  ]);
  await log(tick(2, { date: yesterday }));
  expect((await page()).home.sets.find((each: { set: number }) => each.set === 2)).toMatchObject({
    doneOn: today,
    late: true,
  });
});

it('does nothing in the future, however wrong the clock of the device', async () => {
  const later = new Date(Date.now() + 86_400_000).toISOString();
  await log(tick(3, {}, later));
  expect((await read()).home.sets.find((each) => each.set === 3)).toMatchObject({ doneOn: today });
});

it('counts pitches of games as hard throws until they are taken out', async () => {
  const game = { date: today, title: 'Harbour nine' };
  await log(event('game-pitched', { ...game, pitches: 40 }), event('game-pitched', { ...game, pitches: 45 }));
  expect((await page()).limits.hardToday).toBe(45);
  expect((await read()).home.games).toEqual([{ ...game, pitches: 45 }]);
  await log(event('game-pitched', { ...game, pitches: 0 }));
  expect((await page()).limits.hardToday).toBe(0);
});

it('shows marked pain to the academy at once, and to a page that had read just before it could hear', async () => {
  const listening = async () =>
    (await set.owner.raw('/change-feed/stream')).body!.pipeThrough(new TextDecoderStream()).getReader();
  const hears = async (feed: Awaited<ReturnType<typeof listening>>) => {
    let heard = '';
    while (!heard.includes(athlete)) heard += (await feed.read()).value ?? '';
    await feed.cancel();
  };
  const feed = await listening();
  await log(event('pain-marked', { level: 'pain', score: null, site: 'elbow' }));
  await hears(feed);
  await hears(await listening());
  expect((await page()).home.pain).toMatchObject([{ date: today, level: 'pain', site: 'elbow' }]);
});

it('locks throws by pain at home everywhere, until an instructor clears it by name', async () => {
  const locked = (await page()).pain.lock;
  expect(locked).toMatchObject({ site: 'elbow', since: today, saidBy: 'the athlete, at home' });
  const behind = await read();
  expect(behind.pain.lock).toEqual(locked);
  expect(behind.limits.leftToday).toBe(0);
  expect(behind.days.flatMap(({ items }) => items).filter(({ throws }) => throws > 0)).toEqual([]);
  const calendar = await (await home.raw(`/shared/${link.token}/week.ics`)).text();
  expect(calendar).not.toMatch(/Easy catch|throws? in|Throws:/);
  const { responses } = await log(tick(6), event('pain-marked', { level: 'none', score: null, site: null }));
  expect(responses.map(({ stored, why }) => [stored, why?.includes('locked') ?? false])).toEqual([
    [false, true],
    [true, false],
  ]);
  expect((await page()).pain.lock).toEqual(locked);
  const roster = (await set.owner.get('/athletes')).body;
  expect(roster.find((each: { id: string }) => each.id === athlete).lock).toEqual(locked);

  // A session on the same day, “nothing hurts”: no throw is taken, by nobody.
  const session = logs.session(athlete, null, today);
  const ofSession = { sessionId: session.id };
  const none = logs.event('pain', { ...ofSession, moment: 'before', level: 'none', score: null, site: null });
  const throwing = () => [
    logs.event('rep', { ...ofSession, drill: thrown, outcome: 'clean' }),
    logs.event('throw', { ...ofSession, drill: null, velocity: 30, effort: 50, pitch: 'x', ballG: 145 }),
    logs.event('pitch', pitchFields(athlete)),
  ];
  const send = async (who: Browser, events: object[]) =>
    (await who.post('/log', { events })).body.responses.map(({ stored }: { stored: boolean }) => stored);
  expect(await send(set.owner, [session, none, ...throwing()])).toEqual([true, true, false, false, false]);
  const dry = logs.event('rep', { ...ofSession, drill: 'hip-first-lean', outcome: 'clean' });
  expect(await send(set.owner, [dry])).toEqual([true]);
  const week = weekOf(today, [today], [thrown], { reason: 'Because I say so.' });
  const assigned = await set.owner.post(`/plans/${set.theirs['plan']}/assignments`, week);
  expect([assigned.status, assigned.body.error]).toEqual([422, expect.stringContaining('no throws')]);

  const clear = () =>
    logs.event('throws-cleared', {
      athleteId: athlete,
      sessionId: null,
      clearedBy: 'Dr Reed',
      reason: 'Seen.',
    });
  const refused = (await set.assistant.post('/log', { events: [clear()] })).body.responses[0];
  expect(refused).toMatchObject({ stored: false, why: expect.stringContaining('Only an instructor') });
  expect((await page()).pain.lock).toEqual(locked);
  // One event after the other: the clearance counts for what comes after it in the same batch.
  expect(await send(set.owner, [...throwing(), clear(), ...throwing()])).toEqual([
    false,
    false,
    false,
    true,
    true,
    true,
    true,
  ]);
  expect((await page()).pain).toMatchObject({ lock: null, cleared: { date: today } });
  expect((await page()).limits.easyOnly).toBe(true);
  expect((await read()).pain.lock).toBeNull();
});

it('refuses what it cannot keep by name, and takes the rest', async () => {
  const wrong = [
    tick(0),
    tick(1, { drill: 'no-such-drill' }),
    tick(1, { clean: -3 }),
    event('game-pitched', { date: today, pitches: 201, title: 'x' }),
    event('game-pitched', { date: '2026-02-30', pitches: 20, title: 'x' }),
    event('pain-marked', { level: 'pain', score: null, site: 'tooth' }),
    event('rep', { sessionId: set.theirs['session'], drill: thrown, outcome: 'clean' }),
    { kind: 'set-ticked' },
    7,
  ];
  const { responses } = await log(...(wrong as object[]), tick(4));
  expect(responses.map(({ stored }) => stored)).toEqual([...wrong.map(() => false), true]);
  expect(responses.slice(0, 6).map(({ why }) => why!.split(' ')[0])).toEqual([
    'set',
    'drill',
    'clean',
    'pitches',
    'date',
    'site',
  ]);
  expect((await home.post(`/shared/${link.token}/log`, { events: [] })).status).toBe(422);
});

it('is put on a home screen under its own link', async () => {
  const answer = await home.raw(`/shared/${link.token}/app.webmanifest`);
  expect(answer.headers.get('content-type')).toContain('application/manifest+json');
  expect(await answer.json()).toMatchObject({ name: 'Wren’s week', start_url: `/s/${link.token}` });
});

it('takes nothing through a link that was taken back in the middle', async () => {
  await set.owner.post(`/shares/${link.id}/end`, { id: v7() });
  const before = await set.counts();
  const { status, body } = await home.post(`/shared/${link.token}/log`, { events: [tick(5)] });
  expect([status, body.error]).toEqual([404, expect.stringContaining('expired or was revoked')]);
  expect(await set.counts()).toEqual(before);
});

it('counts what was assigned at home against what was ticked, over the roster', async () => {
  const drill = set.theirs['drillName']!;
  const dates = [-2, -1, 0, 1].map((days) => addDays(today, days));
  const week = {
    ...weekOf(dates[0]!, dates, [drill], { sets: 2 }),
    days: dates.map((date) => weekDay(date, { kind: 'home' })),
  };
  expect((await set.owner.post(`/plans/${set.theirs['plan']}/assignments`, week)).status).toBe(201);
  const open = (await set.owner.post(`/athletes/${athlete}/shares`, { id: v7(), days: 30 })).body;
  const send = (...events: object[]) => home.post(`/shared/${open.token}/log`, { events });
  const of = (date: string, n: number, at?: string) => tick(n, { date, drill }, at);
  const done = async () => {
    const { body } = await set.owner.get(`/progress?from=${dates[0]}&to=${dates.at(-1)}`);
    return body.athletes.find(({ id }: { id: string }) => id === athlete).home;
  };
  const before = await done();
  expect(before).toMatchObject({ assigned: 4, done: 0 });
  // One on its day, one late, and one of today, which counts once it is done.
  await send(of(dates[0]!, 1, `${dates[0]}T12:00:00.000Z`), of(dates[1]!, 1), of(today, 1));
  expect(await done()).toEqual({ assigned: 5, done: 3, late: 1 });
  const kept = async () => set.here.db('home_days').where({ athlete_id: athlete }).orderBy('date');
  const was = await kept();
  await rebuild(set.here.db, false);
  expect(await kept()).toEqual(was);
  await send(event('set-unticked', { date: today, drill, set: 1 }));
  expect(await done()).toEqual({ assigned: 4, done: 2, late: 1 });
});

it('names flaws behind a link only where that was asked for', async () => {
  const share = async (more: object) =>
    (await set.owner.post(`/athletes/${athlete}/shares`, { id: v7(), days: 30, ...more })).body.token;
  const focus = async (token: string) => (await home.get<SharedPage>(`/shared/${token}`)).body.focus;
  const [plain, named] = [await focus(await share({})), await focus(await share({ names: true }))];
  const threads: { focus: string }[] = (await page()).plan.threads;
  const names = threads.map((thread) => nodeName(thread.focus));
  expect(named).toEqual(names.map((name) => `Working on: ${name}.`));
  for (const name of names) expect(plain.join(' ')).not.toContain(name);
  expect(plain).toHaveLength(names.length);
});
