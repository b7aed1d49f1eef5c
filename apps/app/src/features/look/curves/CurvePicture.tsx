import type { CurveResult } from '@wrightonic/contract';
import { PlotChart, type PlotLine } from '../../../charts/PlotChart';
import { useColours } from '../../../theme/theme';
import { curveWords } from './words';

/** The curves with their peaks, plant and release. */
export function CurvePicture({ result }: { result: CurveResult }) {
  const own = useColours();
  const { peaks, plant, release, lines } = result;
  const colours: Record<string, string> = {
    pelvis: own.grass,
    trunk: own.dusk,
    glove: own.line,
    arm: own.clay,
    hand: own.ink,
  };
  const drawn = lines.map(({ segment, points }): PlotLine => ({
    points: points.map(([time, value]) => [time, value ?? NaN]),
    colour: colours[segment]!,
    dashed: segment === 'glove',
  }));
  const uprights = [
    ...(plant === null ? [] : [{ x: plant, name: 'plant' }]),
    ...(release === null ? [] : [{ x: release, name: 'release' }]),
  ];
  if (!peaks.length) return null;
  return (
    <PlotChart
      label={curveWords(result).join(' ')}
      lines={drawn}
      dots={peaks.map(({ time, value }) => ({ at: [time, value] }))}
      uprights={uprights}
      named={peaks.map(({ segment, time, value }) => ({ at: [time, value], name: segment }))}
      xName={(time) => `${time.toFixed(2)} s`}
      height={240}
    />
  );
}
