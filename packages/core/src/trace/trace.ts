import { checkFindings } from './checkFindings';
import { FieldError } from '../units/fieldError';
import { limitGrade, nodeOf } from '../catalogue';
import {
  approachFor,
  counting,
  type Approach,
  type Counting,
  type Findings,
  type TracedAthlete,
} from './approach';
import { blame, rounding } from './blame';
import { divided, untested, type BodyFirst, type Flow, type TestFirst } from './body';
import { proposeFocus, type Focus, type FocusReason, type TooSmall } from './focus';
import { catalogueGraph, causeGraph, type CauseGraph } from './graph';
import { leaveAlone, type Left, type Results } from './leaveAlone';
import { catalogueLinkSet, type LinkSet } from './linkSet';
import { lookFirst, lookNext, type Gain } from './lookNext';
import { finished, movesOf, perturbedRuns, type Moves, type Robustness } from './robustness';
import { texts } from './texts';

export interface TraceInput {
  athlete: TracedAthlete;
  /** 0 clean to 3 severe by id; an absent id was not looked at. */
  findings: Findings;
  /** Links `[cause, effect]` that do not hold for this athlete. */
  removedLinks?: readonly (readonly [string, string])[];
  /** Without results nothing is left alone for them. */
  results?: Results;
  /** Limits measured as a number, in the unit of the limit, with what the measure may be off by. */
  measured?: Readonly<Record<string, { value: number; error: number }>>;
  /** Ids whose grade was taken over from an earlier look: how sure the trace is moves them by one more step. */
  carried?: readonly string[];
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
  /** Version of the links that it was traced with. */
  catalogue: string;
  approach: Approach;
  /** Sum of the severities that are traced. */
  total: number;
  roots: Root[];
  focus: Focus;
  reasons: FocusReason[];
  /** What leads a thread without a focus, and explains too little to be one. */
  tooSmall: TooSmall[];
  lookNext: string[];
  /** The same with what each could take over. */
  gains: Gain[];
  /** What to look at when nothing was looked at yet; empty otherwise. */
  lookFirst: string[];
  leaveAlone: string[];
  /** The same with the reason of each. */
  left: Left[];
  /** Tactical flaws that were found: shown, never traced. */
  tactical: string[];
  bodyFirst: BodyFirst[];
  /** What every present limit explains of a flaw, a third or not. */
  bodyShares: BodyFirst[];
  /** Limits that were never tested and are a known cause of a leading flaw. */
  testFirst: TestFirst[];
  /** Present links with the credit that runs along them, for the picture. */
  flows: Flow[];
  removedLinks: (readonly [string, string])[];
  sure: Robustness;
}

/** Grades by position, −1 for what was not looked at; refuses what the discipline does not have. */
function gradesOf(graph: CauseGraph, { athlete, findings, removedLinks = [] }: TraceInput): Int8Array {
  const grades = new Int8Array(graph.nodes.length).fill(-1);
  checkFindings(findings, athlete.discipline);
  for (const [id, grade] of Object.entries(findings)) grades[graph.at.get(id)!] = grade;
  removedLinks.forEach((pair, i) =>
    pair.forEach((id) => {
      if (!graph.at.has(id))
        throw new FieldError(`removedLinks.${i}`, texts.isUnknownIn(id, athlete.discipline));
    }),
  );
  return grades;
}

/** How far each grade moves: a measured limit within its error, a carried grade by one more step. */
function movesWithin(
  graph: CauseGraph,
  grades: Int8Array,
  { measured = {}, carried = [] }: Pick<TraceInput, 'measured' | 'carried'>,
): Moves {
  const within = new Map<number, readonly [number, number]>();
  for (const [id, { value, error }] of Object.entries(measured)) {
    const node = nodeOf(id);
    const at = graph.at.get(id);
    if (node?.type !== 'limit' || at === undefined) throw new FieldError(`measured.${id}`, texts.isNoLimit);
    const [low, middle, high] = [value - error, value, value + error].map((each) => limitGrade(node, each));
    if (low !== null && middle !== null && high !== null) within.set(at, [low! - middle!, high! - middle!]);
  }
  const old = carried.map((id, n) => {
    const at = graph.at.get(id);
    if (at === undefined) throw new FieldError(`carried.${n}`, texts.isNoCheckpoint(id));
    return at;
  });
  return movesOf(grades, within, new Set(old));
}

const graphs = new WeakMap<LinkSet, Map<string, CauseGraph>>();

/** The graph of a discipline; made once for each set of links unless something is struck. */
function graphFor({ athlete: { discipline }, removedLinks = [] }: TraceInput, set: LinkSet): CauseGraph {
  if (removedLinks.length) return causeGraph(discipline, removedLinks, set.links);
  if (set === catalogueLinkSet) return catalogueGraph(discipline);
  const known = graphs.get(set) ?? new Map<string, CauseGraph>();
  graphs.set(set, known);
  const graph = known.get(discipline) ?? causeGraph(discipline, [], set.links);
  known.set(discipline, graph);
  return graph;
}

interface Prepared {
  graph: CauseGraph;
  grades: Int8Array;
  approach: Approach;
  count: Counting;
  severity: Float64Array;
  /** What the approach leaves out, and all that is left alone, with the reason. */
  out: number[];
  left: Left[];
}

function prepared(input: TraceInput, set: LinkSet): Prepared {
  const graph = graphFor(input, set);
  const approach = approachFor(input.athlete);
  const grades = gradesOf(graph, input);
  const count = counting(graph, approach);
  const out = count.leftOut(grades);
  const severity = count.severities(grades, new Float64Array(graph.nodes.length));
  return {
    graph,
    grades,
    approach,
    count,
    severity,
    out,
    left: leaveAlone(graph, severity, grades, input.results, out),
  };
}

const positions = ({ graph, left }: Pick<Prepared, 'graph' | 'left'>): Set<number> =>
  new Set(left.map(({ id }) => graph.at.get(id)!));

const runsOf = (ready: Prepared, input: TraceInput) =>
  perturbedRuns(ready.graph, ready.grades, ready.count, {
    seed: input.seed,
    runs: input.runs,
    moves: movesWithin(ready.graph, ready.grades, input),
    age: input.athlete.age,
    left: positions(ready),
  });

/**
 * How sure the leader is, some runs at a time, for whoever shows progress or wants to stop. Yields the runs done.
 *
 * @throws RangeError as `trace` does
 * @example robustnessRuns({ athlete, findings, runs: 100, seed: 1 }).next().value // 50
 */
export const robustnessRuns = (
  input: TraceInput,
  set: LinkSet = catalogueLinkSet,
): Generator<number, Robustness> => runsOf(prepared(input, set), input);

/**
 * From what was seen to what causes it: root scores that add up to the severities, the focus they lead to, what
 * to look at next, what to leave alone, where the body comes first, and how sure all of it is.
 *
 * @throws RangeError naming the field, when an id is unknown to the discipline or a grade is not 0, 1, 2 or 3
 * @throws CycleError when the links run in a circle
 * @example trace({ athlete, findings, runs: 0 }).focus // { lower: 'oh.lift-stall', arm: 'oh.glove-pull' }
 */
export function trace(input: TraceInput, set: LinkSet = catalogueLinkSet): Trace {
  const { athlete, removedLinks = [] } = input;
  const ready = prepared(input, set);
  const { graph, grades, approach, severity, out, left } = ready;
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

  const { flows, shares, bodyFirst } = divided(graph, severity, result);
  const walked = { ...result, severity, weights: graph.weights };
  const { focus, reasons, tooSmall } = proposeFocus(graph, walked, athlete.age, positions(ready));
  const gains = lookNext(graph, result.score, grades, out);
  const sure = finished(runsOf(ready, input));
  return {
    catalogue: set.version,
    approach,
    total,
    roots,
    focus,
    reasons,
    tooSmall,
    lookNext: gains.map(({ id }) => id),
    gains,
    lookFirst: grades.every((grade) => grade < 0) ? lookFirst(athlete.discipline) : [],
    leaveAlone: left.map(({ id }) => id),
    left,
    tactical: graph.nodes.flatMap((node, at) =>
      node.type === 'flaw' && node.kind === 'tactical' && grades[at]! > 0 ? [node.id] : [],
    ),
    bodyFirst,
    bodyShares: shares,
    testFirst: untested(graph, grades, [focus.lower, focus.arm, sure.leader]),
    flows,
    removedLinks: [...removedLinks],
    sure,
  };
}
