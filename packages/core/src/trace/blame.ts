import { linkLoad, type CauseGraph } from './graph';

/** Sums of the same parts in another order differ by less than this. */
export const rounding = 1e-9;

/** What the walk leaves behind, by position of the node in the graph. */
export interface Blame {
  /** Share of each node that its present causes explain, 0..1 (noisy-or). */
  explained: Float64Array;
  /** Credit that reached each node: its own severity and what its effects handed on. */
  reached: Float64Array;
  /** Credit that stays with each node; the scores add up to the severities. */
  score: Float64Array;
  /** For each node, the part of its final score that entered the graph at each other node. */
  credits: readonly Float64Array[];
  creditByThread: CreditByThread;
}

/** Credit handed to each node directly by flaws of the lower and of the arm thread. */
export interface CreditByThread {
  lower: Float64Array;
  arm: Float64Array;
}

/**
 * Walks from the last effect to the first cause. Each node starts with its severity as credit, keeps what its
 * present causes do not explain and hands on the rest in proportion to their loads. Nothing is made or lost on
 * the way.
 *
 * @param severity 0..3 by position; 0 for whatever is clean, not looked at or not counted
 * @example blame(graph, severity).reached[lift] // 4.52
 */
export function blame(graph: CauseGraph, severity: ArrayLike<number>): Blame {
  const size = graph.nodes.length;
  const explained = new Float64Array(size);
  const reached = new Float64Array(size);
  const score = new Float64Array(size);
  const creditByThread = { lower: new Float64Array(size), arm: new Float64Array(size) };
  const credits = graph.nodes.map((_, at) => {
    const own = new Float64Array(size);
    own[at] = severity[at]!;
    return own;
  });
  for (const v of graph.order) {
    if (!(severity[v]! > 0)) continue;
    const present = graph.causes[v]!.filter((edge) => severity[edge.at]! > 0);
    const loads = present.map((edge) => linkLoad(edge.weight, severity[edge.at]!));
    const load = loads.reduce((sum, l) => sum + l, 0);
    explained[v] = -Math.expm1(-load);
    const own = credits[v]!;
    const node = graph.nodes[v]!;
    present.forEach((edge, i) => {
      const part = (explained[v]! * loads[i]!) / load;
      const theirs = credits[edge.at]!;
      let handed = 0;
      own.forEach((credit, entry) => {
        theirs[entry]! += credit * part;
        handed += credit * part;
      });
      if (node.type === 'flaw') creditByThread[node.thread][edge.at]! += handed;
    });
    const kept = 1 - explained[v]!;
    own.forEach((credit, entry) => {
      reached[v]! += credit;
      own[entry] = credit * kept;
      score[v]! += credit * kept;
    });
  }
  return { explained, reached, score, credits, creditByThread };
}

/** Scores alone, without what they came from. */
export type Scores = Pick<Blame, 'score' | 'creditByThread'>;

/**
 * Room for the scores of every node, all of them 0.
 *
 * @example noScores(graph).score.length === graph.nodes.length // true
 */
export const noScores = ({ nodes }: CauseGraph): Scores => ({
  score: new Float64Array(nodes.length),
  creditByThread: { lower: new Float64Array(nodes.length), arm: new Float64Array(nodes.length) },
});

/**
 * The lean form of the walk, for thousands of runs.
 *
 * @param weights of the links, by their position in the graph
 * @param out is written over and handed back
 * @example scoresOf(graph, Float64Array.from(severity), graph.weights, noScores(graph)).score[lift] // 4.52
 */
export function scoresOf(
  graph: CauseGraph,
  severity: Float64Array,
  weights: Float64Array,
  out: Scores,
): Scores {
  const { score, creditByThread } = out;
  score.set(severity);
  creditByThread.lower.fill(0);
  creditByThread.arm.fill(0);
  for (const v of graph.order) {
    if (severity[v] === 0) continue;
    let load = 0;
    const causes = graph.causes[v]!;
    for (const edge of causes)
      if (severity[edge.at]! > 0) load += linkLoad(weights[edge.link]!, severity[edge.at]!);
    if (load === 0) continue;
    const kept = Math.exp(-load);
    const share = (score[v]! * (1 - kept)) / load;
    const node = graph.nodes[v]!;
    for (const edge of causes)
      if (severity[edge.at]! > 0) {
        const handed = share * linkLoad(weights[edge.link]!, severity[edge.at]!);
        score[edge.at]! += handed;
        if (node.type === 'flaw') creditByThread[node.thread][edge.at]! += handed;
      }
    score[v]! *= kept;
  }
  return out;
}
