import { v7 } from 'uuid';
import { doChores } from '../src/chores';
import { fixtures, tableThrow } from './fixtures';
import { browser, form, logs, type Browser } from './testServer';

const dayMs = 86_400_000;
let set: Awaited<ReturnType<typeof fixtures>>;
let instructor: Browser;
beforeAll(async () => {
  set = await fixtures({ camp: true });
  instructor = browser(set.here);
  await instructor.signIn('instructor@first.example');
});
afterAll(() => set.here.end());

const later = (days: number) => new Date(Date.now() + days * dayMs);
const names = async (who: Browser) =>
  (await who.get('/athletes')).body.map(({ givenName }: { givenName: string }) => givenName);
/** Somebody new of whom there is something of everything. */
async function newcomer(givenName: string) {
  const athlete = form({ givenName, familyName: 'Goodenough' });
  const id = athlete.id as string;
  await set.owner.post('/athletes', athlete);
  const look = logs.look(id, { 'oh.lift-stall': 2 });
  const session = logs.session(id, null, '2026-05-01');
  const rep = logs.event('rep', { sessionId: session.id, drill: 'hip-first-lean', outcome: 'clean' });
  await set.owner.post('/log', { events: [...look.events, session, rep] });
  await set.owner.post(`/athletes/${id}/throws/import`, { throws: [tableThrow()] });
  await set.owner.post(`/athletes/${id}/traces`, {
    id: v7(),
    lookId: look.id,
    lower: 'oh.lift-stall',
    arm: null,
    reason: '',
  });
  const share = { id: v7(), days: 30, forWhom: 'Mother' };
  const { token } = (await set.owner.post(`/athletes/${id}/shares`, share)).body;
  // A note about somebody else names them too.
  await set.owner.put(`/athletes/${set.theirs['athlete']}`, {
    ...(({ id: _, ...rest }) => rest)(form()),
    note: `Throws with ${givenName} Goodenough`,
  });
  return { id, token: token as string, name: `${givenName} Goodenough` };
}

/** Every cell of every table in which a text stands. */
async function whereStands(text: string): Promise<string[]> {
  const [columns] = await set.here.db.raw(
    `select table_name as t, column_name as c from information_schema.columns where table_schema = database()
       and data_type in ('varchar', 'text', 'mediumtext', 'longtext', 'uuid', 'enum')`,
  );
  const found: string[] = [];
  for (const { t, c } of columns as { t: string; c: string }[]) {
    const rows = await set.here.db(t).whereRaw('instr(cast(?? as char), ?) > 0', [c, text]).limit(1);
    if (rows.length) found.push(`${t}.${c}`);
  }
  return found;
}

it('archives an athlete out of the lists and back, unless a lesson is to come', async () => {
  const { id } = await newcomer('Pim');
  const lesson = {
    id: v7(),
    athleteId: id,
    date: later(3).toISOString().slice(0, 10),
    time: '16:00',
    minutes: 30,
    place: '',
  };
  await set.owner.post('/lessons', lesson);
  const refused = await instructor.put(`/athletes/${id}/archived`, { archived: true });
  expect([refused.status, refused.body.error]).toEqual([
    409,
    expect.stringContaining('One lesson is still to come'),
  ]);
  await set.owner.post('/log', {
    events: [
      logs.event('lesson-changed', {
        lessonId: lesson.id,
        rest: false,
        state: 'called-off',
        startsAt: null,
        place: null,
        reason: '',
      }),
    ],
  });
  expect((await instructor.put(`/athletes/${id}/archived`, { archived: true })).status).toBe(200);
  expect(await names(set.owner)).not.toContain('Pim');
  expect((await set.owner.get(`/athletes/${id}`)).status).toBe(200);
  expect((await set.owner.get('/retention')).body.archived).toMatchObject([{ id, name: 'Pim Goodenough' }]);
  expect((await instructor.get(`/athletes/${id}`)).body.archivedAt).toMatch(/^20\d\d-/);
  await instructor.put(`/athletes/${id}/archived`, { archived: false });
  expect(await names(set.owner)).toContain('Pim');
});

it('deletes when two have confirmed and two weeks are over, and leaves counts without a person', async () => {
  const { id, token, name } = await newcomer('Quin');
  const nobody = browser(set.here);
  await nobody.knock();
  expect((await nobody.get(`/shared/${token}`)).status).toBe(200);
  const wish = { id: v7(), reason: 'Mother asked on the phone, 28 November' };
  expect((await set.assistant.post(`/athletes/${id}/deletion`, wish)).status).toBe(403);
  expect((await instructor.post(`/athletes/${id}/deletion`, { ...wish, reason: '' })).status).toBe(422);
  expect((await instructor.post(`/athletes/${id}/deletion`, wish)).status).toBe(201);
  expect((await set.owner.post(`/athletes/${id}/deletion`, { ...wish, id: v7() })).status).toBe(409);
  expect(await names(set.owner)).not.toContain('Quin');
  // Whoever asked does not confirm.
  expect((await instructor.post(`/deletions/${wish.id}/confirm`, {})).status).toBe(403);
  const { status, body } = await set.owner.post(`/deletions/${wish.id}/confirm`, {});
  expect(status).toBe(201);
  expect(Math.round((Date.parse(body.dueAt) - Date.now()) / dayMs)).toBe(14);
  expect((await set.owner.post(`/deletions/${wish.id}/confirm`, {})).status).toBe(409);
  expect((await nobody.get(`/shared/${token}`)).status).toBe(404);

  expect(await doChores(set.here.unscoped, new Date(Date.parse(body.dueAt) - 1))).toEqual({ deleted: 0 });
  expect((await set.owner.get(`/athletes/${id}`)).status).toBe(200);
  expect(await doChores(set.here.unscoped, new Date(body.dueAt))).toEqual({ deleted: 1 });
  expect((await set.owner.get(`/athletes/${id}`)).status).toBe(404);
  expect(await whereStands(id)).toEqual(['removals.id']);
  expect(await whereStands(name)).toEqual([]);
  const { counts } = (await set.here.db('removals').where({ id }).first())!;
  expect(JSON.parse(counts)).toMatchObject({ looks: 1, sessions: 1, throws: 1, rep_events: 1 });
  // A device that comes back hears of it.
  expect((await set.assistant.get('/session')).body.removed).toContain(id);
  expect((await set.rival.get('/session')).body.removed).toEqual([]);
  // What somebody logged offline meanwhile is refused, and answered.
  const late = await set.owner.post('/log', { events: logs.look(id, {}).events });
  expect(late.body.responses.map(({ stored }: { stored: boolean }) => stored)).toEqual([false, false]);
});

it('takes a deletion back until it is done', async () => {
  const { id } = await newcomer('Rue');
  const wish = { id: v7(), reason: 'Asked' };
  await instructor.post(`/athletes/${id}/deletion`, wish);
  await set.owner.post(`/deletions/${wish.id}/confirm`, {});
  expect((await instructor.put(`/athletes/${id}/archived`, { archived: false })).status).toBe(409);
  expect((await instructor.post(`/deletions/${wish.id}/end`, {})).status).toBe(201);
  expect(await doChores(set.here.unscoped, later(15))).toEqual({ deleted: 0 });
  expect(await names(set.owner)).toContain('Rue');
  expect((await instructor.post(`/deletions/${wish.id}/end`, {})).status).toBe(404);
});

it('lets whoever is alone confirm on another day', async () => {
  const boss = set.rival;
  await set.here
    .db('people')
    .where('email', 'like', '%@second.example')
    .whereNot('role', 'owner')
    .update({ deactivated_at: new Date() });
  const athlete = form();
  await boss.post('/athletes', athlete);
  const wish = { id: v7(), reason: 'Asked' };
  await boss.post(`/athletes/${athlete.id}/deletion`, wish);
  const refused = await boss.post(`/deletions/${wish.id}/confirm`, {});
  expect([refused.status, refused.body.error]).toEqual([403, expect.stringContaining('tomorrow')]);
  await set.here
    .db('deletions')
    .where({ id: wish.id })
    .update({ at: new Date(Date.now() - 20 * 3_600_000) });
  expect((await boss.post(`/deletions/${wish.id}/confirm`, {})).status).toBe(201);
});

it('proposes whom nobody saw for as many years as the owner says', async () => {
  const { id } = await newcomer('Sage');
  const proposed = async () =>
    (await set.owner.get('/retention')).body.proposed.map((each: { id: string }) => each.id);
  expect(await proposed()).toEqual([]);
  expect((await set.owner.put('/retention', { years: 2 })).status).toBe(200);
  for (const years of [0, 21, 1.5]) expect((await set.owner.put('/retention', { years })).status).toBe(422);
  expect(await proposed()).not.toContain(id);
  const edge = Date.now() - 2 * 365.25 * dayMs;
  const age = async (at: Date) => {
    for (const table of ['looks', 'sessions', 'throws', 'body_sizes'])
      await set.here.db(table).where({ athlete_id: id }).update({ at });
  };
  await age(new Date(edge + 60_000));
  expect(await proposed()).not.toContain(id);
  await age(new Date(edge - 60_000));
  expect(await proposed()).toContain(id);
});

it('keeps who saw, changed, exported, invited and got in, for a year', async () => {
  const { id } = await newcomer('Tarn');
  await instructor.get(`/athletes/${id}`);
  await instructor.get(`/athletes/${id}/look`);
  await instructor.raw(`/athletes/${id}/archive.zip`).then((response) => response.arrayBuffer());
  await set.owner.post('/invitations', { id: v7(), name: 'U', email: 'u@first.example', role: 'assistant' });
  await browser(set.here).signIn('instructor@first.example', 'a wrong password');
  const of = async (query: string) => (await set.owner.get(`/audit?${query}`)).body.entries;
  const mine = await of(`athlete=${id}`);
  const line = (kind: string, by: string) => mine.filter((e: any) => e.kind === kind && e.by === by).length;
  expect(line('saw', 'instructor of first')).toBe(1);
  expect(line('exported', 'instructor of first')).toBe(1);
  expect(mine.map((e: any) => e.told)).toContain('accepted a trace');
  expect((await of('kind=invited')).map((e: any) => e.told)).toContain('invited somebody');
  expect((await of('kind=refused'))[0]).toMatchObject({
    by: 'instructor of first',
    told: expect.stringContaining('wrong password'),
  });
  expect((await of('kind=signed%20in')).length).toBeGreaterThan(2);
  const today = new Date().toISOString().slice(0, 10);
  expect((await of(`from=${today}&to=${today}`)).length).toBeGreaterThan(5);
  expect(await of('from=2031-01-01')).toEqual([]);
  expect((await set.owner.get('/audit?kind=x')).status).toBe(422);
  expect((await instructor.get('/audit')).status).toBe(403);
  const csv = await (await set.owner.raw('/audit.csv?kind=refused')).text();
  expect(csv.split('\r\n')[0]).toBe('at,kind,by,what,athlete');

  const old = (await set.here.db('audit_events').orderBy('at').first('id'))!;
  const ages = async (days: number) => {
    await set.here
      .db('audit_events')
      .where({ id: old.id })
      .update({ at: new Date(Date.now() - days * dayMs) });
    await doChores(set.here.unscoped, new Date());
    return set.here.db('audit_events').where({ id: old.id }).first('id');
  };
  // What a simulated mail said goes with the link in it.
  const mail = (await set.here.db('mails').orderBy('at', 'desc').first('id', 'body'))!;
  expect(mail.body).toContain('/join/');
  const bodyAfter = async (days: number) => {
    await set.here.db('mails').update({ at: new Date(Date.now() - days * dayMs) });
    await doChores(set.here.unscoped, new Date());
    return (await set.here.db('mails').where({ id: mail.id }).first('body'))!.body;
  };
  expect(await bodyAfter(6.9)).toBe(mail.body);
  expect(await bodyAfter(7.1)).toBe('');

  expect(await ages(364.9)).toBeDefined();
  expect(await ages(365.1)).toBeUndefined();
});
