import { addDays } from '@wrightonic/core';
import { v7 } from 'uuid';
import { fixtures, weekDay, weekOf } from './fixtures';
import { form, logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
let today: string;
beforeAll(async () => {
  set = await fixtures();
  ({ today } = (await set.owner.get('/session')).body);
});
afterAll(() => set.here.end());

const pageOf = async (id: string) => (await set.owner.whole(id)).body;

/** A new athlete of an age with a plan, and a drill of it that is thrown hard. */
async function planned(age: number, more: Record<string, unknown> = {}) {
  const athlete = form({ birthdate: `${Number(today.slice(0, 4)) - age}-01-01`, ...more });
  await set.owner.post('/athletes', athlete);
  const look = logs.look(athlete.id, { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 });
  await set.owner.post('/log', { events: look.events });
  const trace = { id: v7(), lookId: look.id, lower: 'oh.lift-stall', arm: null, reason: '' };
  await set.owner.post(`/athletes/${athlete.id}/traces`, trace);
  const plan = { id: v7(), traceId: trace.id, startsOn: today, weeks: 2 };
  await set.owner.post(`/athletes/${athlete.id}/plans`, plan);
  const { plan: made } = await pageOf(athlete.id);
  const drill = made.threads[0].stages.find(({ stage }: { stage: string }) => stage === 'deliver').drills[0];
  const assign = (days: string[], reason = '') =>
    set.owner.post(`/plans/${plan.id}/assignments`, weekOf(today, days, [drill.drill], { sets: 2, reason }));
  return { id: athlete.id as string, plan: plan.id, assign };
}

const thrown = (count: number, date: string) => ({
  throws: Array.from({ length: count }, () => ({
    id: v7(),
    date,
    time: '',
    velocity: null,
    effort: 90,
    pitch: 'fastball',
    ballG: 145,
    kind: 'game',
    sides: null,
  })),
});

it('shows what may be thrown: rest after a game, the league where it is stricter', async () => {
  const { id } = await planned(15, { league: { maxPerDay: 70, maxPerGame: null } });
  expect((await pageOf(id)).limits).toMatchObject({ maxToday: 70, leftToday: 70, restUntil: null });
  await set.owner.post(`/athletes/${id}/throws/import`, thrown(61, addDays(today, -1)));
  expect((await pageOf(id)).limits).toMatchObject({
    leftToday: 0,
    restUntil: addDays(today, 3),
    because: `3 days of rest after 61 hard throws on ${addDays(today, -1)}`,
  });
});

it('assigns no hard throws on a day of rest, nor on three days in a row, without a typed reason', async () => {
  const { id, assign } = await planned(15);
  await set.owner.post(`/athletes/${id}/throws/import`, thrown(40, addDays(today, -1)));
  const resting = await assign([today]);
  expect([resting.status, resting.body.fields[0].field]).toEqual([422, 'reason']);
  expect(resting.body.error).toContain(`no hard throws until ${addDays(today, 1)}`);
  expect((await assign([addDays(today, 1)])).status).toBe(201);
  const row = [2, 3, 4].map((n) => addDays(today, n));
  expect((await assign(row)).body.error).toContain('three days in a row');
  expect((await assign(row, 'camp week, easy throws only')).status).toBe(201);
});

it('refuses a league that cannot be', async () => {
  for (const league of [{ maxPerDay: 0, maxPerGame: null }, { maxPerDay: 50 }, null]) {
    const { status, body } = await set.owner.post('/athletes', form({ league }));
    expect([status, body.fields[0].field]).toEqual([422, expect.stringMatching(/^league/)]);
  }
});

it('keeps what others tell an athlete until it is taken back, and the notes of late sessions beside it', async () => {
  const athleteId = set.theirs['athlete']!;
  const said = logs.event('instruction', { athleteId, from: 'team coach', text: 'Push hard' });
  const [now, old] = [
    logs.session(athleteId, null, today),
    logs.session(athleteId, null, addDays(today, -60)),
  ];
  const end = (sessionId: string, note: string) => logs.event('session-ended', { sessionId, note });
  await set.owner.post('/log', {
    events: [said, said, now, end(now.id, 'Found the hip.'), old, end(old.id, 'Long ago.')],
  });
  const instructions = async () =>
    (await pageOf(athleteId)).instructions.map(({ text }: { text: string }) => text).sort();
  expect(await instructions()).toEqual(['Found the hip.', 'Push hard']);
  await set.owner.post('/log', { events: [logs.event('undo', { sessionId: null, of: said.id })] });
  expect(await instructions()).toEqual(['Found the hip.']);
});

it('plans, swaps and assigns nothing that an injury without clearance forbids, whatever the reason', async () => {
  const { id, assign } = await planned(16);
  const injury = { id: v7(), site: 'elbow', what: 'Ligament', since: addDays(today, -300), surgery: false };
  await set.owner.post(`/athletes/${id}/injuries`, injury);
  const refused = await assign([today], 'he wants to');
  expect([refused.status, refused.body.fields[0].field]).toEqual([422, 'items.0.drill']);
  expect(refused.body.error).toContain('Ligament (elbow) is not cleared: no throws above 60 %');
  const { plan } = await pageOf(id);
  const feel = plan.threads[0].stages.find(({ stage }: { stage: string }) => stage === 'feel').drills[0];
  const swap = (drill: string) =>
    set.owner.put(`/plans/${plan.id}/drills/${feel.id}`, { id: v7(), drill, dose: '2x5' });
  expect((await swap('knee-gate')).body.error).toContain('no constraint or tether drills');

  const fresh = { id: v7(), traceId: plan.traceId, startsOn: today, weeks: 2 };
  await set.owner.post(`/athletes/${id}/plans`, fresh);
  const [thread] = (await pageOf(id)).plan.threads;
  expect(thread.reachesDelivery).toBe(false);
  expect(thread.stages.map(({ stage }: { stage: string }) => stage)).not.toContain('constrain');

  await set.owner.post(`/injuries/${injury.id}/clearances`, {
    id: v7(),
    clearedBy: 'Dr. Marrable',
    date: today,
    restrictions: '',
  });
  expect((await pageOf(id)).history).toEqual([
    { site: 'elbow', what: 'Ligament', surgery: false, cleared: true },
  ]);
  expect((await swap('knee-gate')).status).toBe(200);
});

it('gives no drill to somebody too young for it', async () => {
  const { id } = await planned(11);
  const { plan } = await pageOf(id);
  const [{ id: drill }] = plan.threads[0].stages[0].drills;
  const answer = await set.owner.put(`/plans/${plan.id}/drills/${drill}`, {
    id: v7(),
    drill: 'intent-ladder',
    dose: '3x5',
  });
  expect([answer.status, answer.body.error]).toEqual([422, 'drill: Effort ladder: from age 13 on']);
});

it('keeps who cleared the throws that pain had locked, and why', async () => {
  const athleteId = set.theirs['athlete']!;
  const session = logs.session(athleteId, null, today);
  const cleared = logs.event('throws-cleared', {
    sessionId: session.id,
    clearedBy: 'Dr. Marrable',
    reason: 'Skin only',
  });
  await set.owner.post('/log', { events: [session, cleared] });
  const { events } = (await set.owner.get(`/athletes/${athleteId}/open-session`)).body;
  expect(events).toContainEqual(
    expect.objectContaining({ kind: 'throws-cleared', clearedBy: 'Dr. Marrable' }),
  );
  const { body } = await set.rival.post('/log', {
    events: [logs.event('throws-cleared', { sessionId: session.id, clearedBy: 'x', reason: 'y' })],
  });
  expect(body.responses[0].stored).toBe(false);
});

it('plans the week that is worth most, keeps what is pinned, and plans anew when a game is in the way', async () => {
  const { id, plan } = await planned(15);
  const days = [0, 1, 2, 3, 4].map((n) =>
    weekDay(addDays(today, n), { kind: n % 2 ? 'lesson' : 'home', minutes: 30 }),
  );
  const wish = { from: today, days, pins: [], before: null };
  const first = await set.owner.post(`/plans/${plan}/week`, wish);
  expect(first.status).toBe(200);
  const { items, objective, bound } = first.body;
  expect(items.length).toBeGreaterThan(4);
  expect(bound - objective).toBeLessThanOrEqual(0.0101 * bound);
  const week = { id: v7(), from: today, days, items, reason: '' };
  expect((await set.owner.post(`/plans/${plan}/assignments`, week)).status).toBe(201);
  // The same again is the same week.
  expect((await set.owner.post(`/plans/${plan}/assignments`, week)).status).toBe(201);
  const { assignment } = (await pageOf(id)).plan;
  expect(
    assignment.items.map(({ date, drill, sets }: Record<string, unknown>) => ({ date, drill, sets })),
  ).toEqual(items);

  const pins = [{ drill: 'hip-first-lean', date: days[2]!.date, sets: 0 }];
  const anew = (await set.owner.post(`/plans/${plan}/week`, { ...wish, pins, before: items })).body;
  const on = (list: { date: string; drill: string }[], n: number) =>
    list.filter(({ date }) => date === days[n]!.date).map(({ drill }) => drill);
  expect(on(anew.items, 2)).not.toContain('hip-first-lean');
  const same = items.filter((item: object) =>
    anew.items.some((other: object) => JSON.stringify(other) === JSON.stringify(item)),
  );
  expect(same.length / items.length).toBeGreaterThan(0.6);
});
