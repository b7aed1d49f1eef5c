import type { ClipRecord } from '@wrightonic/contract';
import { bodyJoints, surePoint, type BodyJoint, type KeypointFrame } from '@wrightonic/core';
import type { KeptTrack } from '../../../../offline/database';
import { slowedBy } from './useTracking';

const bones: readonly (readonly [BodyJoint, BodyJoint])[] = [
  ['leftShoulder', 'rightShoulder'],
  ['leftHip', 'rightHip'],
  ...(['left', 'right'] as const).flatMap(
    (side) =>
      [
        [`${side}Shoulder`, `${side}Elbow`],
        [`${side}Elbow`, `${side}Wrist`],
        [`${side}Shoulder`, `${side}Hip`],
        [`${side}Hip`, `${side}Knee`],
        [`${side}Knee`, `${side}Ankle`],
      ] as const,
  ),
];
const indexOf = (joint: BodyJoint) => bodyJoints.indexOf(joint);

/** The frame of a throw at a time, s of true time; null between the throws. */
function frameAt(kept: KeptTrack | null, time: number, rate: number): KeypointFrame | null {
  for (const { frames } of kept?.tracked.throws ?? []) {
    const near = frames.findLast(({ t }) => t <= time + 0.25 / rate);
    if (near && time - near.t <= 1.2 / rate) return near;
  }
  return null;
}

type Size = readonly [width: number, height: number];

/** A line is drawn dark and wide first, then light: it is seen on every picture. */
export const skeletonInks = ['#1D2B2F', '#F5F1E8'] as const;
/** Of the light line, px of the picture. */
export const thickOf = (size: Size): number => Math.max(...size) / 260;

/**
 * From joint to joint on the frame of a time, s of the file; px of the picture that was tracked. A joint that the tracker
 * is not sure of is left out.
 */
export function jointLines(
  kept: KeptTrack | null,
  clip: ClipRecord,
  time: number,
): { lines: [key: string, x1: number, y1: number, x2: number, y2: number][]; size: Size } {
  const frame = frameAt(kept, time / slowedBy(clip), clip.captureFps);
  const sure = (joint: BodyJoint) => {
    const point = frame?.keypoints[indexOf(joint)];
    return point && point[2] >= surePoint ? point : null;
  };
  const size = kept?.tracked.size ?? ([clip.width, clip.height] as const);
  const lines = bones.flatMap(([a, b]): [string, number, number, number, number][] => {
    const [from, to] = [sure(a), sure(b)];
    return from && to ? [[`${a} ${b}`, from[0], from[1], to[0], to[1]]] : [];
  });
  return { lines, size };
}
