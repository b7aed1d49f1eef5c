import type { Discipline } from '../../catalogue';
import { keysOf, type Key } from '../keys';
import { changed, type Pose, type PoseChange } from '../skeleton';
import { stances, type Stance } from '../stances';

/** A pose on the way of a drill; null is the one that its still figure shows. */
export interface Step {
  pose: Pose | null;
  /** How long the way to it takes, and how long it is held, s as shown. */
  take: number;
  stay: number;
  /** The still figure, where it stands in its picture. */
  here?: true;
  /** No foot stays where it is on the way; the pose says how far the body has gone. */
  free?: true;
}
export type Movement = readonly Step[];

/**
 * The stance of the drill, for the first time.
 *
 * @example here(0.5).here // true
 */
export const here = (take: number, stay = 0): Step => ({ pose: null, take, stay, here: true });

/**
 * The stance of the drill once more.
 *
 * @example again(0.5).pose // null
 */
export const again = (take: number, stay = 0): Step => ({ pose: null, take, stay });

/**
 * A stance or a pose.
 *
 * @example to('lift', 0.5, 1).stay // 1
 */
export const to = (pose: Stance | Pose, take: number, stay = 0): Step => ({
  pose: typeof pose === 'string' ? stances[pose] : pose,
  take,
  stay,
});

/**
 * A stance with some of its parts otherwise.
 *
 * @example like('lift', { air: 0.2 }).air // 0.2
 */
export const like = (stance: Stance, change: PoseChange): Pose => changed(stances[stance], change);

/** Upright, the chest to the target, hands in front. */
export const facing = like('halfSquat', {
  trunk: { turn: 90, lean: 0 },
  lead: { thigh: [0, -88], shin: [180, -88], toes: 0 },
  trail: { thigh: [0, -88], shin: [180, -88], toes: 0 },
});

/** What is shown of a delivery is slower than it is thrown, so that it can be followed. */
const slowed = 2;
/** How long a finish is held, s. */
const rest = 0.8;

/**
 * Keys of a delivery as steps, from one phase to another.
 *
 * @param more what is otherwise in each of them
 * @example delivery('overhand', 'turn', 'finish').length // 4
 */
export function delivery(
  discipline: Discipline,
  from: Key['phase'],
  until: Key['phase'],
  more: PoseChange = {},
): Step[] {
  const keys = keysOf(discipline, []).slice(1, -1);
  const index = (phase: Key['phase']) => keys.findIndex((key) => key.phase === phase);
  const landed = keys[index('plant')]!.t;
  return keys.slice(index(from), index(until) + 1).map((key, n, all) => ({
    // On the drive of a windmill both feet are near the ground, and neither stands on it.
    ...(discipline === 'windmill' && key.t < landed ? { free: true } : {}),
    pose: changed(key.pose, more),
    take: slowed * (key.t - (keys[index(from) + n - 1]?.t ?? 0)),
    stay: until === 'finish' && n === all.length - 1 ? rest : 0,
  }));
}
