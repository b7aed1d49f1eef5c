import type { Discipline, Phase } from '../catalogue';
import type { Instant } from './flow';
import { postureOf } from './postures';
import { changed, type Pose, type PoseChange } from './skeleton';

/** A pose at an instant of a delivery, s. */
export interface Key extends Instant {
  phase: Phase | 'follow' | 'swing';
}

/** A part of a pose, or when it comes, otherwise; in proportion to the strength of a flaw. */
export interface Planted {
  /** Of a phase, added to what the posture has. */
  poses?: Partial<Record<Key['phase'], PoseChange>>;
  /** The top is held for so long, s. */
  hold?: number;
}

/** How long everything takes, s from the beginning of the film. */
const overhandTimes = {
  setup: 0.25,
  lift: 0.95,
  glide: 1.29,
  plant: 1.62,
  turn: 1.715,
  release: 1.77,
  follow: 1.83,
  finish: 2.15,
};
const windmillTimes = {
  setup: 0.1,
  load: 0.55,
  swing: 0.77,
  drive: 0.97,
  circle: 1.08,
  plant: 1.24,
  through: 1.345,
  follow: 1.42,
  finish: 1.7,
};

/** What a delivery in motion has that the still figure of a phase does not need. */
const overhandMotion: Partial<Record<Key['phase'], PoseChange>> = {
  setup: { pelvis: { x: -0.06 } },
  lift: { pelvis: { x: 0.03 } },
  glide: {
    lead: { thigh: [30, -20], shin: [178, -60] },
    trail: { thigh: [178, -80], shin: [186, -36] },
  },
  plant: { lead: { thigh: [10, -40] } },
};
const windmillMotion: typeof overhandMotion = {
  setup: { throwing: { upper: [20, -84], fore: [10, -72] } },
  swing: {
    pelvis: { x: 0.1 },
    lead: { thigh: [100, -80], shin: [180, -50] },
    trail: { thigh: [174, -80], shin: [182, -38] },
    throwing: { upper: [0, -86], fore: [0, -80] },
  },
  drive: {
    lead: { thigh: [40, -40], shin: [170, -70] },
    trail: { thigh: [176, -50], shin: [184, -40] },
  },
  circle: { pelvis: { x: 0.36 }, lead: { thigh: [20, -40], shin: [170, -70] } },
  plant: {
    pelvis: { x: 0.48 },
    lead: { thigh: [34, -48], shin: [34, -75] },
    trail: { thigh: [170, -72], shin: [186, -62] },
    throwing: { fore: [172, -22] },
  },
  through: { trail: { thigh: [10, -62], shin: [184, -44] } },
};

const mixed = (a: Pose, b: Pose, share: number): Pose => {
  const mix = (from: unknown, to: unknown): unknown => {
    if (typeof from === 'number') return from + share * ((to as number) - from);
    if (Array.isArray(from)) return from.map((each, i) => mix(each, (to as unknown[])[i]));
    if (typeof from === 'object')
      return Object.fromEntries(
        Object.entries(from as object).map(([key, each]) => [
          key,
          mix(each, (to as Record<string, unknown>)[key]),
        ]),
      );
    return to;
  };
  return mix(a, b) as Pose;
};

/**
 * Towards a changed pose by a share of the way.
 *
 * @example towards(postureOf('overhand', 'setup'), { air: 0.2 }, 0.5).air // 0.1
 */
export const towards = (pose: Pose, change: PoseChange, share: number): Pose =>
  mixed(pose, changed(pose, change), share);

/**
 * The poses that a delivery goes through, with flaws at their strengths.
 *
 * @param flaws each with what it changes and its strength, 0 to 1
 * @example keysOf('overhand', []).map(({ phase }) => phase)[0] // 'setup'
 */
export function keysOf(
  discipline: Discipline,
  flaws: readonly { planted: Planted; strength: number }[],
): Key[] {
  const times = discipline === 'overhand' ? overhandTimes : windmillTimes;
  const own = discipline === 'overhand' ? overhandMotion : windmillMotion;
  const leaves = discipline === 'overhand' ? overhandTimes.release : windmillTimes.through;
  const poseOf = (phase: Key['phase']): Pose => {
    if (phase === 'follow')
      return discipline === 'overhand'
        ? mixed(postureOf('overhand', 'release'), postureOf('overhand', 'finish'), 0.42)
        : mixed(postureOf('windmill', 'through'), postureOf('windmill', 'finish'), 0.55);
    if (phase === 'swing') return mixed(postureOf('windmill', 'load'), postureOf('windmill', 'drive'), 0.5);
    return postureOf(discipline, phase);
  };
  const held = flaws.reduce((sum, { planted, strength }) => sum + strength * (planted.hold ?? 0), 0);
  const keys = (Object.entries(times) as [Key['phase'], number][]).flatMap(([phase, t]): Key[] => {
    let pose = towards(poseOf(phase), { ...own[phase], ball: t < leaves }, 1);
    for (const { planted, strength } of flaws) {
      const change = planted.poses?.[phase];
      if (change) pose = towards(pose, change, strength);
    }
    const late = t + (t > times.setup + 0.5 && phase !== 'lift' && phase !== 'load' ? held : 0);
    if (phase === 'lift' && held)
      return [
        { phase, t, pose },
        { phase, t: t + held, pose },
      ];
    return [{ phase, t: late, pose }];
  });
  const [first, last] = [keys[0]!, keys.at(-1)!];
  return [{ ...first, t: 0 }, ...keys, { ...last, t: last.t + 0.35 }];
}
