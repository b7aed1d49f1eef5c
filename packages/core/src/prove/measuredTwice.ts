import { measurableOf, nodeOf, screenTestOf } from '../catalogue';

/** A figure that a grade of a look stands on. */
export interface MeasuredFigure {
  value: number;
  /** Its error, in its own unit; null where nobody knows it. */
  error: number | null;
}

export interface MeasuredPair {
  id: string;
  before: MeasuredFigure;
  after: MeasuredFigure;
  difference: number;
  /** A difference above this is more than the error of both; null where an error is not known. */
  needed: number | null;
  real: boolean | null;
  /** Empty for a ratio. */
  unit: string;
}

interface Detail {
  value?: number | null | undefined;
  error?: number | null | undefined;
}

const figureOf = (detail: Detail | undefined): MeasuredFigure | null =>
  typeof detail?.value === 'number' ? { value: detail.value, error: detail.error ?? null } : null;

const unitOf = (id: string): string => {
  const node = nodeOf(id);
  if (node?.type === 'limit') return screenTestOf(node.test)?.unit ?? node.unit;
  return measurableOf(id)?.unit ?? '';
};

/**
 * Figures that were measured in both of two looks. Errors of both add up as independent ones do: √(e₁² + e₂²).
 *
 * @param before what stands beside the grades, by checkpoint
 * @example measuredTwice({ 'oh.lean-back': { value: 20, error: 3 } }, { 'oh.lean-back': { value: 12, error: 4 } })[0].needed // 5
 */
export function measuredTwice(
  before: Readonly<Record<string, Detail>>,
  after: Readonly<Record<string, Detail>>,
): MeasuredPair[] {
  return Object.keys(before).flatMap((id): MeasuredPair[] => {
    const [was, is] = [figureOf(before[id]), figureOf(after[id])];
    if (!was || !is) return [];
    const difference = is.value - was.value;
    const needed = was.error === null || is.error === null ? null : Math.hypot(was.error, is.error);
    const real = needed === null ? null : Math.abs(difference) > needed;
    return [{ id, before: was, after: is, difference, needed, real, unit: unitOf(id) }];
  });
}
