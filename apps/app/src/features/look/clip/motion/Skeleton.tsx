import type { ClipRecord } from '@wrightonic/contract';
import { bodyJoints, surePoint, type BodyJoint, type KeypointFrame } from '@wrightonic/core';
import type { PointerEvent } from 'react';
import { useColours } from '../../../../theme/theme';
import type { Tracking } from './useTracking';
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
function frameAt({ kept }: Pick<Tracking, 'kept'>, time: number, rate: number): KeypointFrame | null {
  for (const { frames } of kept?.tracked.throws ?? []) {
    const near = frames.findLast(({ t }) => t <= time + 0.25 / rate);
    if (near && time - near.t <= 1.2 / rate) return near;
  }
  return null;
}

interface Props {
  tracking: Pick<Tracking, 'kept' | 'who' | 'picking' | 'pick'>;
  clip: ClipRecord;
  /** Of the file, s. */
  time: number;
}

/** The joints that were followed, over the frame that is seen; a joint the tracker is not sure of is left out. */
export function Skeleton({ tracking, clip, time }: Props) {
  const own = useColours();
  const frame = frameAt(tracking, time / slowedBy(clip), clip.captureFps);
  const [width, height] = tracking.kept?.tracked.size ?? [clip.width, clip.height];
  const thick = Math.max(width, height) / 260;
  const sure = (joint: BodyJoint) => {
    const point = frame?.keypoints[indexOf(joint)];
    return point && point[2] >= surePoint ? point : null;
  };
  const lines = bones.flatMap(([a, b]) => {
    const [from, to] = [sure(a), sure(b)];
    return from && to ? [{ key: `${a} ${b}`, x1: from[0], y1: from[1], x2: to[0], y2: to[1] }] : [];
  });
  const place = (event: PointerEvent<SVGSVGElement>): [number, number] => {
    const box = event.currentTarget.getBoundingClientRect();
    return [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
  };
  const { who, picking, pick } = tracking;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={
        picking
          ? 'Tap the one who throws'
          : lines.length
            ? 'Joints over the picture'
            : 'No joints on this frame'
      }
      style={{
        position: 'absolute',
        inset: 0,
        width: '100%',
        height: '100%',
        pointerEvents: picking ? 'auto' : 'none',
        cursor: picking ? 'crosshair' : 'default',
      }}
      onPointerDown={(event) => (picking ? pick(place(event)) : undefined)}
    >
      {(['#1D2B2F', '#F5F1E8'] as const).map((ink, n) =>
        lines.map(({ key, ...ends }) => (
          <line
            key={`${key} ${n}`}
            {...ends}
            stroke={ink}
            strokeWidth={(n ? 1 : 2.2) * thick}
            strokeLinecap="round"
          />
        )),
      )}
      {who && !frame ? (
        <circle
          cx={who[0] * width}
          cy={who[1] * height}
          r={7 * thick}
          fill="none"
          stroke={own.amber}
          strokeWidth={2 * thick}
        />
      ) : null}
    </svg>
  );
}
