import { fullEffortFrom } from '../safety';
/** Efforts that are asked, percent. */
const efforts = [50, 60, 70, 80, 90, 100];

/** Throws at each rung of a ladder of efforts; fewer make no point of the curve. */
export const throwsEach = 3;
const mostRungs = 5;
const fewestRungs = 3;

/**
 * What may be asked of an athlete in a drill, percent, with what is asked already.
 *
 * @param maxEffort the most that the drill asks for, percent
 * @example effortChoices(12, 80, 100) // [50, 60, 70, 80, 90]
 */
export const effortChoices = (age: number, asked: number, maxEffort: number): number[] =>
  [...new Set([...efforts, maxEffort, asked])]
    .filter((effort) => effort === asked || (effort <= maxEffort && (effort < 100 || age >= fullEffortFrom)))
    .sort((a, b) => a - b);

/**
 * Efforts from easy to as much as may be asked; null where too few are left for a curve.
 *
 * @example ladderEfforts(15, 100) // [60, 70, 80, 90, 100]
 */
export function ladderEfforts(age: number, maxEffort: number): number[] | null {
  const rungs = effortChoices(age, efforts[0]!, maxEffort).slice(-mostRungs);
  return rungs.length >= fewestRungs ? rungs : null;
}

/**
 * The effort to ask next, and how many measured throws each has; null when the ladder is climbed.
 *
 * @example rungNow([], [60, 75, 90]).effort // 60
 */
export function rungNow(
  thrown: readonly { effort: number | null; velocity: number | null }[],
  rungs: readonly number[],
): { effort: number | null; counts: { effort: number; n: number }[] } {
  const counts = rungs.map((effort) => ({
    effort,
    n: thrown.filter((each) => each.velocity !== null && each.effort === effort).length,
  }));
  return { effort: counts.find(({ n }) => n < throwsEach)?.effort ?? null, counts };
}
