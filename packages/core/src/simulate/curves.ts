import { FieldError } from '../units/fieldError';
import type { Discipline } from '../catalogue';
import { segments, type Segment, type SpeedCurves } from '../measure/curves';
import { rng } from '../units/rng';

/** Flaws that show in speed curves, each with a strength from 0 to 1. */
export const curveFlaws = [
  'oh.hips-late',
  'oh.peaks-together',
  'oh.weak-hips',
  'oh.glove-pull',
  'oh.shoulders-early',
] as const;
export type CurveFlaw = (typeof curveFlaws)[number];

export interface PretendDelivery {
  discipline: Discipline;
  /** Samples a second. */
  fps: number;
  flaws?: Partial<Record<CurveFlaw, number>> | undefined;
  /** Standard deviation of what is added to every reading, deg/s. */
  noise?: number | undefined;
  seed?: number | undefined;
}

export interface PretendCurves {
  curves: SpeedCurves;
  /** What was put in, s and deg/s. */
  truth: { plant: number; release: number; peaks: Record<Segment, { time: number; value: number }> };
}

interface Pulse {
  at: number;
  height: number;
  /** Width at half height, s. */
  width: number;
}

/** Length of a pretend recording, and the front foot's full contact in it, s. */
export const pretendSeconds = 1.2;
export const pretendPlant = 0.6;

const pulse = ({ at, height, width }: Pulse, t: number): number =>
  height * Math.exp(-4 * Math.LN2 * ((t - at) / width) ** 2);
const pulses = (parts: readonly Pulse[], t: number): number =>
  parts.reduce((sum, part) => sum + pulse(part, t), 0);

/** The pulses of each segment; each is at least 70 ms wide at half height. */
function shape({ discipline, flaws = {} }: PretendDelivery): Record<Segment, Pulse[]> {
  const strength = (flaw: CurveFlaw) => (discipline === 'overhand' ? (flaws[flaw] ?? 0) : 0);
  const late = strength('oh.hips-late');
  const early = strength('oh.shoulders-early');
  const pull = strength('oh.glove-pull');
  const usualGap = 0.04;
  // Peaks come together by a pelvis that waits for the trunk.
  const gap = usualGap - 0.05 * strength('oh.peaks-together');
  const pelvis = {
    at: pretendPlant + 0.035 + (usualGap - gap) + 0.11 * late,
    height: 640 * (1 - 0.45 * strength('oh.weak-hips')),
    width: 0.11 - 0.035 * late,
  };
  const trunk = { at: pelvis.at + gap, height: 1080, width: 0.09 };
  const arm = { at: trunk.at + 0.032, height: discipline === 'overhand' ? 1900 : 1500, width: 0.08 };
  const hand = { at: arm.at + 0.024, height: discipline === 'overhand' ? 2600 : 2100, width: 0.075 };
  const glove = {
    at: trunk.at - pull * (Math.max(gap, 0) + 0.03),
    height: pelvis.height * (0.7 + 0.75 * pull),
    width: 0.12,
  };
  const before = { at: pretendPlant, height: 0.85 * early * trunk.height, width: 0.105 };
  return {
    pelvis: [pelvis],
    trunk: early ? [trunk, before] : [trunk],
    glove: [glove],
    arm: [arm],
    hand: [hand],
  };
}

/**
 * Where a sum of pulses is highest, to a tenth of a millisecond. No pulse is narrower than 70 ms, so that every summit
 * lies beside a whole millisecond that is no lower than its neighbours.
 */
function highest(parts: readonly Pulse[]): { time: number; value: number } {
  const tenths = 10;
  const coarse = Float64Array.from({ length: Math.round(pretendSeconds * 1000) + 1 }, (_, i) =>
    pulses(parts, i / 1000),
  );
  let best = { time: 0, value: -Infinity };
  for (let i = 0; i < coarse.length; i++) {
    if (coarse[i - 1]! > coarse[i]! || coarse[i + 1]! > coarse[i]!) continue;
    const first = Math.max(0, (i - 1) * tenths);
    const last = Math.min((coarse.length - 1) * tenths, (i + 1) * tenths);
    for (let k = first; k <= last; k++) {
      const value = pulses(parts, k / 10_000);
      if (value > best.value) best = { time: k / 10_000, value };
    }
  }
  return best;
}

/**
 * Speed curves of a pretend delivery, with planted flaws at a strength, and the truth about them.
 *
 * @throws RangeError for a rate below 30 or a strength outside 0 to 1
 * @example pretendCurves({ discipline: 'overhand', fps: 500, noise: 0 }).curves.time.length > 0 // true
 */
export function pretendCurves(delivery: PretendDelivery): PretendCurves {
  const { fps, flaws = {}, noise = 0, seed = 1 } = delivery;
  if (!(fps >= 30)) throw new FieldError('fps', 'must be at least 30');
  for (const [flaw, strength] of Object.entries(flaws))
    if (!(strength >= 0 && strength <= 1)) throw new FieldError(`flaws.${flaw}`, 'must be 0 to 1');
  const random = rng(seed);
  const parts = shape(delivery);
  const n = Math.floor(pretendSeconds * fps) + 1;
  const time = Float64Array.from({ length: n }, (_, i) => i / fps);
  const read = (of: (t: number) => number, spread: number) =>
    time.map((t) => of(t) + (spread ? spread * random.normal() : 0));
  const turning = Object.fromEntries(
    segments.map((segment) => [segment, read((t) => 25 + pulses(parts[segment], t), noise)]),
  ) as Record<Segment, Float64Array>;
  const peaks = Object.fromEntries(
    segments.map((segment) => {
      const { time: at, value } = highest(parts[segment]);
      return [segment, { time: at, value: value + 25 }];
    }),
  ) as PretendCurves['truth']['peaks'];
  const forward = {
    pelvis: read((t) => pulse({ at: pretendPlant - 0.06, height: 2.6, width: 0.26 }, t), noise / 400),
    trunk: read((t) => pulse({ at: pretendPlant + 0.02, height: 2.9, width: 0.22 }, t), noise / 400),
  };
  return {
    curves: { time, turning, forward },
    truth: { plant: pretendPlant, release: peaks.hand.time, peaks },
  };
}
