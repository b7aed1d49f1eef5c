import { v7 } from 'uuid';
import { fixtures, working as inSession } from './fixtures';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

const working = () => inSession(set, 'Sets');

const done = { drill: 'knee-gate', constraints: ['knee-gate'], clean: 6, missed: 2, workaround: null };

it('keeps a set with what was on, once however often it is sent, until it is taken back', async () => {
  const { session, send, page } = await working();
  const id = v7();
  const at = new Date().toISOString();
  for (let n = 0; n < 3; n++)
    expect(await send('set-done', { ...done, sessionId: session, at }, id)).toEqual({ id, stored: true });
  const other = await send('set-done', { ...done, clean: 7, sessionId: session, at }, id);
  expect(other).toEqual({ id, stored: false, why: expect.stringContaining('Something else') });
  expect((await page()).sets).toMatchObject([{ ...done, id, session }]);
  await send('undo', { sessionId: session, of: id });
  expect((await page()).sets).toEqual([]);
});

it('keeps the newest order of a drill, each athlete their own', async () => {
  const { id, send, page } = await working();
  const other = await working();
  await send('constraints-ordered', {
    athleteId: id,
    drill: 'knee-gate',
    constraints: ['line', 'knee-gate'],
  });
  await send('constraints-ordered', { athleteId: id, drill: 'knee-gate', constraints: ['knee-gate'] });
  expect((await page()).constraints).toEqual({ 'knee-gate': ['knee-gate'] });
  expect((await other.page()).constraints).toEqual({});
});

it.each([
  ['set-done', { constraints: ['no such thing'] }, /constraints/],
  ['set-done', { clean: -3 }, /clean/],
  ['set-done', { clean: 201 }, /clean/],
  ['set-done', { workaround: 'oh.nothing' }, /workaround/],
  ['constraints-ordered', { constraints: ['line', 'line'] }, /constraints/],
])('refuses %s with %o by name', async (kind, wrong, names) => {
  const { id, session, send, page } = await working();
  const body =
    kind === 'set-done'
      ? { ...done, sessionId: session, ...wrong }
      : { athleteId: id, drill: 'knee-gate', ...wrong };
  const answer = await send(kind, body);
  expect(answer.stored).toBe(false);
  expect(answer.why).toMatch(names);
  expect(await page()).toMatchObject({ sets: [], constraints: {} });
});

it('does not take a set for a session of another academy', async () => {
  const { session } = await working();
  const answer = await set.rival.post('/log', {
    events: [{ id: v7(), at: new Date().toISOString(), kind: 'set-done', ...done, sessionId: session }],
  });
  expect(answer.body.responses[0].stored).toBe(false);
});
