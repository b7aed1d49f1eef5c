import type { ClipEvent } from '../measure/timing';
import { cleaned } from './clean';
import type { Instants } from './events';
import { isAlong, motionOf, roleJoints, type Motion, type MotionJoint } from './figure';
import type { KeypointClip } from './keypoints';

/** A tracked body without its film. */
export interface MotionKept {
  /** Frames a second. */
  rate: number;
  /** Towards the target; across it where the camera looked along the line. */
  view: 'side' | 'along';
  /** Frame by frame two places of each of `keptJoints`, onward and up, 0.1 % of height; null where it was not seen. */
  frames: (number | null)[][];
  /** s from the first frame. */
  events: Instants;
}

/** The joints of a body that is kept without its film, in their order. */
export const keptJoints = [...roleJoints, 'nose'] as const satisfies readonly MotionJoint[];
/** More frames a second show nothing more to the eye. */
const mostRate = 60;
const tenth = 10;

/**
 * The one frame of a body at an event, so that it can be drawn still; null where the event is not known.
 *
 * @example bodyAt(kept, 'plant').frames.length // 1
 */
export function bodyAt({ frames, events, ...rest }: MotionKept, event: ClipEvent): MotionKept | null {
  const at = events[event];
  if (at === undefined) return null;
  const n = Math.max(0, Math.min(frames.length - 1, Math.round(at * rest.rate)));
  // A joint that is not seen just then stands where it was seen last.
  const places = frames[n]!.map((place, j) => {
    const seen = (frame: readonly (number | null)[]) => frame[j] !== null;
    return place ?? (frames.slice(0, n).findLast(seen) ?? frames.find(seen))?.[j] ?? null;
  });
  return { ...rest, frames: [places], events: { [event]: 0 } };
}

/**
 * What is kept of a tracked throw, so that it can be drawn without its film.
 *
 * @param events of this throw, s of the film
 * @example keptMotion(filmed.clip, { plant: 2 }).view // 'side'
 */
export const keptMotion = (clip: KeypointClip, events: Instants): MotionKept =>
  keptOf(motionOf(clip, cleaned(clip)), events);

/**
 * The same of a delivery that is known already.
 *
 * @param events s, by the clock of the delivery
 * @example keptOf(pitched, {}).frames.length === kept.frames.length // true
 */
export function keptOf(motion: Motion, events: Instants): MotionKept {
  const step = Math.max(1, Math.ceil(motion.rate / mostRate - 0.05));
  const onward = isAlong(motion) ? 'side' : 'fwd';
  const rounded = (value: number) => (Number.isFinite(value) ? Math.round(tenth * value) : null);
  const frames: MotionKept['frames'] = [];
  for (let i = 0; i < motion.frames; i += step)
    frames.push(
      keptJoints.flatMap((joint) => {
        const { [onward]: along, up } = motion.at[joint];
        const seen = Number.isFinite(along[i]!) && Number.isFinite(up[i]!);
        return seen ? [rounded(along[i]!), rounded(up[i]!)] : [null, null];
      }),
    );
  return {
    rate: motion.rate / step,
    view: isAlong(motion) ? 'along' : 'side',
    frames,
    events: Object.fromEntries(Object.entries(events).map(([event, t]) => [event, t! - motion.start])),
  };
}
