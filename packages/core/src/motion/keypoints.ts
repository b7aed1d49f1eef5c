import type { Discipline, Hand } from '../catalogue';
import { FieldError } from '../units/fieldError';
import { texts } from './texts';

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
  if (!(fps >= clipLimits.slowest)) throw new FieldError('fps', texts.mustBeAtLeast(clipLimits.slowest));
  if (view.endsWith('side') && !towards) throw new FieldError('towards', texts.sayOnWhichSideOfPicture);
  if (frames.length < clipLimits.fewest)
    throw new FieldError('frames', texts.mustBeAtLeast(clipLimits.fewest));
  if (frames.length > clipLimits.most) throw new FieldError('frames', texts.tooManyFrames(clipLimits.most));
  frames.forEach(({ t, keypoints }, n) => {
    if (!Number.isFinite(t)) throw new FieldError(`frames.${n}.t`, texts.mustBeNumber);
    if (!Array.isArray(keypoints)) throw new FieldError(`frames.${n}.keypoints`, 'is required');
    if (n && t <= frames[n - 1]!.t) throw new FieldError(`frames.${n}.t`, texts.mustComeAfterFrame);
    if (keypoints.length !== bodyJoints.length)
      throw new FieldError(`frames.${n}.keypoints`, texts.mustBePoints(bodyJoints.length));
    keypoints.forEach((point, j) => {
      if (!Array.isArray(point) || point.length !== 3 || !point.every(Number.isFinite))
        throw new FieldError(`frames.${n}.keypoints.${j}`, texts.mustBeThreeNumbers);
    });
  });
}
