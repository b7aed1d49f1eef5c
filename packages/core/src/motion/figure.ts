import type { Discipline, Hand } from '../catalogue';
import type { Tracks } from './clean';
import type { BodyJoint, Ground, KeypointClip, MotionView } from './keypoints';

/** Joints by what they do in a delivery. */
export const roleJoints = [
  'leadHip',
  'leadKnee',
  'leadAnkle',
  'trailHip',
  'trailKnee',
  'trailAnkle',
  'throwingShoulder',
  'throwingElbow',
  'throwingWrist',
  'gloveShoulder',
  'gloveElbow',
  'gloveWrist',
] as const;
export type RoleJoint = (typeof roleJoints)[number];
export type MotionJoint = RoleJoint | 'hips' | 'shoulders' | 'nose';

/** Where a joint is over time, in % of body height; an axis that the camera does not show is 0 all the time. */
export interface Path {
  /** Towards the target. */
  fwd: Float64Array;
  up: Float64Array;
  /** Towards the side of the throwing arm. */
  side: Float64Array;
}

/** A delivery as it was seen, whatever saw it. */
export interface Motion {
  discipline: Discipline;
  throws: Hand;
  view: MotionView | 'space';
  rate: number;
  start: number;
  frames: number;
  at: Record<MotionJoint, Path>;
  /** Standard deviation of each joint's jitter, % of height. */
  jitter: Record<MotionJoint, number>;
  /** From a tracker, whose points are rougher than a lab's. */
  tracked: boolean;
}

/**
 * Which joint of the body has which part in the delivery of a hand.
 *
 * @example bodyJointOf('leadKnee', 'R') // 'leftKnee'
 */
export function bodyJointOf(role: RoleJoint, throws: Hand): BodyJoint {
  const [, part, joint] = /^(lead|trail|throwing|glove)(\w+)$/.exec(role)!;
  const onThrowing = part === 'trail' || part === 'throwing';
  const side = (throws === 'R') === onThrowing ? 'right' : 'left';
  return `${side}${joint}` as BodyJoint;
}

/**
 * Whether a delivery is seen along the line to the target: from the plate or from behind.
 *
 * @example isAlong(pitched) // false
 */
export const isAlong = ({ view }: Pick<Motion, 'view'>): boolean => view === 'front' || view === 'behind';

/**
 * Which axes beside up whatever saw a delivery shows.
 *
 * @example axesOf(pitched) // { fwd: true, side: false }
 */
export const axesOf = ({ view }: Pick<Motion, 'view'>): { fwd: boolean; side: boolean } => ({
  fwd: !isAlong({ view }),
  side: view === 'space' || isAlong({ view }),
});

/** Radians by which the picture is turned back. */
function tiltOf(ground: Ground | undefined): number {
  if (ground === undefined) return 0;
  if (typeof ground === 'number') return (ground * Math.PI) / 180;
  const [[ax, ay], [bx, by]] = ground;
  const [dx, dy] = bx >= ax ? [bx - ax, by - ay] : [ax - bx, ay - by];
  return Math.atan2(dy, dx);
}

const between = (a: Path, b: Path): Path => ({
  fwd: a.fwd.map((each, i) => (each + b.fwd[i]!) / 2),
  up: a.up.map((each, i) => (each + b.up[i]!) / 2),
  side: a.side.map((each, i) => (each + b.side[i]!) / 2),
});

/**
 * All joints with the middle of the hips and of the shoulders.
 *
 * @example withMiddles(pitched.at).hips.up.length === pitched.frames // true
 */
export const withMiddles = (joints: Record<RoleJoint | 'nose', Path>): Record<MotionJoint, Path> => ({
  ...joints,
  hips: between(joints.leadHip, joints.trailHip),
  shoulders: between(joints.throwingShoulder, joints.gloveShoulder),
});

/**
 * Tracked points as a delivery: toward the target, up, and across, in % of body height.
 *
 * @example motionOf(filmed.clip, cleaned(filmed.clip)).view // 'open-side'
 */
export function motionOf(clip: KeypointClip, tracks: Tracks): Motion {
  const { discipline, throws, view, towards, ground } = clip;
  const tilt = tiltOf(ground);
  const [sin, cos] = [Math.sin(tilt), Math.cos(tilt)];
  const scale = 100 / tracks.height;
  const fromSide = view.endsWith('side');
  // Looking at the plate the right hand is on the right; looking at the pitcher it is on the left.
  const right = (fromSide ? towards === 'right' : (view === 'behind') === (throws === 'R')) ? 1 : -1;
  const n = tracks.at.nose.x.length;
  const nothing = new Float64Array(n);
  const path = (joint: BodyJoint): Path => {
    const { x, y } = tracks.at[joint];
    const along = x.map((each, i) => right * scale * (each * cos + y[i]! * sin));
    const up = x.map((each, i) => -scale * (y[i]! * cos - each * sin));
    return fromSide ? { fwd: along, up, side: nothing } : { fwd: nothing, up, side: along };
  };
  const joints = Object.fromEntries([
    ...roleJoints.map((role) => [role, path(bodyJointOf(role, throws))]),
    ['nose', path('nose')],
  ]) as Record<RoleJoint | 'nose', Path>;
  const jitterOf = (joint: BodyJoint) => (tracks.jitter[joint] || 0) * scale;
  const own = (role: RoleJoint) => jitterOf(bodyJointOf(role, throws));
  return {
    discipline,
    throws,
    view,
    rate: tracks.rate,
    start: tracks.start,
    frames: n,
    at: withMiddles(joints),
    jitter: {
      ...(Object.fromEntries(roleJoints.map((role) => [role, own(role)])) as Record<RoleJoint, number>),
      nose: jitterOf('nose'),
      hips: Math.hypot(own('leadHip'), own('trailHip')) / 2,
      shoulders: Math.hypot(own('throwingShoulder'), own('gloveShoulder')) / 2,
    },
    tracked: true,
  };
}
