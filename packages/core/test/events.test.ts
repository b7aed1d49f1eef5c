import { findEvents, type Motion, type MotionJoint } from '../src';
import { pretendDelivery, trueMotion } from '../src/simulate';

const rate = 400;
const delivered = (discipline: 'overhand' | 'windmill'): Motion =>
  trueMotion(pretendDelivery({ discipline, throws: 'R' }), { discipline, throws: 'R', rate });
const overhand = delivered('overhand');
const windmill = delivered('windmill');
type Places = Partial<Record<'fwd' | 'up' | 'side', (t: number, was: number) => number>>;

/** The same delivery with joints that go elsewhere. */
const moved = (motion: Motion, joints: Partial<Record<MotionJoint, Places>>): Motion => ({
  ...motion,
  at: {
    ...motion.at,
    ...Object.fromEntries(
      Object.entries(joints).map(([joint, places]) => {
        const path = motion.at[joint as MotionJoint];
        const axis = (name: keyof Places) =>
          places[name] ? path[name].map((was, i) => places[name]!(i / rate, was)) : path[name];
        return [joint, { fwd: axis('fwd'), up: axis('up'), side: axis('side') }];
      }),
    ),
  },
});
const { at: known } = findEvents(overhand);
const ramp = (from: number, to: number) => (t: number) => Math.max(0, Math.min(1, (t - from) / (to - from)));

/** Fastest speed of the hand against its shoulder, % of height a second. */
function peakOf({ at }: Motion): number {
  const axes = ['fwd', 'up', 'side'] as const;
  const place = (i: number) => axes.map((axis) => at.throwingWrist[axis][i]! - at.throwingShoulder[axis][i]!);
  const speeds = Array.from({ length: at.hips.up.length - 2 }, (_, i) => {
    const [before, after] = [place(i), place(i + 2)];
    return (Math.hypot(...before.map((each, n) => after[n]! - each)) * rate) / 2;
  });
  return Math.max(...speeds);
}

it('takes a hand for a throw from 200 % of height a second on', () => {
  const peak = peakOf(overhand);
  const at = (speed: number) => () => findEvents({ ...overhand, rate: (rate * speed) / peak });
  expect(at(198)).toThrow('no throw was found');
  expect(at(202)).not.toThrow('no throw was found');
});

it.each([
  [1.28, false],
  [1.32, true],
])('asks for the other hand when that one is %d times as fast: %s', (times, asked) => {
  const { throwingWrist: hand, throwingShoulder: shoulder } = overhand.at;
  const swung = (axis: 'fwd' | 'up' | 'side') => (t: number) => {
    const i = Math.round(t * rate);
    return overhand.at.gloveShoulder[axis][i]! + times * (hand[axis][i]! - shoulder[axis][i]!);
  };
  const film = moved(overhand, { gloveWrist: { fwd: swung('fwd'), up: swung('up'), side: swung('side') } });
  const ask = () => findEvents(film);
  if (asked) expect(ask).toThrow('check the throwing hand');
  else expect(ask).not.toThrow();
});

it('puts release 15 ms behind the fastest hand', () => {
  // Its speed is a half wave, highest in the middle.
  const way = (t: number) => 300 * (1 - Math.cos(Math.PI * ramp(1.7, 1.8)(t)));
  const film = moved(overhand, {
    throwingWrist: { fwd: way, up: () => 100, side: () => 0 },
    throwingShoulder: { fwd: () => 0, up: () => 80, side: () => 0 },
  });
  expect(findEvents(film).at.release).toBeCloseTo(1.75 + 0.015, 3);
});

it.each([
  [7, 1.4],
  [9, 1.56],
])('takes a foot that hangs %d %% of height above the ground for landed at %d s', (height, plant) => {
  const falls = ramp(1.5, 1.56);
  const film = moved(overhand, {
    leadAnkle: {
      fwd: (t) => 60 * ramp(1.2, 1.4)(t) + 10 * falls(t),
      up: (t) => 4 + height * (1 - falls(t)),
      side: () => 0,
    },
  });
  expect(Math.abs(findEvents(film).at.plant! - plant)).toBeLessThan(0.01);
});

it.each([
  [0.8, 0.9],
  [1.2, 1],
])('counts a knee %d %% of height under its highest among the highest: lift at %d s', (under, lift) => {
  const film = moved(overhand, {
    leadKnee: { up: (t) => 30 + (t >= 0.8 && t < 0.99 ? 20 - under : t >= 0.99 && t < 1.01 ? 20 : 0) },
  });
  expect(Math.abs(findEvents(film).at['peak-lift']! - lift)).toBeLessThan(0.02);
});

it.each([
  [1.95, true],
  [2.05, false],
])('looks for the lift up to 2 s before release: %d s, %s', (before, found) => {
  const release = known.release! + 0.5;
  const later = (values: Float64Array) => Float64Array.of(...Array(rate / 2).fill(values[0]), ...values);
  const late: Motion = { ...overhand, frames: overhand.frames + rate / 2, at: { ...overhand.at } };
  for (const [joint, { fwd, up, side }] of Object.entries(overhand.at))
    late.at[joint as MotionJoint] = { fwd: later(fwd), up: later(up), side: later(side) };
  const bump = (t: number, was: number) => (Math.abs(t - (release - before)) < 0.02 ? 90 : was);
  const lift = findEvents(moved(late, { leadKnee: { up: bump } })).at['peak-lift']!;
  expect(Math.abs(lift - (release - before)) < 0.02).toBe(found);
});

it('parts the hands at 10 % of height, and lifts the back foot at 3 %', () => {
  const { fwd, up, side } = overhand.at.throwingWrist;
  const beside = (values: Float64Array) => (t: number) => values[Math.round(t * rate)]!;
  const film = moved(overhand, {
    gloveWrist: {
      fwd: beside(fwd),
      up: beside(up),
      side: (t) => beside(side)(t) + 20 * ramp(1.1, 1.3)(t),
    },
    trailAnkle: { up: (t) => 4 + 6 * ramp(1.5, 1.7)(t) },
  });
  const { at } = findEvents(film);
  expect(at['hands-break']).toBeCloseTo(1.2, 2);
  expect(at['back-foot-off']).toBeCloseTo(1.6, 2);
});

it.each([
  [0.04, true],
  [0.02, false],
])('takes a top of the hand %d s before release for one: %s', (before, found) => {
  const top = known.release! - before;
  const { up } = overhand.at.throwingWrist;
  const rises = (t: number) => up[1.3 * rate]! + 60 * ramp(1.3, top)(t) - 4 * ramp(top, top + 0.1)(t);
  const film = moved(overhand, { throwingWrist: { up: (t, was) => (t < 1.3 ? was : rises(t)) } });
  const at = findEvents(film).at['hand-top'];
  expect(at !== undefined && Math.abs(at - top) < 0.008).toBe(found);
});

it('pushes off once the drive leg is within 25 degrees of straight', () => {
  // The knee is bent by 90 degrees and straightens evenly over 0.4 s.
  const bend = (t: number) => ((90 - 90 * ramp(0.7, 1.1)(t)) * Math.PI) / 180;
  const film = moved(windmill, {
    trailHip: { fwd: () => 0, up: () => 50, side: () => 0 },
    trailKnee: { fwd: () => 0, up: () => 26, side: () => 0 },
    trailAnkle: {
      fwd: (t) => -24 * Math.sin(bend(t)),
      up: (t) => 26 - 24 * Math.cos(bend(t)),
      side: () => 0,
    },
  });
  expect(findEvents(film).at['push-off']).toBeCloseTo(0.7 + (0.4 * 65) / 90, 2);
});
