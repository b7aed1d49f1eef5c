import { v7 } from 'uuid';
import { fixtures, onePixel, pitchFields } from './fixtures';
import { routesOf, thingIn } from './routes';
import { form, logs, type Browser } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures({ camp: true });
});
afterAll(() => set.here.end());

const open = new Set([
  'GET /api/health',
  'GET /api/ready',
  'GET /api/metrics',
  'GET /session',
  'POST /session',
  'POST /session/demo',
  'DELETE /session',
  'DELETE /sessions',
  'GET /schemas/drills',
  'GET /shared/:token',
  'GET /shared/:token/app.webmanifest',
  'GET /shared/:token/week.pdf',
  'GET /shared/:token/week.ics',
  // With the key of a device; see radar.test.ts.
  'POST /readings',
  'POST /shared/:token/log',
  'GET /feeds/:token/lessons.ics',
  'GET /camp-sign-up/:token',
  'POST /camp-sign-up/:token',
  'GET /camp-cards/:token',
  'POST /founding',
  'POST /founding/demo',
  'GET /join/:token',
  'POST /join/:token',
  'POST /password-resets',
  'GET /password-resets/:token',
  'POST /password-resets/:token',
  'GET /progress-reports/:token',
  'GET /progress-reports/:token/report.pdf',
]);
const own = new Set([
  'PUT /profile',
  'POST /athletes',
  'POST /athletes/import',
  'POST /log',
  'GET /athletes',
  'GET /lessons',
  'GET /links',
  'POST /links',
  'GET /calls',
  'GET /stage-proposals',
  'GET /planning',
  'GET /templates',
  'PUT /planning',
  'GET /drills',
  'POST /drills',
  'POST /drills/import',
  'GET /day',
  'POST /feeds',
  'GET /devices',
  'POST /devices',
  // For the demo data alone.
  'GET /radar/simulated/stream',
  'GET /change-feed/stream',
  'GET /lexicon',
  'POST /lexicon',
  'GET /norms',
  'POST /norms',
  'GET /marker-sheets',
  'GET /camps',
  'POST /camps',
  'GET /progress',
  'GET /worth',
  'GET /account',
  'PUT /account/password',
  'POST /account/second-factor',
  'PUT /account/second-factor',
  'POST /account/second-factor/end',
  'GET /people',
  'GET /invitations',
  'POST /invitations',
  'GET /mails',
  'GET /audit',
  'GET /audit.csv',
  'GET /archive.zip',
  'GET /tables/:name.csv',
  'POST /archives',
  'POST /archives/preview',
  'GET /retention',
  'PUT /retention',
]);

const filled = (path: string) =>
  path
    .replace(':drill', set.theirs['drill']!)
    .replace(':link', set.theirs['campLink']!)
    .replace(':signUp', v7())
    .replace(':session', v7())
    .replace(':name', 'throws')
    .replace(':date', '2031-07-14')
    .replace(':what', path.includes('papers') ? 'stations.pdf' : 'roster.csv')
    .replace(':id', set.theirs[thingIn(path)]!);
function ask(who: Browser, method: string, path: string) {
  if (path.endsWith('/pictures')) return who.upload(`${filled(path)}?id=${v7()}&time=1&note=`, onePixel);
  const body = set.bodies[`${method} ${path}`]?.();
  if (method === 'GET') return who.get(filled(path));
  if (method === 'DELETE') return who.delete(filled(path));
  if (path.endsWith('/photo')) return who.upload(filled(path), onePixel, 'image/png', 'PUT');
  return method === 'PUT' ? who.put(filled(path), body) : who.post(filled(path), body);
}
const closed = () => routesOf(set.here.web).filter(([method, path]) => !open.has(`${method} ${path}`));

it('finds the routes', () => {
  expect(closed().map(([method, path]) => `${method} ${path}`)).toEqual(
    expect.arrayContaining(Object.keys(set.bodies).filter((route) => !open.has(route))),
  );
  expect(closed().length).toBeGreaterThan(12);
});

it('lets nobody in without signing in', async () => {
  const before = await set.counts();
  for (const [method, path] of closed())
    expect([method, path, (await ask(set.nobody, method, path)).status]).toEqual([method, path, 401]);
  expect(await set.counts()).toEqual(before);
});

it('shows and changes nothing of another academy', async () => {
  const before = await set.counts();
  for (const [method, path] of closed()) {
    if (own.has(`${method} ${path}`)) continue;
    const { status } = await ask(set.rival, method, path);
    expect([method, path, status]).toEqual([method, path, 404]);
  }
  expect(await set.counts()).toEqual(before);
});

it('lists nothing of another academy, and takes no events for it', async () => {
  expect((await set.rival.get('/athletes')).body).toEqual([]);
  expect((await set.rival.get('/lessons')).body).toEqual([]);
  const { sessionId, lookId } = { sessionId: set.theirs['session'], lookId: set.theirs['look'] };
  const intruding = [
    logs.event('finding', { lookId, node: 'oh.wobble', severity: 3 }),
    logs.event('rep', { sessionId, drill: 'hip-first-lean', outcome: 'clean' }),
    logs.event('noted', { sessionId, drill: null, text: 'x' }),
    logs.event('throw', { sessionId, drill: null, velocity: 30, effort: 90, pitch: 'fastball', ballG: 145 }),
    logs.event('session-ended', { sessionId, note: '' }),
    logs.event('clip-mark', { clipId: set.theirs['clip'], event: 'plant', time: 1 }),
    logs.event('screen-begun', { athleteId: set.theirs['athlete'], zone: 'Europe/London' }),
    logs.event('pitch', pitchFields(set.theirs['athlete']!)),
    logs.event('instruction', { athleteId: set.theirs['athlete'], from: 'x', text: 'push' }),
    logs.event('link-struck', {
      athleteId: set.theirs['athlete'],
      cause: 'oh.lift-stall',
      effect: 'oh.jump',
      struck: true,
      reason: 'x',
    }),
    ...logs.look(set.theirs['athlete']!, {}).events,
  ];
  const { body } = await set.rival.post('/log', { events: intruding });
  expect(body.responses.map(({ stored }: { stored: boolean }) => stored)).toEqual(intruding.map(() => false));
  const page = await set.owner.whole(set.theirs['athlete']!);
  expect(page.body.looks[0].findings).toEqual({ 'oh.lift-stall': 2 });
});

it('keeps the links and the calls of an academy to itself', async () => {
  await set.owner.post('/links', set.bodies['POST /links']!());
  expect((await set.rival.get('/links')).body).toEqual([]);
  expect((await set.rival.get('/calls')).body.academy.accepted.calls).toBe(0);
  expect((await set.owner.get('/calls')).body.academy.accepted.calls).toBe(1);
});

it('keeps the words and the planning of an academy to itself', async () => {
  const planning = {
    equipment: ['net'],
    weekThrows: 90,
    buildUpWeeks: 4,
    rampPercent: 30,
    carryDays: 21,
    allHard: true,
    growthNote: false,
  };
  expect((await set.owner.put('/planning', planning)).body).toEqual(planning);
  await set.owner.post('/lexicon', { id: v7(), tag: 'fall', phrase: 'topple', removed: false });
  const page = await set.owner.whole(set.theirs['athlete']!);
  expect([page.body.academy, page.body.lexicon]).toEqual([
    planning,
    [{ tag: 'fall', phrase: 'topple', removed: false }],
  ]);
  expect((await set.rival.get('/planning')).body).toMatchObject({ weekThrows: null, allHard: false });
  expect((await set.rival.get('/lexicon')).body).toEqual([]);
  for (const [field, value] of [
    ['weekThrows', 5],
    ['buildUpWeeks', 0],
    ['rampPercent', 1000],
    ['carryDays', 181],
    ['allHard', 'yes'],
    ['growthNote', 1],
    ['equipment', ['net', 'net']],
  ] as const) {
    const { status, body } = await set.owner.put('/planning', { ...planning, [field]: value });
    expect([status, body.fields[0].field.split('.')[0]]).toEqual([422, field]);
  }
});

it('does not let the id of a row of another academy be taken over', async () => {
  const taken = form({ id: set.theirs['athlete'], givenName: 'Mine' });
  await set.rival.post('/athletes', taken);
  expect((await set.owner.whole(set.theirs['athlete']!)).body.athlete.givenName).toBe('Wren');
});
