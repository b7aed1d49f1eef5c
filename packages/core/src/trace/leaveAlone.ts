import type { CauseGraph } from './graph';

/** How the athlete does, whatever the delivery looks like. */
export interface Results {
  /** Share of strikes, 0..1. */
  strikes: number;
  velocityFalling?: boolean;
  /** From which share of strikes on results count as good, 0..1; 0.6 when left out. */
  goodStrikes?: number;
}

export interface Left {
  id: string;
  /** `approach`: the approach does not count it; `works`: it does no harm on an athlete with good results. */
  why: 'approach' | 'works';
}

/** Share of strikes from which results count as good, until an instructor says otherwise. */
export const goodStrikes = 0.6;

/**
 * What is found and better left alone: what the approach does not count, and on an athlete with good results whatever
 * raises no stress and whose effects were all looked at and are clean.
 *
 * @param severity by position, 0 for what does not count
 * @param grades by position; −1 for what was not looked at
 * @param left positions that the approach leaves out
 * @example leaveAlone(graph, severity, grades, undefined, []) // []
 */
export function leaveAlone(
  graph: CauseGraph,
  severity: ArrayLike<number>,
  grades: ArrayLike<number>,
  results: Results | undefined,
  left: readonly number[],
): Left[] {
  const good =
    results !== undefined &&
    results.strikes >= (results.goodStrikes ?? goodStrikes) &&
    !results.velocityFalling &&
    !graph.nodes.some((node, at) => node.type === 'symptom' && severity[at]! > 0);
  return graph.nodes.flatMap((node, at): Left[] => {
    if (left.includes(at)) return grades[at]! > 0 ? [{ id: node.id, why: 'approach' }] : [];
    if (!good || !(severity[at]! > 0)) return [];
    if (node.type === 'flaw' && node.stresses) return [];
    const harmless = graph.effects[at]!.every((edge) => left.includes(edge.at) || grades[edge.at] === 0);
    return harmless ? [{ id: node.id, why: 'works' }] : [];
  });
}
