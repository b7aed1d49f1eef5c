import type { Lesson } from '@wrightonic/contract';
import { addDays } from '@wrightonic/core';
import ICAL from 'ical.js';
import { v7 } from 'uuid';
import { fixtures, weekOf } from './fixtures';
import { browser, logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
let today: string;
let athlete: string;
beforeAll(async () => {
  set = await fixtures();
  ({ today } = (await set.owner.get('/session')).body);
  athlete = set.theirs['athlete']!;
});
afterAll(() => set.here.end());

const plan = async (date: string, time: string, weeks = 0) => {
  const ids = [v7(), ...Array.from({ length: weeks }, () => v7())];
  const lesson = {
    id: ids[0],
    athleteId: athlete,
    date,
    time,
    minutes: 45,
    place: 'Cage 1',
    weekly: ids.slice(1),
  };
  for (let twice = 0; twice < 2; twice++) expect((await set.owner.post('/lessons', lesson)).status).toBe(201);
  return ids as [string, ...string[]];
};
const change = async (lessonId: string, state: string, more: object = {}) => {
  const fields = { lessonId, state, startsAt: null, place: null, reason: '', rest: false, ...more };
  return (await set.owner.post('/log', { events: [logs.event('lesson-changed', fields)] })).body.responses[0];
};
const read = async (from: string, days: number): Promise<Lesson[]> =>
  (await set.owner.get(`/lessons?from=${from}&days=${days}`)).body;
const states = async (from: string, days = 35) =>
  (await read(from, days)).map(({ startsAt, state }) => [startsAt.slice(0, 10), state]);
const ahead = async () =>
  (await set.owner.whole(athlete)).body.upcoming.map(({ date }: { date: string }) => date);

it('repeats weekly at the same time of day, across a change of the clocks', async () => {
  await plan('2027-03-18', '16:30', 2);
  const found = await read('2027-03-15', 28);
  expect(found.map(({ startsAt }) => startsAt)).toEqual([
    '2027-03-18T16:30:00.000Z',
    '2027-03-25T16:30:00.000Z',
    '2027-04-01T15:30:00.000Z',
  ]);
  expect(new Set(found.map(({ series }) => series)).size).toBe(1);
});

it('moves a lesson to another day, and says where it was', async () => {
  const [id] = await plan('2027-05-03', '16:00');
  const to = '2027-05-05T09:15:00.000Z';
  expect(await change(id, 'moved', { startsAt: to, place: 'Field' })).toMatchObject({ stored: true });
  expect(await read('2027-05-03', 1)).toEqual([]);
  expect(await read('2027-05-05', 1)).toMatchObject([
    { id, startsAt: to, place: 'Field', state: 'moved', movedFrom: '2027-05-03T15:00:00.000Z' },
  ]);
  await change(id, 'on');
  expect(await states('2027-05-03', 3)).toEqual([['2027-05-03', 'on']]);
});

it('calls off one of a series, or all from one on', async () => {
  const ids = await plan('2027-06-01', '16:00', 4);
  // Each knows how many a change from it on is for, and nobody else's lesson counts.
  await plan('2027-06-15', '18:00', 1);
  const at = async (from: string) => (await read(from, 1)).map(({ fromHere }) => fromHere);
  expect(await at('2027-06-01')).toEqual([5]);
  expect(await at('2027-06-15')).toEqual([3, 2]);
  expect(await at('2027-06-29')).toEqual([1]);
  await plan('2027-06-02', '16:00');
  expect(await at('2027-06-02')).toEqual([1]);
  await change(ids[1]!, 'called-off', { reason: 'holiday' });
  await change(ids[3]!, 'called-off', { rest: true });
  const ofThese = async () =>
    (await read('2027-06-01', 35)).filter(({ id }) => ids.includes(id)).map(({ state }) => state);
  const expected = ['on', 'called-off', 'on', 'called-off', 'called-off'];
  expect(await ofThese()).toEqual(expected);
  // A later word on one of them counts for that one.
  await change(ids[4]!, 'on');
  expect((await ofThese()).at(-1)).toBe('on');
});

it('expects nobody at a lesson that does not take place', async () => {
  const date = addDays(today, 3);
  const [id] = await plan(date, '16:00');
  expect(await ahead()).toContain(date);
  for (const state of ['rained-off', 'no-show', 'called-off']) {
    await change(id, state);
    expect([state, (await ahead()).includes(date)]).toEqual([state, false]);
  }
  const later = addDays(today, 5);
  await change(id, 'moved', { startsAt: `${later}T12:00:00.000Z` });
  expect(await ahead()).toEqual(expect.arrayContaining([later]));
});

it('refuses changes that say too little or are not of this academy', async () => {
  const [id] = await plan('2027-07-01', '16:00');
  for (const [state, more, why] of [
    ['moved', {}, 'startsAt'],
    ['called-off', { startsAt: '2027-07-02T10:00:00.000Z' }, 'startsAt'],
    ['no-show', { rest: true }, 'rest'],
    ['snowed-in', {}, 'state'],
  ] as const)
    expect(await change(id, state, more)).toMatchObject({ stored: false, why: expect.stringContaining(why) });
  const fields = { lessonId: id, state: 'on', startsAt: null, place: null, reason: '', rest: false };
  const { body } = await set.rival.post('/log', { events: [logs.event('lesson-changed', fields)] });
  expect(body.responses[0].stored).toBe(false);
  for (const query of ['from=2027-02-30', 'days=0', 'days=43', 'until=2027-01-01'])
    expect([query, (await set.owner.get(`/lessons?${query}`)).status]).toEqual([query, 422]);
});

it('is a calendar of the instructor’s own lessons, until its address is renewed', async () => {
  const nobody = browser(set.here);
  const feed = async () => (await set.owner.post('/feeds', { id: v7() })).body.token as string;
  const old = await feed();
  const token = await feed();
  expect((await nobody.raw(`/feeds/${old}/lessons.ics`)).status).toBe(404);
  const [id] = await plan(addDays(today, 9), '10:00');
  await change(id, 'rained-off');
  const answer = await nobody.raw(`/feeds/${token}/lessons.ics`);
  expect(answer.headers.get('content-type')).toContain('text/calendar');
  const text = await answer.text();
  expect(text).not.toContain('Ablethorpe');
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent');
  const mine = events.find((each) => String(each.getFirstPropertyValue('uid')).startsWith(id))!;
  expect(mine.getFirstPropertyValue('status')).toBe('CANCELLED');
  expect(mine.getFirstPropertyValue('summary')).toBe('Wren');
  const rival = (await set.rival.post('/feeds', { id: v7() })).body.token;
  expect(await (await nobody.raw(`/feeds/${rival}/lessons.ics`)).text()).not.toContain('VEVENT');
});

it('says who marked pain and who did nothing of what was assigned', async () => {
  const { drillName, plan: planId } = set.theirs;
  const yesterday = addDays(today, -1);
  await set.owner.post(`/plans/${planId}/assignments`, weekOf(yesterday, [yesterday], [drillName!]));
  expect((await set.owner.get('/day')).body).toEqual({ pain: [], idle: [athlete] });
  const session = logs.session(athlete, null, today);
  const hurt = logs.event('pain', {
    sessionId: session.id,
    moment: 'before',
    level: 'pain',
    score: null,
    site: 'knee',
  });
  await set.owner.post('/log', { events: [session, hurt] });
  expect((await set.owner.get('/day')).body).toEqual({
    pain: [{ athleteId: athlete, date: today, site: 'knee', where: 'session' }],
    idle: [],
  });
  expect((await set.rival.get('/day')).body).toEqual({ pain: [], idle: [] });
});
