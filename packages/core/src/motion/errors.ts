/**
 * What a tracker that is looked at from the side or the front gets wrong of a body, at 90 of 100: measured on rendered
 * bodies whose joints are known, and rounded up. A lab's markers are off by a tenth of it.
 */
export const trackerErrors = {
  /** Bend of a knee, deg. */
  knee: 10,
  /** Trunk from vertical, deg. */
  trunk: 6,
  /** Bend of an elbow, and the forearm from level, deg. */
  elbow: 20,
  /** Shin or whole leg from vertical, deg. */
  shin: 8,
  /** A line against another about the vertical, by a lab alone, deg. */
  turn: 30,
  /** From one place of the film to another, % of height. */
  length: 8,
  /** Off the line to the target, where the camera is hardly ever quite on it, % of height. */
  line: 8,
  /** Between two joints of one frame, % of height. */
  offset: 2.3,
  /** The same joint in two frames, % of height. */
  rise: 1.5,
} as const;
export type ErrorKind = keyof typeof trackerErrors | 'time' | 'pause';

export const markerShare = 0.1;

/** A pause of the hips ends where they pass a speed, which a tracker finds to so many ms at each end. */
const pauseError = 40;

/**
 * What a figure of a kind is off by for the points alone, in the unit of its measure; the times of events come on top.
 *
 * @param unit where a length is told in shares of the trunk or of the leg, they are smaller than the body
 * @example pointError('length', '% of height', true) // 8
 */
export function pointError(kind: ErrorKind, unit: string, tracked: boolean): number {
  const share = tracked ? 1 : markerShare;
  if (kind === 'time') return 0;
  if (kind === 'pause') return pauseError * share;
  return (trackerErrors[kind] * share) / (wholes[unit] ?? 1);
}

/** Shares of body height that lengths are told in. */
export const wholes: Readonly<Record<string, number>> = {
  '% of height': 1,
  '% of trunk length': 0.288,
  '% of leg length': 0.491,
};
