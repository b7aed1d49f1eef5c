import { largestPhoto, photoSide } from '@wrightonic/contract';
import { v7 } from 'uuid';
import { clipFields, day, fixtures, onePixel, pitchFields, tableThrow } from './fixtures';
import { form, logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

const athletePath = (rest = '') => `/athletes/${set.theirs['athlete']}${rest}`;
const page = async () => (await set.owner.get(athletePath())).body;

describe('the profile', () => {
  it('grows with every size, and the newest stands on the athlete', async () => {
    await set.owner.post(athletePath('/sizes'), { id: v7(), date: '2026-03-01', heightCm: 174, massKg: 66 });
    await set.owner.post(athletePath('/sizes'), { id: v7(), date: day, heightCm: null, massKg: 71 });
    const { body } = await set.owner.get(athletePath('/profile'));
    expect(body.sizes.map(({ massKg }: { massKg: number }) => massKg)).toEqual([66, 71, 70]);
    expect((await page()).athlete).toMatchObject({ heightCm: 178, massKg: 70 });
  });
  it('keeps an injury with who cleared it, when and for what', async () => {
    const cleared = { id: v7(), clearedBy: 'Dr. Marrable', date: day, restrictions: '60 pitches' };
    expect((await set.owner.post(`/injuries/${set.theirs['injury']}/clearances`, cleared)).status).toBe(201);
    const { injuries } = (await set.owner.get(athletePath('/profile'))).body;
    expect(injuries).toMatchObject([{ site: 'elbow', clearances: [cleared] }]);
  });
});

describe('a photo', () => {
  /** The picture with other figures in its header. */
  const sized = (side: number): Buffer => {
    const bytes = Buffer.from(onePixel);
    bytes.writeUInt32BE(side, 16);
    return bytes;
  };
  const put = (bytes: Buffer) => set.owner.upload(athletePath('/photo'), bytes, 'image/png', 'PUT');
  it('is kept, read by the academy alone, replaced and removed', async () => {
    expect((await page()).photo).toBeNull();
    expect((await put(onePixel)).status).toBe(200);
    const first = (await page()).photo;
    expect(first).toEqual(expect.any(String));
    const read = await set.owner.raw(athletePath('/photo'));
    expect(Buffer.from(await read.arrayBuffer()).equals(onePixel)).toBe(true);
    expect((await set.owner.delete(athletePath('/photo'))).status).toBe(200);
    expect((await page()).photo).toBeNull();
    expect((await set.owner.raw(athletePath('/photo'))).status).toBe(404);
  });
  it.each([
    [photoSide, 200],
    [photoSide + 1, 422],
  ])('%s px a side is answered with %s', async (side, status) =>
    expect((await put(sized(side))).status).toBe(status),
  );
  it.each([
    [largestPhoto, 200],
    [largestPhoto + 1, 413],
  ])('of %s bytes is answered with %s', async (bytes, status) =>
    expect((await put(Buffer.concat([onePixel, Buffer.alloc(bytes - onePixel.length)]))).status).toBe(status),
  );
});

describe('how a person reads days', () => {
  it('is kept, and stays where an older app does not send it', async () => {
    const { person } = (await set.owner.get('/session')).body.me;
    const { approach, velocityUnit, sizeUnit, hand, zoneView, goodStrikes } = person;
    const plain = { approach, velocityUnit, sizeUnit, hand, zoneView, goodStrikes };
    const kept = async () => (await set.owner.get('/session')).body.me.person;
    expect((await set.owner.put('/profile', { ...plain, dateOrder: 'day-month', hours: '24' })).status).toBe(
      200,
    );
    expect(await kept()).toMatchObject({ dateOrder: 'day-month', hours: '24' });
    expect((await set.owner.put('/profile', plain)).status).toBe(200);
    expect(await kept()).toMatchObject({ dateOrder: 'day-month', hours: '24' });
    expect((await set.owner.put('/profile', { ...plain, dateOrder: 'year-day' })).status).toBe(422);
  });
});

describe('a roster from a table', () => {
  it('is taken whole or not at all', async () => {
    const before = await set.counts();
    const bad = await set.owner.post('/athletes/import', {
      athletes: [form(), form({ birthdate: '2012-13-01' })],
    });
    expect([bad.status, bad.body.fields[0].field]).toEqual([422, 'athletes.1.birthdate']);
    expect(await set.counts()).toEqual(before);
    const good = await set.owner.post('/athletes/import', {
      athletes: [form(), form({ heightCm: null, massKg: null })],
    });
    expect(good.body).toEqual({ added: 2 });
    expect((await set.counts())['athletes']).toBe(before['athletes'] + 2);
  });
});

describe('bad requests', () => {
  const ahead = '2199-01-01';
  it.each([
    [
      'a size from the future',
      () => set.owner.post(athletePath('/sizes'), { id: v7(), date: ahead, heightCm: 170, massKg: null }),
      422,
      'date',
    ],
    [
      'a size of nothing',
      () => set.owner.post(athletePath('/sizes'), { id: v7(), date: day, heightCm: null, massKg: null }),
      422,
      'heightCm',
    ],
    [
      'an injury from the future',
      () =>
        set.owner.post(athletePath('/injuries'), {
          id: v7(),
          site: 'knee',
          what: 'x',
          since: ahead,
          surgery: false,
        }),
      422,
      'since',
    ],
    [
      'a clearance by nobody',
      () =>
        set.owner.post(`/injuries/${set.theirs['injury']}/clearances`, {
          id: v7(),
          clearedBy: '',
          date: day,
          restrictions: '',
        }),
      422,
      'clearedBy',
    ],
    [
      'a throw from the future',
      () =>
        set.owner.post(athletePath('/throws/import'), {
          throws: [tableThrow(), tableThrow({ date: ahead })],
        }),
      422,
      'throws.1.date',
    ],
    [
      'a throw at 400 mph',
      () => set.owner.post(athletePath('/throws/import'), { throws: [tableThrow({ velocity: 178 })] }),
      422,
      'throws.0.velocity',
    ],
    ['no throws', () => set.owner.post(athletePath('/throws/import'), { throws: [] }), 422, 'throws'],
    [
      'a picture that is text',
      () =>
        set.owner.upload(
          `/clips/${set.theirs['clip']}/pictures?id=${v7()}&time=1&note=`,
          Buffer.from('not a picture, though longer than a header'),
        ),
      422,
      'picture',
    ],
    [
      'a picture without a time',
      () => set.owner.upload(`/clips/${set.theirs['clip']}/pictures?id=${v7()}&note=`, onePixel),
      422,
      'time',
    ],
  ] as const)('%s is refused in words', async (_, ask, status, field) => {
    const before = await set.counts();
    const answer = await ask();
    expect([answer.status, answer.body.error]).toEqual([status, expect.stringContaining(field)]);
    expect(await set.counts()).toEqual(before);
  });

  it('a picture that is too large is refused', async () => {
    const answer = await set.owner.upload(
      `/clips/${set.theirs['clip']}/pictures?id=${v7()}&time=1&note=`,
      Buffer.concat([onePixel, Buffer.alloc(5_000_000)]),
    );
    expect(answer.status).toBe(413);
  });

  it.each([
    ['screen-try', { screenId: v7(), test: 'hip-hop', side: 'lead', n: 1, value: 3, pain: false }],
    ['screen-try', { screenId: v7(), test: 'hip-ir', side: 'lead', n: 3, value: 3, pain: false }],
    ['pitch', { ...pitchFields(v7()), velocity: 178 }],
    ['pitch', { ...pitchFields(v7()), aim: [0] }],
    ['clip-opened', { ...clipFields(v7()), hash: 'short' }],
    ['clip-mark', { clipId: v7(), event: 'juggle', time: 1 }],
    ['curves-read', { athleteId: v7(), zone: 'Europe/London', name: 'a', result: {} }],
    ['screen-begun', { athleteId: v7(), zone: 'Europe/London' }],
  ])('%s %j is refused for good', async (kind, fields) => {
    const { body } = await set.owner.post('/log', { events: [logs.event(kind, fields)] });
    expect(body.responses).toMatchObject([{ stored: false, why: expect.any(String) }]);
  });
});
