import { dayAt } from '@wrightonic/core';
import type { AthletePage, LogResponse, OpenSession, RosterEntry } from '@wrightonic/contract';
import { v7 } from 'uuid';
import { weekOf } from './fixtures';
import { academy, browser, form, logs, testServer, type Browser, type TestServer } from './testServer';

let here: TestServer;
let me: Browser;
const today = dayAt(new Date(), 'Europe/London');
const findings = { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2, 'oh.glove-pull': 1, 'oh.wobble': 0 };

beforeAll(async () => {
  here = await testServer();
  const { email } = await academy(here, 'barn');
  me = browser(here);
  expect((await me.signIn(email('instructor'))).status).toBe(200);
});
afterAll(() => here.end());

const page = async (id: string) => (await me.whole<AthletePage>(id)).body;
const send = async (...events: unknown[]) =>
  (await me.post<{ responses: LogResponse[] }>('/log', { events })).body.responses;

/** An athlete with a traced look. */
async function traced(more = {}) {
  const athlete = form(more);
  expect((await me.post('/athletes', athlete)).status).toBe(201);
  const look = logs.look(athlete.id, findings);
  await send(...look.events);
  const trace = { id: v7(), lookId: look.id, lower: 'oh.lift-stall', arm: 'oh.glove-pull', reason: '' };
  return { athlete, look, trace };
}

describe('the whole loop', () => {
  it('goes from a look to figures that were counted', async () => {
    const { athlete, trace } = await traced({ givenName: 'Loop' });
    const { id } = athlete;
    expect((await page(id)).due.verb).toBe('trace');

    expect((await me.post(`/athletes/${id}/traces`, trace)).status).toBe(201);
    let now = await page(id);
    expect(now.trace).toMatchObject({
      chosen: { lower: 'oh.lift-stall', arm: 'oh.glove-pull' },
      by: 'instructor of barn',
    });
    expect(now.trace!.result.total).toBe(6);
    expect(now.due.verb).toBe('build');

    const plan = { id: v7(), traceId: trace.id, startsOn: today, weeks: 6 };
    expect((await me.post(`/athletes/${id}/plans`, plan)).status).toBe(201);
    now = await page(id);
    expect(
      now.plan!.threads.map(({ thread, focus, reachesDelivery }) => [thread, focus, reachesDelivery]),
    ).toEqual([
      ['lower', 'oh.lift-stall', true],
      ['arm', 'oh.glove-pull', true],
    ]);
    const lower = now.plan!.threads[0]!;
    const drill = lower.stages.find(({ stage }) => stage === lower.stage)!.drills[0]!;

    const week = weekOf(today, [today], [drill.drill]);
    expect((await me.post(`/plans/${plan.id}/assignments`, week)).status).toBe(201);
    now = await page(id);
    expect(now.due.verb).toBe('work');
    expect(now.plan!.assignment).toMatchObject({
      from: today,
      items: [{ date: today, drill: drill.drill, sets: 1, planned: drill.id }],
    });

    const session = logs.session(id, plan.id, today);
    const reps = Array.from({ length: 20 }, (_, n) =>
      logs.event('rep', { sessionId: session.id, drill: drill.drill, outcome: n < 18 ? 'clean' : 'missed' }),
    );
    const throws = [31, 32, 33, 32, 31].map((velocity) =>
      logs.event('throw', {
        sessionId: session.id,
        drill: null,
        velocity,
        effort: 90,
        pitch: 'fastball',
        ballG: 145,
      }),
    );
    const answers = await send(
      session,
      ...reps,
      ...throws,
      logs.event('session-ended', { sessionId: session.id, note: 'good' }),
    );
    expect(answers.every(({ stored }) => stored)).toBe(true);
    now = await page(id);
    const counted = now
      .plan!.threads[0]!.stages.flatMap(({ drills }) => drills)
      .find((each) => each.id === drill.id)!;
    expect(counted.gate).toMatchObject({ n: 20, k: 18, decision: 'up' });
    expect(now.velocities).toEqual([
      expect.objectContaining({ date: today, n: 5, top: 33, usual: 32, robustSd: expect.closeTo(1.4826, 4) }),
    ]);
    expect(now.limits).toMatchObject({ hardToday: 5, thrownToday: 5, maxToday: 95, leftToday: 90 });
    expect(now.sessions[0]).toMatchObject({ ended: true, note: 'good', date: today });

    const next = lower.stages[lower.stages.findIndex(({ stage }) => stage === lower.stage) + 1]!.stage;
    const move = { id: v7(), thread: 'lower', to: next, reason: '' };
    expect((await me.post(`/plans/${plan.id}/stage-moves`, move)).status).toBe(201);
    expect((await page(id)).plan!.threads[0]!.stage).toBe(next);
  });
});

describe('the log', () => {
  it('may be sent twice, and in any parts', async () => {
    const { athlete, look } = await traced({ givenName: 'Twice' });
    const again = await send(...look.events);
    expect(again.every(({ stored }) => stored)).toBe(true);
    const { looks } = await page(athlete.id);
    expect(looks).toHaveLength(1);
    expect(looks[0]).toMatchObject({ finished: true, findings });
  });

  it('keeps a look half done, with the newest grade of each checkpoint', async () => {
    const athlete = form();
    await me.post('/athletes', athlete);
    const { id: lookId, events } = logs.look(athlete.id, { 'oh.wobble': 1 });
    const grade = (severity: number | null) => logs.event('finding', { lookId, node: 'oh.wobble', severity });
    await send(...events.slice(0, 2), grade(3));
    expect((await page(athlete.id)).looks[0]).toMatchObject({
      finished: false,
      findings: { 'oh.wobble': 3 },
    });
    await send(grade(null));
    const now = await page(athlete.id);
    expect(now.looks[0]!.findings).toEqual({});
    expect(now.due).toEqual({ verb: 'look', next: 'Finish the look you began' });
    // Nothing is overwritten: every grade is still there.
    const rows = await here.db('findings').where({ look_id: lookId }).orderBy('id');
    expect(rows.map(({ severity, replaces }) => [severity, replaces !== null])).toEqual([
      [1, false],
      [3, true],
      [null, true],
    ]);
  });

  it('stores what is good of a batch and says of the rest why not', async () => {
    const athlete = form();
    await me.post('/athletes', athlete);
    const session = logs.session(athlete.id, null, today);
    const rep = (more = {}) =>
      logs.event('rep', { sessionId: session.id, drill: 'hip-first-lean', outcome: 'clean', ...more });
    const lost = rep({ sessionId: v7() });
    const answers = await send(session, rep(), rep({ drill: 'juggling' }), lost, 'nonsense', rep());
    expect(answers.map(({ stored }) => stored)).toEqual([true, true, false, false, false, true]);
    expect(answers[2]!.why).toContain('drill');
    expect(answers[3]).toEqual({ id: lost.id, stored: false, why: 'What it belongs to is not here.' });
  });

  it('takes back a rep without losing it from the history', async () => {
    const athlete = form();
    await me.post('/athletes', athlete);
    const session = logs.session(athlete.id, null, today);
    const rep = (outcome: string) =>
      logs.event('rep', { sessionId: session.id, drill: 'hip-first-lean', outcome });
    const [good, bad] = [rep('clean'), rep('missed')];
    const undo = logs.event('undo', { sessionId: session.id, of: bad.id });
    await send(session, good, bad, undo, undo);
    const { body } = await me.get<OpenSession>(`/athletes/${athlete.id}/open-session`);
    expect(body.session!.id).toBe(session.id);
    expect(body.events.map(({ id }) => id)).toEqual([good.id]);
    expect(await here.db('rep_events').where({ session_id: session.id })).toHaveLength(2);
  });

  it('marks pain on the drills of its session', async () => {
    const { athlete, trace } = await traced();
    await me.post(`/athletes/${athlete.id}/traces`, trace);
    const plan = { id: v7(), traceId: trace.id, startsOn: today, weeks: 2 };
    await me.post(`/athletes/${athlete.id}/plans`, plan);
    const drill = (await page(athlete.id)).plan!.threads[0]!.stages[1]!.drills[0]!.drill;
    const session = logs.session(athlete.id, plan.id, today);
    const reps = Array.from({ length: 12 }, () =>
      logs.event('rep', { sessionId: session.id, drill, outcome: 'clean' }),
    );
    const pain = { sessionId: session.id, moment: 'before', level: 'pain', score: null, site: 'elbow' };
    await send(session, logs.event('pain', pain), ...reps);
    const counted = (await page(athlete.id)).plan!.threads[0]!.stages[1]!.drills[0]!;
    expect(counted.gate.decision).toBe('back');
    expect(counted.recent).toEqual([{ session: session.id, level: null, clean: 12, missed: 0, pain: true }]);
  });
});

describe('plans', () => {
  it('swap a drill, once, and an assignment follows', async () => {
    const { athlete, trace } = await traced();
    await me.post(`/athletes/${athlete.id}/traces`, trace);
    const plan = { id: v7(), traceId: trace.id, startsOn: today, weeks: 2 };
    await me.post(`/athletes/${athlete.id}/plans`, plan);
    const old = (await page(athlete.id)).plan!.threads[0]!.stages.at(-1)!.drills[0]!;
    await me.post(`/plans/${plan.id}/assignments`, weekOf(today, [today], [old.drill]));
    const fresh = { id: v7(), drill: 'hip-first-lean', dose: '3x5 hold 3 s' };
    expect((await me.put(`/plans/${plan.id}/drills/${old.id}`, fresh)).status).toBe(200);
    // The same swap again is the same swap; another one comes too late.
    expect((await me.put(`/plans/${plan.id}/drills/${old.id}`, fresh)).status).toBe(200);
    expect((await me.put(`/plans/${plan.id}/drills/${old.id}`, { ...fresh, id: v7() })).status).toBe(409);
    const now = (await page(athlete.id)).plan!;
    expect(now.threads[0]!.stages.at(-1)!.drills.find(({ id }) => id === fresh.id)).toMatchObject(fresh);
    expect(now.assignment!.items).toEqual([
      { date: today, drill: fresh.drill, sets: 1, planned: fresh.id, dose: '1x5 hold 3 s' },
    ]);
  });

  it('ask for a reason before more throws than the age allows', async () => {
    const { athlete, trace } = await traced({ birthdate: `${Number(today.slice(0, 4)) - 11}-01-01` });
    await me.post(`/athletes/${athlete.id}/traces`, trace);
    const plan = { id: v7(), traceId: trace.id, startsOn: today, weeks: 2 };
    await me.post(`/athletes/${athlete.id}/plans`, plan);
    const all = (await page(athlete.id)).plan!.threads.flatMap(({ stages }) =>
      stages.flatMap(({ drills }) => drills),
    );
    const drills = [...new Set(all.map(({ drill }) => drill))];
    const week = weekOf(today, [today], drills, { sets: 5 });
    const refused = await me.post(`/plans/${plan.id}/assignments`, week);
    expect([refused.status, refused.body.fields[0].field]).toEqual([422, 'reason']);
    expect(refused.body.error).toMatch(/throws counted: at most 85 a day at age 11/);
    expect(
      (await me.post(`/plans/${plan.id}/assignments`, { ...week, reason: 'two days of camp' })).status,
    ).toBe(201);
  });
});

describe('the roster', () => {
  it('shows every athlete with the newest findings, the focus and what is due', async () => {
    const { athlete, trace } = await traced({ givenName: 'Rosta', throws: 'L' });
    await me.post(`/athletes/${athlete.id}/traces`, trace);
    const { body } = await me.get<RosterEntry[]>('/athletes');
    expect(body.find(({ id }) => id === athlete.id)).toMatchObject({
      givenName: 'Rosta',
      throws: 'L',
      findings,
      focus: { lower: 'oh.lift-stall', arm: 'oh.glove-pull' },
      due: { verb: 'build' },
    });
    expect(body.map(({ givenName }) => givenName)).toEqual(body.map(({ givenName }) => givenName).sort());
  });

  it('keeps what stood there before a change', async () => {
    const athlete = form();
    await me.post('/athletes', athlete);
    const { id, ...rest } = athlete;
    expect((await me.put(`/athletes/${id}`, { ...rest, familyName: 'Moss', heightCm: null })).status).toBe(
      200,
    );
    expect((await page(id)).athlete).toMatchObject({ familyName: 'Moss', heightCm: null });
    const [row] = await here.db('audit').where({ subject: id });
    expect(JSON.parse(row!.was!)).toMatchObject({ familyName: 'Ablethorpe' });
  });

  it('puts a lesson on its day at the venue', async () => {
    const athlete = form();
    await me.post('/athletes', athlete);
    const lesson = {
      id: v7(),
      athleteId: athlete.id,
      date: today,
      time: '23:30',
      minutes: 30,
      place: 'Mound',
    };
    expect((await me.post('/lessons', lesson)).status).toBe(201);
    const { body } = await me.get('/lessons');
    expect(body).toContainEqual(expect.objectContaining({ id: lesson.id, minutes: 30, place: 'Mound' }));
  });
});
