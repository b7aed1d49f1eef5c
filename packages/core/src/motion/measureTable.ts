import type { Discipline } from '../catalogue';
import type { ClipEvent } from '../measure/timing';
import type { ErrorKind } from './errors';
import { overhandRows } from './measures.overhand';
import { windmillRows } from './measures.windmill';
import type { MeasureRow } from './measureRow';

/** From which side of the picture a measure can be seen; `any` where time alone is asked, `space` by a lab alone. */
export type SeenFrom = 'side' | 'line' | 'any' | 'space';
export type MotionUnit = 'deg' | 'ms' | '% of height' | '% of trunk length' | '% of leg length';

export interface MotionMeasure {
  id: string;
  name: string;
  from: SeenFrom;
  /** What has to be found in the film for it. */
  needs: readonly ClipEvent[];
  discipline: Discipline | 'both';
  unit: MotionUnit;
  error: ErrorKind;
  /** The checkpoint of each discipline that it grades, and from where on; `norm` counts from the range of the level. */
  grades: readonly MotionGrade[];
  how: string;
}

export type MotionGrade =
  | { checkpoint: string; worse: 'below' | 'above' | 'outside'; steps: readonly [number, number, number] }
  | { checkpoint: string; norm: true };

const rows: readonly MeasureRow[] = [...overhandRows, ...windmillRows];

/** Every figure that a tracked film can give. */
export const motionMeasures: readonly MotionMeasure[] = rows.map(
  ([id, name, from, needs, discipline, unit, error, grades, how]) => ({
    id,
    name,
    from,
    needs,
    discipline,
    unit,
    error,
    grades,
    how,
  }),
);

const byId = new Map(motionMeasures.map((each) => [each.id, each]));

/**
 * A measure by its id.
 *
 * @example motionMeasureOf('hip-rise').unit // '% of height'
 */
export const motionMeasureOf = (id: string): MotionMeasure | undefined => byId.get(id);
