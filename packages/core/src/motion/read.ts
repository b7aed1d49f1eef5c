import type { Whom } from '../catalogue';
import type { ClipEvent } from '../measure/timing';
import { FieldError } from '../units/fieldError';
import { blurOf, halfFrame } from './blur';
import { cleaned } from './clean';
import { pointError } from './errors';
import { findEvents, type Instants, type Unclear } from './events';
import { motionOf, type Motion } from './figure';
import { computed, figureOf, seeing } from './figures';
import { gradesOf, type MotionEvidence } from './grades';
import { checkKeypoints, type KeypointClip } from './keypoints';
import { motionMeasures, type MotionMeasure, type MotionUnit } from './measureTable';
import { texts } from './texts';

export interface MotionFigure {
  id: string;
  value: number;
  plusMinus: number;
  unit: MotionUnit;
}

export interface MissingFigure {
  id: string;
  why: string;
}

export interface MotionReading {
  events: Partial<Record<ClipEvent, { t: number; plusMinusMs: number; moved?: true }>>;
  measures: MotionFigure[];
  evidence: MotionEvidence[];
  missing: MissingFigure[];
}

const wrongView = ({ from }: MotionMeasure): string => {
  if (from === 'space') return texts.turnNeedsALab;
  return from === 'side' ? texts.needsFilmFromSide : texts.needsFilmFromFront;
};

const isSeen = ({ from }: MotionMeasure, { view }: Motion): boolean =>
  view === 'space' || from === 'any' || (from !== 'space' && (from === 'side') === view.endsWith('side'));

/** How far a figure moves when each event that it hangs on is as far off as it may be. */
function shifted(id: string, motion: Motion, at: Instants, off: Instants, value: number): number {
  const moves = (Object.keys(at) as ClipEvent[]).map((event) => {
    const by = off[event] ?? 0;
    const values = [-by, by].map((each) =>
      figureOf(id, seeing(motion, { ...at, [event]: at[event]! + each })),
    );
    return Math.max(0, ...values.map((each) => (typeof each === 'number' ? Math.abs(each - value) : 0)));
  });
  return Math.hypot(...moves);
}

/**
 * Events, figures and grades of one delivery.
 *
 * @param moved events that somebody set by hand, s; they are known to half a frame
 * @param whom the level that usual ranges are taken for
 * @throws FieldError where nobody throws
 * @example readMotion(pitched, { discipline: 'overhand', level: 'college' }).events.release.t > 0 // true
 */
export function readMotion(motion: Motion, whom: Whom, moved: Instants = {}): MotionReading {
  const found = findEvents(motion);
  const off = { ...blurOf(motion, found.at) };
  for (const event of Object.keys(moved) as ClipEvent[]) off[event] = halfFrame(motion);
  const at: Instants = { ...found.at, ...moved };
  const events = Object.fromEntries(
    (Object.keys(at) as ClipEvent[]).map((event) => [
      event,
      { t: at[event]!, plusMinusMs: off[event]! * 1000, ...(event in moved ? { moved: true as const } : {}) },
    ]),
  );
  const reading: MotionReading = { events, measures: [], evidence: [], missing: [] };
  for (const measure of motionMeasures)
    add(reading, measure, { motion, whom, at, off, unclear: found.unclear });
  return reading;
}

interface Known {
  motion: Motion;
  whom: Whom;
  at: Instants;
  off: Instants;
  unclear: Unclear;
}

function add(
  reading: MotionReading,
  measure: MotionMeasure,
  { motion, whom, at, off, unclear }: Known,
): void {
  const { id, discipline, needs, unit } = measure;
  if (discipline !== 'both' && discipline !== motion.discipline) return;
  const missing = (why: string) => void reading.missing.push({ id, why });
  if (!computed.has(id)) return missing(texts.needsFourThrows);
  if (!isSeen(measure, motion)) return missing(wrongView(measure));
  const lacking = needs.find((event) => at[event] === undefined);
  if (lacking) return missing(unclear[lacking] ?? texts.isNotClear(lacking));
  const value = figureOf(id, seeing(motion, at, off));
  if (typeof value === 'string') return missing(value);
  const plusMinus = Math.hypot(
    pointError(measure.error, unit, motion.tracked),
    shifted(id, motion, at, off, value),
  );
  const figure = { id, value, plusMinus, unit };
  reading.measures.push(figure);
  addGrades(reading, measure, figure, whom);
}

/**
 * Adds what a figure says of checkpoints to a reading; where it says nothing, why.
 *
 * @example addGrades({ evidence: [], missing: [] }, motionMeasureOf('hip-rise'), { value: 5, plusMinus: 1 }, { discipline: 'overhand', level: 'youth' }) // undefined
 */
export function addGrades(
  { evidence, missing }: Pick<MotionReading, 'evidence' | 'missing'>,
  measure: MotionMeasure,
  { value, plusMinus }: Pick<MotionFigure, 'value' | 'plusMinus'>,
  whom: Whom,
): void {
  const grades = gradesOf(measure, { value, off: plusMinus }, whom);
  evidence.push(...grades.evidence);
  const why = texts.usualDependsOnLevel;
  missing.push(...grades.ungraded.map((id) => ({ id, why })));
}

/**
 * A tracked film, from its points to its grades.
 *
 * @returns `seen` is the share of all points that the tracker was sure of, `swapped` in how many frames left and right were put back
 * @throws FieldError for what is no film of a delivery, with the field
 * @example readKeypoints(filmed.clip, { discipline: 'overhand', level: 'college' }).seen // 1
 */
export function readKeypoints(
  clip: KeypointClip,
  whom: Whom,
  moved: Instants = {},
): MotionReading & { seen: number; swapped: number } {
  checkKeypoints(clip);
  const tracks = cleaned(clip);
  const motion = motionOf(clip, tracks);
  if (isUpsideDown(motion)) throw new FieldError('frames', texts.pictureIsUpsideDown);
  return { ...readMotion(motion, whom, moved), seen: tracks.seen, swapped: tracks.swapped };
}

/** Whether the head is under the feet for most of a film. */
function isUpsideDown({ at }: Motion): boolean {
  const above = at.shoulders.up.map((each, i) => each - (at.leadAnkle.up[i]! + at.trailAnkle.up[i]!) / 2);
  const known = above.filter((each) => !Number.isNaN(each));
  return known.length > 0 && known.filter((each) => each < 0).length > known.length / 2;
}
