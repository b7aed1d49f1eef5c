import { median, medianAbsoluteDeviation, quantile } from 'simple-statistics';
import { mostOfRate, smooth } from '../measure/filter';
import { FieldError } from '../units/fieldError';
import { bodyJoints, type BodyJoint, type KeypointClip, type KeypointFrame } from './keypoints';
import { unswap, type Track } from './swaps';
import { texts } from './texts';

/** A point the tracker is less sure of is none. */
export const surePoint = 0.3;
/** The longest gap that is filled, s. */
export const longestFilled = 0.05;
/** Low-pass of points of the body and of the wrists, Hz. */
export const cutoffs = { body: 10, wrist: 16 } as const;
/** A point this many scaled deviations, and this share of height, off the median of five is none. */
const stray = { deviations: 5, height: 0.04 } as const;
/** Published body proportions: thigh, shank and trunk from hip to shoulder, shares of height. */
export const proportions = { thigh: 0.245, shank: 0.246, trunk: 0.288 } as const;
const ofHeight = proportions.thigh + proportions.shank + proportions.trunk;
/** Seen from the side a limb is hardly ever as long as it is: of each length over the film, this share of the longest. */
const longest = 0.9;
/** Frames whose steps differ by more than this share are laid out anew, evenly. */
const evenWithin = 0.2;

export interface Tracks {
  /** Frames a second, evenly spaced, from `start` seconds on. */
  rate: number;
  start: number;
  /** px, y down; NaN in a gap. */
  at: Record<BodyJoint, Track>;
  /** Standard deviation of what the low-pass took away, px: how much a point jitters. */
  jitter: Record<BodyJoint, number>;
  /** Body height, px. */
  height: number;
  /** Share of all points in all frames that the tracker was sure of. */
  seen: number;
  /** In how many frames left and right of a pair were put back. */
  swapped: number;
}

const pairs = ['Eye', 'Ear', 'Shoulder', 'Elbow', 'Wrist', 'Hip', 'Knee', 'Ankle'] as const;
const sides = ['left', 'right'] as const;

const distance = (a: Track, b: Track, i: number): number => Math.hypot(a.x[i]! - b.x[i]!, a.y[i]! - b.y[i]!);

/**
 * Body height from the lengths of legs and trunk.
 *
 * @returns px; NaN where they are never seen
 * @example heightOf(sureTracks(filmed.clip.frames)) > 100 // true
 */
export function heightOf(at: Record<BodyJoint, Track>): number {
  const n = at.nose.x.length;
  const often = (all: number[]): number => {
    const known = all.filter((each) => !Number.isNaN(each));
    return known.length ? quantile(known, longest) : NaN;
  };
  const every = Array.from({ length: n }, (_, i) => i);
  const bone = (from: 'Hip' | 'Knee', to: 'Knee' | 'Ankle') =>
    often(sides.flatMap((side) => every.map((i) => distance(at[`${side}${from}`], at[`${side}${to}`], i))));
  const middle = (joint: 'Hip' | 'Shoulder', axis: 'x' | 'y', i: number) =>
    (at[`left${joint}`][axis][i]! + at[`right${joint}`][axis][i]!) / 2;
  const trunk = often(
    every.map((i) =>
      Math.hypot(
        middle('Hip', 'x', i) - middle('Shoulder', 'x', i),
        middle('Hip', 'y', i) - middle('Shoulder', 'y', i),
      ),
    ),
  );
  return (bone('Hip', 'Knee') + bone('Knee', 'Ankle') + trunk) / ofHeight;
}

/** The points of one joint, frame by frame; what the tracker is not sure of is a gap. */
function sureTrack(frames: readonly KeypointFrame[], joint: number): Track {
  const sure = frames
    .map(({ keypoints }) => keypoints[joint]!)
    .map(([x, y, s]) => (s < surePoint ? [NaN, NaN] : [x, y]));
  return { x: Float64Array.from(sure, ([x]) => x!), y: Float64Array.from(sure, ([, y]) => y!) };
}

/**
 * The points of all joints as the tracker gave them; what it is not sure of is a gap.
 *
 * @example sureTracks(filmed.clip.frames).nose.x.length === filmed.clip.frames.length // true
 */
export const sureTracks = (frames: readonly KeypointFrame[]): Record<BodyJoint, Track> =>
  Object.fromEntries(bodyJoints.map((joint, j) => [joint, sureTrack(frames, j)])) as Record<BodyJoint, Track>;

/** The points of one joint, evenly spaced. */
function trackOf({ frames }: KeypointClip, joint: number, times: Float64Array | null): Track {
  const sure = sureTrack(frames, joint);
  if (!times) return sure;
  const track: Track = { x: new Float64Array(times.length), y: new Float64Array(times.length) };
  let k = 0;
  times.forEach((t, i) => {
    while (k < frames.length - 2 && frames[k + 1]!.t <= t) k++;
    const [a, b] = [frames[k]!.t, frames[k + 1]!.t];
    const share = Math.min(1, Math.max(0, (t - a) / (b - a)));
    // A gap of the film itself is one of its points.
    const whole = b - a <= longestFilled ? 1 : NaN;
    const mix = (values: Float64Array) =>
      share === 0
        ? values[k]!
        : share === 1
          ? values[k + 1]!
          : whole * (values[k]! * (1 - share) + values[k + 1]! * share);
    track.x[i] = mix(sure.x);
    track.y[i] = mix(sure.y);
  });
  return track;
}

/** Even times to lay the frames out on; null where they are even already. */
function evenTimes({ frames }: KeypointClip): { rate: number; times: Float64Array | null } {
  const steps = frames.slice(1).map(({ t }, i) => t - frames[i]!.t);
  const usual = median(steps);
  if (steps.every((each) => Math.abs(each - usual) <= evenWithin * usual))
    return { rate: (frames.length - 1) / (frames.at(-1)!.t - frames[0]!.t), times: null };
  const n = Math.floor((frames.at(-1)!.t - frames[0]!.t) / usual) + 1;
  return { rate: 1 / usual, times: Float64Array.from({ length: n }, (_, i) => frames[0]!.t + i * usual) };
}

const window = (values: Float64Array, i: number, half: number): number[] =>
  Array.from(values.subarray(Math.max(0, i - half), i + half + 1)).filter((each) => !Number.isNaN(each));

/** Takes out, in place, points that leave the median of the five around them. */
function withoutStrays({ x, y }: Track, height: number): void {
  const off = (values: Float64Array) =>
    values.map((value, i) => {
      const around = window(values, i, 2);
      if (Number.isNaN(value) || around.length < 3) return 0;
      const far = Math.abs(value - median(around));
      const usual = 1.4826 * medianAbsoluteDeviation(around);
      return far > stray.deviations * usual && far > stray.height * height ? 1 : 0;
    });
  const [byX, byY] = [off(x), off(y)];
  for (let i = 0; i < x.length; i++) if (byX[i] || byY[i]) x[i] = y[i] = NaN;
}

/**
 * Fills short gaps by a straight line, in place.
 *
 * @param most samples of the longest gap that is filled
 * @example fillGaps(Float64Array.of(1, NaN, 3), 1) // undefined
 */
export function fillGaps(values: Float64Array, most: number): void {
  let last = -1;
  for (let i = 0; i < values.length; i++) {
    if (Number.isNaN(values[i]!)) continue;
    const missing = i - last - 1;
    if (last >= 0 && missing > 0 && missing <= most)
      for (let k = last + 1; k < i; k++)
        values[k] = values[last]! + ((values[i]! - values[last]!) * (k - last)) / (i - last);
    last = i;
  }
}

/**
 * Median of three, then the low-pass, on every piece between two gaps.
 *
 * @example [...filtered(Float64Array.of(2, 2, 9, 2, 2, NaN), 10, 60)] // [2, 2, 2, 2, 2, NaN]
 */
export function filtered(values: Float64Array, cutoff: number, rate: number): Float64Array {
  const out = new Float64Array(values.length).fill(NaN);
  let from = 0;
  while (from < values.length) {
    if (Number.isNaN(values[from]!)) {
      from++;
      continue;
    }
    let to = from;
    while (to < values.length && !Number.isNaN(values[to]!)) to++;
    const piece = values.subarray(from, to);
    const calm = piece.map((value, i) => (i && i < piece.length - 1 ? median(window(piece, i, 1)) : value));
    out.set(smooth(calm, Math.min(cutoff, mostOfRate * rate), rate), from);
    from = to;
  }
  return out;
}

/** How much was taken away, as a standard deviation that a few bad points do not move. */
function jitterOf(raw: Track, calm: Track): number {
  const left = [
    ...raw.x.map((each, i) => each - calm.x[i]!),
    ...raw.y.map((each, i) => each - calm.y[i]!),
  ].filter((each) => !Number.isNaN(each));
  return left.length < 3 ? NaN : 1.4826 * medianAbsoluteDeviation(left);
}

/**
 * Points of a film without what a tracker does to them: swapped sides put right, unsure and stray points taken out,
 * gaps up to 50 ms filled, then a median of three and the low-pass.
 *
 * @throws FieldError when no body is in it
 * @example cleaned(filmed.clip).swapped // 0
 */
export function cleaned(clip: KeypointClip): Tracks {
  const { rate, times } = evenTimes(clip);
  const n = times?.length ?? clip.frames.length;
  const raw = Object.fromEntries(bodyJoints.map((joint, j) => [joint, trackOf(clip, j, times)])) as Record<
    BodyJoint,
    Track
  >;
  const known = bodyJoints.reduce(
    (sum, joint) => sum + raw[joint].x.filter((x) => !Number.isNaN(x)).length,
    0,
  );
  const rough = heightOf(raw);
  if (Number.isNaN(rough) || rough <= 0) throw new FieldError('frames', texts.noWholeBody);
  const swapped = pairs.reduce(
    (sum, pair) => sum + unswap(raw[`left${pair}`], raw[`right${pair}`], rough, rate),
    0,
  );
  const most = Math.floor(longestFilled * rate + 1e-9);
  const at = {} as Record<BodyJoint, Track>;
  const jitter = {} as Record<BodyJoint, number>;
  for (const joint of bodyJoints) {
    const track = raw[joint];
    withoutStrays(track, rough);
    for (const axis of [track.x, track.y]) fillGaps(axis, most);
    const cutoff = joint.endsWith('Wrist') ? cutoffs.wrist : cutoffs.body;
    at[joint] = { x: filtered(track.x, cutoff, rate), y: filtered(track.y, cutoff, rate) };
    jitter[joint] = jitterOf(track, at[joint]);
  }
  return {
    rate,
    start: clip.frames[0]!.t,
    at,
    jitter,
    height: heightOf(at),
    seen: known / (n * bodyJoints.length),
    swapped,
  };
}
