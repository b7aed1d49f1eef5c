import { quantile } from 'simple-statistics';
import { keptJoints, type MotionKept } from '../motion/kept';
import { drawPoints, groundUnder, shapesOfBody, type Frame } from './drawing';
import { framed, type MovingDrawing } from './frames';
import { drawnLengths, type Points, type Vector } from './skeleton';

type Kept = (typeof keptJoints)[number];
type Flat = [onward: number, up: number];

/** From a tenth of a percent of height to a height. */
const unit = 0.001;
/** An ankle that stands is this low among all heights of both. */
const standing = 0.1;
/** How near each side of the body is to whoever looks at its chest, body heights. */
const nearer = { lead: 0.05, trail: -0.05, throwing: -0.09, glove: 0.09 } as const;
/** A hand goes on beyond its wrist, as a share of the forearm. */
const hand = 0.25;
/** An ankle this far above its standing height hangs, and its toes with it. */
const hanging = 0.06;

/** Places of one joint in every frame; a gap holds what was seen last, or first. */
function placesOf({ frames }: MotionKept, joint: number): Flat[] {
  const seen = frames.map((frame) => [frame[2 * joint], frame[2 * joint + 1]]);
  const first = seen.find(([onward]) => onward !== null) ?? [0, 0];
  let last = first as Flat;
  return seen.map(([onward, up]) => {
    if (typeof onward === 'number' && typeof up === 'number') last = [onward, up];
    return [last[0] * unit, last[1] * unit];
  });
}

const mix = (a: Flat, b: Flat, share: number): Flat => [
  a[0] + share * (b[0] - a[0]),
  a[1] + share * (b[1] - a[1]),
];

/** Where all joints are at a moment, with those that no tracker knows put where they usually are. */
function bodyOf(at: (joint: Kept) => Flat, ground: number, along: boolean): Points {
  const put = ([onward, up]: Flat, depth: number): Vector =>
    along ? [depth, onward, up - ground] : [onward, depth, up - ground];
  const hips = mix(at('leadHip'), at('trailHip'), 0.5);
  const shoulders = mix(at('gloveShoulder'), at('throwingShoulder'), 0.5);
  const neck = mix(hips, shoulders, 1.08);
  const head = mix(neck, at('nose'), 0.8);
  const foot = (ankle: Flat) => {
    const low = ankle[1] - drawnLengths.ankle;
    const hangs = ankle[1] - ground > hanging + drawnLengths.ankle;
    return {
      heel: [ankle[0] - 0.03, hangs ? low + 0.03 : low] as Flat,
      toe: [ankle[0] + (hangs ? 0.06 : 0.1), hangs ? low - 0.05 : low] as Flat,
    };
  };
  const [lead, trail] = [foot(at('leadAnkle')), foot(at('trailAnkle'))];
  const handOf = (side: 'throwing' | 'glove') => mix(at(`${side}Elbow`), at(`${side}Wrist`), 1 + hand);
  return {
    head: put(head, 0),
    brim: put([head[0] + (along ? 0 : 0.07), head[1] + 0.02], 0.01),
    neck: put(neck, 0),
    chest: put(mix(hips, shoulders, 0.6), 0),
    pelvis: put(hips, 0),
    leadShoulder: put(at('gloveShoulder'), nearer.lead),
    trailShoulder: put(at('throwingShoulder'), nearer.trail),
    leadHip: put(at('leadHip'), nearer.lead),
    trailHip: put(at('trailHip'), nearer.trail),
    leadKnee: put(at('leadKnee'), nearer.lead),
    trailKnee: put(at('trailKnee'), nearer.trail),
    leadAnkle: put(at('leadAnkle'), nearer.lead),
    trailAnkle: put(at('trailAnkle'), nearer.trail),
    leadHeel: put(lead.heel, nearer.lead),
    leadToe: put(lead.toe, nearer.lead),
    trailHeel: put(trail.heel, nearer.trail),
    trailToe: put(trail.toe, nearer.trail),
    throwingElbow: put(at('throwingElbow'), nearer.throwing),
    gloveElbow: put(at('gloveElbow'), nearer.glove),
    throwingHand: put(handOf('throwing'), nearer.throwing),
    gloveHand: put(handOf('glove'), nearer.glove),
  };
}

/**
 * A tracked body as drawings of our own figure, without its film: as tall as the picture allows, so that two of them
 * are of the same height.
 *
 * @param from s from the first frame that is kept; may lie before it, where the first one stands
 * @param seconds how long it goes on
 * @param rate frames a second of the drawing
 * @example drawTracked(kept, { width: 200, height: 160, hand: 'R', view: 'side' }, { from: 0, seconds: 1, rate: 30 }).count // 31
 */
export function drawTracked(
  kept: MotionKept,
  into: Omit<Frame, 'view'>,
  { from, seconds, rate }: { from: number; seconds: number; rate: number },
): MovingDrawing {
  const places = new Map<Kept, Flat[]>(keptJoints.map((joint, j) => [joint, placesOf(kept, j)]));
  const heights = [...places.get('leadAnkle')!, ...places.get('trailAnkle')!].map(([, up]) => up);
  const ground = quantile(heights, standing) - drawnLengths.ankle;
  const all = [...places.values()].flat().map(([onward]) => onward);
  const [left, right] = [Math.min(...all), Math.max(...all)];
  const along = kept.view === 'along';
  const tall = Math.min(into.height / 1.3, into.width / (right - left + 0.25));
  const frame: Frame = { ...into, view: along ? 'front' : 'side', tall };
  const middle = (left + right) / 2;
  const at =
    (t: number) =>
    (joint: Kept): Flat => {
      const own = places.get(joint)!;
      const i = Math.max(0, Math.min(own.length - 1, t * kept.rate));
      const [a, b] = [own[Math.floor(i)]!, own[Math.ceil(i)]!];
      const [onward, up] = mix(a, b, i - Math.floor(i));
      // Seen along the line, the middle of the picture is the middle of the body's way.
      return [along ? onward - middle : onward, up];
    };
  const count = Math.floor(seconds * rate + 1e-9) + 1;
  const release = kept.events.release ?? Infinity;
  return {
    count,
    frame: framed((n) => {
      const t = from + n / rate;
      return [
        groundUnder(into),
        ...shapesOfBody(drawPoints(bodyOf(at(t), ground, along), t < release, frame, along ? 0 : middle)),
      ];
    }),
    best: Math.max(0, Math.min(count - 1, Math.round(((kept.events.plant ?? from) - from) * rate))),
  };
}
