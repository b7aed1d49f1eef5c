import type { ClipEvent } from './timing';

/** A place on a picture, 0 to 1 from its upper left corner. */
export type OnPicture = readonly [x: number, y: number];

/** Width over height of a picture; places are in shares of each, so that they survive resizing. */
type Aspect = number;

const between = (a: OnPicture, b: OnPicture, aspect: Aspect): [number, number] => [
  (b[0] - a[0]) * aspect,
  b[1] - a[1],
];
const degrees = (radians: number): number => (radians * 180) / Math.PI;

/** Angle at the middle one of three places, 0 to 180 degrees; NaN when two fall together. */
export function angleAt(a: OnPicture, middle: OnPicture, b: OnPicture, aspect: Aspect): number {
  const [ux, uy] = between(middle, a, aspect);
  const [vx, vy] = between(middle, b, aspect);
  const size = Math.hypot(ux, uy) * Math.hypot(vx, vy);
  return size === 0 ? NaN : degrees(Math.acos(Math.max(-1, Math.min(1, (ux * vx + uy * vy) / size))));
}

/** Tilt of a line from vertical, 0 to 90 degrees; NaN when both places fall together. */
export function tiltOf(a: OnPicture, b: OnPicture, aspect: Aspect): number {
  const [dx, dy] = between(a, b, aspect);
  return dx === 0 && dy === 0 ? NaN : degrees(Math.atan2(Math.abs(dx), Math.abs(dy)));
}

/** Length in picture heights. */
export const lengthOn = (a: OnPicture, b: OnPicture, aspect: Aspect): number =>
  Math.hypot(...between(a, b, aspect));

/** How a clip keeps time: a slow-motion file plays at another rate than it was taken. */
export interface ClipClock {
  /** Frames a second as the file plays. */
  fps: number;
  /** Frames a second as the camera took them. */
  captureFps: number;
}

/** True time between two moments of a file, ms, and what the camera leaves open (half a frame at each end). */
export const clipInterval = (
  from: number,
  to: number,
  { fps, captureFps }: ClipClock,
): { ms: number; plusMinusMs: number } => ({
  ms: (to - from) * 1000 * (fps / captureFps),
  plusMinusMs: 1000 / captureFps,
});

/** The frame that a moment of a file falls into. */
export const frameAt = (time: number, fps: number): number => Math.round(time * fps);

export interface DrawnMeasure {
  type: 'angle' | 'line' | 'length' | 'scale';
  points: readonly OnPicture[];
  /** Of a scale, cm. */
  lengthCm: number | null;
}

/** The figure of a drawing: degrees for an angle and a line, cm for a length when there is a scale. */
export function drawnValue(
  drawing: DrawnMeasure,
  aspect: Aspect,
  scale: DrawnMeasure | undefined,
): { value: number; unit: 'deg' | 'cm' } | null {
  const [a, b, c] = drawing.points;
  if (!a || !b) return null;
  if (drawing.type === 'angle') return c ? { value: angleAt(a, b, c, aspect), unit: 'deg' } : null;
  if (drawing.type === 'line') return { value: tiltOf(a, b, aspect), unit: 'deg' };
  if (drawing.type === 'scale')
    return drawing.lengthCm === null ? null : { value: drawing.lengthCm, unit: 'cm' };
  const [from, to] = scale?.points ?? [];
  if (!from || !to || !scale?.lengthCm) return null;
  const whole = lengthOn(from, to, aspect);
  return whole === 0 ? null : { value: (lengthOn(a, b, aspect) / whole) * scale.lengthCm, unit: 'cm' };
}

/** What can be derived from drawings, for the look. */
export const clipMeasures = {
  overhand: [
    { id: 'stride', name: 'Stride (length)', type: 'length' },
    { id: 'knee-at-plant', name: 'Lead knee at plant (hip, knee, ankle)', type: 'angle' },
    { id: 'knee-at-release', name: 'Lead knee at release (hip, knee, ankle)', type: 'angle' },
    { id: 'separation', name: 'Hip line against shoulder line at plant', type: 'angle' },
    { id: 'trunk-at-release', name: 'Trunk tilt at release', type: 'line' },
    { id: 'back-shin', name: 'Shin of the back leg', type: 'line' },
    { id: 'front-foot', name: 'Front-foot angle', type: 'angle' },
    { id: 'elbow-height', name: 'Elbow against the shoulder line', type: 'angle' },
  ],
  windmill: [
    { id: 'stride', name: 'Stride (length)', type: 'length' },
    { id: 'knee-at-plant', name: 'Front knee at landing (hip, knee, ankle)', type: 'angle' },
    { id: 'front-foot', name: 'Front-foot angle at landing', type: 'angle' },
    { id: 'hips-at-release', name: 'Hip line at release', type: 'angle' },
    { id: 'trunk-at-release', name: 'Trunk tilt at release', type: 'line' },
    { id: 'back-shin', name: 'Shin of the back leg', type: 'line' },
  ],
} as const;

/**
 * Checkpoints that the named drawings of a clip measure, with their values in the unit of the measure.
 *
 * @param drawn value of each named drawing, degrees or cm
 * @param heightCm of the athlete; without it the stride stays without a share
 */
export function derivedMeasures(
  drawn: Readonly<Record<string, number>>,
  heightCm: number | null,
): { checkpoint: string; value: number }[] {
  const found: { checkpoint: string; value: number }[] = [];
  const add = (checkpoints: readonly string[], value: number | null) => {
    if (value !== null && Number.isFinite(value))
      found.push(...checkpoints.map((checkpoint) => ({ checkpoint, value })));
  };
  const of = (name: string): number | null => drawn[name] ?? null;
  /** A knee angle of 180 degrees is a straight leg, which bends by nothing. */
  const bend = (name: string): number | null => (of(name) === null ? null : 180 - of(name)!);
  const [stride, atPlant, atRelease] = [of('stride'), bend('knee-at-plant'), bend('knee-at-release')];
  add(['oh.short-stride', 'wm.short-drive'], stride === null || !heightCm ? null : (100 * stride) / heightCm);
  add(
    ['oh.no-post', 'oh.lead-leg-soft'],
    atPlant === null || atRelease === null ? null : atPlant - atRelease,
  );
  add(['oh.low-separation'], of('separation'));
  add(['wm.locked-knee', 'wm.collapsed-front'], atPlant);
  add(['wm.foot-closed'], of('front-foot'));
  add(['wm.hips-slam'], of('hips-at-release'));
  return found;
}

export interface ClipIntervalFound {
  from: ClipEvent;
  to: ClipEvent;
  ms: number;
  plusMinusMs: number;
  /** Set where the camera is too coarse for this interval: frames a second above which it could be judged. */
  needsAboveFps: number | null;
}

/** From each marked moment to the next, and from plant to release; by the clip's own timestamps. */
export function clipIntervals(
  marks: Partial<Record<ClipEvent, number>>,
  clock: ClipClock,
): ClipIntervalFound[] {
  const marked = (Object.entries(marks) as [ClipEvent, number][]).sort((a, b) => a[1] - b[1]);
  const pairs = marked.slice(1).map((to, i): [[ClipEvent, number], [ClipEvent, number]] => [marked[i]!, to]);
  const [plant, release] = [marks.plant, marks.release];
  const known = pairs.some(([[from], [to]]) => from === 'plant' && to === 'release');
  if (plant !== undefined && release !== undefined && plant <= release && !known)
    pairs.push([
      ['plant', plant],
      ['release', release],
    ]);
  return pairs.map(([[from, a], [to, b]]) => {
    const { ms, plusMinusMs } = clipInterval(a, b, clock);
    // Timestamps are rounded to whole milliseconds at worst: to the nearest frame they are not.
    const frames = Math.round(ms / plusMinusMs);
    const coarse = frames <= 2;
    return {
      from,
      to,
      ms,
      plusMinusMs,
      needsAboveFps: coarse ? (frames > 0 ? (2 * clock.captureFps) / frames : Infinity) : null,
    };
  });
}
