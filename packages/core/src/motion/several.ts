import { median, medianAbsoluteDeviation } from 'simple-statistics';
import type { Whom } from '../catalogue';
import { FieldError } from '../units/fieldError';
import type { Instants } from './events';
import type { KeypointClip, KeypointFrame } from './keypoints';
import { motionMeasures, type MotionMeasure } from './measureTable';
import { addGrades, readKeypoints, type MotionFigure, type MotionReading } from './read';
import type { FilmedThrow } from './throws';

/** A throw of a film with its joints, frame by frame; times are true ones, not those of a slowed file. */
export interface TrackedThrow extends FilmedThrow {
  frames: KeypointFrame[];
  /** Followed to its end. */
  whole: boolean;
}

export interface TrackedFilm {
  /** Width and height of the picture, px. */
  size: readonly [number, number];
  throws: TrackedThrow[];
}

/** A figure over several throws: the median, which one bad track does not decide. */
export interface ThrowsFigure extends MotionFigure {
  /** Lowest and highest of the throws. */
  range: readonly [number, number];
  /** In how many throws it was seen. */
  throws: number;
  /** Standard deviation between throws by their median deviation; from four throws on. */
  scatter: number | null;
}

export type ThrowReading = (MotionReading & { seen: number; swapped: number }) | { wrong: string };

export interface ThrowsReading {
  /** One by one; what cannot be read says why. */
  throws: ThrowReading[];
  measures: ThrowsFigure[];
  evidence: MotionReading['evidence'];
  missing: MotionReading['missing'];
}

/** From so many throws on a scatter is one. */
const enough = 4;
/** Median deviation of a normal spread, as its standard deviation. */
const asDeviation = 1.4826;
const repeated = { id: 'repeat-plant', of: 'stride-length' } as const;

type Film = Omit<KeypointClip, 'frames' | 'size'>;

/**
 * Whether a throw could be read.
 *
 * @example isRead({ wrong: 'nobody throws in this film' }) // false
 */
export const isRead = (reading: ThrowReading): reading is Exclude<ThrowReading, { wrong: string }> =>
  !('wrong' in reading);

function readOne(
  film: Film,
  size: TrackedFilm['size'],
  { frames }: TrackedThrow,
  whom: Whom,
  moved?: Instants,
) {
  try {
    return readKeypoints({ ...film, size, frames }, whom, moved);
  } catch (error) {
    if (error instanceof FieldError) return { wrong: error.text };
    throw error;
  }
}

function together(id: string, figures: readonly MotionFigure[]): ThrowsFigure {
  const values = figures.map(({ value }) => value);
  return {
    id,
    unit: figures[0]!.unit,
    value: median(values),
    plusMinus: median(figures.map(({ plusMinus }) => plusMinus)),
    range: [Math.min(...values), Math.max(...values)],
    throws: values.length,
    scatter: values.length < enough ? null : asDeviation * medianAbsoluteDeviation(values),
  };
}

/** The scatter of where the foot lands, which is a figure of its own; it is known to its standard error. */
function repeatedOf({ scatter, throws, unit, range }: ThrowsFigure): ThrowsFigure | null {
  if (scatter === null) return null;
  const plusMinus = scatter / Math.sqrt(2 * (throws - 1));
  return { id: repeated.id, unit, value: scatter, plusMinus, range, throws, scatter: null };
}

/**
 * All throws of a tracked film: each one's events and figures, and over all of them the medians with their grades.
 * A figure that less than half of the throws show is missing, with the commonest reason.
 *
 * @param film how it was filmed, and of whom
 * @param moved events set by hand, by throw, s
 * @example readFilm({ size: filmed.clip.size, throws: [] }, filmed.clip, { discipline: 'overhand', level: 'college' }).measures // []
 */
export function readFilm(
  { size, throws }: TrackedFilm,
  film: Film,
  whom: Whom,
  moved: readonly Instants[] = [],
): ThrowsReading {
  const each = throws.map((one, n) => readOne(film, size, one, whom, moved[n]));
  const read = each.filter(isRead);
  const reading: ThrowsReading = { throws: each, measures: [], evidence: [], missing: [] };
  if (read.length === 0) return reading;
  for (const measure of motionMeasures) addMeasure(reading, measure, read, whom);
  const stride = reading.measures.find(({ id }) => id === repeated.of);
  const scatter = stride && repeatedOf(stride);
  if (scatter) {
    reading.measures.push(scatter);
    reading.missing = reading.missing.filter(({ id }) => id !== repeated.id);
  }
  return reading;
}

function addMeasure(
  reading: ThrowsReading,
  measure: MotionMeasure,
  read: readonly MotionReading[],
  whom: Whom,
): void {
  const { id } = measure;
  const figures = read.flatMap(({ measures }) => measures.filter((figure) => figure.id === id));
  if (2 * figures.length < read.length || figures.length === 0) {
    const why = commonest(read.flatMap(({ missing }) => missing.filter((each) => each.id === id)));
    if (why !== null) reading.missing.push({ id, why });
    return;
  }
  const figure = together(id, figures);
  reading.measures.push(figure);
  addGrades(reading, measure, figure, whom);
}

function commonest(missing: readonly { why: string }[]): string | null {
  const counts = new Map<string, number>();
  for (const { why } of missing) counts.set(why, (counts.get(why) ?? 0) + 1);
  const [first] = [...counts].sort((a, b) => b[1] - a[1]);
  return first?.[0] ?? null;
}
