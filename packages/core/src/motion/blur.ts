import { mostOfRate, smooth } from '../measure/filter';
import { standardDeviation } from 'simple-statistics';
import type { ClipEvent } from '../measure/timing';
import { FieldError } from '../units/fieldError';
import { rng } from '../units/rng';
import { cutoffs } from './clean';
import { findEvents, type Instants } from './events';
import { axesOf, isAlong, type Motion, type MotionJoint, type Path } from './figure';

/** Draws of the points' own error, and the share of them that a ± holds. */
const draws = 200;
const ofNormal = 1.645;
/** A tracker jitters at least so much at 60 frames a second, % of height. */
const leastJitter = 0.4;
/** What the low-pass does to the time of an event, s. */
const smeared = 0.1 / cutoffs.body;
/** The hand is fastest 15 ms before release, give or take, s; a tracked hand is rougher by so many frames. */
const releaseOff = 0.02;
const releaseFrames = 0.6;
/** Seen along the line to the target, the hand comes at the camera: its fastest is not seen, s. */
const releaseAlong = 0.075;
const plantAlong = 0.05;
/** The knee hardly moves around its highest: a tracker finds it this far off, s. */
const liftOff = 0.1;
/** Seconds of ready noise that draws take their pieces from. */
const poolSeconds = 40;

const touched: readonly MotionJoint[] = [
  'leadKnee',
  'leadAnkle',
  'trailHip',
  'trailKnee',
  'trailAnkle',
  'throwingShoulder',
  'throwingWrist',
  'gloveShoulder',
  'gloveWrist',
];

/**
 * Half a frame, which every instant is off by at least, s.
 *
 * @example halfFrame({ rate: 50 }) // 0.01
 */
export const halfFrame = ({ rate }: Pick<Motion, 'rate'>): number => 0.5 / rate;

/** The same motion with other errors of its points. */
function drawn(motion: Motion, pools: Record<'body' | 'wrist', Float64Array>, random: () => number): Motion {
  const at = { ...motion.at };
  const { frames } = motion;
  const sees = axesOf(motion);
  const least = motion.tracked ? leastJitter * Math.sqrt(motion.rate / 60) : 0;
  for (const joint of touched) {
    const pool = pools[joint.endsWith('Wrist') ? 'wrist' : 'body'];
    const spread = Math.max(motion.jitter[joint], least);
    const axis = (values: Float64Array) => {
      const from = Math.floor(random() * (pool.length - frames));
      return values.map((each, i) => each + spread * pool[from + i]!);
    };
    const { fwd, up, side } = motion.at[joint];
    // What the camera does not show has no error.
    at[joint] = {
      fwd: sees.fwd ? axis(fwd) : fwd,
      up: axis(up),
      side: sees.side ? axis(side) : side,
    } satisfies Path;
  }
  return { ...motion, at };
}

/**
 * How far off each event may be: half a frame, what the low-pass does, and what 200 draws of the points' own error do.
 *
 * @returns s
 * @example blurOf(pitched, findEvents(pitched).at).release >= 0.02 // true
 */
export function blurOf(motion: Motion, at: Instants): Instants {
  const random = rng(1);
  const pool = (cutoff: number) => {
    const length = Math.ceil(poolSeconds * motion.rate) + motion.frames;
    const noise = Float64Array.from({ length }, () => random.normal());
    return smooth(noise, Math.min(cutoff, mostOfRate * motion.rate), motion.rate);
  };
  const pools = { body: pool(cutoffs.body), wrist: pool(cutoffs.wrist) };
  const seen = new Map<ClipEvent, number[]>();
  for (let n = 0; n < draws; n++) {
    let found: Instants = {};
    try {
      found = findEvents(drawn(motion, pools, () => random.unit())).at;
    } catch (error) {
      // A draw in which nobody throws says nothing of the others.
      if (!(error instanceof FieldError)) throw error;
    }
    for (const [event, t] of Object.entries(found) as [ClipEvent, number][])
      seen.set(event, [...(seen.get(event) ?? []), t]);
  }
  return Object.fromEntries(
    (Object.keys(at) as ClipEvent[]).map((event) => {
      const times = seen.get(event) ?? [];
      const spread = times.length > 1 ? ofNormal * standardDeviation(times) : 0;
      const off = halfFrame(motion) + smeared + spread;
      if (event === 'peak-lift' && motion.tracked) return [event, Math.max(liftOff, off)];
      if (event === 'plant' && isAlong(motion)) return [event, Math.max(plantAlong, off)];
      if (event === 'release') {
        const least = isAlong(motion) ? releaseAlong : releaseOff;
        return [event, Math.max(least + (motion.tracked ? releaseFrames / motion.rate : 0), off)];
      }
      return [event, off];
    }),
  );
}
