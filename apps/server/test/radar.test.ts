import { deviceReadings, type RadarReading } from '@wrightonic/contract';
import { v7 } from 'uuid';
import { fixtures } from './fixtures';
import { logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
const device = { id: v7(), name: 'Gun' };
let key = '';
beforeAll(async () => {
  set = await fixtures();
  const { status, body } = await set.owner.post('/devices', device);
  expect(status).toBe(201);
  key = body.key;
});
afterAll(() => set.here.end());

const send = async (text: string, secret = key, type = 'application/x-www-form-urlencoded') => {
  const response = await fetch(`${set.here.base}/readings`, {
    method: 'POST',
    headers: { authorization: `Bearer ${secret}`, 'content-type': type },
    body: text,
  });
  return { status: response.status, body: (await response.json()) as Record<string, any> };
};
const reading = (more: object = {}) => JSON.stringify({ velocity: 71.4, unit: 'mph', ...more });
const stored = async () => Number((await set.here.db('readings').count({ n: '*' }))[0]!['n']);

/** Follows a line until so many readings came. */
async function follow(path: string, wanted: number, headers: Record<string, string> = {}) {
  const response = await set.owner.raw(path, headers);
  expect(response.headers.get('content-type')).toContain('text/event-stream');
  const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
  const collect = async (): Promise<RadarReading[]> => {
    let text = '';
    for (;;) {
      const { value, done } = await reader.read();
      text += value ?? '';
      const found = [...text.matchAll(/^data:(.*)$/gm)].map(([, data]) => JSON.parse(data!) as RadarReading);
      if (found.length < wanted && !done) continue;
      await reader.cancel();
      return found;
    }
  };
  return { collect };
}

it('passes a reading of a device on to whoever follows its line, in m/s', async () => {
  const line = await follow(`/radar/${device.id}/stream`, 2);
  expect((await send(reading())).status).toBe(201);
  expect((await send(reading({ velocity: 30, unit: 'm/s', at: '2026-05-01T17:30:00.000Z' }))).body).toEqual({
    taken: 1,
  });
  const [first, second] = await line.collect();
  expect(first!.velocity).toBeCloseTo(31.9187, 3);
  expect(second).toMatchObject({ velocity: 30, at: '2026-05-01T17:30:00.000Z' });
  const missed = await (
    await follow(`/radar/${device.id}/stream`, 1, { 'last-event-id': first!.id })
  ).collect();
  expect(missed.map(({ id }) => id)).toEqual([second!.id]);
});

it('hands spin and break along, in our own units', async () => {
  const line = await follow(`/radar/${device.id}/stream`, 1);
  await send(reading({ spin_rpm: 2100, spin_axis: 200, break_arm_in: 10, break_up_in: -2 }));
  const [instructions] = await line.collect();
  expect(instructions!.flight).toEqual({ spinRpm: 2100, spinAxis: 200, armCm: 25.4, upCm: -5.08 });
});

it('takes many lines at once, and what was sent before only once', async () => {
  const lines = [1, 2, 2].map((ref) => reading({ ref: `r${ref}` })).join('\n');
  expect((await send(lines)).body).toEqual({ taken: 2 });
  expect((await send(lines, key, 'application/json')).body).toEqual({ taken: 0 });
});

it('refuses what is no reading, names the field and the range, and takes nothing of it', async () => {
  const before = await stored();
  for (const [text, words] of [
    [reading({ velocity: 400 }), /velocity must be less than or equal to 150/],
    [reading({ velocity: 400, unit: 'km/h' }), /velocity must be less than or equal to 240/],
    [reading({ unit: 'knots' }), /unit must be one of/],
    [reading({ velocity: '71' }), /velocity must be a number/],
    [reading({ at: 'yesterday' }), /at/],
    [reading({ spin: 2200 }), /spin is not allowed/],
    [reading({ spin_rpm: 9000 }), /spin_rpm must be less than or equal to 4500/],
    [reading({ break_arm_in: 40 }), /break_arm_in must be less than or equal to 39/],
    ['71.4', /input must be of type object/],
    ['{"velocity":', /not a JSON document/],
    ['', /There is no reading/],
    [`${reading()}\n${reading({ velocity: 2 })}`, /line 2: velocity must be greater than or equal to 3/],
  ] as const) {
    const { status, body } = await send(text);
    expect([text, status]).toEqual([text, 422]);
    expect(body['error']).toMatch(words);
  }
  expect(deviceReadings(Array.from({ length: 201 }, () => reading()).join('\n')).problems).toHaveLength(1);
  expect(await stored()).toBe(before);
});

it('opens to the key of a device alone, until it is taken back', async () => {
  expect((await send(reading(), 'x'.repeat(32))).status).toBe(401);
  expect((await set.nobody.post('/readings', {})).status).toBe(401);
  expect((await set.rival.get(`/radar/${device.id}/stream`)).status).toBe(404);
  expect((await set.owner.post('/devices', device)).status).toBe(409);
  await set.owner.post(`/devices/${device.id}/end`, { id: v7() });
  expect((await send(reading())).status).toBe(401);
  expect((await set.owner.get(`/radar/${device.id}/stream`)).status).toBe(404);
  const mine = (await set.owner.get('/devices')).body.find(({ id }: { id: string }) => id === device.id);
  expect(mine).toMatchObject({ name: 'Gun', ended: true, heard: expect.any(String) });
});

it('keeps a measured throw once, from however many devices of however many people', async () => {
  const fields = {
    sessionId: set.theirs['session'],
    drill: 'full-delivery',
    velocity: 31,
    effort: 90,
    pitch: 'fastball',
    ballG: 145,
    source: 'radar',
  };
  const thrown = { ...logs.event('throw', fields), id: v7() };
  await set.owner.post('/log', { events: [thrown] });
  await set.assistant.post('/log', { events: [{ ...thrown, at: new Date().toISOString() }] });
  const { body } = await set.owner.get(`/athletes/${set.theirs['athlete']}/open-session`);
  const kept = body.events.filter(({ kind }: { kind: string }) => kind === 'throw');
  expect(kept).toMatchObject([{ id: thrown.id, source: 'radar', velocity: 31 }]);
});

it('keeps why a rep was missed and notes, and refuses reasons that are none', async () => {
  // Notes of long ago are forgotten; this session is of today.
  const session = logs.session(set.theirs['athlete']!, null, new Date().toISOString().slice(0, 10));
  const sessionId = session.id;
  const missed = { sessionId, drill: 'hip-first-lean', outcome: 'missed' };
  const missedRep = logs.event('rep', { ...missed, reason: 'rushed' });
  const events = [
    session,
    missedRep,
    logs.event('rep', { ...missed, reason: 'oh.lift-stall' }),
    logs.event('noted', { sessionId, drill: 'hip-first-lean', text: 'Try it smaller' }),
    logs.event('rep', { ...missed, reason: 'the weather' }),
    logs.event('rep', { ...missed, outcome: 'clean', reason: 'rushed' }),
    logs.event('noted', { sessionId, drill: null, text: '' }),
    logs.event('rep-explained', { sessionId, of: missedRep.id, reason: 'tired' }),
    logs.event('rep-explained', { sessionId, of: missedRep.id, reason: 'the weather' }),
    logs.event('rep-explained', { sessionId, of: v7(), reason: 'rushed' }),
  ];
  const { body } = await set.owner.post('/log', { events });
  expect(body.responses.map(({ stored: kept }: { stored: boolean }) => kept)).toEqual([
    true,
    true,
    true,
    true,
    false,
    false,
    false,
    true,
    false,
    false,
  ]);
  const open = await set.owner.get(`/athletes/${set.theirs['athlete']}/open-session`);
  const reasons = open.body.events.flatMap(({ reason }: { reason?: string }) => reason ?? []);
  expect(reasons).toEqual(['rushed', 'oh.lift-stall', 'tired']);
  const { instructions } = (await set.owner.whole(set.theirs['athlete']!)).body;
  expect(instructions.map(({ text }: { text: string }) => text)).toContain('Try it smaller');
});
