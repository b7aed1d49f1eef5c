import { quantile } from 'simple-statistics';
import type { Motion, MotionJoint } from './figure';
import type { Instants } from './events';
import { bendOf, leanOf, minus, offLine, placeAt, riseOf, size, type Place } from './geometry';
import { wholes } from './errors';
import { motionMeasureOf } from './measureTable';
import { texts } from './texts';

/** The hips stand still below this, % of height a second, looked for so far from peak lift, s. */
const still = { speed: 4, around: 0.4 } as const;
/** Their speed is told over so long to each side, s: longer where a tracker wanders. */
const overOf = ({ tracked }: Motion): number => (tracked ? 0.125 : 0.1);
/** Looked at this long after plant, or before release, s. */
const afterPlant = 0.06;
const beforeRelease = 0.02;
/** An arm that is shorter than this share of its longest is not in the plane of the picture. */
const inPlane = 0.9;
/** A length is taken for the longest that is seen so often; the very longest is the tracker's error. */
const longest = 0.75;
const nearlyStraight = 25;
const forward: Place = [1, 0, 0];
const toRight: Place = [0, 0, 1];
const upward: Place = [0, 1, 0];

/** A figure, or why there is none. */
export type Figure = number | string;
type Compute = (see: Seeing) => Figure;

/** The instants of one delivery and what is seen at them. */
export interface Seeing {
  motion: Motion;
  /** Those that the measure needs are there. */
  at: Required<Instants>;
  /** How far off each may be, s; what is not named is exact. */
  off: Instants;
  place: (joint: MotionJoint, t: number) => Place;
}

/**
 * What a figure is told from.
 *
 * @param at instants of the delivery, s
 * @param off how far off each of them may be, s
 * @example seeing(pitched, { plant: 1 }).at.plant // 1
 */
export const seeing = (motion: Motion, at: Instants, off: Instants = {}): Seeing => ({
  motion,
  at: at as Required<Instants>,
  off,
  place: (joint, t) => placeAt(motion, joint, t),
});

const hidden = texts.jointIsHiddenThere;
const share = (from: number, to: number, part: number): number => from + part * (to - from);
const ofTrunk = (value: number): number => value / wholes['% of trunk length']!;

/** Largest value of what is seen between two instants, frame by frame; NaN where nothing is. */
function largest({ motion: { rate } }: Seeing, from: number, to: number, of: (t: number) => number): number {
  let most = NaN;
  const steps = Math.max(1, Math.round((to - from) * rate));
  for (let k = 0; k <= steps; k++) {
    const value = of(share(from, to, k / steps));
    if (!(value <= most)) most = Number.isNaN(value) ? most : value;
  }
  return most;
}

const kneeBend = ({ place }: Seeing, leg: 'lead' | 'trail', t: number): number =>
  bendOf(place(`${leg}Hip`, t), place(`${leg}Knee`, t), place(`${leg}Ankle`, t));

/** A nearly straight front knee may also lie behind the line from hip to ankle: then it is bent the other way. */
function frontKneeBend(see: Seeing, t: number): number {
  const bend = kneeBend(see, 'lead', t);
  if (bend > nearlyStraight) return bend;
  const [hip, knee, ankle] = [see.place('leadHip', t), see.place('leadKnee', t), see.place('leadAnkle', t)];
  return offLine(hip, ankle, knee, forward) < 0 ? -bend : bend;
}
const elbowBend = ({ place }: Seeing, t: number): number =>
  bendOf(place('throwingShoulder', t), place('throwingElbow', t), place('throwingWrist', t));
const trunk = ({ place }: Seeing, t: number, axis: 'fwd' | 'side' = 'fwd'): number =>
  leanOf(place('hips', t), place('shoulders', t), axis);
const ahead = ({ place }: Seeing, a: MotionJoint, b: MotionJoint, t: number): number =>
  place(a, t)[0] - place(b, t)[0];

/** Forward speed of the hips over a while, by a straight line through it, % of height a second. */
function hipSpeed(motion: Motion, i: number): number {
  const { rate } = motion;
  const { hips } = motion.at;
  const half = Math.max(1, Math.round(overOf(motion) * rate));
  let [top, bottom] = [0, 0];
  for (let k = -half; k <= half; k++) {
    top += k * (hips.fwd[i + k] ?? NaN);
    bottom += k * k;
  }
  return (top / bottom) * rate;
}

/** Longest time around lift in which the hips hardly go forward, ms. */
function pause({ motion, at }: Seeing): Figure {
  const { rate, start } = motion;
  const edge = Math.max(1, Math.round(overOf(motion) * rate));
  const frameOf = (t: number) => (t - start) * rate;
  const first = Math.max(edge, Math.ceil(frameOf(at['peak-lift'] - still.around)));
  const last = Math.min(
    motion.frames - 1 - edge,
    frameOf(Math.min(at['peak-lift'] + still.around, at.plant ?? Infinity)),
  );
  // A tracked hip that wanders seems to set off: what is over sooner than a speed is told in was none.
  const brief = motion.tracked ? edge : 0;
  let [most, began, slow] = [0, first, -Infinity];
  for (let i = first; i <= last; i++) {
    const speed = hipSpeed(motion, i);
    if (Number.isNaN(speed)) return hidden;
    if (speed >= still.speed) continue;
    if (i - slow - 1 > brief) began = i;
    slow = i;
    most = Math.max(most, i - began + 1);
  }
  return (most * 1000) / rate;
}

/** How long the upper arm is in this picture, where it is hardly ever shorter, % of height. */
function longestArm({ motion }: Seeing): number {
  const { throwingShoulder: a, throwingElbow: b } = motion.at;
  const seen = Array.from(a.fwd, (each, i) =>
    Math.hypot(b.fwd[i]! - each, b.up[i]! - a.up[i]!, b.side[i]! - a.side[i]!),
  ).filter((each) => !Number.isNaN(each));
  return seen.length ? quantile(seen, longest) : NaN;
}

/** How far a line from the back to the front side has turned to the target at plant: 0 closed, 90 facing it. */
function turnOf({ place, at }: Seeing, back: MotionJoint, front: MotionJoint): number {
  const [fwd, , side] = minus(place(front, at.plant), place(back, at.plant));
  return (Math.atan2(-side, fwd) * 180) / Math.PI;
}

const compute: Readonly<Record<string, Compute>> = {
  'lift-pause': pause,
  'drift-at-lift': (see) => ahead(see, 'hips', 'trailAnkle', see.at['peak-lift']),
  'hips-lead': (see) =>
    ofTrunk(ahead(see, 'hips', 'shoulders', share(see.at['peak-lift'], see.at.plant, 0.5))),
  'trunk-back-tilt': (see) => -trunk(see, share(see.at['peak-lift'], see.at.plant, 0.5)),
  'back-shin-angle': ({ at, place }) => {
    const t = share(at['peak-lift'], at.plant, 0.75);
    return leanOf(place('trailAnkle', t), place('trailKnee', t));
  },
  'back-knee-bend': (see) =>
    largest(see, see.at['peak-lift'], share(see.at['peak-lift'], see.at.plant, 0.75), (t) =>
      kneeBend(see, 'trail', t),
    ),
  'hip-rise': (see) =>
    largest(see, see.at['peak-lift'], see.at.plant, (t) => see.place('hips', t)[1]) -
    see.place('hips', see.at['peak-lift'])[1],
  'stride-length': ({ at, place, motion }) => {
    const stood = at['peak-lift'] ?? at['push-off'];
    if (stood === undefined) return texts.whereBackFoot(motion.discipline);
    return place('leadAnkle', at.plant)[0] - place('trailAnkle', stood)[0];
  },
  'lead-knee-bend-at-plant': (see) => frontKneeBend(see, see.at.plant),
  'lead-knee-straightening-plant-to-release': (see) =>
    frontKneeBend(see, see.at.plant) - frontKneeBend(see, see.at.release),
  'trunk-forward-tilt-at-release': (see) => trunk(see, see.at.release),
  'chest-over-lead-knee': (see) => ofTrunk(ahead(see, 'shoulders', 'leadKnee', see.at.release)),
  'elbow-bend-at-plant': (see) => {
    // Plant is known to so much: an arm that lies in the plane at any moment of it may do so at plant.
    const { plant = 0 } = see.off;
    const arm = largest(see, see.at.plant - plant, see.at.plant + plant, (t) =>
      size(minus(see.place('throwingElbow', t), see.place('throwingShoulder', t))),
    );
    return see.motion.view !== 'space' && arm < inPlane * longestArm(see)
      ? texts.armPointsOut
      : elbowBend(see, see.at.plant);
  },
  'hip-shoulder-separation-at-plant': (see) =>
    turnOf(see, 'trailHip', 'leadHip') - turnOf(see, 'throwingShoulder', 'gloveShoulder'),
  'forearm-at-plant': ({ at, place }) =>
    riseOf(place('throwingElbow', at.plant), place('throwingWrist', at.plant)),
  'hand-top-to-plant': ({ at }) => (at.plant - at['hand-top']) * 1000,
  'peak-lift-to-plant': ({ at }) => (at.plant - at['peak-lift']) * 1000,
  'plant-to-release': ({ at }) => (at.release - at.plant) * 1000,
  'knee-in-at-plant': ({ at, place }) => {
    const t = at.plant + afterPlant;
    const [hip, knee, ankle] = [place('leadHip', t), place('leadKnee', t), place('leadAnkle', t)];
    return offLine(hip, ankle, knee, toRight) / wholes['% of leg length']!;
  },
  'elbow-under-shoulders': ({ at, place }) => {
    const t = at.release - beforeRelease;
    return -ofTrunk(
      offLine(place('gloveShoulder', t), place('throwingShoulder', t), place('throwingElbow', t), upward),
    );
  },
  'side-tilt-at-release': (see) => -trunk(see, see.at.release, 'side'),
  'off-line-stride': ({ at, place }) => {
    const stood = at['peak-lift'] ?? at['push-off'] ?? at.plant;
    return place('leadAnkle', at.plant)[2] - place('trailAnkle', stood)[2];
  },
  'drive-angle': ({ at, place }) =>
    leanOf(place('trailAnkle', at['push-off']), place('trailHip', at['push-off'])),
  'upper-leads': (see) =>
    ofTrunk(ahead(see, 'shoulders', 'hips', share(see.at['push-off'], see.at.plant, 0.5))),
  'trunk-at-release': (see) => trunk(see, see.at.release),
  'trunk-swing': (see) =>
    largest(see, see.at.plant, see.at.release, (t) => trunk(see, t)) - trunk(see, see.at.release),
  'elbow-bend-coming-down': (see) => {
    const t = see.at['hand-top'];
    return see.place('throwingWrist', t)[0] > see.place('throwingShoulder', t)[0]
      ? texts.handIsNotSeenBehind
      : elbowBend(see, t);
  },
  'back-leg-through': (see) => ahead(see, 'leadAnkle', 'trailAnkle', see.at.release),
};

/** What is told across the line to the target is told as from the plate, whoever saw it. */
const fromFront = (see: Seeing): Seeing => ({
  ...see,
  place: (joint, t) => {
    const [, up, side] = see.place(joint, t);
    return [0, up, side];
  },
});

/**
 * A figure of a delivery.
 *
 * @param id of a measure of one delivery, whose events are known
 * @returns in the unit of the measure; a sentence where it cannot be seen
 * @example figureOf('plant-to-release', seeing(pitched, { plant: 1, release: 1.25 })) // 250
 */
export function figureOf(id: string, see: Seeing): Figure {
  const value = compute[id]!(motionMeasureOf(id)!.from === 'line' ? fromFront(see) : see);
  return typeof value === 'number' && !Number.isFinite(value) ? hidden : value;
}

/** Measures of one delivery; the others are of several. */
export const computed = new Set(Object.keys(compute));
