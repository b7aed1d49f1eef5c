import type { CurveResult } from '@wrightonic/contract';
import { PlotChart, type PlotLine } from '../../../charts/PlotChart';
import { useColours } from '../../../theme/theme';
import { curveWords, linearWords } from './words';

interface Props {
  result: CurveResult;
  /** Speeds forward, m/s, instead of turning, deg/s. */
  forward?: boolean;
}

/** The curves with their peaks, plant and release. */
export function CurvePicture({ result, forward = false }: Props) {
  const own = useColours();
  const { plant, release } = result;
  const shown = forward ? result.linear : result;
  const { peaks = [], lines = [] } = shown ?? {};
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
      label={(forward ? linearWords : curveWords)(result).join(' ')}
      lines={drawn}
      dots={peaks.map(({ time, value }) => ({ at: [time, value] }))}
      uprights={uprights}
      named={peaks.map(({ segment, time, value }) => ({ at: [time, value], name: segment }))}
      xName={(time) => `${time.toFixed(2)} s`}
      height={240}
    />
  );
}
