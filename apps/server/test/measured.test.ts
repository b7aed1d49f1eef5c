import { markedJoints } from '@wrightonic/core';
import { v7 } from 'uuid';
import { fixtures, onePixel, pitchFields, tableThrow } from './fixtures';
import { logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

const log = async (...events: object[]) =>
  (await set.owner.post('/log', { events })).body.responses.map(({ stored }: { stored: boolean }) => stored);
const athletePath = (rest = '') => `/athletes/${set.theirs['athlete']}${rest}`;
const page = async () => (await set.owner.whole(set.theirs['athlete']!)).body;
const offers = async () => (await set.owner.get(athletePath('/offers'))).body;

describe('a full look', () => {
  it('keeps value, derived grade, overrule and note, and a correction with the old one', async () => {
    const begun = logs.event('look-begun', {
      athleteId: set.theirs['athlete'],
      look: 'full',
      zone: 'Europe/London',
      place: '',
    });
    const graded = {
      lookId: begun.id,
      node: 'oh.short-stride',
      severity: 2,
      value: 68,
      derived: 2,
      source: 'measure',
    };
    await log(
      begun,
      logs.event('finding', graded),
      logs.event('finding', { ...graded, severity: 3, note: 'from the rubber' }),
      logs.event('finding', { lookId: begun.id, node: 'oh.wobble', severity: null, note: 'look again' }),
      logs.event('look-finished', { lookId: begun.id }),
    );
    const look = (await page()).looks.at(-1);
    expect(look.findings).toEqual({ 'oh.short-stride': 3 });
    expect(look.details).toEqual({
      'oh.short-stride': { value: 68, derived: 2, note: 'from the rubber', source: 'measure' },
      'oh.wobble': { note: 'look again' },
    });
    expect(
      await log(
        logs.event('look-corrected', {
          lookId: begun.id,
          node: 'oh.short-stride',
          severity: 1,
          reason: 'wrong rubber',
        }),
      ),
    ).toEqual([true]);
    expect((await page()).looks.at(-1).findings).toEqual({ 'oh.short-stride': 1 });
    const { body } = await set.owner.get(`/looks/${begun.id}/history`);
    expect(body.filter(({ node }: { node: string }) => node === 'oh.short-stride')).toMatchObject([
      { severity: 2, value: 68 },
      { severity: 3 },
      { severity: 1, note: 'wrong rubber', by: 'owner of first' },
    ]);
  });
});

describe('a physical screen', () => {
  it('keeps every try, shows the newest, and offers its limits once it is finished', async () => {
    const begun = logs.event('screen-begun', { athleteId: set.theirs['athlete'], zone: 'Europe/London' });
    const tried = (n: number, value: number | null, more = {}) =>
      logs.event('screen-try', {
        screenId: begun.id,
        test: 'hip-ir',
        side: 'trail',
        n,
        value,
        pain: false,
        ...more,
      });
    await log(begun, tried(1, 30), tried(1, 28), tried(2, 31), tried(2, null));
    const screens = async () => (await set.owner.get(athletePath('/screens'))).body;
    expect(await screens()).toMatchObject([
      { finished: false, tries: [{ test: 'hip-ir', side: 'trail', n: 1, value: 28, pain: false }] },
    ]);
    const offered = async () =>
      (await offers()).filter(({ node }: { node: string }) => node === 'lim.hip-ir.trail');
    expect(await offered()).toEqual([]);
    await log(logs.event('screen-finished', { screenId: begun.id }));
    expect(await offered()).toMatchObject([{ severity: 2, from: 'screen', value: 28 }]);
    expect(Number((await set.here.db('screen_tries').count({ n: '*' }))[0]!['n'])).toBe(4);
  });
});

describe('throws', () => {
  it('charted outside of a session know their miss from the throwing hand, count today, and can be taken back', async () => {
    const pitch = logs.event('pitch', pitchFields(set.theirs['athlete']!));
    expect(await log(pitch, pitch)).toEqual([true, true]);
    const throws = async () => (await set.owner.get(athletePath('/throws'))).body;
    expect(await throws()).toMatchObject([
      { id: pitch.id, session: null, sides: ['high', 'arm'], aim: [0, 0], distanceM: 18 },
    ]);
    expect((await page()).limits.hardToday).toBe(1);
    await log(logs.event('undo', { sessionId: null, of: pitch.id }));
    expect(await throws()).toEqual([]);
  });

  it('come from a table whole, once, in order', async () => {
    const throws = [
      tableThrow({ sides: [] }),
      tableThrow({ velocity: null, sides: ['high', 'glove'] }),
      tableThrow({ time: '16:30:10' }),
    ];
    for (const _ of [1, 2]) {
      const answer = await set.owner.post(athletePath('/throws/import'), { throws });
      expect([answer.status, answer.body]).toEqual([201, { added: 3 }]);
    }
    const stored = (await set.owner.get(athletePath('/throws'))).body;
    expect(stored.map(({ id }: { id: string }) => id)).toEqual(throws.map(({ id }) => id));
    expect(stored.map(({ sides }: { sides: unknown }) => sides)).toEqual([[], ['high', 'glove'], null]);
  });
});

describe('a tracked clip', () => {
  const offer = (checkpoint: string, taken: boolean) => ({
    checkpoint,
    severity: 2,
    between: [2, 3],
    measure: 'hip-rise',
    value: 5,
    off: 1.5,
    why: 'Hips rise: 5.0 ± 1.5 % of height, between obvious and severe',
    taken,
    time: null,
  });
  const body = (offers: unknown[]) => ({
    clipId: set.theirs['clip'],
    throws: 1,
    offers,
    figures: [{ id: 'hip-rise', value: 5, off: 1.5, scatter: null }],
    motion: {
      rate: 60,
      view: 'side',
      frames: [Array(26).fill(1), Array(26).fill(null)],
      events: { plant: 0.01 },
    },
  });
  const offersOf = async () =>
    (await offers()).filter(({ why }: { why: string }) => why.startsWith('Hips rise'));

  it('offers the look what the instructor took over, and not what was left out', async () => {
    await log(logs.event('clip-motion', body([offer('oh.jump', false)])));
    expect(await offersOf()).toEqual([]);
    await log(logs.event('clip-motion', body([offer('oh.jump', true)])));
    expect(await offersOf()).toMatchObject([
      { node: 'oh.jump', severity: 2, from: 'clip', value: 5, error: 1.5 },
    ]);
    // What is not seen on the frame stands as it was seen before.
    const [{ seen }] = await offersOf();
    expect(seen).toMatchObject({ clip: set.theirs['clip'], time: null });
    expect(seen.body.frames).toEqual([Array(26).fill(1)]);
    const [{ motion }] = (await set.owner.get(athletePath('/clips'))).body;
    const { clipId: _, ...kept } = body([offer('oh.jump', true)]);
    expect(motion).toEqual(kept);
    await log(logs.event('clip-motion', body([])));
    expect(await offersOf()).toEqual([]);
  });
  it('remembers which marker of a lab lies where, the one that was read by last first', async () => {
    const markersOf = (hip: string) =>
      Object.fromEntries(
        markedJoints.map((joint) => [
          joint,
          Array(64)
            .fill('x')
            .map((x, n) => (joint === 'leftHip' && n === 63 ? hip : `${x}${n}`.padEnd(200, 'x'))),
        ]),
      );
    // As long as a lab may make them, and different only far behind.
    const [one, other] = ['Seven', 'Nine'].map((name) => 'x'.repeat(190) + name);
    const sheets = () => set.owner.get('/marker-sheets').then((response) => response.body);
    const before = await sheets();
    for (const hip of [one!, other!, one!])
      expect(await log(logs.event('clip-motion', { ...body([]), markers: markersOf(hip) }))).toEqual([true]);
    expect(await sheets()).toEqual([markersOf(one!), markersOf(other!), ...before]);
    expect((await set.rival.get('/marker-sheets')).body).toEqual([]);
    const { leftHip: _, ...lacking } = markersOf(one!);
    const refused = logs.event('clip-motion', { ...body([]), markers: lacking });
    expect(await log(refused)).toEqual([false]);
  });
  it.each([
    ['a measure that there is not', { figures: [{ id: 'hop', value: 1, off: 1, scatter: null }] }],
    [
      'a frame that lacks a joint',
      {
        motion: {
          rate: 60,
          view: 'side',
          frames: [
            [1, 2],
            [1, 2],
          ],
          events: {},
        },
      },
    ],
    [
      'more than ten seconds',
      {
        motion: { rate: 60, view: 'side', frames: Array(601).fill(Array(26).fill(1)), events: {} },
      },
    ],
  ])('refuses %s', async (_, wrong) => {
    expect(await log(logs.event('clip-motion', { ...body([]), ...wrong }))).toEqual([false]);
  });
});

describe('clips', () => {
  it('show their newest marks, drawings and rates', async () => {
    const clipId = set.theirs['clip'];
    const drawing = v7();
    const drawn = (points: unknown) =>
      logs.event('clip-drawing', {
        clipId,
        drawing,
        type: 'angle',
        time: 1,
        points,
        measure: 'knee-at-plant',
        lengthCm: null,
      });
    const corner = [
      [0.5, 0.1],
      [0.5, 0.5],
      [0.7, 0.5],
    ];
    await log(
      logs.event('clip-mark', { clipId, event: 'plant', time: 0.5 }),
      logs.event('clip-mark', { clipId, event: 'plant', time: 0.6 }),
      logs.event('clip-mark', { clipId, event: 'release', time: 0.9 }),
      logs.event('clip-mark', { clipId, event: 'release', time: null }),
      logs.event('clip-told', { clipId, fps: 30, captureFps: 120, view: 'front', square: false }),
      drawn(corner),
    );
    const clips = async () => (await set.owner.get(athletePath('/clips'))).body;
    expect(await clips()).toMatchObject([
      {
        marks: { plant: 0.6 },
        captureFps: 120,
        view: 'front',
        square: false,
        drawings: [{ id: drawing, points: corner }],
      },
    ]);
    expect((await clips())[0].marks).toEqual({ plant: 0.6 });
    await log(drawn(null));
    expect((await clips())[0].drawings).toEqual([]);
  });

  it('give a marked frame back as it was, and show it when an instructor says so', async () => {
    const id = set.theirs['picture'];
    const response = await set.owner.raw(`/pictures/${id}`);
    expect(response.headers.get('content-type')).toBe('image/png');
    expect(Buffer.from(await response.arrayBuffer()).equals(onePixel)).toBe(true);
    const pictures = async () => (await set.owner.get(athletePath('/profile'))).body.pictures;
    expect(await pictures()).toMatchObject([{ id, shown: false, note: 'plant', time: 0.5 }]);
    await set.owner.put(`/pictures/${id}`, { shown: true });
    expect(await pictures()).toMatchObject([{ shown: true }]);
  });
});

describe('speed curves', () => {
  const result = {
    rate: 240,
    cutoff: 20,
    peaks: [{ segment: 'pelvis', value: 480, time: 0.7 }],
    order: ['pelvis'],
    gaps: [],
    gains: {},
    handedOn: {},
    evidence: [{ flaw: 'oh.weak-hips', severity: 1, why: 'the pelvis peaks at 480 deg/s' }],
    missing: ['trunk', 'glove', 'arm', 'hand'],
    notes: [],
    plant: null,
    release: null,
    lines: [
      {
        segment: 'pelvis',
        points: [
          [0.1, 20],
          [0.2, null],
        ],
      },
    ],
  };
  it('are kept and offer their evidence until a look holds it', async () => {
    const read = logs.event('curves-read', {
      athleteId: set.theirs['athlete'],
      zone: 'Europe/London',
      name: 'a.csv',
      result,
    });
    expect(await log(read)).toEqual([true]);
    expect((await set.owner.get(athletePath('/curves'))).body).toMatchObject([{ id: read.id, result }]);
    expect(await offers()).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ node: 'oh.weak-hips', from: 'curves', severity: 1 }),
      ]),
    );
    const begun = logs.event('look-begun', {
      athleteId: set.theirs['athlete'],
      look: 'quick',
      zone: 'Europe/London',
      place: '',
    });
    const taken = { lookId: begun.id, node: 'oh.weak-hips', severity: 1, derived: 1, source: 'curves' };
    await log(begun, logs.event('finding', taken), logs.event('look-finished', { lookId: begun.id }));
    expect((await offers()).map(({ node }: { node: string }) => node)).not.toContain('oh.weak-hips');
  });
});
