import type { Discipline, Hand } from '../catalogue';
import { FieldError } from '../units/fieldError';
import { heightOf, sureTracks } from './clean';
import { bodyJointOf, type RoleJoint } from './figure';
import { highest } from './instants';
import type { KeypointFrame } from './keypoints';
import type { Track } from './swaps';
import { texts } from './texts';

/** A throw in a film, s; from before the lift to after release. */
export interface FilmedThrow {
  from: number;
  to: number;
  /** When the hand is fastest, as far as a coarse look tells. */
  fastest: number;
}

/** Slower than this, body heights a second, no hand throws; a coarse look makes a fast hand slower than it is. */
const slowestHand = 1.2;
/** Other throws of a film are at least this fast, against the fastest. */
const alike = 0.6;
/** Nobody throws again sooner, s. */
const soonest = 2.5;
/** From lift to the fastest hand hardly anybody takes longer, or less, s. */
const lift = { longest: 1.7, shortest: 0.35 } as const;
/** Where no lift is seen, and of a windmill delivery, this much before the hand is fastest, s. */
const unseenLift = 1.2;
/** What is taken before the lift, and after the hand is fastest, s. */
const before = 0.3;
const after = 0.35;
/** Between two frames of a coarse look a hand is followed for no longer, s. */
const followed = 0.3;

/**
 * The throws of a film from a coarse look at it, so that only they are looked at frame by frame.
 *
 * @param frames a few a second, at least 5
 * @returns in the order of the film, none overlapping
 * @throws FieldError where nobody is seen, or nobody throws
 * @example findThrows(filmed.clip.frames, { discipline: 'overhand', throws: 'R' }).length // 1
 */
export function findThrows(
  frames: readonly KeypointFrame[],
  { discipline, throws }: { discipline: Discipline; throws: Hand },
): FilmedThrow[] {
  const at = sureTracks(frames);
  const of = (role: RoleJoint): Track => at[bodyJointOf(role, throws)];
  const height = heightOf(at);
  if (!(height > 0)) throw new FieldError('frames', texts.noOneWasFound);
  const speeds = relativeSpeeds(frames, of('throwingWrist'), of('throwingShoulder')).map((v) => v / height);
  const top = Math.max(0, ...speeds);
  if (top < slowestHand) throw new FieldError('frames', texts.noThrowWasFound);
  const chosen: number[] = [];
  const order = speeds.map((_, i) => i).sort((a, b) => speeds[b]! - speeds[a]!);
  for (const i of order) {
    if (speeds[i]! < Math.max(slowestHand, alike * top)) break;
    if (chosen.every((other) => Math.abs(frames[other]!.t - frames[i]!.t) >= soonest)) chosen.push(i);
  }
  const [start, end] = [frames[0]!.t, frames.at(-1)!.t];
  return chosen
    .sort((a, b) => a - b)
    .map((i) => {
      const fastest = frames[i]!.t;
      const up = discipline === 'overhand' ? liftBefore(frames, of('leadKnee'), fastest) : null;
      return {
        from: Math.max(start, (up ?? fastest - unseenLift) - before),
        to: Math.min(end, fastest + after),
        fastest,
      };
    });
}

/** How fast a joint moves against another one, px a second; 0 where it is not seen. */
function relativeSpeeds(frames: readonly KeypointFrame[], joint: Track, against: Track): number[] {
  const [x, y] = [
    joint.x.map((each, i) => each - against.x[i]!),
    joint.y.map((each, i) => each - against.y[i]!),
  ];
  return frames.map(({ t }, i) => {
    const took = i === 0 ? Infinity : t - frames[i - 1]!.t;
    const moved = Math.hypot(x[i]! - x[i - 1]!, y[i]! - y[i - 1]!);
    return took > followed || Number.isNaN(moved) ? 0 : moved / took;
  });
}

/** When the front knee is highest before the hand is fastest; null where it is not seen. */
function liftBefore(frames: readonly KeypointFrame[], knee: Track, fastest: number): number | null {
  const first = frames.findIndex(({ t }) => t >= fastest - lift.longest);
  const last = frames.findLastIndex(({ t }) => t <= fastest - lift.shortest);
  const top = highest(
    knee.y.map((each) => -each),
    first,
    last,
  );
  return top && frames[Math.round(top.at)]!.t;
}
