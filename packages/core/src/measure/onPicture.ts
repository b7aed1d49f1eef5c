/** A place on a picture, 0 to 1 from its upper left corner. */
export type OnPicture = readonly [x: number, y: number];

/** Width over height of a picture; places are in shares of each, so that they survive resizing. */
type Aspect = number;

const between = (a: OnPicture, b: OnPicture, aspect: Aspect): [number, number] => [
  (b[0] - a[0]) * aspect,
  b[1] - a[1],
];
const degrees = (radians: number): number => (radians * 180) / Math.PI;

/**
 * Angle at the middle one of three places, 0 to 180 degrees; NaN when two fall together.
 *
 * @example angleAt([0, 0], [0.5, 0], [0.5, 0.5], 1) // 90
 */
export function angleAt(a: OnPicture, middle: OnPicture, b: OnPicture, aspect: Aspect): number {
  const [ux, uy] = between(middle, a, aspect);
  const [vx, vy] = between(middle, b, aspect);
  const size = Math.hypot(ux, uy) * Math.hypot(vx, vy);
  return size === 0 ? NaN : degrees(Math.acos(Math.max(-1, Math.min(1, (ux * vx + uy * vy) / size))));
}

/**
 * Tilt of a line from vertical, 0 to 90 degrees; NaN when both places fall together.
 *
 * @example tiltOf([0.5, 1], [0.5, 0], 1) // 0
 */
export function tiltOf(a: OnPicture, b: OnPicture, aspect: Aspect): number {
  const [dx, dy] = between(a, b, aspect);
  return dx === 0 && dy === 0 ? NaN : degrees(Math.atan2(Math.abs(dx), Math.abs(dy)));
}

/**
 * Length in picture heights.
 *
 * @example lengthOn([0, 0], [0.3, 0.4], 1) // 0.5
 */
export const lengthOn = (a: OnPicture, b: OnPicture, aspect: Aspect): number =>
  Math.hypot(...between(a, b, aspect));

export interface DrawnMeasure {
  type: 'angle' | 'line' | 'length' | 'scale' | 'ground';
  points: readonly OnPicture[];
  /** Of a scale, cm. */
  lengthCm: number | null;
}

/**
 * How far ground that is level stands off level in the picture, degrees, clockwise.
 *
 * @example groundTilt([0.8, 0.6], [0.2, 0.5], 1) // 9.462322208025617
 */
export function groundTilt(a: OnPicture, b: OnPicture, aspect: Aspect): number {
  const [left, right] = a[0] <= b[0] ? [a, b] : [b, a];
  const [across, down] = between(left, right, aspect);
  return degrees(Math.atan2(down, across));
}

/**
 * The figure of a drawing: degrees for an angle, a line and the ground, cm for a length when there is a scale.
 *
 * @example drawnValue({ type: 'angle', points: [[0, 0], [0.5, 0], [0.5, 0.5]], lengthCm: null }, 1, undefined) // { value: 90, unit: 'deg' }
 */
export function drawnValue(
  drawing: DrawnMeasure,
  aspect: Aspect,
  scale: DrawnMeasure | undefined,
): { value: number; unit: 'deg' | 'cm' } | null {
  const [a, b, c] = drawing.points;
  if (!a || !b) return null;
  if (drawing.type === 'angle') return c ? { value: angleAt(a, b, c, aspect), unit: 'deg' } : null;
  if (drawing.type === 'line') return { value: tiltOf(a, b, aspect), unit: 'deg' };
  if (drawing.type === 'ground') return { value: groundTilt(a, b, aspect), unit: 'deg' };
  if (drawing.type === 'scale')
    return drawing.lengthCm === null ? null : { value: drawing.lengthCm, unit: 'cm' };
  const [from, to] = scale?.points ?? [];
  if (!from || !to || !scale?.lengthCm) return null;
  const length = lengthOn(from, to, aspect);
  return length === 0 ? null : { value: (lengthOn(a, b, aspect) / length) * scale.lengthCm, unit: 'cm' };
}
