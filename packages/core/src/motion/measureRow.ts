import type { ClipEvent } from '../measure/timing';
import type { ErrorKind } from './errors';
import type { MotionGrade, MotionMeasure, MotionUnit, SeenFrom } from './measureTable';

/**
 * How a checkpoint is graded.
 *
 * @example below('oh.jump', 3, 2, 1)[0].worse // 'below'
 */
export const below = (checkpoint: string, ...steps: [number, number, number]): MotionGrade[] => [
  { checkpoint, worse: 'below', steps },
];
/**
 * How a checkpoint is graded.
 *
 * @example above('oh.jump', 1, 2, 3)[0].worse // 'above'
 */
export const above = (checkpoint: string, ...steps: [number, number, number]): MotionGrade[] => [
  { checkpoint, worse: 'above', steps },
];
/**
 * How a checkpoint is graded.
 *
 * @example byNorm('oh.short-stride').length // 1
 */
export const byNorm = (...checkpoints: string[]): MotionGrade[] =>
  checkpoints.map((checkpoint) => ({ checkpoint, norm: true }));

export type MeasureRow = readonly [
  id: string,
  name: string,
  from: SeenFrom,
  needs: readonly ClipEvent[],
  discipline: MotionMeasure['discipline'],
  unit: MotionUnit,
  error: ErrorKind,
  grades: readonly MotionGrade[],
  how: string,
];
