import { campSession } from '@wrightonic/contract';
import { addDays, dayAt, venueInstant } from '@wrightonic/core';
import { v7 } from 'uuid';
import { campers, memberRow, newCamp, plannedCamp, signUp, smallSetup } from './campFixtures';
import { fixtures } from './fixtures';
import { browser, logs, type Browser } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
let athletes: string[];
beforeAll(async () => {
  set = await fixtures({ camp: true });
  athletes = await campers(set.owner);
});
afterAll(() => set.here.end());

const file = async (who: Browser, path: string) => {
  const response = await who.raw(path);
  const type = response.headers.get('content-type')!.split(';')[0];
  return { status: response.status, type, text: await response.text() };
};
const record = async (id: string) => (await set.owner.get(`/camps/${id}`)).body;

describe('on the day', () => {
  const today = dayAt(new Date(), 'Europe/London');
  it('two who log one group make one session, and nothing is there twice', async () => {
    const setup = smallSetup({ firstDay: today, lastDay: today, blocks: [] });
    const camp = newCamp({ from: 'nothing', firstDay: today, lastDay: today });
    await set.owner.post('/camps', camp);
    await set.owner.put(`/camps/${camp.id}/setup`, { id: v7(), before: camp.setupId, setup });
    const [athleteId] = athletes;
    await set.owner.post(`/camps/${camp.id}/members`, { members: [memberRow(athleteId!)] });
    const session = campSession(camp.id, athleteId!, venueInstant(today, '00:00', 'Europe/London'));
    const begun = {
      id: session.id,
      at: session.at,
      kind: 'session-begun',
      athleteId,
      planId: null,
      zone: 'Europe/London',
      date: today,
    };
    const ended = {
      id: session.endId,
      at: session.at,
      kind: 'session-ended',
      sessionId: session.id,
      note: 'Camp',
    };
    const thrown = (velocity: number) =>
      logs.event('throw', {
        sessionId: session.id,
        drill: null,
        velocity,
        effort: 85,
        pitch: 'fastball',
        ballG: 145,
      });
    const [first, second] = [thrown(25), thrown(26)];
    const said = { campId: camp.id, athleteId, date: today, restriction: '', pickedUpBy: '' };
    const checkedIn = logs.event('camp-checked-in', { ...said, state: 'present' });
    for (const [who, events] of [
      [set.owner, [begun, ended, first, checkedIn]],
      [set.assistant, [begun, ended, second]],
      [set.owner, [begun, ended, first]],
    ] as const) {
      const { body } = await who.post('/log', { events });
      expect(body.responses.every(({ stored }: { stored: boolean }) => stored)).toBe(true);
    }
    const { body } = await set.owner.get(`/camps/${camp.id}/days/${today}`);
    expect(body.athletes[0].throws.map(({ velocity }: { velocity: number }) => velocity).sort()).toEqual([
      25, 26,
    ]);
    expect((await record(camp.id)).members[0].checkIns).toEqual([
      { date: today, state: 'present', restriction: '', pickedUpBy: '' },
    ]);
    // The session of a camp leaves nothing open for the next lesson.
    expect((await set.owner.get(`/athletes/${athleteId}/open-session`)).body.session).toBeNull();
    expect((await set.owner.get(`/camps/${camp.id}/days/2031-01-01`)).status).toBe(404);
  });
});

describe('around a camp', () => {
  it('signs up behind a link, and shows nothing else', async () => {
    const { id } = await plannedCamp(set.owner, athletes.slice(0, 3));
    const link = { id: v7(), kind: 'sign-up', athleteId: null, days: 30 };
    const { body: made } = await set.owner.post(`/camps/${id}/links`, link);
    expect((await set.owner.post(`/camps/${id}/links`, link)).status).toBe(409);
    const page = await set.nobody.get(`/camp-sign-up/${made.token}`);
    expect(page.body).toEqual({
      academy: 'first',
      name: 'Summer camp',
      venue: 'The barn',
      firstDay: '2031-07-14',
      lastDay: '2031-07-15',
    });
    const wish = signUp();
    expect((await set.nobody.post(`/camp-sign-up/${made.token}`, wish)).status).toBe(201);
    await set.nobody.post(`/camp-sign-up/${made.token}`, wish);
    const wrong = await set.nobody.post(
      `/camp-sign-up/${made.token}`,
      signUp({ phone: '', birthdate: '2031-01-01' }),
    );
    expect(wrong.body.fields.map(({ field }: { field: string }) => field).sort()).toEqual([
      'birthdate',
      'phone',
    ]);
    const { body: open } = await set.owner.get(`/camps/${id}/sign-ups`);
    expect(open).toMatchObject([{ givenName: 'Perrin', phone: '01632 960123' }]);
    await set.owner.post(`/camps/${id}/sign-ups/${wish.id}/end`, { id: v7(), athleteId: null });
    expect((await set.owner.get(`/camps/${id}/sign-ups`)).body).toEqual([]);
    await set.owner.post(`/camps/${id}/links/${link.id}/end`, { id: v7() });
    expect((await set.nobody.get(`/camp-sign-up/${made.token}`)).status).toBe(404);
  });

  it('prints every paper, writes every table, and a card shows one athlete alone', async () => {
    const { id } = await plannedCamp(set.owner, athletes.slice(0, 3));
    for (const what of ['stations', 'groups', 'coaches', 'labels', 'cards']) {
      const { status, type } = await file(set.owner, `/camps/${id}/papers/${what}.pdf`);
      expect([what, status, type]).toEqual([what, 200, 'application/pdf']);
    }
    const { text } = await file(set.owner, `/camps/${id}/tables/schedule.csv`);
    expect(text.split('\r\n')[1]).toMatch(/^Camper0,Ablethorpe,2031-07-14,09:20,25,/);
    expect((await set.owner.get(`/camps/${id}/papers/menu.pdf`)).status).toBe(404);
    const wish = { id: v7(), kind: 'card', athleteId: athletes[0], days: 30 };
    const { body: made } = await set.owner.post(`/camps/${id}/links`, wish);
    expect((await file(set.nobody, `/camp-cards/${made.token}`)).type).toBe('application/pdf');
    const stranger = { ...wish, id: v7(), athleteId: athletes[5] };
    expect((await set.owner.post(`/camps/${id}/links`, stranger)).status).toBe(404);
  });

  it('makes plans for home in one go, and says who gets none', async () => {
    const seen = athletes[6]!;
    await set.owner.post('/log', { events: logs.look(seen, { 'oh.shoulders-early': 3 }).events });
    const { id } = await plannedCamp(set.owner, [seen, athletes[7]!]);
    const ids = [seen, athletes[7]!].map((athleteId) => ({ athleteId, traceId: v7(), planId: v7() }));
    const { body } = await set.owner.post(`/camps/${id}/follow-ups`, { athletes: ids });
    expect(body).toEqual({
      made: [seen],
      left: [{ athleteId: athletes[7], why: 'They have not been looked at yet.' }],
    });
    const { body: page } = await set.owner.whole(seen);
    expect(page.plan.id).toBe(ids[0]!.planId);
    const after = (await set.owner.get(`/camps/${id}/after`)).body;
    expect(after.plans).toEqual([
      { athlete: seen, state: 'planned' },
      { athlete: athletes[7], state: 'no look' },
    ]);
  });
});

describe('somebody who helps at a camp', () => {
  const today = dayAt(new Date(), 'Europe/London');
  const helperAt = async (days: { firstDay: string; lastDay: string }) => {
    const camp = newCamp(days);
    await set.owner.post('/camps', camp);
    await set.owner.post(`/camps/${camp.id}/members`, { members: [memberRow(athletes[0]!)] });
    const account = { id: v7(), name: 'Hazel', email: `${v7()}@helpers.example`, password: 'of the helpers' };
    expect((await set.owner.post(`/camps/${camp.id}/helpers`, account)).status).toBe(201);
    const helper = browser(set.here);
    await helper.signIn(account.email, account.password);
    return { camp, account, helper };
  };
  it('sees and logs that camp alone', async () => {
    const { camp, account, helper } = await helperAt({ firstDay: today, lastDay: today });
    expect((await helper.get(`/camps/${camp.id}`)).status).toBe(200);
    expect((await helper.get('/camps')).body.map(({ id }: { id: string }) => id)).toEqual([camp.id]);
    for (const path of [
      '/athletes',
      `/athletes/${athletes[0]}`,
      `/camps/${set.theirs['camp']}`,
      `/camps/${camp.id}/helpers`,
      '/lessons',
      '/planning',
    ])
      expect([path, (await helper.get(path)).status]).toEqual([path, 403]);
    const look = logs.look(athletes[0]!, { 'oh.wobble': 1 });
    const other = logs.look(athletes[5]!, { 'oh.wobble': 1 });
    const { body } = await helper.post('/log', { events: [...look.events, ...other.events] });
    expect(body.responses.map(({ stored }: { stored: boolean }) => stored)).toEqual([
      true,
      true,
      true,
      false,
      false,
      false,
    ]);
    // The address is somebody's now, in whatever letters.
    const again = { ...account, id: v7(), email: account.email.toUpperCase() };
    const taken = await set.owner.post(`/camps/${camp.id}/helpers`, again);
    expect([taken.status, taken.body.fields[0].field]).toEqual([409, 'email']);
  });
  it.each([-1, 1])('is let in on its days alone: %i day off', async (off) => {
    const day = addDays(today, off);
    const { camp, helper } = await helperAt({ firstDay: day, lastDay: day });
    expect((await helper.get(`/camps/${camp.id}`)).status).toBe(403);
  });
});
