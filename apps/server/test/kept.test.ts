import { v7 } from 'uuid';
import { fixtures, day } from './fixtures';
import { browser, logs, type Browser } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

/** Which tables are asked while something is done. */
async function asked<T>(work: () => Promise<T>): Promise<{ found: T; tables: string[] }> {
  const tables: string[] = [];
  const hear = ({ sql }: { sql: string }) =>
    tables.push(...[...sql.matchAll(/from `(\w+)`/g)].map(([, t]) => t!));
  set.here.db.on('query', hear);
  const found = await work();
  set.here.db.removeListener('query', hear);
  return { found, tables };
}
const work = async (who: Browser = set.owner) =>
  (await who.get(`/athletes/${set.theirs['athlete']}/work`)).body;
const instruct = (text: string) => {
  const { athlete } = set.theirs;
  return logs.event('instruction', { athleteId: athlete, by: 'Dr. Vale', text, zone: 'Europe/London' });
};

it('is answered without asking again while nothing has changed, whoever asks in the same manner', async () => {
  const first = await work();
  const again = await asked(() => work());
  expect(again.found).toEqual(first);
  expect(again.tables.sort()).toEqual(['academies', 'people', 'web_sessions']);
  const colleague = browser(set.here);
  await colleague.signIn('instructor@first.example');
  expect((await asked(() => work(colleague))).tables).not.toContain('looks');
  // Whoever may not know of injuries has an answer of their own.
  expect((await asked(() => work(set.assistant))).tables).toContain('looks');
  await set.here
    .db('people')
    .where({ email: 'instructor@first.example' })
    .update({ approach: '{"teach":"constrain"}' });
  expect((await asked(() => work(colleague))).tables).toContain('looks');
});

it('is read anew after a change of any table that it was read from, and only then', async () => {
  await work();
  await set.rival.post('/log', { events: [instruct('Not of this academy')] });
  await set.owner.post('/links', {
    id: v7(),
    cause: 'oh.lift-stall',
    effect: 'oh.lead-leg-opens',
    weight: 0.5,
    reason: 'Seen',
  });
  expect((await asked(() => work())).tables).not.toContain('looks');
  const { athlete } = set.theirs;
  await set.owner.post('/log', { events: [logs.session(athlete!, null, day)] });
  const { found, tables } = await asked(() => work());
  expect(tables).toContain('looks');
  expect(found.sessions).toHaveLength(2);
});

it('is not kept as it was before a change that was not finished while it was read', async () => {
  const { db } = set.here;
  const { athlete } = set.theirs;
  const name = async () => (await set.owner.get(`/athletes/${athlete}`)).body.athlete.givenName;
  const was = await name();
  const change = await db.transaction();
  await change('athletes').where({ id: athlete }).update({ given_name: 'Renamed' });
  await db('people').where({ email: 'owner@first.example' }).update({ good_strikes: 0.72 });
  expect(await name()).toBe(was);
  await change.commit();
  expect(await name()).toBe('Renamed');
});

it('hangs on the preferences of who asks and of the academy', async () => {
  await work();
  await set.here.db('people').where({ email: 'owner@first.example' }).update({ good_strikes: 0.71 });
  const { tables } = await asked(() => work());
  expect(tables).toContain('looks');
});
