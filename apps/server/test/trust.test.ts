import { v7 } from 'uuid';
import { BoundedStore } from '../src/peers/counts';
import { newestMigration } from '../src/store/database';
import { settingsOf } from '../src/settings';
import { fixtures } from './fixtures';
import { academy, browser, logs, testServer } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

describe('settings', () => {
  it('are loopback, without a proxy and without a known password, when nothing is said', () =>
    expect(settingsOf({})).toEqual({
      host: '127.0.0.1',
      port: 4310,
      publicUrl: 'http://127.0.0.1:4310',
      trustProxy: false,
      demoAlways: false,
      demoNever: false,
      demoPassword: null,
      foundingCode: null,
      smtpUrl: null,
      mailFrom: null,
      cookieSecret: null,
      backupAt: null,
      backupKeep: 14,
      backupPassphrase: null,
      busUrl: null,
      logLevel: 'warn',
      metricsToken: null,
    }));
  it('are taken as they are said', () =>
    expect(
      settingsOf({
        HOST: '0.0.0.0',
        PORT: '8080',
        PUBLIC_URL: 'https://barn.example/app/',
        TRUST_PROXY: '1',
        DEMO: 'yes',
      }),
    ).toMatchObject({ port: 8080, publicUrl: 'https://barn.example/app', trustProxy: 1, demoAlways: true }));
  it.each([
    [{ PORT: '0' }, /^PORT/],
    [{ PORT: '65536' }, /^PORT/],
    [{ HOST: 'a b' }, /^HOST/],
    [{ PUBLIC_URL: 'barn.example' }, /^PUBLIC_URL/],
    [{ PUBLIC_URL: 'ftp://barn.example' }, /^PUBLIC_URL/],
    [{ PUBLIC_URL: 'https://barn.example/?a=1' }, /^PUBLIC_URL/],
    [{ TRUST_PROXY: 'everybody' }, /^TRUST_PROXY/],
    [{ DEMO: 'maybe' }, /^DEMO/],
    [{ DEMO_PASSWORD: 'elevenchars' }, /^DEMO_PASSWORD/],
    [{ SMTP_URL: 'mail.example' }, /^SMTP_URL/],
    [{ SMTP_URL: 'smtp://mail.example' }, /^MAIL_FROM/],
    [{ MAIL_FROM: 'office' }, /^MAIL_FROM/],
    [{ COOKIE_SECRET: 'x'.repeat(31) }, /^COOKIE_SECRET/],
    [{ BUS_URL: '127.0.0.1:6379', COOKIE_SECRET: 'x'.repeat(32) }, /^BUS_URL/],
    [{ BUS_URL: 'redis://127.0.0.1' }, /^COOKIE_SECRET/],
    [{ BACKUP_AT: '24:00' }, /^BACKUP_AT/],
    [{ BACKUP_KEEP: '0' }, /^BACKUP_KEEP/],
    [{ LOG_LEVEL: 'loud' }, /^LOG_LEVEL/],
    [{ METRICS_TOKEN: 'elevenchars' }, /^METRICS_TOKEN/],
    [{ BACKUP_PASSPHRASE: 'elevenchars' }, /^BACKUP_PASSPHRASE/],
    [{ FOUNDING_CODE: 'elevenchars' }, /^FOUNDING_CODE/],
  ])('%j are refused by name', (env, words) => expect(() => settingsOf(env)).toThrow(words));
});

it('counts as many visitors as it may, and forgets the one counted longest ago', () => {
  const store = new BoundedStore(2);
  for (const key of ['a', 'b', 'a', 'c']) store.increment(key);
  expect(store.increment('a').totalHits).toBe(3);
  expect(store.increment('b').totalHits).toBe(1);
});

describe('a file of somebody else', () => {
  const calendar = (rule: string) =>
    [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'PRODID:x',
      'BEGIN:VEVENT',
      'UID:a',
      'SUMMARY:Game',
      `DTSTART:20260601T170000Z`,
      `RRULE:${rule}`,
      'END:VEVENT',
      'END:VCALENDAR',
      '',
    ].join('\r\n');
  it.each([
    ['FREQ=DAILY;INTERVAL=99999999999'],
    ['FREQ=SECONDLY;INTERVAL=1'],
    ['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'],
  ])('with %s holds nobody up and never ends in a 500', async (rule) => {
    const answer = set.owner.post(`/athletes/${set.theirs['athlete']}/games/import`, {
      text: calendar(rule),
    });
    expect((await set.owner.get('/session')).status).toBe(200);
    expect([200, 422]).toContain((await answer).status);
  });
});

describe('a clock', () => {
  const minutes = (n: number) => new Date(Date.now() + n * 60_000).toISOString();
  it('that is far ahead is refused in words, one that is a little ahead is put right', async () => {
    const look = (n: number) => ({
      ...logs.event('look-begun', {
        athleteId: set.theirs['athlete'],
        look: 'quick',
        zone: 'Europe/London',
        place: '',
      }),
      at: minutes(n),
    });
    const [far, near] = [look(11), look(9)];
    const { body } = await set.owner.post('/log', { events: [far, near] });
    expect(body.responses ?? body).toMatchObject([
      { stored: false, why: expect.stringContaining('The clock of the device is') },
      { stored: true },
    ]);
    const { at } = (await set.here.db('looks').where({ id: near.id }).first('at'))!;
    expect(new Date(at).getTime()).toBeLessThanOrEqual(Date.now());
  });
});

it('signs out everywhere at once', async () => {
  const [one, two] = [browser(set.here), browser(set.here)];
  for (const each of [one, two]) await each.signIn('instructor@second.example');
  expect((await one.delete('/sessions')).status).toBe(204);
  for (const each of [one, two]) expect((await each.get('/athletes')).status).toBe(401);
});

it('signs a visitor of the demo out here alone, as many are the same person', async () => {
  const { id } = await academy(set.here, 'shown');
  await set.here.db('academies').where({ id }).update({ demo: true });
  const [one, two] = [browser(set.here), browser(set.here)];
  for (const each of [one, two]) await each.signIn('instructor@shown.example');
  expect((await one.delete('/sessions')).status).toBe(204);
  expect((await one.get('/athletes')).status).toBe(401);
  expect((await two.get('/athletes')).status).toBe(200);
});

it('says that the database is away', async () => {
  const own = await testServer();
  expect((await fetch(`${own.base}/session`)).status).toBe(200);
  expect((await fetch(`${own.base}/health`)).status).toBe(200);
  await own.db.destroy();
  expect((await fetch(`${own.base}/health`)).status).toBe(503);
  await own.end();
});

it('tells of a reading that was sent twenty times once', async () => {
  const device = { id: v7(), name: 'Gun' };
  const { body } = await set.owner.post('/devices', device);
  const line = await set.owner.raw(`/radar/${device.id}/stream`);
  const reader = line.body!.pipeThrough(new TextDecoderStream()).getReader();
  const send = (ref: string) =>
    fetch(`${set.here.base}/readings`, {
      method: 'POST',
      headers: { authorization: `Bearer ${body.key}`, 'content-type': 'application/json' },
      body: JSON.stringify({ velocity: 71.4, unit: 'mph', ref }),
    });
  await Promise.all(Array.from({ length: 20 }, () => send('same')));
  await send('last');
  let text = '';
  while ((text.match(/^data:/gm) ?? []).length < 2) text += (await reader.read()).value ?? '';
  await reader.cancel();
  expect(await set.here.db('readings').where({ device_id: device.id })).toHaveLength(2);
  expect(text.match(/^data:/gm)).toHaveLength(2);
});

describe('how the server stands', () => {
  it('is told to whoever watches over it, and measured for whoever has the token', async () => {
    expect((await set.owner.get('/ready')).body).toEqual({ ready: true });
    expect((await set.owner.get('/metrics')).status).toBe(404);
    const metricsToken = 'a token of the tests';
    const watched = await testServer({ settings: settingsOf({ METRICS_TOKEN: metricsToken }) });
    const ask = (token?: string) =>
      fetch(`${watched.base}/metrics`, token ? { headers: { authorization: `Bearer ${token}` } } : {});
    expect([(await ask()).status, (await ask('a wrong one')).status]).toEqual([401, 401]);
    await fetch(`${watched.base}/shared/a-secret-of-a-link`);
    const text = await (await ask(metricsToken)).text();
    expect(text).toContain(
      'wrightonic_request_seconds_count{method="GET",route="/shared/:token",status="404"} 1',
    );
    expect(text).not.toContain('a-secret-of-a-link');
    await watched.db('knex_migrations').where({ name: newestMigration }).delete();
    const ready = await fetch(`${watched.base}/ready`);
    expect([ready.status, await ready.json()]).toEqual([503, { ready: false }]);
    await watched.end();
  });
});
