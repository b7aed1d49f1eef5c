import { links as catalogueLinks, nodesFor, type Discipline, type Link, type Node } from '../catalogue';
import { texts } from './texts';

interface Edge {
  /** Position of the node at the other end. */
  at: number;
  weight: number;
  /** Position in `weights`, so that a run can try other weights. */
  link: number;
}

/** A discipline's nodes with their causes and effects, in an order in which every effect comes before its causes. */
export interface CauseGraph {
  nodes: readonly Node[];
  at: ReadonlyMap<string, number>;
  causes: readonly (readonly Edge[])[];
  effects: readonly (readonly Edge[])[];
  /** Last effect first. */
  order: readonly number[];
  weights: Float64Array;
}

/** The links run in a circle; `cycle` spells it out, first node repeated at the end. */
export class CycleError extends Error {
  constructor(readonly cycle: readonly string[]) {
    super(texts.linksRunInCircle(cycle));
    this.name = 'CycleError';
  }
}

function effectsFirst(nodes: readonly Node[], effects: readonly (readonly Edge[])[]): number[] {
  const order: number[] = [];
  const state = new Uint8Array(nodes.length); // 0 new, 1 being visited, 2 done
  const path: number[] = [];
  const visit = (at: number): void => {
    if (state[at] === 2) return;
    if (state[at] === 1) {
      const circle = [...path.slice(path.indexOf(at)), at];
      throw new CycleError(circle.map((i) => nodes[i]!.id));
    }
    state[at] = 1;
    path.push(at);
    for (const edge of effects[at]!) visit(edge.at);
    path.pop();
    state[at] = 2;
    order.push(at);
  };
  nodes.forEach((_, at) => visit(at));
  return order;
}

/**
 * Links both of whose ends belong to the discipline, less the struck ones.
 *
 * @param removedLinks pairs `[cause, effect]` that do not hold for this athlete
 * @throws CycleError when the links run in a circle
 * @example causeGraph('overhand').nodes.length === nodesFor('overhand').length // true
 */
export function causeGraph(
  discipline: Discipline,
  removedLinks: readonly (readonly [string, string])[] = [],
  links: readonly Link[] = catalogueLinks,
): CauseGraph {
  const nodes = nodesFor(discipline);
  const at = new Map(nodes.map((node, i) => [node.id, i]));
  const gone = new Set(removedLinks.map(([cause, effect]) => `${cause} ${effect}`));
  const causes: Edge[][] = nodes.map(() => []);
  const effects: Edge[][] = nodes.map(() => []);
  const weights: number[] = [];
  for (const { cause, effect, weight } of links) {
    const from = at.get(cause);
    const to = at.get(effect);
    if (from === undefined || to === undefined || gone.has(`${cause} ${effect}`)) continue;
    const link = weights.push(weight) - 1;
    causes[to]!.push({ at: from, weight, link });
    effects[from]!.push({ at: to, weight, link });
  }
  return {
    nodes,
    at,
    causes,
    effects,
    order: effectsFirst(nodes, effects),
    weights: Float64Array.from(weights),
  };
}

const graphs = new Map<Discipline, CauseGraph>();

/**
 * The catalogue's own graph of a discipline, made once.
 *
 * @example catalogueGraph('overhand') === catalogueGraph('overhand') // true
 */
export function catalogueGraph(discipline: Discipline): CauseGraph {
  const graph = graphs.get(discipline) ?? causeGraph(discipline);
  graphs.set(discipline, graph);
  return graph;
}

/**
 * −ln(1 − w·s/3): how much of an effect one present cause accounts for, additive over causes.
 *
 * @example linkLoad(0.5, 3) // 0.693147
 */
export const linkLoad = (weight: number, severity: number): number => -Math.log1p((-weight * severity) / 3);
