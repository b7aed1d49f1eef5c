import { v7 } from 'uuid';
import { fixtures } from './fixtures';
import { form, logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
let today: string;
beforeAll(async () => {
  set = await fixtures();
  ({ today } = (await set.owner.get('/session')).body);
});
afterAll(() => set.here.end());

interface Rung {
  stage: string;
  drills: { id: string; drill: string; dose: string; locked: boolean }[];
}

async function planned(givenName: string) {
  const athlete = form({ givenName });
  await set.owner.post('/athletes', athlete);
  const look = logs.look(athlete.id, { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 });
  await set.owner.post('/log', { events: look.events });
  const trace = { id: v7(), lookId: look.id, lower: 'oh.lift-stall', arm: null, reason: '' };
  await set.owner.post(`/athletes/${athlete.id}/traces`, trace);
  const plan = { id: v7(), traceId: trace.id, startsOn: today, weeks: 2 };
  await set.owner.post(`/athletes/${athlete.id}/plans`, plan);
  const thread = async () => (await set.owner.whole(athlete.id)).body.plan.threads[0];
  const rung = async (stage: string): Promise<Rung> =>
    (await thread()).stages.find((each: Rung) => each.stage === stage);
  const names = async (stage: string) => (await rung(stage))?.drills.map(({ drill }) => drill);
  const place = async (drill: string, more: object) => {
    const { stages } = await thread();
    const { id } = stages
      .flatMap((each: Rung) => each.drills)
      .find((each: { drill: string }) => each.drill === drill);
    const body = { id: v7(), locked: false, removed: false, ...more };
    return set.owner.put(`/plans/${plan.id}/drills/${id}/place`, body);
  };
  return { id: athlete.id as string, plan: plan.id, trace: trace.id, thread, rung, names, place };
}

it('puts the drills of a stage in another order, and keeps it through a swap', async () => {
  const { plan, rung, names, place } = await planned('Order');
  const [first, second, third] = (await rung('move')).drills;
  await place(first!.drill, { after: third!.id });
  expect((await names('move'))!.slice(0, 3)).toEqual([second!.drill, third!.drill, first!.drill]);
  await place(third!.drill, { after: null });
  expect((await names('move'))!.slice(0, 3)).toEqual([third!.drill, second!.drill, first!.drill]);
  const swapped = { id: v7(), drill: 'straight-line-stride', dose: '2x6' };
  await set.owner.put(`/plans/${plan}/drills/${second!.id}`, swapped);
  expect((await names('move'))!.slice(0, 3)).toEqual([third!.drill, 'straight-line-stride', first!.drill]);
});

it('neither swaps nor takes out what is locked, and takes it along into the next plan', async () => {
  const { id, plan, trace, rung, names, place } = await planned('Locked');
  const { drills } = await rung('move');
  const kept = drills.at(-1)!;
  expect((await place(kept.drill, { after: null, locked: true })).status).toBe(200);
  const swap = await set.owner.put(`/plans/${plan}/drills/${kept.id}`, {
    id: v7(),
    drill: 'tap-beat',
    dose: '3x8',
  });
  expect([swap.status, swap.body.error]).toEqual([409, 'This drill is locked. Unlock it first.']);
  expect((await place(kept.drill, { locked: true, removed: true })).status).toBe(409);
  await set.owner.post(`/athletes/${id}/plans`, { id: v7(), traceId: trace, startsOn: today, weeks: 4 });
  expect((await names('move'))![0]).toBe(kept.drill);
  expect((await rung('move')).drills.map(({ locked }) => locked)).toEqual([
    true,
    ...drills.slice(1).map(() => false),
  ]);
});

it('takes drills out, says where the ladder then falls short, and opens a stage again', async () => {
  const { plan, thread, names, place } = await planned('Short');
  for (const drill of (await names('blend'))!)
    expect((await place(drill, { removed: true })).status).toBe(200);
  expect(await names('blend')).toBeUndefined();
  expect((await thread()).reachesDelivery).toBe(false);
  for (const drill of (await names('move'))!) await place(drill, { removed: true });
  for (const drill of (await names('constrain')) ?? []) await place(drill, { removed: true });
  const { jumps } = await thread();
  expect(jumps.length).toBe(0);
  for (const drill of (await names('connect'))!) await place(drill, { removed: true });
  expect((await thread()).jumps).toEqual([]);

  const feel = (await names('feel'))!;
  for (const drill of feel.slice(1)) await place(drill, { removed: true });
  const last = await place(feel[0]!, { removed: true });
  expect([last.status, last.body.fields[0].field]).toEqual([422, 'removed']);

  const add = (more: object) =>
    set.owner.post(`/plans/${plan}/drills`, {
      id: v7(),
      thread: 'lower',
      stage: 'blend',
      drill: 'blend-pairs',
      dose: '10+10',
      ...more,
    });
  expect((await add({ stage: 'feel' })).body.fields[0].field).toBe('stage');
  expect((await add({ drill: 'heel-press-snap', stage: 'connect', dose: '2x10' })).body.error).toBe(
    'drill: heel-press-snap is not for overhand',
  );
  const sent = { id: v7() };
  expect((await add(sent)).status).toBe(201);
  expect((await add(sent)).status).toBe(201);
  expect((await add({})).body.error).toContain('in this ladder already');
  expect(await names('blend')).toEqual(['blend-pairs']);
  const { stages, reachesDelivery } = await thread();
  expect(reachesDelivery).toBe(true);
  const order = stages.map(({ stage }: Rung) => stage);
  expect(order.indexOf('blend')).toBe(order.indexOf('deliver') - 1);
});

/** Reps of every drill of a stage in one session. */
async function work(athlete: string, drills: readonly string[], clean: number, missed: number) {
  const session = logs.session(athlete, null, today);
  const reps = drills.flatMap((drill) =>
    Array.from({ length: clean + missed }, (_, n) =>
      logs.event('rep', { sessionId: session.id, drill, outcome: n < clean ? 'clean' : 'missed' }),
    ),
  );
  await set.owner.post('/log', { events: [session, ...reps] });
}

it('gathers what the gates propose over the roster, takes one or all, and hears a no with its reason', async () => {
  const [up, down, none] = [await planned('Upward'), await planned('Downward'), await planned('Neither')];
  await work(up.id, (await up.names('feel'))!, 20, 0);
  await work(none.id, (await none.names('feel'))!, 7, 3);
  await set.owner.post(`/plans/${down.plan}/stage-moves`, {
    id: v7(),
    thread: 'lower',
    to: 'move',
    reason: '',
  });
  await work(down.id, (await down.names('move'))!, 2, 10);
  const proposed = async () => (await set.owner.get('/stage-proposals')).body as Record<string, any>[];
  const before = await proposed();
  expect(before.map(({ athleteId, from, to, direction }) => [athleteId, from, to, direction])).toEqual([
    [up.id, 'feel', 'move', 'up'],
    [down.id, 'move', 'feel', 'back'],
  ]);
  expect(before[0]!.why[0]).toMatch(/20 of 20 clean: locked in/);

  // Two the same way and one that is not there: nothing is taken.
  const takes = (list: Record<string, any>[]) => ({
    moves: list.map(({ planId, thread, to }) => ({ id: v7(), planId, thread, to, reason: '' })),
  });
  const broken = takes([...before, { ...before[0], planId: v7() }]);
  expect((await set.owner.post('/stage-moves', broken)).status).toBe(404);
  expect(await proposed()).toEqual(before);

  const stay = { id: v7(), thread: 'lower', to: 'move' };
  const mute = await set.owner.post(`/plans/${down.plan}/stage-moves`, { ...stay, reason: '' });
  expect([mute.status, mute.body.fields[0].field]).toEqual([422, 'reason']);
  await set.owner.post(`/plans/${down.plan}/stage-moves`, { ...stay, reason: 'Tired today.' });
  expect((await proposed()).map(({ athleteId }) => athleteId)).toEqual([up.id]);
  const all = takes(await proposed());
  expect((await set.owner.post('/stage-moves', all)).body).toEqual({ moved: 1 });
  expect((await set.owner.post('/stage-moves', all)).status).toBe(201);
  expect([(await up.thread()).stage, (await down.thread()).stage]).toEqual(['move', 'move']);
  expect(await proposed()).toEqual([]);

  // Work after the no asks again.
  await work(down.id, (await down.names('move'))!, 1, 10);
  expect((await proposed()).map(({ athleteId }) => athleteId)).toEqual([down.id]);
});

it('keeps a ladder as the academy’s own and starts another athlete from it, within what they may do', async () => {
  const from = await planned('Pattern');
  const [first] = (await from.rung('move')).drills;
  await set.owner.put(`/plans/${from.plan}/drills/${first!.id}`, {
    id: v7(),
    drill: first!.drill,
    dose: '2x4',
  });
  const template = { id: v7(), name: 'Fall ladder' };
  expect((await set.owner.post(`/plans/${from.plan}/template`, template)).status).toBe(201);
  const kept = (await set.owner.get('/templates')).body;
  expect(kept).toMatchObject([{ ...template, discipline: 'overhand' }]);
  expect((await set.rival.get('/templates')).body).toEqual([]);

  const to = await planned('Follower');
  const anew = { id: v7(), traceId: to.trace, startsOn: today, weeks: 4, templateId: template.id };
  expect((await set.owner.post(`/athletes/${to.id}/plans`, anew)).status).toBe(201);
  const stages = (list: Rung[]) =>
    list.map(({ stage, drills }) => [stage, drills.map(({ drill, dose }) => [drill, dose])]);
  expect(stages((await to.thread()).stages)).toEqual(stages((await from.thread()).stages));

  await set.owner.post(`/athletes/${to.id}/injuries`, {
    id: v7(),
    site: 'elbow',
    what: 'Ligament',
    since: today,
    surgery: false,
  });
  await set.owner.post(`/athletes/${to.id}/plans`, { ...anew, id: v7() });
  const hurt = await to.thread();
  expect(hurt.stages.map(({ stage }: Rung) => stage)).not.toContain('constrain');
  expect(hurt.limitedBy.join()).toContain('stays out: Ligament (elbow) is not cleared');

  const unknown = await set.owner.post(`/athletes/${to.id}/plans`, { ...anew, id: v7(), templateId: v7() });
  expect(unknown.status).toBe(404);
  expect((await set.owner.post(`/plans/${from.plan}/template`, { id: v7(), name: '' })).status).toBe(422);
});
