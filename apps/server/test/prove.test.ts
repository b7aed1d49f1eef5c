import { addDays, changeOver, dayAt, fromMph } from '@wrightonic/core';
import { v7 } from 'uuid';
import { fixtures } from './fixtures';
import { form, logs } from './testServer';

const zone = 'Europe/London';
let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

const today = dayAt(new Date(), zone);
const ago = (days: number) => addDays(today, -days);

/** A finished look of some days ago. */
async function look(athleteId: string, daysAgo: number, findings: Record<string, number>): Promise<string> {
  const at = `${ago(daysAgo)}T16:00:00.000Z`;
  const { id, events } = logs.look(athleteId, findings);
  await set.owner.post('/log', { events: events.map((event) => ({ ...event, at })) });
  return id;
}

async function somebody(givenName: string, more: Record<string, unknown> = {}): Promise<string> {
  const athlete = form({ givenName, ...more });
  await set.owner.post('/athletes', athlete);
  return athlete.id as string;
}

/** Some like pitches of a day around a usual velocity, mph. */
const measure = (athleteId: string, daysAgo: number, mph: number) =>
  set.owner.post(`/athletes/${athleteId}/throws/import`, {
    throws: [-0.4, -0.2, 0, 0, 0.2, 0.4].map((off) => ({
      id: v7(),
      date: ago(daysAgo),
      time: '',
      velocity: fromMph(mph + off),
      effort: 90,
      pitch: 'fastball',
      ballG: 145,
      kind: 'practice',
      sides: null,
    })),
  });

describe('a flaw that is back again', () => {
  const flaw = 'oh.lift-stall';
  let id: string;
  const reopen = (more: Record<string, unknown> = {}) =>
    set.owner.post(`/athletes/${id}/reopened`, { flaw, traceId: v7(), planId: v7(), ...more });

  it('goes on with its last ladder one rung below where that ended, and the other half where it stands', async () => {
    id = await somebody('Levi');
    const firstLook = await look(id, 60, { [flaw]: 3, 'oh.glove-pull': 2 });
    const trace = { id: v7(), lookId: firstLook, lower: flaw, arm: 'oh.glove-pull', reason: 'Both of them' };
    expect((await set.owner.post(`/athletes/${id}/traces`, trace)).status).toBe(201);
    const plan = { id: v7(), traceId: trace.id, startsOn: ago(60), weeks: 8, templateId: null };
    expect((await set.owner.post(`/athletes/${id}/plans`, plan)).status).toBe(201);
    const move = (thread: string, to: string) =>
      set.owner.post(`/plans/${plan.id}/stage-moves`, { id: v7(), thread, to, reason: 'Ready' });
    const before = (await set.owner.whole(id)).body.plan;
    const rungs: string[] = before.threads[0].stages.map(({ stage }: { stage: string }) => stage);
    const ended = rungs.indexOf('move');
    await move('lower', 'move');
    await look(id, 40, { [flaw]: 1 });
    await look(id, 20, { [flaw]: 0 });
    // Nothing is back yet.
    expect((await reopen()).status).toBe(409);
    // What the look would propose for the other half by now is not asked.
    await look(id, 2, { [flaw]: 2, 'oh.late-hand': 3 });
    const planId = v7();
    expect((await reopen({ planId })).status).toBe(201);
    const { body } = await set.owner.whole(id);
    expect(body.plan.id).toBe(planId);
    const [lower, arm] = body.plan.threads;
    expect(lower).toMatchObject({ thread: 'lower', focus: flaw, stage: rungs[ended - 1] });
    expect(arm).toMatchObject({ thread: 'arm', focus: 'oh.glove-pull', stage: before.threads[1].stage });
    type Rungs = { stages: { drills: { drill: string }[] }[] };
    const drills = ({ stages }: Rungs) => stages.flatMap((rung) => rung.drills.map(({ drill }) => drill));
    expect(drills(lower)).toEqual(drills(before.threads[0]));
    expect(body.trace.chosen.lower).toBe(flaw);
    // Sent again it makes no second one.
    expect((await reopen({ planId })).status).toBe(201);
    expect((await set.owner.whole(id)).body.plan.id).toBe(planId);
  });

  it('needs a ladder to go on with', async () => {
    id = await somebody('Nan');
    for (const [n, grade] of [2, 0, 0, 3].entries()) await look(id, 60 - 15 * n, { [flaw]: grade });
    const { status, body } = await reopen();
    expect([status, body.error]).toEqual([409, expect.stringContaining('no ladder')]);
  });

  it('is no flaw of another kind', async () => {
    const { status, body } = await reopen({ flaw: 'oh.no-such-flaw' });
    expect([status, body.fields[0].field]).toEqual([422, 'flaw']);
  });
});

describe('what stands beside the velocity', () => {
  it('is told lane by lane, with the absence and the target', async () => {
    const id = await somebody('Pip');
    await look(id, 50, { 'oh.jump': 2 });
    await measure(id, 48, 61);
    await measure(id, 20, 63);
    await set.owner.post(`/athletes/${id}/sizes`, { id: v7(), date: ago(30), heightCm: 160, massKg: null });
    const course = async () => (await set.owner.get(`/athletes/${id}/course`)).body.course;
    expect(await course()).toMatchObject({
      breaks: [{ from: ago(48), to: ago(20), days: 28 }],
      sizes: [{ date: ago(30), heightCm: 160, massKg: null }, { date: today }],
      target: null,
    });
    const target = (velocity: number | null, by: string | null = null) =>
      set.owner.post(`/athletes/${id}/targets`, { id: v7(), velocity, by });
    await target(30, '2031-01-01');
    expect((await course()).target).toEqual({ velocity: 30, by: '2031-01-01' });
    await target(null);
    expect((await course()).target).toBeNull();
    expect((await target(4.9)).body.fields[0].field).toBe('velocity');
    expect((await target(60.1)).body.fields[0].field).toBe('velocity');
  });
});

describe('a report', () => {
  it('stays as it was sent, names no flaw unless asked, and can be taken back', async () => {
    const id = await somebody('Rye');
    const [before, after] = [await look(id, 40, { 'oh.jump': 3 }), await look(id, 3, { 'oh.jump': 1 })];
    const make = async (more: Record<string, unknown> = {}) =>
      set.owner.post(`/athletes/${id}/reports`, { id: v7(), days: 30, before, after, names: false, ...more });
    const made = await make();
    expect(made.status).toBe(201);
    const open = (token: string) => set.nobody.get(`/progress-reports/${token}`);
    const told = await open(made.body.token);
    expect(told.body.words.movement).toContain('The one thing in Rye’s delivery that needed work is better');
    expect(JSON.stringify(told.body)).not.toMatch(/oh\.|Jumps/);
    await measure(id, 1, 70);
    expect((await open(made.body.token)).body).toEqual(told.body);
    const named = await make({ names: true });
    expect((await open(named.body.token)).body.changes[0]).toMatchObject({ name: 'Jumps off the rubber' });
    await set.owner.post(`/reports/${made.body.id}/end`, { id: v7() });
    expect((await open(made.body.token)).status).toBe(404);
    expect((await set.owner.get(`/athletes/${id}/reports`)).body).toHaveLength(2);
    const unchosen = await open((await make({ before: null, after: null })).body.token);
    expect(unchosen.body).toMatchObject({ before: told.body.before, after: told.body.after });
    expect(unchosen.body.words.movement).toBe(told.body.words.movement);
    expect((await make({ before: after, after: before })).body.fields[0].field).toBe('before');
    expect((await make({ before: v7() })).body.fields[0].field).toBe('before');
  });

  it('is two pages of paper, for whoever is signed in and for whoever has the link', async () => {
    const id = await somebody('Una');
    const only = await look(id, 3, { 'oh.jump': 1 });
    const wish = { id: v7(), days: 1, before: null, after: null, names: true };
    const first = await set.owner.post(`/athletes/${id}/reports`, wish);
    const { body: told } = await set.nobody.get(`/progress-reports/${first.body.token}`);
    expect([told.before, told.words.movement]).toEqual([
      null,
      expect.stringMatching(/^There is one look so far/),
    ]);
    const pages = async (path: string) => {
      const text = Buffer.from(await (await set.owner.raw(path)).arrayBuffer()).toString('latin1');
      return text.match(/\/Type \/Page\b/g)?.length;
    };
    expect(await pages(`/athletes/${id}/report.pdf?after=${only}`)).toBe(2);
    expect(await pages(`/athletes/${id}/report.pdf`)).toBe(2);
    const made = await set.owner.post(`/athletes/${id}/reports`, {
      id: v7(),
      days: 1,
      before: null,
      after: only,
      names: true,
    });
    expect(await pages(`/progress-reports/${made.body.token}/report.pdf`)).toBe(2);
    expect((await set.owner.get(`/athletes/${id}/report.pdf?names=perhaps`)).status).toBe(422);
  });
});

describe('over the roster', () => {
  it('tells who moved, who did not and who was not measured', async () => {
    const [fast, same, once] = [await somebody('Abel'), await somebody('Bea'), await somebody('Cal')];
    await measure(fast, 60, 60);
    await measure(fast, 10, 66);
    await measure(same, 60, 60);
    await measure(same, 10, 60.2);
    await measure(once, 10, 60);
    const over = async (from: string, to: string) => set.owner.get(`/progress?from=${from}&to=${to}`);
    const { body } = await over(ago(90), today);
    const verdict = (id: string) => body.athletes.find((each: { id: string }) => each.id === id).verdict;
    expect([verdict(fast), verdict(same), verdict(once)]).toEqual(['faster', 'unchanged', 'one session']);
    // The roster says the same as the athlete's own page, which reads every session.
    for (const id of [fast, same]) {
      const { velocities } = (await set.owner.get(`/athletes/${id}/prove`)).body;
      const own = changeOver(velocities, ago(90), today);
      const entry = body.athletes.find((each: { id: string }) => each.id === id);
      expect(entry.verdict).toBe(own.verdict);
      expect(entry.needed).toBeCloseTo(own.change!.needed, 9);
    }
    const lately = (await over(ago(30), today)).body.athletes;
    expect(lately.find((each: { id: string }) => each.id === fast).verdict).toBe('one session');
    expect((await over(today, ago(1))).status).toBe(422);
    expect((await over('someday', today)).body.fields[0].field).toBe('from');
  });

  it('holds what was cleared against what was not, and says that few are too few', async () => {
    const id = await somebody('Dov');
    await look(id, 60, { 'oh.jump': 3 });
    await measure(id, 59, 60);
    await look(id, 10, { 'oh.jump': 0 });
    await measure(id, 9, 62);
    const { body } = await set.owner.get('/worth');
    expect(body.find(({ flaw }: { flaw: string }) => flaw === 'oh.jump')).toMatchObject({
      n: 1,
      say: 'too few',
    });
  });
});
