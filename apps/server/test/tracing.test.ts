import { v7 } from 'uuid';
import { fixtures } from './fixtures';
import { form, logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

const edit = (more: Record<string, unknown> = {}) => ({
  ...set.bodies['POST /links']!(),
  ...more,
});

/** A new athlete with one finished look. */
async function looked(findings: Record<string, number>, more: Record<string, unknown> = {}) {
  const athlete = form(more);
  await set.owner.post('/athletes', athlete);
  const look = logs.look(athlete.id, findings);
  await set.owner.post('/log', { events: look.events });
  return { athleteId: athlete.id as string, lookId: look.id };
}

const choose = (athleteId: string, choice: Record<string, unknown>) =>
  set.owner.post(`/athletes/${athleteId}/traces`, {
    id: v7(),
    lower: null,
    arm: null,
    reason: '',
    ...choice,
  });
const pageOf = async (athleteId: string) => (await set.owner.whole(athleteId)).body;
const struck = (athleteId: string, more: Record<string, unknown> = {}) =>
  logs.event('link-struck', {
    athleteId,
    cause: 'oh.lift-stall',
    effect: 'oh.lead-leg-opens',
    struck: true,
    reason: 'Comes and goes without it',
    ...more,
  });

it('traces with the links of the day, and an old trace stays as it was', async () => {
  const { athleteId, lookId } = await looked({ 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 });
  expect((await choose(athleteId, { lookId, lower: 'oh.lift-stall' })).status).toBe(201);
  const { body } = await set.owner.post('/links', edit({ weight: 0.1 }));
  expect(body.version).toBe('2+1');
  await choose(athleteId, { lookId, lower: 'oh.lift-stall' });
  const [now, then] = (await set.owner.get(`/athletes/${athleteId}/traces`)).body;
  expect(then.result.catalogue).toBe('2');
  expect(then.result.roots[0].score).toBeCloseTo(4.2, 10);
  expect(now.result.catalogue).toBe('2+1');
  expect(now.result.roots[0].score).toBeCloseTo(3.2, 10);
  expect(then.findings).toEqual({ 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 });
  expect((await pageOf(athleteId)).linkEdits).toEqual([
    { cause: 'oh.lift-stall', effect: 'oh.lead-leg-opens', weight: 0.1 },
  ]);
});

it('keeps every word on a link with who and why, and takes one twice as one', async () => {
  const twice = edit({ weight: null, reason: 'Not with ours' });
  await set.owner.post('/links', twice);
  expect((await set.owner.post('/links', twice)).status).toBe(201);
  const history = (await set.owner.get('/links')).body;
  expect(history.filter(({ id }: { id: string }) => id === (twice as unknown as { id: string }).id)).toEqual([
    expect.objectContaining({ weight: null, reason: 'Not with ours', by: expect.any(String) }),
  ]);
});

it.each([
  ['a weight over one', () => edit({ weight: 1.2 }), 422, 'weight'],
  ['no reason', () => edit({ reason: ' ' }), 422, 'reason'],
  ['an unknown cause', () => edit({ cause: 'oh.nobody' }), 422, 'cause'],
  ['two deliveries', () => edit({ effect: 'wm.stiff-arm' }), 422, 'effect'],
  ['a circle', () => edit({ cause: 'oh.shoulders-early', effect: 'oh.weight-back' }), 409, 'effect'],
] as const)('refuses %s and changes nothing', async (_, body, status, field) => {
  const before = await set.counts();
  const answer = await set.owner.post('/links', body());
  expect([answer.status, answer.body.fields[0].field]).toEqual([status, field]);
  expect(await set.counts()).toEqual(before);
});

it('spells a circle out', async () => {
  const { body } = await set.owner.post(
    '/links',
    edit({ cause: 'oh.shoulders-early', effect: 'oh.front-open-lift' }),
  );
  expect(body.error).toContain('“Front side not closed at lift” causes');
  expect(body.error).toContain('“Shoulders open early” causes “Front side not closed at lift”');
});

it('lets two owners at once not close a circle together', async () => {
  const there = edit({ cause: 'oh.eyes-off', effect: 'oh.falls-off' });
  const back = edit({ cause: 'oh.falls-off', effect: 'oh.eyes-off' });
  const answers = await Promise.all([set.owner.post('/links', there), set.owner.post('/links', back)]);
  expect(answers.map(({ status }) => status).sort()).toEqual([201, 409]);
});

it('strikes a link for one athlete with the reason in the history', async () => {
  const findings = { 'oh.early-break': 3, 'oh.early-hand': 2 };
  const { athleteId, lookId } = await looked(findings);
  const other = await looked(findings);
  const pair = { cause: 'oh.early-break', effect: 'oh.early-hand' };
  await set.owner.post('/log', { events: [struck(athleteId, pair)] });
  await choose(athleteId, { lookId, arm: 'oh.early-break' });
  await choose(other.athleteId, { lookId: other.lookId, arm: 'oh.early-break' });
  const rootsOf = async (id: string) => (await pageOf(id)).trace.result.roots;
  expect((await rootsOf(athleteId))[0].score).toBe(3);
  expect((await rootsOf(other.athleteId))[0].score).toBeGreaterThan(3);
  await set.owner.post('/log', {
    events: [struck(athleteId, { ...pair, struck: false, reason: 'It is the same after all' })],
  });
  const { strikes } = await pageOf(athleteId);
  expect(strikes.map((each: { struck: boolean }) => each.struck)).toEqual([true, false]);
  expect(strikes[0].reason).toBe('Comes and goes without it');
});

it('refuses a struck link without a reason, or of another delivery', async () => {
  const { athleteId } = await looked({ 'oh.wobble': 1 });
  const events = [struck(athleteId, { reason: '' }), struck(athleteId, { effect: 'wm.stiff-arm' })];
  const { body } = await set.owner.post('/log', { events });
  expect(body.responses.map(({ stored }: { stored: boolean }) => stored)).toEqual([false, false]);
  expect((await pageOf(athleteId)).strikes).toEqual([]);
});

it('counts how often the proposal was overruled and how that turned out', async () => {
  const before = (await set.owner.get('/calls')).body.yours;
  const { athleteId, lookId } = await looked({ 'oh.lift-stall': 3, 'oh.wobble': 1, 'oh.glove-pull': 2 });
  await choose(athleteId, { lookId, lower: 'oh.wobble', arm: 'oh.glove-pull', reason: 'Easier first' });
  const later = logs.look(athleteId, { 'oh.wobble': 0, 'oh.glove-pull': 2 });
  await set.owner.post('/log', { events: later.events });
  const after = (await set.owner.get('/calls')).body.yours;
  expect(after.overruled.calls - before.overruled.calls).toBe(1);
  expect(after.overruled.better - before.overruled.better).toBe(1);
  expect(after.accepted.same - before.accepted.same).toBe(1);
  const [past] = (await set.owner.get(`/athletes/${athleteId}/traces`)).body;
  expect(past.calls[0]).toMatchObject({ proposed: 'oh.lift-stall', chosen: 'oh.wobble', outcome: 'better' });
});

it('says how an athlete does from charted pitches, held against the instructor’s threshold', async () => {
  const { athleteId } = await looked({ 'oh.falls-off': 1 });
  const pitch = (x: number) =>
    logs.event('pitch', {
      athleteId,
      zone: 'Europe/London',
      velocity: null,
      effort: null,
      pitch: 'fastball',
      ballG: 145,
      type: 'practice',
      distanceM: null,
      aim: [0, 0],
      arrived: [x, 0],
    });
  const at = { at: new Date().toISOString() };
  await set.owner.post('/log', {
    events: Array.from({ length: 20 }, (_, n) => ({ ...pitch(n < 13 ? 0.4 : 1.4), ...at })),
  });
  expect((await pageOf(athleteId)).results).toEqual({
    strikes: 0.65,
    velocityFalling: false,
    goodStrikes: 0.6,
  });
});

it('keeps what a measure may be off by beside the grade', async () => {
  const { athleteId, lookId } = await looked({ 'oh.hips-late': 2 });
  const corrected = logs.event('look-corrected', {
    lookId,
    node: 'lim.hip-ir.trail',
    severity: 2,
    value: 31,
    derived: 2,
    error: 3,
    source: 'screen',
    reason: 'Measured after the look',
  });
  await set.owner.post('/log', { events: [corrected] });
  expect((await pageOf(athleteId)).looks[0].details['lim.hip-ir.trail']).toMatchObject({
    value: 31,
    error: 3,
  });
});

it('takes no focus that is listed to leave alone', async () => {
  const approach = { leave: 'drive', lift: null, teach: null, hips: null };
  const { athleteId, lookId } = await looked({ 'oh.flat-setup': 3, 'oh.lift-stall': 2 }, { approach });
  const refused = await choose(athleteId, { lookId, lower: 'oh.flat-setup', reason: 'Mine' });
  expect(refused).toMatchObject({ status: 422, body: { fields: [{ field: 'lower' }] } });
  expect(refused.body.fields[0].message).toContain('Leave alone');
});

describe('when and how a look was taken', () => {
  const instructions = (lookId: string, more: Record<string, unknown> = {}) =>
    logs.event('look-told', {
      lookId,
      zone: 'Europe/London',
      lookedAt: '2026-03-02T23:30:00.000Z',
      place: 'Cage 1',
      view: 'behind',
      thrown: 'bullpen, 20 pitches',
      lookedBy: 'Wren',
      ...more,
    });
  const send = async (event: object) => (await set.owner.post('/log', { events: [event] })).body.responses[0];

  it('is told afterwards; a look of an earlier day comes before the others', async () => {
    const { athleteId, lookId } = await looked({ 'oh.wobble': 2 });
    const later = logs.look(athleteId, { 'oh.wobble': 1 });
    await set.owner.post('/log', { events: later.events });
    expect((await send(instructions(later.id))).stored).toBe(true);
    const { looks, due } = await pageOf(athleteId);
    expect(looks.map(({ id }: { id: string }) => id)).toEqual([later.id, lookId]);
    expect(looks[0]).toMatchObject({
      date: '2026-03-02',
      at: '2026-03-02T23:30:00.000Z',
      place: 'Cage 1',
      view: 'behind',
      thrown: 'bullpen, 20 pitches',
      by: 'Wren',
    });
    expect(due.verb).toBe('trace');
    // The newest word counts, and who wrote it down looked where nobody else did.
    await send(instructions(later.id, { lookedAt: '2026-07-01T23:30:00.000Z', lookedBy: '', view: null }));
    expect((await pageOf(athleteId)).looks[0]).toMatchObject({
      date: '2026-07-02',
      view: null,
      by: expect.stringContaining('owner'),
    });
  });

  it.each([
    [() => ({ lookedAt: new Date(Date.now() + 86_400_000).toISOString() }), /^lookedAt: .*future/],
    [() => ({ view: 'moon' }), /view/],
    [() => ({ thrown: 'x'.repeat(121) }), /thrown/],
    [() => ({ lookedAt: 'yesterday' }), /lookedAt/],
  ])('is refused by name (%#)', async (wrong, names) => {
    const { athleteId, lookId } = await looked({ 'oh.wobble': 2 });
    const before = (await pageOf(athleteId)).looks;
    expect(await send(instructions(lookId, wrong()))).toMatchObject({
      stored: false,
      why: expect.stringMatching(names),
    });
    expect((await pageOf(athleteId)).looks).toEqual(before);
  });

  it('a physical screen alone is no look', async () => {
    const { athleteId } = await looked({ 'lim.balance': 3, 'sym.miss-high': 1 });
    expect((await pageOf(athleteId)).due.verb).toBe('look');
    const line = (await set.owner.get('/athletes')).body.find(({ id }: { id: string }) => id === athleteId);
    expect(line.due.verb).toBe('look');
  });
});
