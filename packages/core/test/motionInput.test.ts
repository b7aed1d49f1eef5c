import {
  cleaned,
  guessMarkers,
  motionOf,
  motionOfMarkers,
  readKeypoints,
  readMotion,
  readTrc,
  type Hand,
  type Instants,
  type KeypointClip,
} from '../src';
import { fallsUnder } from '../src/motion/instants';
import { unswap } from '../src/motion/swaps';
import { pretendFilm, pretendTrc } from '../src/simulate';

const whom = { discipline: 'overhand', level: 'high-school' } as const;
const read = (clip: KeypointClip, moved?: Instants) => readKeypoints(clip, whom, moved);
const valueOf = (reading: ReturnType<typeof read>, id: string) =>
  reading.measures.find((each) => each.id === id)!;

describe('cleaning', () => {
  const line = (from: number) => ({
    x: Float64Array.from({ length: 30 }, (_, i) => from + i),
    y: new Float64Array(30),
  });
  it('puts left and right back, and leaves two that cross', () => {
    const [left, right] = [line(0), line(40)];
    for (const i of [10, 11, 20]) [left.x[i], right.x[i]] = [right.x[i]!, left.x[i]!];
    expect(unswap(left, right, 100, 60)).toBe(3);
    expect([left.x, right.x]).toEqual([line(0).x, line(40).x]);
    const crossing = { ...line(29), x: line(0).x.map((each) => 29 - each) };
    expect(unswap(line(0), crossing, 100, 60)).toBe(0);
  });

  const clean = pretendFilm({ discipline: 'overhand', throws: 'R', fps: 60, noise: 0 }).clip;
  const without = (frames: readonly number[], score: number): KeypointClip => ({
    ...clean,
    frames: clean.frames.map((frame, i) => ({
      ...frame,
      keypoints: frame.keypoints.map(
        ([x, y], j) => [x, y, j === 13 && frames.includes(i) ? score : 0.9] as const,
      ),
    })),
  });
  const knee = (clip: KeypointClip) => cleaned(clip).at.leftKnee.x;

  it('fills a gap of 50 ms and leaves a longer one', () => {
    expect(knee(without([30, 31, 32], 0.29)).some(Number.isNaN)).toBe(false);
    expect([...knee(without([30, 31, 32, 33], 0.29))].filter(Number.isNaN)).toHaveLength(4);
    expect(knee(without([30, 31, 32, 33], 0.3)).some(Number.isNaN)).toBe(false);
  });

  it('takes out a point that leaves its neighbours', () => {
    const stray: KeypointClip = {
      ...clean,
      frames: clean.frames.map((frame, i) => ({
        ...frame,
        keypoints: frame.keypoints.map(
          ([x, y, s], j) => [x + (j === 13 && i === 40 ? 90 : 0), y, s] as const,
        ),
      })),
    };
    const [with_, without_] = [knee(stray), knee(clean)];
    expect(Math.max(...with_.map((each, i) => Math.abs(each - without_[i]!)))).toBeLessThan(3);
  });

  it('lays frames that come unevenly out evenly', () => {
    const uneven = { ...clean, frames: clean.frames.filter((_, i) => i % 7 !== 3) };
    const { plant } = read(uneven).events;
    expect(Math.abs(plant!.t - read(clean).events.plant!.t)).toBeLessThan(0.012);
  });

  it('levels a tilted camera by its ground', () => {
    const [sin, cos] = [Math.sin(0.1), Math.cos(0.1)];
    const tilted = {
      ...clean,
      frames: clean.frames.map((frame) => ({
        ...frame,
        keypoints: frame.keypoints.map(([x, y, s]) => [x * cos - y * sin, x * sin + y * cos, s] as const),
      })),
    };
    const lean = (clip: KeypointClip) => valueOf(read(clip), 'trunk-back-tilt').value;
    expect(lean({ ...tilted, ground: (0.1 * 180) / Math.PI })).toBeCloseTo(lean(clean), 1);
    expect(
      lean({
        ...tilted,
        ground: [
          [0, 0],
          [cos, sin],
        ],
      }),
    ).toBeCloseTo(lean(clean), 1);
    expect(Math.abs(lean(tilted) - lean(clean))).toBeGreaterThan(5);
  });
});

it('takes a foot for planted once it stays slow for so many samples', () => {
  const speed = Float64Array.of(9, 9, 1, 1, 9, 1, 1, 1, 9);
  expect(fallsUnder(speed, 2, { from: 0, to: 8, stays: 1 })).toBeCloseTo(1.875);
  expect(fallsUnder(speed, 2, { from: 0, to: 8, stays: 2 })).toBeCloseTo(4.875);
  expect(fallsUnder(speed, 2, { from: 0, to: 8, stays: 3 })).toBeNull();
});

it('follows an event that is moved, to half a frame', () => {
  const { clip } = pretendFilm({ discipline: 'overhand', throws: 'R', fps: 60, noise: 0 });
  const { events, measures } = read(clip, { plant: 1.5 });
  expect(events.plant).toEqual({ t: 1.5, plusMinusMs: expect.closeTo(8.333, 2), moved: true });
  const gap = measures.find(({ id }) => id === 'plant-to-release')!;
  expect(gap.value).toBeCloseTo((events.release!.t - 1.5) * 1000, 9);
});

it('reads a lab’s markers in space, and says what lies at no marker', () => {
  const file = readTrc(pretendTrc({ discipline: 'overhand', throws: 'L' }, 200));
  const motion = motionOfMarkers(file, { discipline: 'overhand', throws: 'L' });
  const { measures, missing } = readMotion(motion, whom);
  const separation = measures.find(({ id }) => id === 'hip-shoulder-separation-at-plant')!;
  expect(Math.abs(separation.value - 48)).toBeLessThan(5);
  expect(measures.map(({ id }) => id)).toEqual(expect.arrayContaining(['stride-length', 'knee-in-at-plant']));
  expect(missing.map(({ id }) => id)).toEqual(['repeat-plant']);
  expect(guessMarkers(['L_Knee', 'RKNE', 'STRN'])).toEqual({ leftKnee: ['L_Knee'], rightKnee: ['RKNE'] });
  const some = { ...file, markers: new Map([...file.markers].slice(2)) };
  expect(() => motionOfMarkers(some, { discipline: 'overhand', throws: 'L' })).toThrow(
    /no marker is known for/,
  );
});

it('smooths a lab’s marker on both sides of a gap', () => {
  const file = readTrc(pretendTrc({ discipline: 'overhand', throws: 'R' }, 100));
  const knee = file.markers.get('LKNE')!;
  const jittering = knee.map(([x, y, z], i) => {
    if (i >= 40 && i < 50) return [NaN, NaN, NaN] as const;
    return [x, y + (i % 2 ? 8 : -8), z] as const;
  });
  const seenAs = (track: typeof knee) =>
    motionOfMarkers(
      { ...file, markers: new Map([...file.markers, ['LKNE', track]]) },
      { discipline: 'overhand', throws: 'R' },
    ).at.leadKnee.up;
  const [calm, true_] = [seenAs(jittering), seenAs(knee)];
  expect([...calm].flatMap((each, i) => (Number.isNaN(each) ? [i] : []))).toEqual([
    40, 41, 42, 43, 44, 45, 46, 47, 48, 49,
  ]);
  // 8 mm of 1.8 m are 0.44 % of height.
  for (let i = 5; i < 35; i++) expect(Math.abs(calm[i]! - true_[i]!)).toBeLessThan(0.3);
});

const trc = pretendTrc({ discipline: 'overhand', throws: 'R' }, 100);
it.each([
  ['PathFileType', 'hello', /is not TRC text/],
  ['\tmm\t', '\tfurlong\t', /^Units: must be one of mm, cm, m/],
  ['0.01000', '', /^Time: row 2 has no time/],
  ['0.02000', '0.00500', /^Time: row 3 must come after/],
])('refuses markers with %s as %s', (from, to, why) =>
  expect(() => readTrc(trc.replace(from, to))).toThrow(why),
);

describe('a film that is none', () => {
  const { clip } = pretendFilm({ discipline: 'overhand', throws: 'R', fps: 60, noise: 0 });
  const changed = (change: (point: readonly number[], i: number) => readonly number[]): KeypointClip => ({
    ...clip,
    frames: clip.frames.map((frame, i) => ({
      ...frame,
      keypoints: frame.keypoints.map((point) => change(point, i) as [number, number, number]),
    })),
  });
  const frame = (n: number, more: object): KeypointClip => ({
    ...clip,
    frames: clip.frames.map((each, i) => (i === n ? { ...each, ...more } : each)),
  });
  const refused: [string, KeypointClip, RegExp][] = [
    ['nobody', changed(([x, y]) => [x!, y!, 0.1]), /^frames: no whole body/],
    ['a still picture', changed((_, i) => [i % 2, 9, 1]), /^frames: /],
    ['somebody who stands', { ...clip, frames: clip.frames.slice(0, 10) }, /^frames: no throw was found/],
    ['the other hand', { ...clip, throws: 'L' }, /^throws: the other hand is the faster one/],
    ['upside down', changed(([x, y, s]) => [x!, 540 - y!, s!]), /^frames: the picture is upside down/],
    [
      '16 points',
      frame(3, { keypoints: clip.frames[3]!.keypoints.slice(1) }),
      /^frames\.3\.keypoints: must be 17/,
    ],
    [
      'not a number',
      frame(4, { keypoints: clip.frames[4]!.keypoints.map(() => [NaN, 1, 1]) }),
      /^frames\.4\.keypoints\.0/,
    ],
    ['time backwards', frame(5, { t: 0 }), /^frames\.5\.t: must come after/],
    ['no target', { ...clip, towards: undefined }, /^towards: /],
    ['seven frames', { ...clip, frames: clip.frames.slice(0, 7) }, /^frames: must be at least 8/],
    ['9 frames a second', { ...clip, fps: 9.9 }, /^fps: must be at least 10/],
  ];
  it.each(refused)('%s', (_, film, why) => expect(() => read(film)).toThrow(why));

  it('half a body: what is hidden is said, the rest is read', () => {
    const half: KeypointClip = {
      ...clip,
      frames: clip.frames.map((each) => ({
        ...each,
        keypoints: each.keypoints.map(([x, y, s], j) => [x, y, [7, 8, 9, 10].includes(j) ? 0.1 : s] as const),
      })),
    };
    expect(() => read(half)).toThrow(/^frames: no throw was found in this film/);
    const noGlove: KeypointClip = {
      ...clip,
      frames: clip.frames.map((each) => ({
        ...each,
        keypoints: each.keypoints.map(([x, y, s], j) => [x, y, j === 15 ? 0.1 : s] as const),
      })),
    };
    const { events, missing } = read(noGlove);
    expect(events.release).toBeDefined();
    expect(missing).toContainEqual({ id: 'stride-length', why: 'the front foot is not seen coming to rest' });
  });

  it('24 frames a second: wider ±, and no finer answer', () => {
    const slow = pretendFilm({ discipline: 'overhand', throws: 'R', fps: 24, noise: 0 }).clip;
    const wide = (film: KeypointClip) => valueOf(read(film), 'plant-to-release').plusMinus;
    expect(wide(slow)).toBeGreaterThan(wide(clip) + 15);
  });

  it('says what one camera cannot see', () => {
    const front = read(pretendFilm({ discipline: 'overhand', throws: 'R', fps: 60, view: 'front' }).clip);
    const why = (id: string) => front.missing.find((each) => each.id === id)?.why;
    expect(why('stride-length')).toBe('needs a film from the side');
    expect(why('hip-shoulder-separation-at-plant')).toMatch(/motion lab/);
  });
});

it('mirrors a left-hander', () => {
  const lean = (throws: Hand) => {
    const { clip } = pretendFilm({ discipline: 'overhand', throws, fps: 60, noise: 0 });
    return motionOf(clip, cleaned(clip)).at.hips.fwd;
  };
  const [right, left] = [lean('R'), lean('L')];
  expect(right.at(-1)! - right[0]!).toBeGreaterThan(50);
  // From the middle of the picture either way.
  expect(left.at(-1)! - left[0]!).toBeCloseTo(right.at(-1)! - right[0]!, 6);
});
