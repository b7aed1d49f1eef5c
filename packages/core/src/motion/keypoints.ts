import type { Discipline, Hand } from '../catalogue';
import { FieldError } from '../units/fieldError';

/** The 17 points of a tracked body, in COCO order. */
export const bodyJoints = [
  'nose',
  'leftEye',
  'rightEye',
  'leftEar',
  'rightEar',
  'leftShoulder',
  'rightShoulder',
  'leftElbow',
  'rightElbow',
  'leftWrist',
  'rightWrist',
  'leftHip',
  'rightHip',
  'leftKnee',
  'rightKnee',
  'leftAnkle',
  'rightAnkle',
] as const;
export type BodyJoint = (typeof bodyJoints)[number];

/** From where a film was taken: the chest is seen at lift, the back is, from the plate, from behind the rubber. */
export const motionViews = ['open-side', 'closed-side', 'front', 'behind'] as const;
export type MotionView = (typeof motionViews)[number];

export interface KeypointFrame {
  /** Seconds from the beginning of the film. */
  t: number;
  /** x and y in pixels, y down, and how sure the tracker is, 0 to 1; one for each of `bodyJoints`. */
  keypoints: readonly (readonly [x: number, y: number, score: number])[];
}

/** The ground in the picture: a line through two places in pixels, or its tilt in degrees, clockwise. */
export type Ground = number | readonly [readonly [number, number], readonly [number, number]];

export interface KeypointClip {
  discipline: Discipline;
  throws: Hand;
  view: MotionView;
  /** Where the target is in the picture; for the two side views. */
  towards?: 'left' | 'right' | undefined;
  heightCm?: number | undefined;
  ground?: Ground | undefined;
  fps: number;
  /** Width and height, px. */
  size: readonly [number, number];
  frames: readonly KeypointFrame[];
}

/** Fewer frames hold no delivery, more are no clip; below this rate nothing of a delivery can be seen. */
export const clipLimits = { fewest: 8, most: 20_000, slowest: 10 } as const;

/**
 * Refuses what is no tracked film, with the field that is wrong.
 *
 * @throws FieldError
 * @example checkKeypoints(filmed.clip) // undefined
 */
export function checkKeypoints({ view, towards, fps, frames }: KeypointClip): void {
  if (!(fps >= clipLimits.slowest)) throw new FieldError('fps', `must be at least ${clipLimits.slowest}`);
  if (view.endsWith('side') && !towards)
    throw new FieldError('towards', 'say on which side of the picture the target is: left or right');
  if (frames.length < clipLimits.fewest)
    throw new FieldError('frames', `must be at least ${clipLimits.fewest}`);
  if (frames.length > clipLimits.most)
    throw new FieldError(
      'frames',
      `must be at most ${clipLimits.most}; cut the film to the seconds around the throw`,
    );
  frames.forEach(({ t, keypoints }, n) => {
    if (!Number.isFinite(t)) throw new FieldError(`frames.${n}.t`, 'must be a number');
    if (!Array.isArray(keypoints)) throw new FieldError(`frames.${n}.keypoints`, 'is required');
    if (n && t <= frames[n - 1]!.t) throw new FieldError(`frames.${n}.t`, 'must come after the frame before');
    if (keypoints.length !== bodyJoints.length)
      throw new FieldError(`frames.${n}.keypoints`, `must be ${bodyJoints.length} points`);
    keypoints.forEach((point, j) => {
      if (!Array.isArray(point) || point.length !== 3 || !point.every(Number.isFinite))
        throw new FieldError(`frames.${n}.keypoints.${j}`, 'must be three numbers: x, y and score');
    });
  });
}
