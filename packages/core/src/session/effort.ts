/** Efforts that are asked, percent. */
const efforts = [50, 60, 70, 80, 90, 100];
/** Nobody younger is asked for everything. */
const wholeEffortFrom = 13;

/** Throws at each rung of a ladder of efforts; fewer make no point of the curve. */
export const throwsEach = 3;
const mostRungs = 5;
const fewestRungs = 3;

/**
 * What may be asked of an athlete in a drill, percent, with what is asked already.
 *
 * @param most the most that the drill asks for, percent
 */
export const effortChoices = (age: number, asked: number, most: number): number[] =>
  [...new Set([...efforts, most, asked])]
    .filter((effort) => effort === asked || (effort <= most && (effort < 100 || age >= wholeEffortFrom)))
    .sort((a, b) => a - b);

/** Efforts from easy to as much as may be asked; null where too few are left for a curve. */
export function ladderEfforts(age: number, most: number): number[] | null {
  const rungs = effortChoices(age, efforts[0]!, most).slice(-mostRungs);
  return rungs.length >= fewestRungs ? rungs : null;
}

/** The effort to ask next, and how many measured throws each has; null when the ladder is climbed. */
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
