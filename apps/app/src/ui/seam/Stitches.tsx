import type { Severity } from '@wrightonic/core';
import { stitchPaths, type StitchLayersOf, type StitchPaths } from '@wrightonic/core/seam';
import Svg, { G, Path } from 'react-native-svg';
import { useColours } from '../../theme/theme';

interface Props {
  paths: Partial<StitchPaths>;
  size: number;
  tight: string;
  loose: string;
  hole: string;
}

/** Stitches as they are drawn, in the colours given. */
export function Stitches({ paths, size, tight, loose, hole }: Props) {
  const pull = { fill: 'none', strokeLinecap: 'round' as const };
  return (
    <>
      {paths.holes ? <Path d={paths.holes} stroke={hole} fill="none" /> : null}
      {paths.tight ? (
        <Path d={paths.tight} stroke={tight} strokeWidth={Math.max(1.2, size * 0.3)} {...pull} />
      ) : null}
      {paths.torn ? <Path d={paths.torn} fill={loose} /> : null}
      {paths.loose ? (
        <Path d={paths.loose} stroke={loose} strokeWidth={Math.max(1.5, size * 0.3)} {...pull} />
      ) : null}
    </>
  );
}

/** One stitch by itself, as a sign on a button. */
export function StitchSign({ grade, size, ink }: { grade: Severity; size: number; ink: string }) {
  const width = size * 6;
  const height = size * 5.6;
  const paths = stitchPaths(grade, size, { x: width / 2, y: size * 3.9, turn: 0 });
  return (
    <Svg width={width} height={height} aria-hidden>
      <Stitches paths={paths} size={size} tight={ink} loose={ink} hole={ink} />
    </Svg>
  );
}

/** How much lighter a grade of an earlier look is drawn. */
const faintness = 0.42;

/** The stitches of a seam in the colours of the theme. */
export function StitchLayers({
  layers: { own: paths, faint },
  size,
}: {
  layers: StitchLayersOf;
  size: number;
}) {
  const own = useColours();
  const ink = { size, tight: own.ink, loose: own.clay, hole: own.line };
  return (
    <>
      {faint ? (
        <G opacity={faintness}>
          <Stitches paths={faint} {...ink} />
        </G>
      ) : null}
      <Stitches paths={paths} {...ink} />
    </>
  );
}
