import { wholeDrill } from '@wrightonic/core';
import { v7 } from 'uuid';
import { fixtures, working as inSession } from './fixtures';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

async function working() {
  const { session, send: tell, ...rest } = await inSession(set, 'Choices');
  const send = async (kind: string, body: object, id = v7()) => ({ ...(await tell(kind, body, id)), id });
  const rep = (drill: string, more = {}) =>
    send('rep', { sessionId: session, drill, outcome: 'clean', ...more });
  return { ...rest, session, send, rep };
}

describe('levels', () => {
  const drill = 'step-in-closed-throw';
  it('are kept with each rep, and the newest choice holds', async () => {
    const { id, send, rep, page, session } = await working();
    for (const level of ['arm set', 'half break'])
      expect((await send('level-chosen', { athleteId: id, drill, level })).stored).toBe(true);
    expect((await rep(drill, { level: 'half break' })).stored).toBe(true);
    expect((await page()).levels).toEqual({ [drill]: 'half break' });
    const open = (await set.owner.get(`/athletes/${id}/open-session`)).body;
    expect(open.session.id).toBe(session);
    expect(open.events.find(({ kind }: { kind: string }) => kind === 'rep')).toMatchObject({
      level: 'half break',
    });
  });

  it('that a drill does not have are refused with those that it has', async () => {
    const { id, send, rep } = await working();
    const wrong = await rep(drill, { level: 'three quarters' });
    expect(wrong).toMatchObject({
      stored: false,
      why: 'level: this drill has no level “three quarters”. Choose one of: arm set, half break, full break.',
    });
    expect((await send('level-chosen', { athleteId: id, drill, level: 'x' })).why).toMatch(/^level: /);
    expect((await rep('easy-catch', { level: 'x'.repeat(41) })).why).toMatch(/level/);
    expect((await rep('hip-snap', { level: 'slow' })).why).toMatch(/^level: this drill has no levels/);
  });

  it('that were taken out are still taken from a device that was away, and not chosen any more', async () => {
    const own = {
      ...wholeDrill('cross-tap'),
      id: `own-${v7()}`,
      levels: [
        { name: 'low', change: 'Low.' },
        { name: 'high', change: 'High.' },
      ],
    };
    const keep = (levels: object[]) =>
      set.owner.post('/drills', { drills: [{ id: v7(), drill: { ...own, levels }, retired: false }] });
    expect((await keep(own.levels)).status).toBe(201);
    await keep([own.levels[0]!, { name: 'higher', change: 'Higher.' }]);
    const { id, send, rep } = await working();
    expect((await rep(own.id, { level: 'high' })).stored).toBe(true);
    expect((await rep(own.id, { level: 'highest' })).stored).toBe(false);
    expect((await send('level-chosen', { athleteId: id, drill: own.id, level: 'high' })).stored).toBe(false);
    const one = await keep([own.levels[0]!]);
    expect(one).toMatchObject({ status: 422, body: { fields: [{ field: 'drills.0.drill.levels' }] } });
  });
});

describe('live cues', () => {
  it('are kept with whose words they are, and reps with the cue that they followed', async () => {
    const { id, send, rep, page } = await working();
    await rep('hip-snap');
    const cue = await send('cue-chosen', {
      athleteId: id,
      drill: 'hip-snap',
      text: 'Buckle first',
      whose: 'athlete',
    });
    const counted = await rep('hip-snap', { cueId: cue.id });
    const { id: back } = await rep('hip-snap', { cueId: cue.id });
    await send('undo', { sessionId: null, of: back });
    expect(counted.stored).toBe(true);
    const { cues, cueCounts } = await page();
    expect(cues).toMatchObject([
      { id: cue.id, text: 'Buckle first', whose: 'athlete', by: expect.any(String) },
    ]);
    expect(cueCounts).toMatchObject([
      { drill: 'hip-snap', cue: null, clean: 1 },
      { drill: 'hip-snap', cue: cue.id, clean: 1 },
    ]);
  });

  it.each([
    [{ text: 'x'.repeat(121) }, /text/],
    [{ text: 'x'.repeat(2000) }, /text/],
    [{ text: ' ' }, /text/],
    [{ whose: 'nobody' }, /whose/],
  ])('with %o are refused by name', async (wrong, names) => {
    const { id, send, page } = await working();
    const body = { athleteId: id, drill: 'hip-snap', text: 'Buckle', whose: 'instructor', ...wrong };
    expect((await send('cue-chosen', body)).why).toMatch(names);
    expect((await page()).cues).toEqual([]);
  });
});

it('takes a throw at a called spot for a miss of that side, until it is taken back', async () => {
  const { id, session, send, rep } = await working();
  const drill = 'easy-catch';
  const { id: repId } = await rep(drill);
  await send('throw', {
    sessionId: session,
    drill,
    velocity: null,
    effort: 60,
    pitch: 'fastball',
    ballG: 145,
    repId,
  });
  const spot = { sessionId: session, drill, repId, spot: 'low-arm', sides: ['low', 'arm'] };
  const { id: charted } = await send('spot-charted', spot);
  const sides = async () =>
    (await set.owner.get(`/athletes/${id}/throws`)).body.map((each: { sides: unknown }) => each.sides);
  expect(await sides()).toEqual([['low', 'arm']]);
  await send('undo', { sessionId: session, of: charted });
  expect(await sides()).toEqual([null]);
  await send('spot-charted', { ...spot, sides: [] });
  expect(await sides()).toEqual([[]]);
  expect((await send('spot-charted', { ...spot, spot: 'middle' })).why).toMatch(/spot/);
  expect((await send('spot-charted', { ...spot, sides: ['left'] })).why).toMatch(/sides/);
});

it('keeps reps by level and side, for the history of a drill', async () => {
  const { rep, page } = await working();
  for (const side of ['lead', 'lead', 'trail']) await rep('wall-seat-drive', { level: 'hold', side });
  expect((await page()).drillTotals).toEqual([
    { drill: 'wall-seat-drive', level: 'hold', side: 'lead', clean: 2, missed: 0 },
    { drill: 'wall-seat-drive', level: 'hold', side: 'trail', clean: 1, missed: 0 },
  ]);
  expect((await rep('wall-seat-drive', { side: 'left' })).why).toMatch(/side/);
});

describe('norms of the academy', () => {
  const key = 'front-foot-angle-at-landing windmill all any';
  const range = { low: 35, high: 55, basis: 'our own' };
  const edit = (more: object) => set.owner.post('/norms', { id: v7(), key, range, ...more });
  it('are kept with who said so, and can be set back', async () => {
    expect((await edit({})).status).toBe(201);
    const { id, page } = await working();
    expect((await page()).norms).toMatchObject([{ key, range, by: expect.any(String) }]);
    expect(id).toBeTruthy();
    await edit({ range: null });
    expect((await set.owner.get('/norms')).body.at(-1)).toMatchObject({ key, range: null });
  });
  it.each([
    [{ range: { ...range, low: 60 } }, 'range'],
    [{ range: { ...range, low: 55 } }, 'range'],
    [{ range: { ...range, basis: ' ' } }, 'range.basis'],
    [{ key: 'no such row' }, 'key'],
  ])('refuse %o by name', async (wrong, field) =>
    expect(await edit(wrong)).toMatchObject({ status: 422, body: { fields: [{ field }] } }),
  );
});

describe('spin and break', () => {
  const pitch = {
    zone: 'Europe/London',
    velocity: 30,
    effort: 90,
    pitch: 'fastball',
    ballG: 145,
    type: 'practice',
    distanceM: null,
    aim: null,
    arrived: null,
  };
  it('stay with their throw', async () => {
    const { id, send } = await working();
    const flight = { spinRpm: 2100, armCm: 30.5, upCm: -4 };
    await send('pitch', { ...pitch, athleteId: id, flight });
    await send('pitch', { ...pitch, athleteId: id });
    const throws = (await set.owner.get(`/athletes/${id}/throws`)).body;
    expect(throws.map((each: { flight: unknown }) => each.flight)).toEqual([flight, null]);
  });
  it.each([{ spinRpm: 9000 }, { spinRpm: -1 }, { armCm: 101 }, { spinAxis: 361 }, {}])(
    'of %o are refused by name',
    async (flight) => {
      const { id, send } = await working();
      expect((await send('pitch', { ...pitch, athleteId: id, flight })).why).toMatch(/flight/);
    },
  );
});
