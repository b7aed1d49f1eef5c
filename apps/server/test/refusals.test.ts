import { v7 } from 'uuid';
import { day, fixtures, weekDay, weekOf } from './fixtures';
import { browser, form, password } from './testServer';

const rivalEmail = 'owner@second.example';
let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures({ camp: true });
});
afterAll(() => set.here.end());

describe('signing in', () => {
  it.each([
    ['owner@second.example', 'not the password', 401],
    ['nobody@nowhere.example', password, 401],
    ['owner@second.example', '', 422],
    ['no address', password, 422],
  ])('as %s with “%s” is answered with %d', async (email, secret, status) => {
    const answer = await browser(set.here).signIn(email, secret);
    expect(answer.status).toBe(status);
    expect(JSON.stringify(answer.body)).not.toContain('hash');
  });

  it('says the same of a wrong password and of an unknown address', async () => {
    const [one, two] = [
      await browser(set.here).signIn(rivalEmail, 'wrong'),
      await browser(set.here).signIn('who@x.example', 'wrong'),
    ];
    expect(one.body).toEqual(two.body);
  });

  it('is over after ten wrong passwords for one address, for that address', async () => {
    const guess = () => browser(set.here).signIn('assistant@second.example', 'guess');
    for (let n = 0; n < 10; n++) expect((await guess()).status).toBe(401);
    expect((await guess()).status).toBe(429);
    expect((await browser(set.here).signIn('instructor@second.example')).status).toBe(200);
  });

  it('ends with signing out', async () => {
    const leaving = browser(set.here);
    await leaving.signIn(rivalEmail);
    expect((await leaving.get('/athletes')).status).toBe(200);
    expect((await leaving.delete('/session')).status).toBe(204);
    expect((await leaving.get('/athletes')).status).toBe(401);
  });

  it('has no demo where none is loaded', async () => {
    const guest = browser(set.here);
    expect((await guest.knock()).demo).toBe(false);
    expect((await guest.post('/session/demo', {})).status).toBe(404);
  });

  it('gives a cookie that scripts cannot read and other sites cannot send', async () => {
    const known = await fetch(`${set.here.base}/session`);
    // Nothing is kept for somebody who is not signed in.
    expect(known.headers.getSetCookie()).toEqual([]);
    expect(await set.here.db('web_sessions').whereRaw("json_value(sess, '$.personId') is null")).toEqual([]);
    const entered = await fetch(`${set.here.base}/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'x-csrf-token': 'nobody' },
      body: JSON.stringify({ email: rivalEmail, password }),
    });
    expect(entered.headers.getSetCookie().join()).toMatch(/wrightonic=.*HttpOnly.*SameSite=Strict/);
    expect(known.headers.get('content-security-policy')).toMatch(
      /default-src 'self'.*script-src 'self' 'wasm-unsafe-eval'[;,]/,
    );
    expect(known.headers.get('x-content-type-options')).toBe('nosniff');
    expect(known.headers.get('x-powered-by')).toBeNull();
  });
});

describe('bad requests', () => {
  it('without the token of the page change nothing', async () => {
    const forged = browser(set.here);
    await forged.signIn(rivalEmail);
    forged.forget();
    expect((await forged.post('/athletes', form())).status).toBe(403);
    expect((await set.rival.get('/athletes')).body).toEqual([]);
  });

  const profile = {
    hand: 'R',
    velocityUnit: 'mph',
    sizeUnit: 'us',
    ...{ zoneView: 'pitcher', dateOrder: 'auto', hours: 'auto' },
    goodStrikes: 0.6,
    approach: form().approach,
  };
  const move = () => ({ id: v7(), thread: 'lower', to: 'feel', reason: '' });
  const week = () => weekOf(day, [day], [set.theirs['drillName']!]);
  const swap = { drill: 'hip-first-lean', dose: '3x8' };
  const planPath = () => `/plans/${set.theirs['plan']}`;
  const edited = (more: object) => set.owner.put(athletePath(), { ...form(), id: undefined, ...more });
  const athletePath = () => `/athletes/${set.theirs['athlete']}`;
  it.each([
    ['a body that is no JSON', () => set.owner.post('/athletes', '{'), 400, 'JSON'],
    [
      'a body that is too large',
      () => set.owner.post('/log', { events: ['x'.repeat(1_100_000)] }),
      413,
      'too large',
    ],
    ['no body', () => set.owner.post('/athletes', undefined), 422, 'input'],
    [
      'an athlete without a name',
      () => set.owner.post('/athletes', form({ givenName: '' })),
      422,
      'givenName',
    ],
    [
      'an athlete from the future',
      () => set.owner.put(athletePath(), { ...form({ birthdate: '2099-01-01' }), id: undefined }),
      422,
      'birthdate',
    ],
    ['an athlete with an id of ours', () => set.owner.post('/athletes', form({ id: '7' })), 422, 'id'],
    ['an id that is none', () => set.owner.get('/athletes/7'), 404, '7'],
    ['an id that nobody has', () => set.owner.whole(v7()), 404, 'athlete'],
    ['a path that is not there', () => set.owner.get('/nothing'), 404, '/nothing'],
    ['a broken path', () => set.owner.get('/athletes/%E0%A4%A'), 400, 'read'],
    [
      'a lesson at half past twenty-five',
      () => set.owner.post('/lessons', { ...(set.bodies['POST /lessons']!() as object), time: '25:30' }),
      422,
      'time',
    ],
    [
      'a lesson of a minute',
      () => set.owner.post('/lessons', { ...(set.bodies['POST /lessons']!() as object), minutes: 1 }),
      422,
      'minutes',
    ],
    [
      'a lesson for nobody',
      () => set.owner.post('/lessons', { ...(set.bodies['POST /lessons']!() as object), athleteId: v7() }),
      404,
      'athlete',
    ],
    ['a log without events', () => set.owner.post('/log', { events: [] }), 422, 'events'],
    ['a log that is no list', () => set.owner.post('/log', { events: 'x' }), 422, 'events'],
    [
      'another focus without a reason',
      () =>
        set.owner.post(`${athletePath()}/traces`, {
          ...(set.bodies['POST /athletes/:id/traces']!() as object),
          lower: 'oh.wobble',
        }),
      422,
      'reason',
    ],
    [
      'a focus of the other discipline',
      () =>
        set.owner.post(`${athletePath()}/traces`, {
          ...(set.bodies['POST /athletes/:id/traces']!() as object),
          lower: 'wm.soft-drive',
        }),
      422,
      'lower',
    ],
    [
      'a trace of no look',
      () =>
        set.owner.post(`${athletePath()}/traces`, {
          ...(set.bodies['POST /athletes/:id/traces']!() as object),
          lookId: v7(),
        }),
      404,
      'look',
    ],
    [
      'a plan of nine weeks',
      () =>
        set.owner.post(`${athletePath()}/plans`, {
          id: v7(),
          traceId: set.theirs['trace'],
          startsOn: day,
          weeks: 9,
        }),
      422,
      'weeks',
    ],
    [
      'a plan of no trace',
      () => set.owner.post(`${athletePath()}/plans`, { id: v7(), traceId: v7(), startsOn: day, weeks: 2 }),
      404,
      'trace',
    ],
    [
      'a plan from a day that is none',
      () =>
        set.owner.post(`${athletePath()}/plans`, {
          id: v7(),
          traceId: set.theirs['trace'],
          startsOn: '2026-02-30',
          weeks: 2,
        }),
      422,
      'startsOn',
    ],
    [
      'a swap for a drill of the other discipline',
      () =>
        set.owner.put(`/plans/${set.theirs['plan']}/drills/${set.theirs['drill']}`, {
          id: v7(),
          drill: 'heel-press-circle',
          dose: '3x8',
        }),
      422,
      'drill',
    ],
    [
      'a dose that is none',
      () =>
        set.owner.put(`/plans/${set.theirs['plan']}/drills/${set.theirs['drill']}`, {
          id: v7(),
          drill: 'hip-first-lean',
          dose: 'a few',
        }),
      422,
      'a few',
    ],
    [
      'a stage that the thread has not',
      () =>
        set.owner.post(`/plans/${set.theirs['plan']}/stage-moves`, {
          id: v7(),
          thread: 'arm',
          to: 'feel',
          reason: '',
        }),
      404,
      'thread',
    ],
    [
      'a week with a day outside',
      () =>
        set.owner.post(
          `/plans/${set.theirs['plan']}/assignments`,
          weekOf(day, ['2026-05-08'], [set.theirs['drillName']!]),
        ),
      422,
      'days',
    ],
    [
      'a week with a drill of nowhere',
      () => set.owner.post(`/plans/${set.theirs['plan']}/assignments`, weekOf(day, [day], ['intent-ladder'])),
      422,
      'items.0.drill',
    ],
    ['a hand that is none', () => set.owner.put('/profile', { ...profile, hand: 'both' }), 422, 'hand'],
    [
      'a unit that is none',
      () => set.owner.put('/profile', { ...profile, velocityUnit: 'knots' }),
      422,
      'velocityUnit',
    ],
    ['half a profile', () => set.owner.put('/profile', { ...profile, approach: undefined }), 422, 'approach'],
    [
      'a thread that is none',
      () => set.owner.post(`${planPath()}/stage-moves`, { ...move(), thread: 'head' }),
      422,
      'thread',
    ],
    [
      'a stage that is none',
      () => set.owner.post(`${planPath()}/stage-moves`, { ...move(), to: 'expert' }),
      422,
      'to',
    ],
    [
      'a week without days',
      () => set.owner.post(`${planPath()}/assignments`, { ...week(), days: [] }),
      422,
      'days',
    ],
    [
      'a week in which no day is open',
      () =>
        set.owner.post(`${planPath()}/week`, {
          from: day,
          days: [weekDay(day, { kind: 'off', minutes: 0 })],
          pins: [],
          before: null,
        }),
      422,
      'days',
    ],
    [
      'pins that cannot hold together',
      () =>
        set.owner.post(`${planPath()}/week`, {
          from: day,
          days: [weekDay(day, { minutes: 8 })],
          pins: [{ drill: 'warm-up-flow', date: day, sets: 9 }],
          before: null,
        }),
      422,
      'pins',
    ],
    [
      'a swap of nothing',
      () => set.owner.put(`${planPath()}/drills/${v7()}`, { id: v7(), ...swap }),
      409,
      'changed already',
    ],
    ['an athlete of 500 kg', () => edited({ massKg: 500 }), 422, 'massKg'],
    ['an athlete with three hands', () => edited({ throws: 'both' }), 422, 'throws'],
  ] as const)('%s is refused in words', async (_, request, status, named) => {
    const before = await set.counts();
    const { status: answered, body } = await request();
    expect([answered, body.error]).toEqual([status, expect.stringContaining(named)]);
    expect(await set.counts()).toEqual(before);
  });
});

it('keeps an idle connection for longer than a browser does, so that none is closed as it is used', async () => {
  const { headers } = await set.rival.raw('/session');
  expect(headers.get('keep-alive')).toBe('timeout=75');
});
