import { cleaned } from './clean';
import type { Instants } from './events';
import { isAlong, motionOf, type Motion, type MotionJoint } from './figure';
import { highest, rateOf } from './instants';
import type { KeypointClip } from './keypoints';

/** What a film from the side shows the forward speed of. */
export const planeSegments = ['pelvis', 'chest', 'hand'] as const;
export type PlaneSegment = (typeof planeSegments)[number];

export interface PlanePeak {
  segment: PlaneSegment;
  /** In the unit of the speeds. */
  value: number;
  /** s */
  time: number;
}

export interface PlaneSpeeds {
  /** Metres a second where the height of the body is known, else body heights a second. */
  unit: 'm/s' | 'heights/s';
  lines: { segment: PlaneSegment; points: [time: number, value: number][] }[];
  /** In the order in which they come. */
  peaks: PlanePeak[];
  gaps: { from: PlaneSegment; to: PlaneSegment; ms: number; plusMinusMs: number }[];
}

const joints: Readonly<Record<PlaneSegment, MotionJoint>> = {
  pelvis: 'hips',
  chest: 'shoulders',
  hand: 'throwingWrist',
};
/** A peak of a tracked point is known to this much beside its frame, s: the low-pass and the tracker move it. */
const peakOff = 0.025;
/** What is drawn before plant and after release, s. */
const drawn = { before: 0.6, after: 0.15 } as const;
/** A peak may come this long after release, s. */
const late = 0.05;

/** Forward speed of a joint, % of height a second. */
const forward = ({ at, rate }: Motion, segment: PlaneSegment): Float64Array =>
  rateOf(at[joints[segment]].fwd, rate);

/**
 * How fast pelvis, chest and hand go forward in the picture's plane, with the order and the gaps of their peaks. A turn
 * is not seen in it.
 *
 * @param events of this throw, s; plant and release are needed
 * @returns null for a film along the line to the target, and where plant or release is not clear
 * @example planeSpeeds(filmed.clip, { plant: 1.6, release: 1.75 }).peaks.length // 3
 */
export function planeSpeeds(clip: KeypointClip, { plant, release }: Instants): PlaneSpeeds | null {
  const motion = motionOf(clip, cleaned(clip));
  if (isAlong(motion) || plant === undefined || release === undefined) return null;
  const { start, rate, frames } = motion;
  const unit = clip.heightCm === undefined ? 'heights/s' : 'm/s';
  const scale = (clip.heightCm === undefined ? 1 : clip.heightCm / 100) / 100;
  const [from, to] = [(plant - drawn.before - start) * rate, (release + drawn.after - start) * rate];
  const timeOf = (i: number) => start + i / rate;
  const peaks: PlanePeak[] = [];
  const lines: PlaneSpeeds['lines'] = [];
  for (const segment of planeSegments) {
    const values = forward(motion, segment).map((each) => each * scale);
    const points: [number, number][] = [];
    for (let i = Math.max(0, Math.ceil(from)); i <= Math.min(frames - 1, to); i++)
      points.push([timeOf(i), values[i]!]);
    lines.push({ segment, points });
    const peak = highest(values, from, (release + late - start) * rate);
    if (peak) peaks.push({ segment, value: peak.value, time: timeOf(peak.at) });
  }
  peaks.sort((a, b) => a.time - b.time);
  const plusMinusMs = 1000 * Math.hypot(peakOff, 0.5 / rate) * Math.SQRT2;
  const gaps = peaks.slice(1).map((peak, n) => {
    const before = peaks[n]!;
    return { from: before.segment, to: peak.segment, ms: 1000 * (peak.time - before.time), plusMinusMs };
  });
  return { unit, lines, peaks, gaps };
}
