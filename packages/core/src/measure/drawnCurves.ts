import type { EvenCurve, Segment } from './curves';
import type { Peak, Sequence } from './sequence';

/** A curve as it is drawn: times in s, speeds in deg/s or m/s; null in open gaps. */
export interface DrawnCurve {
  segment: Segment;
  points: [time: number, value: number | null][];
}

/** Around the first and the last thing that happens, s; and points of a curve, which a screen can still show. */
const drawnBefore = 0.25;
const drawnAfter = 0.15;
const mostDrawn = 300;

/**
 * Smoothed curves around their peaks, light enough to be kept and drawn.
 *
 * @example drawnCurves(reading).length > 0 // true
 */
export function drawnCurves(
  { smoothed: curves, peaks, plant, release }: Pick<Sequence, 'smoothed' | 'peaks' | 'plant' | 'release'>,
  digits = 1,
): DrawnCurve[] {
  const times = [...peaks.map(({ time }) => time), plant, release].filter((time) => time !== null);
  const [from, to] = [Math.min(...times) - drawnBefore, Math.max(...times) + drawnAfter];
  return (Object.entries(curves) as [Segment, EvenCurve][]).map(([segment, { start, rate, values }]) => {
    const first = Math.max(0, Math.ceil((from - start) * rate));
    const last = Math.min(values.length - 1, Math.floor((to - start) * rate));
    const every = Math.max(1, Math.ceil((last - first + 1) / mostDrawn));
    const points: DrawnCurve['points'] = [];
    for (let i = first; i <= last; i += every)
      points.push([
        Number((start + i / rate).toFixed(4)),
        Number.isNaN(values[i]!) ? null : Number(values[i]!.toFixed(digits)),
      ]);
    return { segment, points };
  });
}

type PeakReport = Pick<Peak, 'segment' | 'value' | 'time'>;
const reported = (peaks: readonly Peak[]): PeakReport[] =>
  peaks.map(({ segment, value, time }) => ({ segment, value, time }));

/**
 * What is kept of a reading: everything but the curves themselves, which are drawn light; m/s with three digits.
 *
 * @example Object.keys(keptSequence(reading)).includes('smoothed') // false
 */
export function keptSequence(found: Sequence) {
  const { smoothed: _, linear, peaks, ...rest } = found;
  return {
    ...rest,
    peaks: reported(peaks),
    lines: drawnCurves(found),
    ...(linear
      ? {
          linear: {
            order: linear.order,
            gaps: linear.gaps,
            peaks: reported(linear.peaks),
            lines: drawnCurves({ ...found, ...linear }, 3),
          },
        }
      : {}),
  };
}
