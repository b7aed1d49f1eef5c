import type { Motion, MotionJoint, Path } from './figure';

export type Place = readonly [fwd: number, up: number, side: number];

/** The value of evenly spaced samples between two of them; NaN outside and beside a gap. */
function valueAt(values: Float64Array, i: number): number {
  const k = Math.min(Math.floor(i), values.length - 2);
  const share = i - k;
  if (k < 0 || share > 1) return NaN;
  // A whole sample does not hang on its neighbour, which may be a gap.
  if (share === 0) return values[k]!;
  if (share === 1) return values[k + 1]!;
  return values[k]! * (1 - share) + values[k + 1]! * share;
}

const placeOf = ({ fwd, up, side }: Path, i: number): Place => [
  valueAt(fwd, i),
  valueAt(up, i),
  valueAt(side, i),
];

/**
 * Where a joint is at an instant.
 *
 * @param t seconds of the film
 * @returns % of body height; NaN outside the film and in a gap
 * @example placeAt(pitched, 'hips', pitched.start).length // 3
 */
export const placeAt = (motion: Motion, joint: MotionJoint, t: number): Place =>
  placeOf(motion.at[joint], (t - motion.start) * motion.rate);

const degrees = (radians: number): number => (radians * 180) / Math.PI;
/**
 * From one place to another.
 *
 * @example minus([3, 2, 1], [1, 1, 1]) // [2, 1, 0]
 */
export const minus = (a: Place, b: Place): Place => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
/**
 * Length of a line from the origin.
 *
 * @example size([0, 3, 4]) // 5
 */
export const size = (a: Place): number => Math.hypot(...a);

/**
 * How far a joint is bent: 0 straight.
 *
 * @returns degrees, 0 to 180
 * @example bendOf([0, 2, 0], [0, 1, 0], [0, 0, 0]) // 0
 */
export function bendOf(above: Place, joint: Place, below: Place): number {
  const [u, v] = [minus(above, joint), minus(below, joint)];
  const along = (u[0] * v[0] + u[1] * v[1] + u[2] * v[2]) / (size(u) * size(v));
  return 180 - degrees(Math.acos(Math.max(-1, Math.min(1, along))));
}

/**
 * A line from vertical, toward the target (or across, to the side of the throwing arm).
 *
 * @returns degrees, minus when it leans the other way
 * @example leanOf([0, 0, 0], [1, 1, 0]) // 45
 */
export const leanOf = (low: Place, high: Place, axis: 'fwd' | 'side' = 'fwd'): number =>
  degrees(Math.atan2(high[axis === 'fwd' ? 0 : 2] - low[axis === 'fwd' ? 0 : 2], high[1] - low[1]));

/**
 * A line from level; plus when it rises.
 *
 * @returns degrees, -90 to 90
 * @example riseOf([0, 0, 0], [1, 1, 0]) // 45
 */
export const riseOf = (from: Place, to: Place): number =>
  degrees(Math.atan2(to[1] - from[1], Math.hypot(to[0] - from[0], to[2] - from[2])));

/**
 * How far a place lies off a line, up the picture from it or to the side of the throwing arm.
 *
 * @returns in the unit of the places; plus on the side of `towards`
 * @example offLine([0, 0, 0], [1, 0, 0], [0.5, 2, 0], [0, 1, 0]) // 2
 */
export function offLine(from: Place, to: Place, place: Place, towards: Place): number {
  const line = minus(to, from);
  const off = minus(place, from);
  const along = (line[0] * off[0] + line[1] * off[1] + line[2] * off[2]) / size(line) ** 2;
  const across: Place = [off[0] - along * line[0], off[1] - along * line[1], off[2] - along * line[2]];
  const sign = across[0] * towards[0] + across[1] * towards[1] + across[2] * towards[2];
  return sign < 0 ? -size(across) : size(across);
}
