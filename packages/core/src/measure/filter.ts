import { FieldError } from '../units/fieldError';
import { median, medianAbsoluteDeviation } from 'simple-statistics';
import { texts } from './texts';

/** Of a second-order Butterworth low-pass run there and back, so that both passes together are 3 dB down. */
const bothPasses = (Math.SQRT2 - 1) ** 0.25;
/** The cut-off must stay below this share of the sampling rate. */
export const mostOfRate = 0.4;

interface Coefficients {
  b: readonly [number, number, number];
  a: readonly [number, number];
}

function lowPass(cutoff: number, rate: number): Coefficients {
  const w = Math.tan((Math.PI * cutoff) / rate) / bothPasses;
  const k = Math.SQRT2 * w;
  const norm = 1 + k + w * w;
  const b0 = (w * w) / norm;
  return { b: [b0, 2 * b0, b0], a: [(2 * (w * w - 1)) / norm, (1 - k + w * w) / norm] };
}

/** One pass, in place, beginning as if the first value had always been there. */
function pass({ b: [b0, b1, b2], a: [a1, a2] }: Coefficients, x: Float64Array): void {
  let [x1, x2, y1, y2] = [x[0]!, x[0]!, x[0]!, x[0]!];
  for (let i = 0; i < x.length; i++) {
    const now = x[i]!;
    const y = b0 * now + b1 * x1 + b2 * x2 - a1 * y1 - a2 * y2;
    [x2, x1, y2, y1] = [x1, now, y1, y];
    x[i] = y;
  }
}

/**
 * Zero-lag fourth-order Butterworth low-pass: a second-order filter forward, then backward. The cut-off is the −3 dB
 * point of both passes together. The ends are continued by their point reflection, so that they neither ring nor sag.
 *
 * @param values evenly spaced, without gaps
 * @param cutoff Hz, above 0 and at most 0.4 of the rate
 * @param rate samples a second
 * @throws RangeError for a cut-off outside
 * @example smooth(Float64Array.of(5, 5, 5, 5, 5, 5, 5, 5), 20, 200)[4] // 5
 */
export function smooth(values: Float64Array, cutoff: number, rate: number): Float64Array {
  if (!(cutoff > 0) || cutoff > mostOfRate * rate * (1 + 1e-9))
    throw new FieldError('cutoff', texts.cutOffMustBe(mostOfRate, rate));
  const n = values.length;
  if (n < 2) return Float64Array.from(values);
  const pad = Math.min(n - 1, Math.ceil((3 * rate) / cutoff));
  const [first, last] = [values[0]!, values[n - 1]!];
  const padded = new Float64Array(n + 2 * pad);
  padded.set(values, pad);
  for (let i = 1; i <= pad; i++) {
    padded[pad - i] = 2 * first - values[i]!;
    padded[pad + n - 1 + i] = 2 * last - values[n - 1 - i]!;
  }
  const filter = lowPass(cutoff, rate);
  pass(filter, padded);
  padded.reverse();
  pass(filter, padded);
  padded.reverse();
  return padded.slice(pad, pad + n);
}

/**
 * Standard deviation of the slope of a smoothed curve through white noise in the readings: the integral of
 * (2πν)² |H(ν)|² with |H| = 1 / (1 + (ν/ν₀)⁴), which is π√2/16 · (2π)² ν₀³.
 *
 * @param noise standard deviation of the readings
 * @param cutoff Hz of the low-pass (`smooth`)
 * @param rate samples a second
 * @returns in the unit of the readings for a second
 * @example noiseOfSlope(1, 20, 200) // 41.213376
 */
export function noiseOfSlope(noise: number, cutoff: number, rate: number): number {
  const corner = cutoff / bothPasses;
  return noise * 2 * Math.PI * Math.sqrt(((2 / rate) * corner ** 3 * Math.PI * Math.SQRT2) / 16);
}

/** Samples on each side of the one that is judged, and how far off it may be, in scaled deviations. */
const hampelHalf = 3;
const hampelDeviations = 3;

/**
 * Takes single bad samples out before a low-pass would smear them (Hampel 1974): a sample more than 3 scaled median
 * deviations away from the median of the seven around it becomes that median.
 *
 * @param values evenly spaced, without gaps; the window is cut off at the ends
 * @returns a copy
 * @example [...withoutSpikes(Float64Array.of(1, 1, 1, 90, 1, 1, 1))] // [ 1, 1, 1, 1, 1, 1, 1 ]
 */
export function withoutSpikes(values: Float64Array): Float64Array {
  return values.map((value, i) => {
    const around = Array.from(values.subarray(Math.max(0, i - hampelHalf), i + hampelHalf + 1));
    const middle = median(around);
    return Math.abs(value - middle) > hampelDeviations * 1.4826 * medianAbsoluteDeviation(around)
      ? middle
      : value;
  });
}
