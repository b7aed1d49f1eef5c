import { FieldError } from '../units/fieldError';
import { normFor, type Discipline, type Severity, type Norm } from '../catalogue';
import {
  evenly,
  rateOf,
  segments,
  stretches,
  type EvenCurve,
  type Segment,
  type SpeedCurves,
} from './curves';
import { mostOfRate, noiseOfSlope, smooth, withoutSpikes } from './filter';
import { sequenceEvidence } from './sequenceEvidence';
import { texts } from './texts';

export interface SequenceOptions {
  discipline?: Discipline | undefined;
  /** In the words of `levels` or of the norms. */
  level?: string | undefined;
  /** What is usual, where the academy has its own. */
  norms?: readonly Norm[] | undefined;
  /** Hz; 20 unless said otherwise. */
  cutoff?: number | undefined;
  /** Full front-foot contact, s. */
  plant?: number | undefined;
  /** s; the peak of the hand unless said otherwise. */
  release?: number | undefined;
}

export interface Peak {
  segment: Segment;
  /** deg/s */
  value: number;
  time: number;
  /** By how much smoothing moves it, ms. */
  moved: number;
  /** Standard deviation of its time through the noise that is left in the smoothed curve, ms. */
  jitter: number;
}

export interface Gap {
  from: Segment;
  to: Segment;
  ms: number;
  plusMinusMs: number;
}

export interface Evidence {
  flaw: string;
  severity: Severity;
  why: string;
}

export interface Sequence {
  rate: number;
  cutoff: number;
  peaks: Peak[];
  order: Segment[];
  gaps: Gap[];
  gains: Record<string, number>;
  /** Forward speed at release as a share of its peak. */
  handedOn: Partial<Record<Segment, number>>;
  evidence: Evidence[];
  missing: Segment[];
  /** What could not be judged, and why; what was filled. */
  notes: string[];
  plant: number | null;
  release: number | null;
  /** The smoothed curves, for drawing; NaN in open gaps. */
  smoothed: Partial<Record<Segment, EvenCurve>>;
  /** The same of the speeds forward, m/s; null where the file has none. */
  linear: Pick<Sequence, 'peaks' | 'order' | 'gaps' | 'smoothed'> | null;
}

const chain: readonly Segment[] = ['pelvis', 'trunk', 'arm', 'hand'];
const usualCutoff = 20;
const fewestSamples = 10;
/** Around a peak, where the noise of the readings is taken from, s. */
const noiseOver = 0.1;
/** Two-sided 95 % point of the normal distribution: noise that is not white still stays within in nine of ten. */
const z95 = 1.96;

function cleaned(curve: EvenCurve): EvenCurve {
  const values = curve.values.slice();
  for (const [from, to] of stretches(curve.values))
    if (to - from >= fewestSamples) values.set(withoutSpikes(curve.values.slice(from, to)), from);
  return { ...curve, values };
}

function smoothed(curve: EvenCurve, cutoff: number): EvenCurve {
  const values = new Float64Array(curve.values.length).fill(NaN);
  for (const [from, to] of stretches(curve.values))
    if (to - from >= fewestSamples)
      values.set(smooth(curve.values.slice(from, to), cutoff, curve.rate), from);
  return { ...curve, values };
}

const timeAt = ({ start, rate }: EvenCurve, i: number): number => start + i / rate;

/**
 * A smoothed curve at a time, straight between its samples; null outside and in gaps.
 *
 * @example valueAt({ start: 0, rate: 100, values: Float64Array.of(1, 3) }, 0.005) // 2
 */
export function valueAt({ start, rate, values }: EvenCurve, time: number): number | null {
  const at = (time - start) * rate;
  const i = Math.floor(at);
  const a = values[i];
  if (a === undefined || Number.isNaN(a)) return null;
  if (at === i) return a;
  const b = values[i + 1];
  return b === undefined || Number.isNaN(b) ? null : a + (b - a) * (at - i);
}

interface Top {
  value: number;
  time: number;
  /** Second derivative there, 1/s² of the unit; negative. */
  bend: number;
}

/** The highest point, by a parabola through three samples; null when it stands at the edge of what was recorded. */
function peakOf(curve: EvenCurve): Top | null {
  const { values } = curve;
  let top = -1;
  for (let i = 0; i < values.length; i++)
    if (!Number.isNaN(values[i]!) && (top < 0 || values[i]! > values[top]!)) top = i;
  const [a, b, c] = [values[top - 1], values[top], values[top + 1]];
  if (a === undefined || b === undefined || c === undefined || Number.isNaN(a) || Number.isNaN(c))
    return null;
  const bend = a - 2 * b + c;
  const off = bend < 0 ? (0.5 * (a - c)) / bend : 0;
  return {
    value: b - 0.25 * (a - c) * off,
    time: timeAt(curve, top) + off / curve.rate,
    bend: bend * curve.rate ** 2,
  };
}

/**
 * How far noise moves a peak: where the slope passes zero, by the noise of the slope over the curvature. The noise of
 * the readings is what smoothing took away around the peak.
 *
 * @returns standard deviation of its time, s
 */
function jitterOf(read: EvenCurve, curve: EvenCurve, { time, bend }: Top, cutoff: number): number {
  const at = (time - curve.start) * curve.rate;
  const half = noiseOver * curve.rate;
  let [sum, n] = [0, 0];
  for (let i = Math.max(0, Math.ceil(at - half)); i <= at + half && i < curve.values.length; i++)
    if (!Number.isNaN(curve.values[i]!)) {
      sum += (read.values[i]! - curve.values[i]!) ** 2;
      n++;
    }
  const noise = n ? Math.sqrt(sum / n) : 0;
  return bend < 0 ? noiseOfSlope(noise, cutoff, curve.rate) / -bend : 0;
}

/** What an open gap or a cut-off recording leaves unsaid about a curve. */
function remarks(segment: string, { filled, open }: EvenCurve): string[] {
  const said = [];
  if (filled) said.push(texts.gapsFilled(segment, filled));
  if (open) said.push(`${segment}: ${open} longer ${open === 1 ? 'gap stays' : 'gaps stay'} open`);
  return said;
}

function checked(curves: SpeedCurves): void {
  const { time } = curves;
  if (time.length < fewestSamples)
    throw new FieldError('time_s', texts.rowsAreTooFew(time.length, fewestSamples));
  for (let i = 0; i < time.length; i++) {
    if (!Number.isFinite(time[i]!)) throw new FieldError('time_s', texts.rowIsNotNumber(i));
    if (i && time[i]! <= time[i - 1]!) throw new FieldError('time_s', texts.rowIsNotLater(i));
  }
}

function within(name: string, value: number | undefined, time: Float64Array): void {
  const [from, to] = [time[0]!, time[time.length - 1]!];
  if (value !== undefined && !(value >= from && value <= to))
    throw new FieldError(name, texts.mustLieWithinRecording(from, to));
}

interface Chained {
  peaks: Peak[];
  gaps: Gap[];
  missing: Segment[];
  notes: string[];
  smoothed: Sequence['smoothed'];
}

/**
 * The peaks of each segment and the gaps along the chain.
 *
 * @param end of the names of the columns, for what is said of them
 */
function chained(
  raws: SpeedCurves['turning'],
  { time, rate, cutoff }: { time: Float64Array; rate: number; cutoff: number },
  end = '',
): Chained {
  const found: Chained = { peaks: [], gaps: [], missing: [], notes: [], smoothed: {} };
  const { peaks, missing, notes } = found;
  for (const segment of segments) {
    const raw = raws[segment];
    const even = raw && cleaned(evenly(time, raw, rate));
    const curve = even && smoothed(even, cutoff);
    const peak = curve && peakOf(curve);
    if (curve && even) {
      found.smoothed[segment] = curve;
      notes.push(...remarks(segment + end, even));
    }
    if (!peak) {
      missing.push(segment);
      if (raw) notes.push(texts.noPeakWithinRecording(segment, end));
      continue;
    }
    // How far the peak moves when half as much is smoothed away says what smoothing does to it.
    const lighter = peakOf(smoothed(even!, Math.min(2 * cutoff, mostOfRate * rate)));
    const moved = lighter ? Math.abs(lighter.time - peak.time) * 1000 : 0;
    const jitter = jitterOf(even!, curve!, peak, cutoff) * 1000;
    peaks.push({ segment, value: peak.value, time: peak.time, moved, jitter });
  }
  const inChain = chain.flatMap((segment) => peaks.find((each) => each.segment === segment) ?? []);
  found.gaps = inChain.slice(1).map((to, i): Gap => {
    const from = inChain[i]!;
    return {
      from: from.segment,
      to: to.segment,
      ms: (to.time - from.time) * 1000,
      plusMinusMs: 500 / rate + (from.moved + to.moved) / 2 + z95 * Math.hypot(from.jitter, to.jitter),
    };
  });
  return found;
}

const orderOf = (peaks: readonly Peak[]): Segment[] =>
  [...peaks].sort((a, b) => a.time - b.time).map(({ segment }) => segment);

/**
 * From speed curves to the order of the delivery: even time, gaps filled up to 50 ms, single bad samples taken out,
 * zero-lag low-pass, peaks by a parabola, the gaps between them with their ±, the gains, what was handed on, and the evidence for flaws.
 *
 * @throws RangeError for times that do not rise, too few rows, or an option out of range; the message names the field
 * @example sequence(curves, { discipline: 'overhand' }).gaps.length // 3
 */
export function sequence(curves: SpeedCurves, options: SequenceOptions = {}): Sequence {
  checked(curves);
  const { time } = curves;
  within('plant', options.plant, time);
  within('release', options.release, time);
  const rate = rateOf(time);
  const cutoff = options.cutoff ?? Math.min(usualCutoff, mostOfRate * rate);
  const { peaks, gaps, missing, smoothed: curvesOf, notes } = chained(curves.turning, { time, rate, cutoff });
  const unused = curves.unused ?? [];
  if (unused.length) notes.push(texts.notUsed(unused.length, unused));
  const linear = Object.keys(curves.forward).length
    ? chained(curves.forward, { time, rate, cutoff }, '_lin')
    : null;
  if (linear) notes.push(...linear.notes);
  const peak = (segment: Segment) => peaks.find((each) => each.segment === segment);
  const gains: Record<string, number> = {};
  for (const [over, under] of [
    ['trunk', 'pelvis'],
    ['arm', 'trunk'],
    ['hand', 'arm'],
  ] as const) {
    const [a, b] = [peak(over), peak(under)];
    if (a && b && b.value > 0) gains[`${over}/${under}`] = a.value / b.value;
  }
  const release = options.release ?? peak('hand')?.time ?? null;
  const handedOn: Sequence['handedOn'] = {};
  for (const segment of ['pelvis', 'trunk'] as const) {
    const curve = linear?.smoothed[segment];
    if (!curve) continue;
    const top = peakOf(curve);
    const then = release === null ? null : valueAt(curve, release);
    if (top && top.value > 0 && then !== null) handedOn[segment] = then / top.value;
    else notes.push(texts.shareAtReleaseCannotBeRead(segment));
  }
  const plant = options.plant ?? null;
  const measured = {
    peaks,
    gaps,
    plant,
    at: (segment: Segment) => {
      const curve = curvesOf[segment];
      return curve && plant !== null ? valueAt(curve, plant) : null;
    },
  };
  const pelvisNorm =
    options.level === undefined
      ? undefined
      : normFor('peak-pelvis-speed', { discipline: 'overhand', level: options.level, norms: options.norms });
  const judged =
    (options.discipline ?? 'overhand') === 'overhand'
      ? sequenceEvidence(measured, pelvisNorm)
      : { evidence: [], notes: [] };
  return {
    rate,
    cutoff,
    peaks,
    order: orderOf(peaks),
    gaps,
    gains,
    handedOn,
    evidence: judged.evidence,
    missing,
    notes: [...notes, ...judged.notes],
    plant,
    release,
    smoothed: curvesOf,
    linear: linear && {
      peaks: linear.peaks,
      order: orderOf(linear.peaks),
      gaps: linear.gaps,
      smoothed: linear.smoothed,
    },
  };
}
