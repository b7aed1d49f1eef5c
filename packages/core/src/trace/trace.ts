import { catalogueVersion, links as catalogueLinks, type Link } from '../catalogue';
import { approachFor, uncounted, type Approach, type Findings, type TracedAthlete } from './approach';
import { blame } from './blame';
import { proposeFocus, type Focus, type FocusReason } from './focus';
import { causeGraph, linkLoad, type CauseGraph } from './graph';
import { sureness, type Sureness } from './sureness';

export interface TraceInput {
  athlete: TracedAthlete;
  /** 0 clean to 3 severe by id; an absent id was not looked at. */
  findings: Findings;
  /** Links `[cause, effect]` that do not hold for this athlete. */
  struck?: readonly (readonly [string, string])[];
  /** Share of strikes 0..1, and whether velocity is falling; without it nothing is left alone for its results. */
  results?: { strikes: number; velocityFalling?: boolean };
  seed?: number;
  /** Runs of the sureness check; 0 leaves it out. */
  runs?: number;
}

export interface Root {
  id: string;
  score: number;
  /** Score over total, 0..1. */
  share: number;
  /** Where the score came from, itself included; the credits add up to the score. */
  explains: { id: string; credit: number }[];
}

export interface Trace {
  catalogue: string;
  approach: Approach;
  /** Sum of the severities that are traced. */
  total: number;
  roots: Root[];
  focus: Focus;
  reasons: FocusReason[];
  lookNext: string[];
  leaveAlone: string[];
  bodyFirst: { limit: string; flaw: string; share: number }[];
  /** Limits that were never tested and are a known cause of a focus. */
  testFirst: { limit: string; flaw: string }[];
  /** Present links with the credit that runs along them, for the picture. */
  flows: { cause: string; effect: string; credit: number }[];
  sure: Sureness;
}

/** Share of strikes from which results count as good. */
export const goodStrikes = 0.6;
/** A limit that explains at least this share of a flaw comes before pattern work on it. */
export const bodyShare = 1 / 3;
/** Sums of the same parts in another order differ by about this much. */
const rounding = 1e-9;

function lookNext(
  graph: CauseGraph,
  score: Float64Array,
  seen: Findings,
  left: ReadonlySet<string>,
): string[] {
  return graph.nodes
    .map((node, at) => {
      const open =
        !(node.id in seen) &&
        !left.has(node.id) &&
        node.type !== 'symptom' &&
        !(node.type === 'flaw' && node.kind === 'tactical');
      const gain = open
        ? graph.effects[at]!.reduce((sum, edge) => sum + (score[edge.at]! * edge.weight * 2) / 3, 0)
        : 0;
      return { id: node.id, gain, at };
    })
    .filter(({ gain }) => gain > 0)
    .sort((a, b) => (Math.abs(a.gain - b.gain) > rounding ? b.gain - a.gain : a.at - b.at))
    .slice(0, 3)
    .map(({ id }) => id);
}

function leaveAlone(
  graph: CauseGraph,
  severity: ArrayLike<number>,
  { findings, results }: TraceInput,
  left: ReadonlySet<string>,
): string[] {
  const good =
    results !== undefined &&
    results.strikes >= goodStrikes &&
    !results.velocityFalling &&
    !graph.nodes.some((node, at) => node.type === 'symptom' && severity[at]! > 0);
  return graph.nodes
    .filter((node, at) => {
      if (left.has(node.id)) return (findings[node.id] ?? 0) > 0;
      if (!good || !(severity[at]! > 0)) return false;
      if (node.type === 'flaw' && node.stresses) return false;
      return graph.effects[at]!.every((edge) => {
        const effect = graph.nodes[edge.at]!.id;
        return left.has(effect) || findings[effect] === 0;
      });
    })
    .map((node) => node.id);
}

/**
 * From what was seen to what causes it: root scores that add up to the severities, the focus they lead to, what
 * to look at next, what to leave alone, where the body comes first, and how sure all of it is.
 *
 * @throws RangeError naming the field, when an id is unknown to the discipline or a grade is not 0, 1, 2 or 3
 */
export function trace(input: TraceInput, links: readonly Link[] = catalogueLinks): Trace {
  const { athlete, findings, struck = [], seed = 1, runs = 1000 } = input;
  const graph = causeGraph(athlete.discipline, struck, links);
  for (const [id, grade] of Object.entries(findings)) {
    if (!graph.at.has(id))
      throw new RangeError(`findings.${id}: not a checkpoint, limit or symptom of ${athlete.discipline}`);
    if (![0, 1, 2, 3].includes(grade)) throw new RangeError(`findings.${id}: must be 0, 1, 2 or 3`);
  }
  struck.flat().forEach((id, i) => {
    if (!graph.at.has(id))
      throw new RangeError(`struck[${i >> 1}]: ${id} is unknown in ${athlete.discipline}`);
  });
  const approach = approachFor(athlete);
  const effectsOf = (id: string): string[] => {
    const at = graph.at.get(id);
    return at === undefined ? [] : graph.effects[at]!.map((edge) => graph.nodes[edge.at]!.id);
  };
  const severityOf = (graded: Findings, left: ReadonlySet<string>): Float64Array =>
    Float64Array.from(graph.nodes, (node) =>
      left.has(node.id) || (node.type === 'flaw' && node.kind === 'tactical') ? 0 : (graded[node.id] ?? 0),
    );
  const left = uncounted(approach, findings, effectsOf);
  const severity = severityOf(findings, left);
  const total = severity.reduce((sum, s) => sum + s, 0);
  const result = blame(graph, severity);

  const roots: Root[] = graph.nodes
    .map((node, at) => ({ node, at, score: result.score[at]! }))
    .filter(({ score }) => score > 0)
    .sort((a, b) => (Math.abs(a.score - b.score) > rounding ? b.score - a.score : a.at - b.at))
    .map(({ node, at, score }) => ({
      id: node.id,
      score,
      share: score / total,
      explains: [...result.credits[at]!]
        .map(([entry, credit]) => ({ id: graph.nodes[entry]!.id, credit }))
        .sort((a, b) => b.credit - a.credit),
    }));

  const flows: Trace['flows'] = [];
  const bodyFirst: Trace['bodyFirst'] = [];
  graph.nodes.forEach((node, v) => {
    const present = graph.causes[v]!.filter((edge) => severity[v]! > 0 && severity[edge.at]! > 0);
    const loads = present.map((edge) => linkLoad(edge.weight, severity[edge.at]!));
    const load = loads.reduce((sum, l) => sum + l, 0);
    present.forEach((edge, i) => {
      const cause = graph.nodes[edge.at]!;
      const share = (result.explained[v]! * loads[i]!) / load;
      flows.push({ cause: cause.id, effect: node.id, credit: result.reached[v]! * share });
      if (cause.type === 'limit' && node.type === 'flaw' && share >= bodyShare - rounding)
        bodyFirst.push({ limit: cause.id, flaw: node.id, share });
    });
  });
  bodyFirst.sort((a, b) => b.share - a.share);

  const { focus, reasons } = proposeFocus(graph, result, severity, findings, athlete.age);
  const testFirst = [focus.lower, focus.arm].flatMap((flaw) => {
    const at = flaw === null ? undefined : graph.at.get(flaw);
    if (flaw === null || at === undefined) return [];
    return graph.causes[at]!.map((edge) => graph.nodes[edge.at]!)
      .filter((cause) => cause.type === 'limit' && !(cause.id in findings))
      .map((cause) => ({ limit: cause.id, flaw }));
  });

  return {
    catalogue: catalogueVersion,
    approach,
    total,
    roots,
    focus,
    reasons,
    lookNext: lookNext(graph, result.score, findings, left),
    leaveAlone: leaveAlone(graph, severity, input, left),
    bodyFirst,
    testFirst,
    flows,
    sure: sureness(graph, findings, approach, severityOf, effectsOf, { seed, runs }),
  };
}
