import { flowOf } from './flow';
import type { Movement } from './movements';
import { bodyPoints, joints, type Joint, type Points, type Pose } from './skeleton';

/** A body going through the steps of a drill. */
export interface Stepped {
  seconds: number;
  /** When the still figure is reached, s. */
  here: number;
  at: (t: number) => { pose: Pose; points: Points };
}

/** A foot whose lowest part is no higher stands on the ground, body heights. */
const touching = 0.05;

const stands = (points: Points, leg: 'lead' | 'trail'): boolean =>
  Math.min(points[`${leg}Heel`][2], points[`${leg}Toe`][2]) < touching;

/** The foot that stays where it is on the way from one pose to the next; none in a jump. */
function standing(before: Points, after: Points): Joint | null {
  const stays = (leg: 'lead' | 'trail') => stands(before, leg) && stands(after, leg);
  if (stays('lead')) return 'leadToe';
  return stays('trail') ? 'trailToe' : null;
}

/**
 * A body that goes through the steps of a drill; the foot that it stands on stays where it is, and the rest moves over
 * it. Where the still figure is reached, it stands as that one does.
 *
 * @param stance the pose of the still figure
 * @example steppedBody([{ pose: null, take: 0, stay: 1, here: true }], stance).seconds // 1
 */
export function steppedBody(steps: Movement, stance: Pose): Stepped {
  let t = 0;
  let still = 0;
  const keys = steps.flatMap(({ pose: given, take, stay, here, free = false }) => {
    const pose = given ?? stance;
    t += take;
    const came = t;
    if (here) still = t;
    t += stay;
    const arrived = { t: came, pose, free };
    return stay ? [arrived, { t, pose, free: false }] : [arrived];
  });
  const flow = flowOf(keys);
  const placed = keys.map(({ pose }) => bodyPoints(pose));
  const feet = placed.slice(1).map((after, k) => (keys[k + 1]!.free ? null : standing(placed[k]!, after)));
  const moved: [number, number][] = [[0, 0]];
  feet.forEach((foot, k) => {
    const [x, y] = moved[k]!;
    const [a, b] = [placed[k]!, placed[k + 1]!];
    moved.push(foot ? [x + a[foot][0] - b[foot][0], y + a[foot][1] - b[foot][1]] : [x, y]);
  });
  const own = moved[keys.findIndex((key) => key.t >= still)]!;
  const at = (when: number) => {
    const pose = flow(when);
    const points = bodyPoints(pose);
    let k = 0;
    while (k < feet.length - 1 && keys[k + 1]!.t <= when) k++;
    const foot = feet[k];
    const [x, y] = moved[k]!.map((each, axis) => each - own[axis]!) as [number, number];
    const [a, b] = foot
      ? [placed[k]![foot][0] - points[foot][0], placed[k]![foot][1] - points[foot][1]]
      : [0, 0];
    for (const joint of joints) {
      const [px, py, pz] = points[joint];
      points[joint] = [px + x + a, py + y + b, pz];
    }
    return { pose, points };
  };
  return { seconds: t, here: still, at };
}
