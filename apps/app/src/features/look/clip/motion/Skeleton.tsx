import type { ClipRecord } from '@wrightonic/contract';
import type { PointerEvent } from 'react';
import { useColours } from '../../../../theme/theme';
import type { Tracking } from './useTracking';
import { jointLines, skeletonInks, thickOf } from './jointLines';
import { texts } from './texts';

interface Props {
  tracking: Pick<Tracking, 'kept' | 'who' | 'picking' | 'pick'>;
  clip: ClipRecord;
  /** Of the file, s. */
  time: number;
}

/** The joints that were followed, over the frame that is seen; a joint the tracker is not sure of is left out. */
export function Skeleton({ tracking, clip, time }: Props) {
  const own = useColours();
  const { lines, size } = jointLines(tracking.kept ?? null, clip, time);
  const [width, height] = size;
  const thick = thickOf(size);
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
      aria-label={picking ? texts.tapTheOneWho : lines.length ? texts.jointsOverThePicture : texts.noJoints}
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
      {skeletonInks.map((ink, n) =>
        lines.map(([key, x1, y1, x2, y2]) => (
          <line
            key={`${key} ${n}`}
            {...{ x1, y1, x2, y2 }}
            stroke={ink}
            strokeWidth={(n ? 1 : 2.2) * thick}
            strokeLinecap="round"
          />
        )),
      )}
      {who && !lines.length ? (
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
