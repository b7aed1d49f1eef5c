import { linearRegression, median } from 'simple-statistics';

/** What can turn, in the order in which it should. The glove goes with the trunk. */
export const segments = ['pelvis', 'trunk', 'glove', 'arm', 'hand'] as const;
export type Segment = (typeof segments)[number];

/** Speeds over time as they were read; NaN where there is no reading. */
export interface SpeedCurves {
  /** Seconds, rising. */
  time: Float64Array;
  /** deg/s */
  turning: Partial<Record<Segment, Float64Array>>;
  /** Forward, m/s. */
  forward: Partial<Record<Segment, Float64Array>>;
  /** Columns of the file that say nothing here. */
  unused?: readonly string[];
}

/** A curve on an even time base; NaN in gaps that were too long to fill. */
export interface EvenCurve {
  /** Time of the first sample, s. */
  start: number;
  /** Samples a second. */
  rate: number;
  values: Float64Array;
  /** Gaps that were filled, and the longer ones that stay. */
  filled: number;
  open: number;
}

/** Longest gap that is filled, s. */
export const longestFill = 0.05;
/** What the slope at the edge of a gap is taken from, s. */
const slopeOver = 0.015;

/**
 * Sampling rate of a recording, from the middle of its time steps.
 *
 * @example rateOf(Float64Array.of(0, 0.01, 0.02)) // 100
 */
export const rateOf = (time: Float64Array): number => {
  const steps = new Array<number>(time.length - 1);
  for (let i = 0; i + 1 < time.length; i++) steps[i] = time[i + 1]! - time[i]!;
  const step = median(steps);
  // Written times are rounded: over an even recording the whole span says it better than one step.
  const even = steps.every((each) => Math.abs(each - step) <= 0.1 * step);
  return even ? (time.length - 1) / (time[time.length - 1]! - time[0]!) : 1 / step;
};

/** Slope of the readings next to one, looking away from a gap. */
function slopeBeside(t: Float64Array, v: Float64Array, at: number, way: 1 | -1): number {
  const points: [number, number][] = [];
  for (let i = at; i >= 0 && i < t.length && Math.abs(t[i]! - t[at]!) <= slopeOver; i += way)
    points.push([t[i]! - t[at]!, v[i]!]);
  if (points.length < 2 && t[at + way] !== undefined) points.push([t[at + way]! - t[at]!, v[at + way]!]);
  return points.length < 2 ? 0 : linearRegression(points).m;
}

/** Between two readings, by the cubic that keeps their values and the slopes on their far sides. */
function between(t: Float64Array, v: Float64Array, a: number, at: number): number {
  const h = t[a + 1]! - t[a]!;
  const s = (at - t[a]!) / h;
  const [from, to] = [slopeBeside(t, v, a, -1) * h, slopeBeside(t, v, a + 1, 1) * h];
  return (
    (1 + 2 * s) * (1 - s) ** 2 * v[a]! +
    s * (1 - s) ** 2 * from +
    s * s * (3 - 2 * s) * v[a + 1]! +
    s * s * (s - 1) * to
  );
}

/**
 * Puts a curve on an even time base and fills gaps of up to 50 ms.
 *
 * @param time seconds, rising
 * @param values one for each time; NaN where there is no reading
 * @example evenly(Float64Array.of(0, 0.01, 0.02), Float64Array.of(1, 2, 3), 100).rate // 100
 */
export function evenly(time: Float64Array, values: Float64Array, rate: number): EvenCurve {
  // Plain loops over typed arrays: recordings have tens of thousands of samples.
  const t = new Float64Array(time.length);
  const v = new Float64Array(time.length);
  let known = 0;
  for (let i = 0; i < time.length; i++)
    if (!Number.isNaN(values[i]!)) {
      t[known] = time[i]!;
      v[known++] = values[i]!;
    }
  const start = time[0]!;
  const step = 1 / rate;
  const n = Math.round((time[time.length - 1]! - start) * rate) + 1;
  const even = new Float64Array(n).fill(NaN);
  const touches = step * 0.1;
  let a = 0;
  for (let i = 0; i < n && known > 0; i++) {
    const at = start + i * step;
    while (a + 1 < known && t[a + 1]! <= at + touches) a++;
    if (Math.abs(t[a]! - at) <= touches) even[i] = v[a]!;
    else if (t[a]! < at && a + 1 < known && t[a + 1]! - t[a]! - step <= longestFill + touches)
      even[i] = between(t.subarray(0, known), v, a, at);
  }
  let [filled, open] = [0, 0];
  for (let i = 0; i + 1 < known; i++) {
    const gap = t[i + 1]! - t[i]! - step;
    if (gap > longestFill + touches) open++;
    else if (gap > step / 2) filled++;
  }
  return { start, rate, values: even, filled, open };
}

/**
 * The unbroken stretches of a curve, from and up to.
 *
 * @example stretches(Float64Array.of(1, 2, NaN, 3)) // [ [ 0, 2 ], [ 3, 4 ] ]
 */
export function stretches(values: Float64Array): [from: number, to: number][] {
  const found: [number, number][] = [];
  let from = -1;
  for (let i = 0; i <= values.length; i++) {
    const here = i < values.length && !Number.isNaN(values[i]!);
    if (here && from < 0) from = i;
    if (!here && from >= 0) {
      found.push([from, i]);
      from = -1;
    }
  }
  return found;
}
