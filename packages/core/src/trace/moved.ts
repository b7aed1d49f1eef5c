import type { Trace } from './trace';

/** Smaller changes do not show in figures with one decimal. */
const shows = 0.05;

/**
 * Root scores that differ between two traces, the largest change first.
 *
 * @example movedRoots({ roots: [] }, traced)[0].before // 0
 */
export function movedRoots(
  before: Pick<Trace, 'roots'>,
  after: Pick<Trace, 'roots'>,
): { id: string; before: number; after: number }[] {
  const scores = ({ roots }: Pick<Trace, 'roots'>) => new Map(roots.map(({ id, score }) => [id, score]));
  const [was, is] = [scores(before), scores(after)];
  return [...new Set([...was.keys(), ...is.keys()])]
    .map((id) => ({ id, before: was.get(id) ?? 0, after: is.get(id) ?? 0 }))
    .filter((root) => Math.abs(root.after - root.before) >= shows)
    .sort((a, b) => Math.abs(b.after - b.before) - Math.abs(a.after - a.before));
}
