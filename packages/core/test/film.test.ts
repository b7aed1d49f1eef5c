import {
  compareFigures,
  cropAt,
  cropRound,
  differenceWords,
  drawTracked,
  findThrows,
  isRead,
  keptMotion,
  motionWords,
  planeSpeeds,
  readFilm,
  sideView,
  towardsOf,
  wholePicture,
  type FilmedThrow,
  type KeypointFrame,
  type TrackedFilm,
} from '../src';
import { headOf, holdsBall } from './shapes';
import { pretendFilm } from '../src/simulate';

const size = [960, 540] as const;
const whom = { discipline: 'overhand', level: 'high-school' } as const;
const film = (seed: number, throws: 'R' | 'L' = 'R') =>
  pretendFilm({ discipline: 'overhand', throws, fps: 60, seed });
const right = film(1);
const coarse = (frames: readonly KeypointFrame[], rate: number) =>
  frames.filter((_, i) => i % Math.round(60 / rate) === 0);

describe('where a body is looked for', () => {
  const body = (score: number, wide = 100): KeypointFrame['keypoints'] =>
    Array.from({ length: 17 }, (_, j) => [400 + (wide * j) / 16, 200 + (200 * j) / 16, score] as const);

  it('is the square round its joints, a quarter larger, centred', () =>
    expect(cropRound(body(0.9), size)).toEqual({ x: 325, y: 175, side: 250 }));
  it('counts a joint above a score of 0.2, and no body under six of them', () => {
    expect(cropRound(body(0.2), size)).toBeNull();
    expect(cropRound(body(0.21), size)).not.toBeNull();
    const few = (n: number) => body(0.9).map(([x, y], j) => [x, y, j < n ? 0.9 : 0] as const);
    expect([cropRound(few(5), size), cropRound(few(6), size) === null]).toEqual([null, false]);
  });
  it('is never smaller than a body far away', () => {
    const dot = body(0.9).map(([, , score]) => [400, 200, score] as const);
    expect(cropRound(dot, size)!.side).toBeCloseTo(1.25 * 0.12 * 540);
  });
  it('begins with the whole picture, or where somebody pointed', () => {
    expect(wholePicture([540, 960])).toEqual({ x: -210, y: 0, side: 960 });
    expect(cropAt([500, 300], size)).toEqual({ x: 230, y: 30, side: 540 });
  });
});

describe('the throws of a film', () => {
  const truth = right.delivery.events as Record<'peak-lift' | 'release', number>;
  const throwsIn = (frames: readonly KeypointFrame[]): FilmedThrow[] =>
    findThrows(frames, { discipline: 'overhand', throws: 'R' });

  it.each([6, 10, 12, 20])(
    'are found at %i frames a second, from before the lift to after release',
    (rate) => {
      const [one, ...more] = throwsIn(coarse(right.clip.frames, rate));
      expect(more).toEqual([]);
      expect(one!.from).toBeLessThan(truth['peak-lift'] - 0.1);
      expect(one!.to).toBeGreaterThan(truth.release + 0.1);
      expect(Math.abs(one!.fastest - truth.release)).toBeLessThan(1.6 / rate);
    },
  );
  it('are told apart from 2.5 s on', () => {
    const { release } = truth;
    const once = right.clip.frames.filter(({ t }) => t > release - 1.2 && t < release + 0.3);
    const twice = (by: number) => [...once, ...once.map(({ t, keypoints }) => ({ t: t + by, keypoints }))];
    expect([2.49, 2.51].map((by) => throwsIn(coarse(twice(by), 12)).length)).toEqual([1, 2]);
  });
  it('are none where nobody throws, or nobody is seen', () => {
    const still = right.clip.frames.map(({ t }) => ({ t, keypoints: right.clip.frames[0]!.keypoints }));
    expect(() => throwsIn(still)).toThrow('no throw was found in this film');
    const dark = right.clip.frames.map(({ t, keypoints }) => ({
      t,
      keypoints: keypoints.map(([x, y]) => [x, y, 0.29] as const),
    }));
    expect(() => throwsIn(dark)).toThrow('no one was found in this film');
  });
});

describe('where the target is', () => {
  it.each(['R', 'L'] as const)('is told from the feet of a %s', (throws) => {
    const { clip, delivery } = film(2, throws);
    expect(towardsOf(clip.frames, throws, delivery.events.release!)).toBe(clip.towards);
    expect(sideView(clip.towards!, throws)).toBe('open-side');
    expect(sideView(clip.towards === 'left' ? 'right' : 'left', throws)).toBe('closed-side');
  });
  it('is not told where no foot is seen', () => expect(towardsOf([], 'R', 1)).toBeNull());
});

describe('several throws', () => {
  const one = ({ clip }: typeof right): TrackedFilm['throws'][number] => ({
    from: 0,
    to: clip.frames.at(-1)!.t,
    fastest: 2,
    frames: [...clip.frames],
    whole: true,
  });
  const many = (seeds: readonly number[]) => ({ size, throws: seeds.map((seed) => one(film(seed))) });
  const still: TrackedFilm['throws'][number] = {
    ...one(right),
    frames: right.clip.frames.map(({ t }) => ({ t, keypoints: right.clip.frames[0]!.keypoints })),
  };
  const read = (tracked: TrackedFilm) => readFilm(tracked, right.clip, whom);
  const four = read(many([1, 2, 3, 4]));
  const strideOf = (reading: typeof four) => reading.measures.find(({ id }) => id === 'stride-length')!;

  it('give medians with their range, and a scatter from four on', () => {
    const each = four.throws
      .filter(isRead)
      .map(({ measures }) => measures.find(({ id }) => id === 'stride-length')!.value);
    const sorted = [...each].sort((a, b) => a - b) as [number, number, number, number];
    const stride = strideOf(four);
    expect(stride.value).toBeCloseTo((sorted[1] + sorted[2]) / 2);
    expect(stride.range).toEqual([sorted[0], sorted[3]]);
    expect(stride.scatter).toBeGreaterThan(0);
    const repeated = four.measures.find(({ id }) => id === 'repeat-plant')!;
    expect(repeated.value).toBe(stride.scatter);
    const three = read(many([1, 2, 3]));
    expect(strideOf(three).scatter).toBeNull();
    expect(three.missing.find(({ id }) => id === 'repeat-plant')!.why).toMatch(/four/);
  });
  it('are not decided by one bad track', () => {
    const { throws } = many([1, 2]);
    const reading = read({ size, throws: [...throws, still] });
    expect(reading.throws.map(isRead)).toEqual([true, true, false]);
    expect(reading.throws[2]).toEqual({ wrong: expect.stringContaining('no throw was found') });
    expect(strideOf(reading).throws).toBe(2);
  });
  it('say nothing where none can be read', () =>
    expect(read({ size, throws: [still] })).toMatchObject({ measures: [], evidence: [] }));
});

describe('two films', () => {
  const figure = (value: number, off = 3) => [{ id: 'hip-rise', value, off }];
  it('differ when the difference is more than both errors together', () => {
    const off = Math.hypot(3, 4);
    const real = (by: number) => compareFigures(figure(10), figure(10 + by, 4))[0]!.real;
    expect([real(off), real(off + 0.01), real(-off - 0.01)]).toEqual([false, true, true]);
  });
  it('name a figure that one of them lacks', () =>
    expect(compareFigures(figure(1), [])).toMatchObject([{ difference: null, b: null, real: false }]));
  it('are written with one unit, a true minus, and no sign before nothing', () => {
    expect(motionWords(-0.4, null, 'deg')).toBe('0°');
    expect(differenceWords(-0.04, 1, '% of height')).toBe('0.0 ± 1.0 % of height');
    expect(differenceWords(12.4, 3, 'ms')).toBe('+12 ± 3 ms');
    expect(differenceWords(-12.4, 3, 'ms')).toBe('−12 ± 3 ms');
  });
});

describe('a body that is kept without its film', () => {
  const fast = pretendFilm({ discipline: 'overhand', throws: 'L', fps: 240 });
  const kept = keptMotion(fast.clip, { plant: fast.delivery.events.plant! });

  it('is kept at 60 frames a second at most, with the times of its events', () => {
    expect(kept.rate).toBeCloseTo(60);
    expect(kept.events.plant).toBeCloseTo(fast.delivery.events.plant! - fast.clip.frames[0]!.t);
  });
  it('goes toward the target, and is drawn to the side of the hand', () => {
    const drawn = (hand: 'R' | 'L') => {
      const moving = drawTracked(kept, { width: 200, height: 160, hand }, { from: 0, seconds: 2, rate: 30 });
      return headOf(moving.frame(moving.count - 1)).x - headOf(moving.frame(0)).x;
    };
    expect(drawn('R')).toBeGreaterThan(20);
    expect(drawn('L')).toBeCloseTo(-drawn('R'), 0);
  });
  it('stands still before its first frame, holds what was not seen, and has a ball until release', () => {
    const gap = { ...kept, frames: kept.frames.map((frame, i) => (i === 5 ? frame.map(() => null) : frame)) };
    const moving = drawTracked(
      { ...gap, events: { release: 1 } },
      { width: 200, height: 160, hand: 'R' },
      { from: -1, seconds: 3, rate: 60 },
    );
    expect(moving.frame(0)).toEqual(moving.frame(60));
    expect(headOf(moving.frame(65))).toEqual(headOf(moving.frame(64)));
    expect([119, 120].map((n) => holdsBall(moving.frame(n)))).toEqual([true, false]);
  });
});

describe('speeds in the picture', () => {
  const { clip, delivery } = pretendFilm({ discipline: 'overhand', throws: 'R', fps: 120, noise: 0 });
  const { plant, release } = delivery.events;
  const speeds = planeSpeeds({ ...clip, heightCm: 200 }, { plant, release })!;

  it('are told in the order of their peaks, in metres a second where the height is known', () => {
    expect(speeds.unit).toBe('m/s');
    const bare = planeSpeeds(clip, { plant, release })!;
    expect(bare.unit).toBe('heights/s');
    speeds.peaks.forEach(({ value }, n) => expect(value).toBeCloseTo(2 * bare.peaks[n]!.value));
    expect(speeds.peaks.map(({ segment }) => segment).sort()).toEqual(['chest', 'hand', 'pelvis']);
    const times = speeds.peaks.map(({ time }) => time);
    speeds.gaps.forEach(({ ms }, n) => expect(ms / 1000).toBeCloseTo(times[n + 1]! - times[n]!));
    expect(Math.min(...speeds.gaps.map(({ ms }) => ms))).toBeGreaterThanOrEqual(0);
  });
  it('have their peaks where the body has them, within the ± of the gaps', () => {
    const joints = { pelvis: 'pelvis', chest: 'neck', hand: 'throwingHand' } as const;
    const at = (segment: keyof typeof joints, t: number) => delivery.at(t)[joints[segment]][0];
    for (const { segment, time } of speeds.peaks) {
      let [best, top] = [0, -Infinity];
      for (let t = plant! - 0.6; t < release! + 0.05; t += 0.002) {
        const speed = (at(segment, t + 0.002) - at(segment, t - 0.002)) / 0.004;
        if (speed > top) [best, top] = [t, speed];
      }
      expect(Math.abs(time - best) * 1000).toBeLessThanOrEqual(speeds.gaps[0]!.plusMinusMs);
    }
  });
  it('are none from the plate, and none without plant or release', () => {
    const front = pretendFilm({ discipline: 'overhand', throws: 'R', fps: 60, view: 'front', noise: 0 });
    expect(planeSpeeds(front.clip, { plant: 1.6, release: 1.8 })).toBeNull();
    expect([planeSpeeds(clip, { plant }), planeSpeeds(clip, { release })]).toEqual([null, null]);
  });
});
