import type { Severity } from '@wrightonic/core';
import { Circle, G, Path } from 'react-native-svg';

interface Props {
  grade: Severity | null;
  /** Half the length of a tight stitch, px. */
  size: number;
  thread: string;
  hole: string;
}

/** Loose strands, each longer than the one before, in units of the tight stitch. */
const strands = [
  'M0 0C-.5 -.9 .9 -1.2 .3 -2.1',
  'M0 0C.8 -1 -.9 -1.6 -.4 -2.9',
  'M0 0C.2 -1.2 1.5 -2 1 -3.6',
];

/** One stitch, drawn at the origin across a seam that runs to the right. */
export function StitchMark({ grade, size, thread, hole }: Props) {
  const pull = { stroke: thread, fill: 'none', strokeLinecap: 'round' as const };
  if (grade === null)
    return (
      <G>
        <Circle cx={0} cy={-size * 0.75} r={Math.max(1, size * 0.22)} stroke={hole} fill="none" />
        <Circle cx={0} cy={size * 0.75} r={Math.max(1, size * 0.22)} stroke={hole} fill="none" />
      </G>
    );
  if (grade === 0)
    return (
      <Path
        d={`M${-size * 0.4} ${-size}L0 0L${-size * 0.4} ${size}`}
        strokeWidth={Math.max(1.2, size * 0.3)}
        {...pull}
      />
    );
  return (
    <G>
      {strands.slice(0, grade).map((path) => (
        <Path
          key={path}
          d={path}
          transform={`scale(${size})`}
          strokeWidth={Math.max(1.5, size * 0.3) / size}
          {...pull}
        />
      ))}
      <Circle cx={0} cy={0} r={Math.max(1.2, size * 0.3)} fill={thread} />
    </G>
  );
}
