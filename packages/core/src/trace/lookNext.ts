import { quickLook } from '../catalogue/quickLook';
import type { Discipline } from '../catalogue';
import { rounding } from './blame';
import { catalogueGraph, type CauseGraph } from './graph';

export interface Gain {
  id: string;
  /** Points of the picture that an obvious finding there could take over. */
  gain: number;
}

const maxProposals = 3;

/**
 * The most telling things that nobody has looked at yet: of each flaw and limit what its present effects would hand
 * to it if it were found obvious. At most three, highest first; ties in the order of the catalogue.
 *
 * @param score root scores by position
 * @param grades by position; −1 for what was not looked at
 * @param left positions that the approach leaves out
 * @example lookNext(graph, walked.score, grades, []).map(({ id }) => id) // [ 'oh.flat-setup', 'oh.hip-hike', 'oh.weight-back' ]
 */
export const lookNext = (
  graph: CauseGraph,
  score: ArrayLike<number>,
  grades: ArrayLike<number>,
  left: readonly number[],
): Gain[] =>
  graph.nodes
    .map((node, at) => {
      const open = grades[at]! < 0 && !left.includes(at) && node.type !== 'symptom';
      const gain = open
        ? graph.effects[at]!.reduce((sum, edge) => sum + (score[edge.at]! * edge.weight * 2) / 3, 0)
        : 0;
      return { id: node.id, gain, at };
    })
    .filter(({ gain }) => gain > 0)
    .sort((a, b) => (Math.abs(a.gain - b.gain) > rounding ? b.gain - a.gain : a.at - b.at))
    .slice(0, maxProposals)
    .map(({ id, gain }) => ({ id, gain }));

/**
 * What to look at when nothing was looked at yet: of a quick look, the checkpoints on which most hangs directly.
 *
 * @example lookFirst('overhand').length // 3
 */
export function lookFirst(discipline: Discipline): string[] {
  const { at, effects } = catalogueGraph(discipline);
  const reach = (id: string): number => effects[at.get(id)!]!.reduce((sum, { weight }) => sum + weight, 0);
  return [...quickLook[discipline]].sort((a, b) => reach(b) - reach(a)).slice(0, maxProposals);
}
