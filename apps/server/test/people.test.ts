import type { AddressInfo } from 'node:net';
import { TOTP } from 'otpauth';
import { SMTPServer } from 'smtp-server';
import { v7 } from 'uuid';
import { settingsOf } from '../src/settings';
import { academy, browser, form, password, testServer, type Browser, type TestServer } from './testServer';

const code = '1a2b-3c4d-5e6f';
const owner = { name: 'Ada Quill', email: 'ada@quill.example', password: 'a long enough one' };
const wish = {
  code,
  academy: 'Quill Yard',
  zone: 'Europe/London',
  velocityUnit: 'km/h',
  sizeUnit: 'metric',
  ...owner,
};

let here: TestServer;
afterAll(() => here.end());
beforeAll(async () => {
  here = await testServer({ founding: { code, loadDemo: async () => undefined } });
});

const fresh = async (): Promise<Browser> => {
  const visitor = browser(here);
  await visitor.knock();
  return visitor;
};
const link = (text: string): string => /\/(?:join|reset)\/([\w-]+)/.exec(text)![1]!;
/** The newest simulated mail to somebody. */
async function mailTo(reader: Browser, to: string): Promise<string> {
  const { body } = await reader.get('/mails');
  return body.mails.find((mail: { to: string }) => mail.to === to)?.body;
}

describe('an empty server', () => {
  it('is founded once, by whoever has the code', async () => {
    const visitor = await fresh();
    expect((await visitor.get('/session')).body).toMatchObject({ me: null, unfounded: true, demo: false });
    const wrong = await visitor.enter('/founding', { ...wish, code: '1a2b-3c4d-5e60' });
    expect([wrong.status, (wrong.body as any).fields[0].field]).toEqual([422, 'code']);
    for (const [field, value] of [
      ['password', 'elevenchars'],
      ['zone', 'Barn/Yard'],
      ['email', 'ada'],
      ['academy', ' '],
    ]) {
      const { status, body } = await visitor.enter('/founding', { ...wish, [field!]: value });
      expect([status, (body as any).fields[0].field]).toEqual([422, field]);
    }
    const [one, other] = await Promise.all([
      visitor.enter('/founding', wish),
      (await fresh()).enter('/founding', { ...wish, email: 'b@quill.example' }),
    ]);
    expect([one.status, other.status].sort()).toEqual([201, 409]);
    expect(await here.db('academies').pluck('name')).toEqual(['Quill Yard']);
    const late = await (await fresh()).enter('/founding/demo', { code });
    expect(late.status).toBe(409);
    // Whoever was first is the owner, in their own units.
    const { email } = (await here.db('people').first('email'))!;
    await visitor.signIn(email, owner.password);
    expect((await visitor.get('/session')).body).toMatchObject({
      me: { person: { role: 'owner', velocityUnit: 'km/h', sizeUnit: 'metric' } },
      unfounded: false,
    });
  });
});

describe('people', () => {
  let boss: Browser;
  let home: Awaited<ReturnType<typeof academy>>;
  beforeAll(async () => {
    home = await academy(here, 'yard');
    boss = browser(here);
    await boss.signIn(home.email('owner'));
  });
  const invite = async (email: string, role = 'instructor') => {
    const { status, body } = await boss.post('/invitations', { id: v7(), name: 'Bo Reed', email, role });
    return { status, body, token: body?.token as string };
  };
  const idOf = async (email: string): Promise<string> =>
    (await here.db('people').where({ email }).first('id'))!.id;

  it('come by an invitation, which works once and for a week', async () => {
    const { status, token, body } = await invite('bo@reed.example');
    expect(status).toBe(201);
    expect(link(await mailTo(boss, 'bo@reed.example'))).toBe(token);
    const days = (Date.parse(body.expiresAt) - Date.now()) / 86_400_000;
    expect(days).toBeGreaterThan(6.99);
    expect(days).toBeLessThanOrEqual(7);
    const bo = await fresh();
    expect((await bo.get(`/join/${token}`)).body).toEqual({
      academy: 'yard',
      name: 'Bo Reed',
      email: 'bo@reed.example',
      role: 'instructor',
      by: 'owner of yard',
    });
    expect((await bo.enter(`/join/${token}`, { name: 'Bo', password: 'short' })).status).toBe(422);
    const [one, two] = await Promise.all([
      bo.enter(`/join/${token}`, { name: 'Bo Reed', password }),
      (await fresh()).enter(`/join/${token}`, { name: 'Not Bo', password }),
    ]);
    expect([one.status, two.status].filter((each) => each === 201)).toHaveLength(1);
    expect((await fresh()).get(`/join/${token}`)).resolves.toMatchObject({ status: 404 });
    expect((await invite('bo@reed.example')).status).toBe(409);
  });

  it('do not come by one that ran out or was taken back', async () => {
    const late = await invite('late@reed.example');
    await here.db('invitations').where({ id: late.body.id }).update({ expires_at: new Date() });
    const ended = await invite('ended@reed.example');
    await boss.post(`/invitations/${ended.body.id}/end`, {});
    for (const { token } of [late, ended])
      expect((await (await fresh()).enter(`/join/${token}`, { name: 'X', password })).status).toBe(404);
  });

  it('are changed in the middle of a session, and the last owner stays', async () => {
    const helper = browser(here);
    await helper.signIn(home.email('instructor'));
    const id = await idOf(home.email('instructor'));
    expect((await helper.post('/athletes', form())).status).toBe(201);
    expect((await boss.put(`/people/${id}`, { role: 'assistant', active: true })).status).toBe(200);
    expect((await helper.post('/athletes', form())).status).toBe(403);
    expect((await helper.get('/session')).body.me.person.role).toBe('assistant');
    await boss.put(`/people/${id}`, { role: 'instructor', active: false });
    expect((await helper.get('/athletes')).status).toBe(401);
    const again = await helper.signIn(home.email('instructor'));
    expect([again.status, (again.body as any).error]).toEqual([401, expect.stringContaining('deactivated')]);
    await boss.put(`/people/${id}`, { role: 'instructor', active: true });
    expect((await helper.signIn(home.email('instructor'))).status).toBe(200);

    const own = await idOf(home.email('owner'));
    for (const [change, field] of [
      [{ role: 'instructor', active: true }, 'role'],
      [{ role: 'owner', active: false }, 'active'],
    ] as const) {
      const { status, body } = await boss.put(`/people/${own}`, change);
      expect([status, body.fields[0].field]).toEqual([409, field]);
    }
    expect((await boss.put(`/people/${own}`, { role: 'boss', active: true })).status).toBe(422);
  });

  it('hand their lessons to come to another', async () => {
    const athlete = form();
    await boss.post('/athletes', athlete);
    const [from, to] = [await idOf(home.email('owner')), await idOf(home.email('instructor'))];
    const lesson = (date: string) =>
      boss.post('/lessons', { id: v7(), athleteId: athlete.id, date, time: '16:00', minutes: 30, place: '' });
    await lesson('2026-01-05');
    const ahead = new Date(Date.now() + 5 * 86_400_000).toISOString().slice(0, 10);
    await lesson(ahead);
    expect(
      (await boss.post(`/people/${from}/hand-over`, { to: await idOf(home.email('assistant')) })).status,
    ).toBe(422);
    expect((await boss.post(`/people/${from}/hand-over`, { to })).body).toEqual({ lessons: 1 });
    const rows = await here
      .db('lessons')
      .where({ athlete_id: athlete.id })
      .orderBy('starts_at')
      .pluck('instructor_id');
    expect(rows).toEqual([from, to]);
  });

  it('choose a new password by a link that says to nobody whether there is an account', async () => {
    const visitor = await fresh();
    const inside = browser(here);
    await inside.signIn(home.email('instructor'));
    for (const email of [home.email('instructor'), 'nobody@reed.example'])
      expect(await visitor.post('/password-resets', { email })).toEqual({ status: 202, body: {} });
    const token = link(await mailTo(boss, home.email('instructor')));
    expect((await visitor.get(`/password-resets/${token}`)).status).toBe(200);
    const answers = await Promise.all(
      ['another long one', 'yet another one'].map((next) =>
        visitor.post(`/password-resets/${token}`, { password: next }),
      ),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 404]);
    expect((await inside.get('/athletes')).status).toBe(401);
    expect((await visitor.signIn(home.email('instructor'))).status).toBe(401);
    const next = answers[0]!.status === 200 ? 'another long one' : 'yet another one';
    expect((await visitor.signIn(home.email('instructor'), next)).status).toBe(200);
    await visitor.put('/account/password', { current: next, password });
  });

  it('change their password, and are signed out everywhere else', async () => {
    const [one, two] = [browser(here), browser(here)];
    await one.signIn(home.email('instructor'));
    await two.signIn(home.email('instructor'));
    const { body } = await one.get('/account');
    expect(body.sessions.filter(({ here: it }: { here: boolean }) => it)).toHaveLength(1);
    expect(
      (await one.put('/account/password', { current: 'wrong', password: 'a new long one' })).status,
    ).toBe(422);
    expect((await one.put('/account/password', { current: password, password: 'elevenchars' })).status).toBe(
      422,
    );
    expect(
      (await one.put('/account/password', { current: password, password: 'a new long one' })).status,
    ).toBe(200);
    expect([(await one.get('/athletes')).status, (await two.get('/athletes')).status]).toEqual([200, 401]);
    await one.put('/account/password', { current: 'a new long one', password });
    await two.signIn(home.email('instructor'));
    const other = (await one.get('/account')).body.sessions.find(({ here: it }: { here: boolean }) => !it);
    expect((await one.delete(`/account/sessions/${other.id}`)).status).toBe(204);
    expect((await two.get('/athletes')).status).toBe(401);
  });

  it('do not see where others look around the demo under the same name', async () => {
    await here.db('academies').where({ id: home.id }).update({ demo: true });
    const [one, two] = [browser(here), browser(here)];
    for (const each of [one, two]) await each.signIn(home.email('assistant'));
    const listed = (await one.get('/account')).body.sessions;
    expect(listed.map((each: { here: boolean }) => each.here)).toEqual([true]);
    const others = (await two.get('/account')).body.sessions[0].id;
    expect((await one.delete(`/account/sessions/${others}`)).status).toBe(404);
    expect(
      (await one.put('/account/password', { current: password, password: 'a new long one' })).status,
    ).toBe(409);
    await here.db('academies').where({ id: home.id }).update({ demo: false });
  });

  it('have a second factor whose codes work once, and codes for the day on which the phone is lost', async () => {
    const me = browser(here);
    await me.signIn(home.email('instructor'));
    expect((await me.post('/account/second-factor', { password: 'wrong' })).status).toBe(422);
    const { secret, uri } = (await me.post('/account/second-factor', { password })).body;
    expect(uri).toContain('otpauth://totp/Wrightonic');
    const totp = new TOTP({ secret });
    const now = Date.now();
    expect((await me.put('/account/second-factor', { code: '000000' })).status).toBe(422);
    const { codes } = (await me.put('/account/second-factor', { code: totp.generate() })).body;
    expect(codes).toHaveLength(10);
    const visitor = browser(here);
    const tries = async (given: string) => {
      const { status, body } = await visitor.signIn(home.email('instructor'), password, given);
      return [status, (body as any).fields?.[0].field];
    };
    expect(await tries('')).toEqual([401, 'code']);
    const first = totp.generate({ timestamp: now });
    expect(await tries(first)).toEqual([200, undefined]);
    expect(await tries(first)).toEqual([401, 'code']);
    // One step off is a clock that is a little wrong; two are not.
    expect(await tries(totp.generate({ timestamp: now + 90_000 }))).toEqual([401, 'code']);
    expect(await tries(totp.generate({ timestamp: now + 30_000 }))).toEqual([200, undefined]);
    expect(await tries(codes[0])).toEqual([200, undefined]);
    expect(await tries(codes[0])).toEqual([401, 'code']);
    expect((await visitor.get('/account')).body.recoveryCodesLeft).toBe(9);
    expect((await visitor.post('/account/second-factor/end', { password })).status).toBe(200);
    expect(await tries('')).toEqual([200, undefined]);
  });
});

it('sends mail by the server that was set, tries again what it refused, and keeps no text of what went out', async () => {
  const got: string[] = [];
  let refuses = true;
  const mailServer = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS'],
    onData(stream, _session, done) {
      let text = '';
      stream.on('data', (piece: Buffer) => (text += piece.toString()));
      stream.on('end', () => {
        if (refuses) return done(Object.assign(new Error('later'), { responseCode: 451 }));
        got.push(text);
        done();
      });
    },
  });
  await new Promise<void>((done) => mailServer.listen(0, '127.0.0.1', done));
  const { port } = mailServer.server.address() as AddressInfo;
  const settings = settingsOf({ SMTP_URL: `smtp://127.0.0.1:${port}`, MAIL_FROM: 'office@yard.example' });
  const there = await testServer({ settings });
  try {
    const home = await academy(there, 'post');
    const boss = browser(there);
    await boss.signIn(home.email('owner'));
    const { body } = await boss.post('/invitations', {
      id: v7(),
      name: 'Bo',
      email: 'bo@x.example',
      role: 'owner',
    });
    const mail = async () => (await boss.get('/mails')).body.mails[0];
    const until = async (ready: (it: any) => boolean) => {
      for (let n = 0; n < 200 && !ready(await mail()); n++) await new Promise((done) => setTimeout(done, 25));
      return mail();
    };
    expect(await until(({ problem }) => problem !== '')).toMatchObject({
      problem: expect.stringContaining('451'),
      sentAt: null,
    });
    refuses = false;
    await there.db('mails').update({ next_at: new Date() });
    // Another mail starts the next round, which takes along what is due.
    await boss.post('/invitations', { id: v7(), name: 'Cy', email: 'cy@x.example', role: 'assistant' });
    for (let n = 0; n < 200 && got.length < 2; n++) await new Promise((done) => setTimeout(done, 25));
    expect(got.filter((text) => text.replace(/=\r\n/g, '').includes(body.token))).toHaveLength(1);
    await until(({ sentAt }) => sentAt !== null);
    const { simulated, mails } = (await boss.get('/mails')).body;
    expect([simulated, ...mails.map((each: { body: string }) => each.body)]).toEqual([false, '', '']);
  } finally {
    await there.end();
    await new Promise<void>((done) => mailServer.close(done));
  }
});
