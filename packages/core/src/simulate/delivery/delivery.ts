import { keysOf, measuredLengths, movingBody, type Points } from '../../body';
import type { Discipline, Hand } from '../../catalogue';
import { withMiddles, type Motion, type MotionJoint, type Path, type RoleJoint } from '../../motion/figure';
import { findEvents, type Instants } from '../../motion/events';
import { FieldError } from '../../units/fieldError';
import { rng } from '../../units/rng';
import { plantedFlaws } from './planted';

export interface PretendMotion {
  discipline: Discipline;
  throws: Hand;
  /** Flaws of the catalogue with a strength, 0 to 1. */
  flaws?: Readonly<Record<string, number>> | undefined;
  /** How much one throw differs from the next, 0 to 1. */
  jitter?: number | undefined;
  seed?: number | undefined;
}

/** A body in motion: where every joint is at every instant, with what happens when. */
export interface Delivery {
  seconds: number;
  /** In body heights, of a right-hander; x to the target, y to the side the chest faces when closed. */
  at: (t: number) => Points;
  events: Instants;
}

/** Where its events are looked for, frames a second. */
const fine = 1000;

const roles: Readonly<Record<RoleJoint | 'nose', keyof Points>> = {
  leadHip: 'leadHip',
  leadKnee: 'leadKnee',
  leadAnkle: 'leadAnkle',
  trailHip: 'trailHip',
  trailKnee: 'trailKnee',
  trailAnkle: 'trailAnkle',
  throwingShoulder: 'trailShoulder',
  throwingElbow: 'throwingElbow',
  throwingWrist: 'throwingHand',
  gloveShoulder: 'leadShoulder',
  gloveElbow: 'gloveElbow',
  gloveWrist: 'gloveHand',
  nose: 'head',
};

/**
 * A pretend delivery. Once the front foot is down it stays where it is, and the body moves over it.
 *
 * @throws FieldError for a flaw that no motion shows, or a strength outside 0 to 1
 * @example pretendDelivery({ discipline: 'overhand', throws: 'R' }).events.plant // 1.62
 */
export function pretendDelivery({ discipline, flaws = {}, jitter = 0, seed = 1 }: PretendMotion): Delivery {
  const random = rng(seed);
  const planted = Object.entries(flaws).map(([id, strength]) => {
    const known = plantedFlaws[id];
    if (!known || !id.startsWith(discipline === 'overhand' ? 'oh.' : 'wm.'))
      throw new FieldError(
        `flaws.${id}`,
        `does not show in this motion; these do: ${Object.keys(plantedFlaws)
          .filter((each) => each.startsWith(discipline === 'overhand' ? 'oh.' : 'wm.'))
          .join(', ')}`,
      );
    if (!(strength >= 0 && strength <= 1)) throw new FieldError(`flaws.${id}`, 'must be 0 to 1');
    return { planted: known, strength };
  });
  const keys = keysOf(discipline, planted);
  // Each throw is a little faster or slower, from phase to phase.
  let late = 0;
  const timed = keys.map((key, i) => {
    const before = i ? keys[i - 1]!.t : 0;
    if (i) late += (key.t - before) * (1 + 0.06 * jitter * random.normal());
    return { ...key, t: late };
  });
  const { seconds, plant, at: moving } = movingBody(timed, measuredLengths);
  const at = (t: number): Points => moving(t).points;
  const found = findEvents(
    trueMotion({ seconds, at, events: {} }, { discipline, throws: 'R', rate: fine }),
  ).at;
  return { seconds, at, events: { ...found, plant } };
}

/**
 * A delivery as a lab without any error would see it.
 *
 * @param rate samples a second
 * @example trueMotion(filmed.delivery, { discipline: 'overhand', throws: 'R', rate: 60 }).view // 'space'
 */
export function trueMotion(
  { seconds, at }: Delivery,
  { discipline, throws, rate }: { discipline: Discipline; throws: Hand; rate: number },
): Motion {
  const frames = Math.floor(seconds * rate + 1e-9) + 1;
  const joints = Object.fromEntries(
    Object.keys(roles).map((role): [string, Path] => [
      role,
      { fwd: new Float64Array(frames), up: new Float64Array(frames), side: new Float64Array(frames) },
    ]),
  ) as Record<RoleJoint | 'nose', Path>;
  // Written straight into place: a film has thousands of instants, looked at by the thousand.
  const paths = Object.entries(roles).map(
    ([role, joint]) => [joints[role as keyof typeof joints], joint] as const,
  );
  for (let i = 0; i < frames; i++) {
    const points = at(i / rate);
    for (const [{ fwd, up, side }, joint] of paths) {
      // The throwing side is away from where the chest faces while the body is closed, seen toward the target.
      const [x, y, z] = points[joint];
      fwd[i] = 100 * x;
      up[i] = 100 * z;
      side[i] = 100 * y;
    }
  }
  const moved = withMiddles(joints);
  return {
    discipline,
    throws,
    view: 'space',
    rate,
    start: 0,
    frames,
    at: moved,
    jitter: Object.fromEntries(Object.keys(moved).map((joint) => [joint, 0])) as Record<MotionJoint, number>,
    tracked: false,
  };
}
