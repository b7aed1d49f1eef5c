import { catalogueVersion, links as catalogueLinks, type Link } from '../catalogue';
import { approachFor, counting, type Approach, type Findings, type TracedAthlete } from './approach';
import { blame, rounding, type Blame } from './blame';
import { proposeFocus, type Focus, type FocusReason } from './focus';
import { catalogueGraph, causeGraph, linkLoad, type CauseGraph } from './graph';
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

function lookNext(
  graph: CauseGraph,
  score: Float64Array,
  grades: Int8Array,
  left: readonly number[],
): string[] {
  return graph.nodes
    .map((node, at) => {
      const open = grades[at]! < 0 && !left.includes(at) && node.type !== 'symptom';
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
  grades: Int8Array,
  results: TraceInput['results'],
  left: readonly number[],
): string[] {
  const good =
    results !== undefined &&
    results.strikes >= goodStrikes &&
    !results.velocityFalling &&
    !graph.nodes.some((node, at) => node.type === 'symptom' && severity[at]! > 0);
  return graph.nodes
    .filter((node, at) => {
      if (left.includes(at)) return grades[at]! > 0;
      if (!good || !(severity[at]! > 0)) return false;
      if (node.type === 'flaw' && node.stresses) return false;
      return graph.effects[at]!.every((edge) => left.includes(edge.at) || grades[edge.at] === 0);
    })
    .map((node) => node.id);
}

/** Grades by position, −1 for what was not looked at; refuses what the discipline does not have. */
function gradesOf(graph: CauseGraph, { athlete, findings, struck = [] }: TraceInput): Int8Array {
  const grades = new Int8Array(graph.nodes.length).fill(-1);
  for (const [id, grade] of Object.entries(findings)) {
    const at = graph.at.get(id);
    if (at === undefined)
      throw new RangeError(`findings.${id}: not a checkpoint, limit or symptom of ${athlete.discipline}`);
    if (![0, 1, 2, 3].includes(grade)) throw new RangeError(`findings.${id}: must be 0, 1, 2 or 3`);
    grades[at] = grade;
  }
  struck.forEach((pair, i) =>
    pair.forEach((id) => {
      if (!graph.at.has(id)) throw new RangeError(`struck.${i}: ${id} is unknown in ${athlete.discipline}`);
    }),
  );
  return grades;
}

/** How the credit of each node is divided among its present causes. */
function divided(graph: CauseGraph, severity: ArrayLike<number>, { explained, reached }: Blame) {
  const flows: Trace['flows'] = [];
  const bodyFirst: Trace['bodyFirst'] = [];
  graph.nodes.forEach((node, v) => {
    if (!(severity[v]! > 0)) return;
    const present = graph.causes[v]!.filter((edge) => severity[edge.at]! > 0);
    const loads = present.map((edge) => linkLoad(edge.weight, severity[edge.at]!));
    const load = loads.reduce((sum, l) => sum + l, 0);
    present.forEach((edge, i) => {
      const cause = graph.nodes[edge.at]!;
      const share = (explained[v]! * loads[i]!) / load;
      flows.push({ cause: cause.id, effect: node.id, credit: reached[v]! * share });
      if (cause.type === 'limit' && node.type === 'flaw' && share >= bodyShare - rounding)
        bodyFirst.push({ limit: cause.id, flaw: node.id, share });
    });
  });
  return { flows, bodyFirst: bodyFirst.sort((a, b) => b.share - a.share) };
}

function untested(graph: CauseGraph, grades: Int8Array, { lower, arm }: Focus): Trace['testFirst'] {
  return [lower, arm].flatMap((flaw) => {
    const at = flaw === null ? undefined : graph.at.get(flaw);
    if (flaw === null || at === undefined) return [];
    return graph.causes[at]!.filter(
      (edge) => graph.nodes[edge.at]!.type === 'limit' && grades[edge.at]! < 0,
    ).map((edge) => ({ limit: graph.nodes[edge.at]!.id, flaw }));
  });
}

/**
 * From what was seen to what causes it: root scores that add up to the severities, the focus they lead to, what
 * to look at next, what to leave alone, where the body comes first, and how sure all of it is.
 *
 * @throws RangeError naming the field, when an id is unknown to the discipline or a grade is not 0, 1, 2 or 3
 */
export function trace(input: TraceInput, links: readonly Link[] = catalogueLinks): Trace {
  const { athlete, struck = [], results, seed = 1, runs = 1000 } = input;
  const graph =
    struck.length || links !== catalogueLinks
      ? causeGraph(athlete.discipline, struck, links)
      : catalogueGraph(athlete.discipline);
  const grades = gradesOf(graph, input);
  const approach = approachFor(athlete);
  const count = counting(graph, approach);
  const left = count.leftOut(grades);
  const severity = count.severities(grades, new Float64Array(graph.nodes.length));
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
      explains: Array.from(result.credits[at]!, (credit, entry) => ({ id: graph.nodes[entry]!.id, credit }))
        .filter(({ credit }) => credit > 0)
        .sort((a, b) => b.credit - a.credit),
    }));

  const { flows, bodyFirst } = divided(graph, severity, result);
  const { focus, reasons } = proposeFocus(graph, result, severity, athlete.age);
  return {
    catalogue: catalogueVersion,
    approach,
    total,
    roots,
    focus,
    reasons,
    lookNext: lookNext(graph, result.score, grades, left),
    leaveAlone: leaveAlone(graph, severity, grades, results, left),
    bodyFirst,
    testFirst: untested(graph, grades, focus),
    flows,
    sure: sureness(graph, grades, count, { seed, runs }),
  };
}
