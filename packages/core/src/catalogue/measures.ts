import { normFor, type Whom } from './levels';
import type { Norm, Severity } from './types';

/** A checkpoint that can be measured: on which side of the usual range it gets worse, and how far for each grade. */
interface Measurable {
  checkpoint: string;
  measure: string;
  name: string;
  unit: string;
  /** Values that can be read at all; what lies outside is a slip of the finger. */
  range: readonly [number, number];
  worse: 'below' | 'above' | 'outside';
  /** Distances outside the usual range from which the grade is slight, obvious, severe; house default. */
  steps: readonly [number, number, number];
  how: string;
}

const stride = {
  measure: 'stride-length',
  name: 'Stride',
  unit: '% of height',
  range: [20, 130],
  worse: 'below',
  steps: [0, 5, 10],
  how: 'From the front of the rubber to the front toe at landing, as a share of body height.',
} as const;

const frontKnee = {
  measure: 'front-knee-bend-at-landing',
  name: 'Front-knee bend at landing',
  unit: 'deg',
  range: [-20, 120],
  how: 'Hip, knee and ankle of the front leg when the foot is full on the ground; straight is 0.',
} as const;

const straightening = {
  measure: 'lead-knee-straightening-plant-to-release',
  name: 'Lead knee straightens from plant to release',
  unit: 'deg',
  range: [-70, 70],
  worse: 'below',
  how: 'Knee bend at plant minus knee bend at release; a minus keeps bending.',
} as const;

export const measurables: readonly Measurable[] = [
  { checkpoint: 'oh.short-stride', ...stride },
  { checkpoint: 'oh.no-post', ...straightening, steps: [0, 5, 15] },
  { checkpoint: 'oh.lead-leg-soft', ...straightening, steps: [5, 13, 21] },
  {
    checkpoint: 'oh.low-separation',
    measure: 'hip-shoulder-separation-at-plant',
    name: 'Hip line against shoulder line at plant',
    unit: 'deg',
    range: [-30, 90],
    worse: 'below',
    steps: [0, 8, 16],
    how: 'Angle between the line of the hips and the line of the shoulders, seen from above or computed.',
  },
  {
    checkpoint: 'oh.weak-hips',
    measure: 'peak-pelvis-speed',
    name: 'Peak turning speed of the pelvis',
    unit: 'deg/s',
    range: [50, 1500],
    worse: 'below',
    // 0.85 and 0.7 of the low end, worked out below.
    steps: [0, 0.15, 0.3],
    how: 'From a motion file.',
  },
  { checkpoint: 'wm.short-drive', ...stride },
  { checkpoint: 'wm.locked-knee', ...frontKnee, worse: 'below', steps: [0, 5, 10] },
  { checkpoint: 'wm.collapsed-front', ...frontKnee, worse: 'above', steps: [0, 10, 20] },
  {
    checkpoint: 'wm.foot-closed',
    measure: 'front-foot-angle-at-landing',
    name: 'Front-foot angle at landing',
    unit: 'deg',
    range: [-30, 120],
    worse: 'outside',
    steps: [0, 10, 20],
    how: 'Between the front foot and the line to the target; straight at it is 0.',
  },
  {
    checkpoint: 'wm.hips-slam',
    measure: 'hip-angle-at-release',
    name: 'Hip line at release',
    unit: 'deg from square',
    range: [-40, 110],
    worse: 'below',
    steps: [0, 10, 20],
    how: 'Square to the plate is 0, straight along the line to it is 90.',
  },
];

const byCheckpoint = new Map(measurables.map((each) => [each.checkpoint, each]));

/**
 * What can be measured of a checkpoint; undefined where nothing can.
 *
 * @example measurableOf('oh.no-such-flaw') // undefined
 */
export const measurableOf = (checkpoint: string): Measurable | undefined => byCheckpoint.get(checkpoint);

export interface MeasuredGrade {
  severity: Severity;
  /** The usual range and the kind of its source. */
  norm: Norm;
}

/**
 * The grade that a measured value gives a checkpoint, against the range for the level.
 *
 * @param value in the unit of the measure
 * @returns null where the checkpoint has no measure, or the table no range for this level
 * @example gradeMeasured('oh.no-such-flaw', 80, { discipline: 'overhand', level: 'high-school', sex: null, norms }) // null
 */
export function gradeMeasured(checkpoint: string, value: number, whom: Whom): MeasuredGrade | null {
  const measurable = measurableOf(checkpoint);
  const norm = measurable && normFor(measurable.measure, whom);
  if (!measurable || !norm) return null;
  const under = norm.low - value;
  const over = value - norm.high;
  const off =
    measurable.worse === 'below' ? under : measurable.worse === 'above' ? over : Math.max(under, over);
  const scale = measurable.measure === 'peak-pelvis-speed' ? norm.low : 1;
  const severity = measurable.steps.filter((step) => off > step * scale).length as Severity;
  return { severity, norm };
}
