import { may, roles, type Role } from '@wrightonic/core';
import { v7 } from 'uuid';
import { routeActs } from '../src/auth/routeActs';
import { fixtures } from './fixtures';
import { routesOf, thingIn } from './routes';
import { browser, logs, type Browser } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
const who = {} as Record<Role | 'helper', Browser>;
beforeAll(async () => {
  set = await fixtures({ camp: true });
  for (const role of roles) {
    who[role] = browser(set.here);
    await who[role].signIn(`${role}@first.example`);
  }
  const helper = { id: v7(), name: 'Hal', email: 'hal@first.example', password: 'a helper of a camp' };
  await set.owner.post(`/camps/${set.theirs['camp']}/helpers`, helper);
  who.helper = browser(set.here);
  await who.helper.signIn(helper.email, helper.password);
});
afterAll(() => set.here.end());

/** For whoever is not signed in, and for one's own session. */
const open =
  /^(GET \/api\/|GET \/session$|POST \/session|DELETE \/session|PUT \/profile|POST \/readings|GET \/feeds|\w+ \/(shared|camp-sign-up|camp-cards|progress-reports|schemas|founding|join|password-resets)\b)/;
const closed = () =>
  routesOf(set.here.web)
    .map(([method, path]) => `${method} ${path}`)
    .filter((route) => !open.test(route));

it('names every route, and none that is not there', () => {
  expect(Object.keys(routeActs).sort()).toEqual(closed().sort());
});

/** Addresses of things that are there, where they may be; a change is sent without a body, so that nothing comes of it. */
const address = (path: string): string =>
  path
    .replace(':date', '2031-07-14')
    .replace(':what', path.includes('papers') ? 'stations.pdf' : 'roster.csv')
    .replace(':id', set.theirs[thingIn(path)]!)
    .replace(/:\w+/g, v7());

it('lets every role do what the table says, on every route, and nothing else', async () => {
  for (const route of closed()) {
    const [method, path] = route.split(' ') as [string, string];
    if (path.endsWith('/stream')) continue;
    for (const role of roles) {
      const { status } =
        method === 'GET'
          ? await who[role].raw(address(path)).then(async (response) => {
              await response.arrayBuffer();
              return response;
            })
          : await who[role].call(method, address(path), method === 'DELETE' ? undefined : {});
      expect([route, role, status !== 403]).toEqual([route, role, may(role, routeActs[route]!.act)]);
    }
  }
}, 120_000);

it('keeps whoever helps at a camp to that camp, and out before it', async () => {
  for (const route of closed()) {
    const [method, path] = route.split(' ') as [string, string];
    if (path.endsWith('/stream')) continue;
    const answer = await who.helper.call(
      method,
      address(path),
      method === 'GET' || method === 'DELETE' ? undefined : {},
    );
    // The camp of the tests is years ahead.
    expect([route, answer.status]).toEqual([route, 403]);
  }
});

it('shows assistants neither contacts nor injuries, and keeps what these bar', async () => {
  const id = set.theirs['athlete']!;
  const guardians = [{ name: 'Ann Ablethorpe', phone: '555 0100', email: 'ann@x.example' }];
  const { athlete } = (await set.owner.get(`/athletes/${id}`)).body;
  const { id: _, age: __, ...form } = athlete;
  await set.owner.put(`/athletes/${id}`, { ...form, guardians });
  await set.owner.post(`/camps/${set.theirs['camp']}/members`, {
    members: [{ id: v7(), athleteId: id, coming: true, from: null, to: null, barred: [], restriction: '' }],
  });
  const paths = ['', '/build', '/work', '/course', '/profile'].map((part) => `/athletes/${id}${part}`);
  const texts = async (as: Browser) => {
    const read = await Promise.all([...paths, `/camps/${set.theirs['camp']}`].map((path) => as.get(path)));
    expect(read.map(({ status }) => status)).toEqual(read.map(() => 200));
    return read.map(({ body }) => JSON.stringify(body)).join('\n');
  };
  for (const role of roles) {
    const text = await texts(who[role]);
    expect([role, text.includes('555 0100')]).toEqual([role, may(role, 'contacts')]);
    expect([role, text.includes('Sore inner elbow')]).toEqual([role, may(role, 'health')]);
  }
  const { history } = (await who.assistant.get(`/athletes/${id}/work`)).body;
  expect(history).toEqual([{ site: 'other', what: 'An injury', surgery: true, cleared: false }]);
  expect((await who.assistant.get(`/athletes/${id}/profile`)).body.injuries).toBeNull();
});

it('does not let assistants unlock throws', async () => {
  const session = logs.session(set.theirs['athlete']!, null, '2026-05-02');
  const cleared = logs.event('throws-cleared', {
    sessionId: session.id,
    athleteId: set.theirs['athlete'],
    clearedBy: 'Dr. Marrable',
    reason: 'Well again',
  });
  const { body } = await who.assistant.post('/log', { events: [session, cleared] });
  expect(body.responses[1]).toMatchObject({ stored: false, why: expect.stringContaining('instructor') });
});
