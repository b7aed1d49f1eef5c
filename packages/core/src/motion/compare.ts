import { motionMeasureOf, type MotionUnit } from './measureTable';

/** A figure of a film, as it is kept. */
export interface KeptFigure {
  id: string;
  value: number;
  /** The ±. */
  off: number;
}

export interface ComparedFigure {
  id: string;
  name: string;
  unit: MotionUnit;
  a: KeptFigure | null;
  b: KeptFigure | null;
  /** The second against the first; null where one of them lacks it. */
  difference: number | null;
  /** The ± of the difference: both errors together. */
  off: number | null;
  /** Whether it is more than the error. */
  real: boolean;
}

/**
 * Two films, measure by measure.
 *
 * @returns every measure that at least one of them has, in the order of the first
 * @example compareFigures([{ id: 'hip-rise', value: 4, off: 1 }], [{ id: 'hip-rise', value: 1, off: 1 }])[0].real // true
 */
export function compareFigures(a: readonly KeptFigure[], b: readonly KeptFigure[]): ComparedFigure[] {
  const ids = [...new Set([...a, ...b].map(({ id }) => id))];
  return ids.flatMap((id) => {
    const measure = motionMeasureOf(id);
    if (!measure) return [];
    const [first, second] = [a, b].map((figures) => figures.find((each) => each.id === id) ?? null) as [
      KeptFigure | null,
      KeptFigure | null,
    ];
    const both = first && second;
    const difference = both ? second.value - first.value : null;
    const off = both ? Math.hypot(first.off, second.off) : null;
    const real = difference !== null && Math.abs(difference) > off!;
    return [{ id, name: measure.name, unit: measure.unit, a: first, b: second, difference, off, real }];
  });
}
