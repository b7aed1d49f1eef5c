import type { Discipline } from '../catalogue';
import type { ClipEvent } from '../measure/timing';
import { FieldError } from '../units/fieldError';
import { median } from 'simple-statistics';
import { axesOf, isAlong, type Motion, type MotionJoint, type Path } from './figure';
import { bendOf, type Place } from './geometry';
import { fallsUnder, firstRise, highest, lastRise, rateOf, summit } from './instants';
import { texts } from './texts';

/** Seconds of the film at which something happens. */
export type Instants = Partial<Record<ClipEvent, number>>;
/** Why an event is not given. */
export type Unclear = Partial<Record<ClipEvent, string>>;

/** The hand is fastest shortly before the ball leaves, s. */
export const fastestBeforeRelease = 0.015;
/** Slower than this, % of height a second against the shoulder, no hand throws. */
const slowestThrow = 200;
/** The other hand is this much faster: the wrong one was said to throw. */
const otherHand = 1.3;
/** Plant: the ankle is under this share of its own peak, for so long, s, and no higher than this above its lowest, % of height. */
const planted = { share: 0.25, stays: 0.03, height: 8 } as const;
/** A knee this little under its highest is at its highest, % of height. */
const asHigh = 1;
/** Nobody holds the ball for longer once the foot is down, s. */
const longestTurn = 0.35;
/** From lift to release hardly anybody takes longer, s. */
const longestDelivery = 2;
/** A foot does not land later before release than this, s. */
const shortestTurn = 0.04;
/** Hands are apart beyond this, % of height. */
const apart = 10;
/** A back foot is off the ground this far above where it stood, % of height. */
const off = 3;
/** A foot that stands is looked at for so long, s. */
const stands = 0.3;
/** The drive leg is straight within this, degrees. */
const straight = 25;
/** A top of the hand this near to release is release itself, s. */
const atRelease = 0.03;

/** The events that are found in a film, in their usual order. */
export const filmedEvents: Readonly<Record<Discipline, readonly ClipEvent[]>> = {
  overhand: ['peak-lift', 'hands-break', 'hand-top', 'plant', 'release', 'back-foot-off'],
  windmill: ['push-off', 'hand-top', 'plant', 'release', 'back-foot-off'],
};

interface Found {
  at: Instants;
  unclear: Unclear;
}

/** Along the line to the target it is told when foot, knee and ball do something, and of the hands nothing. */
const aside = texts.isSeenFromSideOnly;
const fromSideOnly: Unclear = {
  'hands-break': aside,
  'hand-top': aside,
  'back-foot-off': aside,
  'push-off': aside,
};

/** How fast a joint moves, % of height a second; against another one where it is given. */
function speedOf(motion: Motion, joint: MotionJoint, against?: MotionJoint): Float64Array {
  const { at, rate } = motion;
  const sees = axesOf(motion);
  const axes = (['up', 'fwd', 'side'] as const).filter((axis) => axis === 'up' || sees[axis]);
  const squares = new Float64Array(motion.frames);
  for (const axis of axes) {
    const values = at[joint][axis];
    const other = against && at[against][axis];
    const speed = rateOf(other ? values.map((each, i) => each - other[i]!) : values, rate);
    for (let i = 0; i < squares.length; i++) squares[i]! += speed[i]! * speed[i]!;
  }
  return squares.map(Math.sqrt);
}

/** From the plate the hand comes at the camera and is slow in the picture: it is looked for once the foot is down. */
function fastestAfterLanding(motion: Motion, hand: Float64Array): number {
  const { rate, frames, at, discipline } = motion;
  const lift = discipline === 'overhand' ? highest(at.leadKnee.up, 0, frames) : null;
  const plant = footDown(motion, { release: frames - 1, first: 0 }, lift?.at ?? null);
  const found = plant === null ? null : highest(hand, plant, plant + longestTurn * rate);
  return (found ?? highest(hand, 0, frames)!).at;
}

/** The instant at which the hand that throws is fastest, in samples. */
function fastest(motion: Motion): number {
  const hand = speedOf(motion, 'throwingWrist', 'throwingShoulder');
  const other = speedOf(motion, 'gloveWrist', 'gloveShoulder');
  const peak = highest(hand, 0, motion.frames);
  const glove = highest(other, 0, motion.frames);
  if (glove && glove.value > slowestThrow && glove.value > otherHand * (peak?.value ?? 0))
    throw new FieldError('throws', texts.otherHandIsFaster);
  if (!peak || peak.value < slowestThrow) throw new FieldError('frames', texts.noThrowWasFound);
  return isAlong(motion) ? fastestAfterLanding(motion, hand) : peak.at;
}

interface Span {
  release: number;
  /** Before this nothing of the delivery happens. */
  first: number;
}

/** The middle of the time in which a knee is at its highest: it hardly moves there, and some hold it. */
function atTop(knee: Float64Array, from: number, to: number): number | null {
  const top = highest(knee, from, to);
  if (!top) return null;
  let [first, last] = [Math.round(top.at), Math.round(top.at)];
  while (first > from && knee[first - 1]! >= top.value - asHigh) first--;
  while (last < to - 1 && knee[last + 1]! >= top.value - asHigh) last++;
  return (first + last) / 2;
}

function footDown(motion: Motion, { release, first }: Span, lift: number | null): number | null {
  const { rate } = motion;
  const ankle = speedOf(motion, 'leadAnkle');
  const last = release - shortestTurn * rate;
  const peak = highest(ankle, lift ?? first, last);
  if (!peak) return null;
  // A leg that hangs in mid-air for a moment has not landed.
  const { up } = motion.at.leadAnkle;
  const low = -(
    highest(
      up.map((each) => -each),
      peak.at,
      last,
    )?.value ?? NaN
  );
  const grounded = ankle.map((each, i) => (up[i]! > low + planted.height ? Infinity : each));
  return fallsUnder(grounded, planted.share * peak.value, {
    from: peak.at,
    to: release + 0.1 * rate,
    stays: Math.ceil(planted.stays * rate - 1e-9),
  });
}

function handsBreak({ at }: Motion, from: number, to: number): number | string {
  const { throwingWrist: a, gloveWrist: b } = at;
  const far = a.fwd.map((each, i) =>
    Math.hypot(each - b.fwd[i]!, a.up[i]! - b.up[i]!, a.side[i]! - b.side[i]!),
  );
  return lastRise(far, apart, from, to) ?? texts.handsNeverTogether;
}

function handTop(motion: Motion, from: number, release: number): number | string {
  const { at, rate, discipline } = motion;
  const above = at.throwingWrist.up.map((each, i) => each - at.throwingShoulder.up[i]!);
  if (discipline === 'windmill') {
    const down = above.map((each) => -each);
    return lastRise(down, 0, from, release) ?? texts.handIsNotSeenComing;
  }
  const { up } = at.throwingWrist;
  const top = highest(up, from, release);
  if (top && top.at < release - atRelease * rate) return top.at;
  return summit(up, from, release - atRelease * rate)?.at ?? texts.handClimbsToRelease;
}

function backFootOff({ at, frames }: Motion, stood: number, from: number): number | string {
  return firstRise(at.trailAnkle.up, stood + off, from, frames) ?? texts.backFootIsNotSeen;
}

/** Bend of the drive leg over time, degrees. */
const driveBend = ({ at, frames }: Motion): Float64Array =>
  Float64Array.from({ length: frames }, (_, i) => {
    const place = ({ fwd, up, side }: Path): Place => [fwd[i]!, up[i]!, side[i]!];
    return bendOf(place(at.trailHip), place(at.trailKnee), place(at.trailAnkle));
  });

/** Push-off of a windmill delivery: after its deepest bend the drive leg is first nearly straight. */
function pushOff(motion: Motion, from: number, plant: number): number | string {
  const bend = driveBend(motion);
  const deepest = highest(bend, from, plant);
  const down = bend.map((each) => -each);
  const found = deepest && firstRise(down, -straight, deepest.at, plant + 0.05 * motion.rate);
  return found ?? texts.driveLegNeverStraight(straight);
}

/** Where the back foot stood: the middle of its heights over a while before. */
const stoodAt = ({ at, rate }: Motion, until: number): number => {
  const before = Array.from(
    at.trailAnkle.up.subarray(Math.max(0, Math.ceil(until - stands * rate)), Math.ceil(until) + 1),
  );
  const known = before.filter((each) => !Number.isNaN(each));
  return known.length ? median(known) : NaN;
};

/**
 * The events of a delivery; what is not clear is left out, with the reason.
 *
 * @throws FieldError where nobody throws, or the other hand does
 * @example findEvents(pitched).at.plant < findEvents(pitched).at.release // true
 */
export function findEvents(motion: Motion): Found {
  const { rate, start, at, discipline } = motion;
  const fast = fastest(motion);
  const release = fast + fastestBeforeRelease * rate;
  const span: Span = { release, first: Math.max(0, release - longestDelivery * rate) };
  const found: Instants = { release: start + release / rate };
  const unclear: Unclear = {};
  const set = (event: ClipEvent, where: number | string | null) => {
    if (typeof where === 'number') found[event] = start + where / rate;
    else if (where) unclear[event] = where;
  };
  const knee = at.leadKnee.up;
  const firstLift =
    discipline === 'overhand' ? highest(knee, span.first, release - shortestTurn * rate) : null;
  const plant = footDown(motion, span, firstLift?.at ?? null);
  set('plant', plant ?? texts.frontFootIsNotSeen);
  const lift = plant !== null && discipline === 'overhand' ? atTop(knee, span.first, plant) : null;
  if (discipline === 'overhand') set('peak-lift', lift ?? texts.frontKneeIsNotSeen);
  if (plant === null) return { at: found, unclear };
  if (isAlong(motion)) return { at: found, unclear: { ...unclear, ...fromSideOnly } };
  const from = lift ?? span.first;
  if (discipline === 'windmill') set('push-off', pushOff(motion, span.first, plant));
  const broken = discipline === 'overhand' ? handsBreak(motion, span.first, plant) : span.first;
  if (discipline === 'overhand') set('hands-break', broken);
  set('hand-top', handTop(motion, typeof broken === 'number' ? broken : from, release));
  const pushed = found['push-off'];
  const standing = discipline === 'overhand' ? from : pushed === undefined ? from : (pushed - start) * rate;
  set('back-foot-off', backFootOff(motion, stoodAt(motion, standing), standing));
  return { at: found, unclear };
}
