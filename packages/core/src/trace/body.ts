import { nodeOf } from '../catalogue';
import { rounding, type Blame } from './blame';
import { linkLoad, type CauseGraph } from './graph';

/** A limit that explains so much of a flaw that the body comes before the pattern. */
export interface BodyFirst {
  limit: string;
  flaw: string;
  /** Of the flaw, 0..1. */
  share: number;
}

/** A present link with the credit that runs along it. */
export interface Flow {
  cause: string;
  effect: string;
  credit: number;
}

/** A limit that was never tested and could explain a leading flaw. */
export interface TestFirst {
  limit: string;
  flaw: string;
  /** Of the link between them. */
  weight: number;
}

/** A limit that explains at least this share of a flaw comes before pattern work on it. */
export const bodyShare = 1 / 3;

/**
 * How the credit of each node is divided among its present causes, and which limits take a third or more.
 *
 * @example divided(graph, severity, blamed).flows.length // 2
 */
export function divided(
  graph: CauseGraph,
  severity: ArrayLike<number>,
  { explained, reached }: Blame,
): { flows: Flow[]; shares: BodyFirst[]; bodyFirst: BodyFirst[] } {
  const flows: Flow[] = [];
  const shares: BodyFirst[] = [];
  graph.nodes.forEach((node, v) => {
    if (!(severity[v]! > 0)) return;
    const present = graph.causes[v]!.filter((edge) => severity[edge.at]! > 0);
    const loads = present.map((edge) => linkLoad(edge.weight, severity[edge.at]!));
    const load = loads.reduce((sum, l) => sum + l, 0);
    present.forEach((edge, i) => {
      const cause = graph.nodes[edge.at]!;
      const share = (explained[v]! * loads[i]!) / load;
      flows.push({ cause: cause.id, effect: node.id, credit: reached[v]! * share });
      if (cause.type === 'limit' && node.type === 'flaw')
        shares.push({ limit: cause.id, flaw: node.id, share });
    });
  });
  shares.sort((a, b) => b.share - a.share);
  return { flows, shares, bodyFirst: shares.filter(({ share }) => share >= bodyShare - rounding) };
}

/**
 * The limits without a test among the known causes of these flaws, strongest link first.
 *
 * @example untested(graph, grades, ['oh.lift-stall']).length // 0
 */
export const untested = (
  graph: CauseGraph,
  grades: ArrayLike<number>,
  leading: readonly (string | null)[],
): TestFirst[] =>
  [...new Set(leading)].flatMap((flaw) => {
    const at = flaw === null || nodeOf(flaw)?.type !== 'flaw' ? undefined : graph.at.get(flaw);
    if (flaw === null || at === undefined) return [];
    return graph.causes[at]!.filter((edge) => graph.nodes[edge.at]!.type === 'limit' && grades[edge.at]! < 0)
      .sort((a, b) => b.weight - a.weight || a.at - b.at)
      .map((edge) => ({ limit: graph.nodes[edge.at]!.id, flaw, weight: edge.weight }));
  });
