import { nodeOf, type Discipline, type Node, type Thread } from '../catalogue';
import { oneFocusBelow } from '../safety';
import { rounding, type Scores } from './blame';
import { linkLoad, type CauseGraph } from './graph';

export interface Focus {
  lower: string | null;
  arm: string | null;
}

/** @example sameFocus({ lower: 'oh.lift-stall', arm: null }, { lower: 'oh.lift-stall', arm: null }) // true */
export const sameFocus = (a: Focus, b: Focus): boolean => a.lower === b.lower && a.arm === b.arm;

/**
 * Whether an instructor may take it as the focus of a thread: a pattern of that thread, or a limit of the body.
 *
 * @example canBeFocus('oh.lift-stall', 'lower', 'overhand') // true
 */
export function canBeFocus(id: string, thread: Thread, discipline: Discipline): boolean {
  const node = nodeOf(id);
  if (node?.type === 'limit') return true;
  return (
    node?.type === 'flaw' &&
    node.discipline === discipline &&
    node.thread === thread &&
    node.kind !== 'tactical'
  );
}

export interface FocusReason {
  id: string;
  thread: Thread;
  /**
   * `stress`: a severe flaw that loads arm or knee goes first; `cause`: it explains most of such a flaw; `score`: it
   * explains most of its thread.
   */
  why: 'stress' | 'cause' | 'score';
  /** With `cause`, the severe flaw that is made safe through it. */
  stress?: string;
}

/** The leading finding of a thread that explains too little of the picture to be worked on. */
export interface TooSmall {
  id: string;
  thread: Thread;
  /** Of the picture, 0..1. */
  share: number;
}

/** A focus explains at least this share of the picture. */
export const focusFloor = 0.1;
/** A cause that explains at least this share of a severe stress flaw takes its place. */
const takesPlace = 0.5;

interface Candidate {
  at: number;
  thread: Thread;
  score: number;
  why: FocusReason['why'];
  stress?: number;
}

/** What focus and leader are taken from: one walk over the graph. */
export interface Walked extends Scores {
  severity: ArrayLike<number>;
  weights: ArrayLike<number>;
}

/**
 * Whether a node may be worked on at all: no symptom, nothing tactical or left alone, no limit without effects.
 *
 * @example mayLead(graph, severity, new Set(), lift) // true
 */
export function mayLead(
  { nodes, effects }: CauseGraph,
  severity: ArrayLike<number>,
  left: ReadonlySet<number>,
  at: number,
): boolean {
  const node = nodes[at]!;
  if (!(severity[at]! > 0) || left.has(at) || node.type === 'symptom') return false;
  return node.type === 'flaw'
    ? node.kind !== 'tactical'
    : effects[at]!.some((edge) => severity[edge.at]! > 0);
}

const isStress = (node: Node, severity: number): boolean =>
  node.type === 'flaw' && node.stresses !== null && severity === 3;

/** The cause that explains at least half of a flaw and may be worked on itself; the first of the catalogue on a tie. */
function causeOf(graph: CauseGraph, at: number, { severity, weights }: Walked, open: readonly boolean[]) {
  const present = graph.causes[at]!.filter((edge) => severity[edge.at]! > 0);
  const loads = present.map((edge) => linkLoad(weights[edge.link]!, severity[edge.at]!));
  const load = loads.reduce((sum, each) => sum + each, 0);
  return present
    .map((edge, i) => ({ at: edge.at, share: (-Math.expm1(-load) * loads[i]!) / load }))
    .filter((cause) => open[cause.at] && cause.share >= takesPlace - rounding)
    .sort((a, b) => (Math.abs(b.share - a.share) > rounding ? b.share - a.share : a.at - b.at))[0]?.at;
}

function sumOf(values: ArrayLike<number>): number {
  let sum = 0;
  for (let at = 0; at < values.length; at++) sum += values[at]!;
  return sum;
}

/** Stress first, then the score; ties in the order of the catalogue. */
const first = (a: Candidate, b: Candidate): number =>
  Number(b.why !== 'score') - Number(a.why !== 'score') ||
  (Math.abs(b.score - a.score) > rounding ? b.score - a.score : 0) ||
  a.at - b.at;

/**
 * Position of the highest score among those that may be worked on, or −1.
 *
 * @example graph.nodes[leaderOf(graph, walked, new Set())].id // 'oh.lift-stall'
 */
export function leaderOf(graph: CauseGraph, { score, severity }: Walked, left: ReadonlySet<number>): number {
  let leader = -1;
  for (let at = 0; at < graph.nodes.length; at++)
    // Scores that differ by rounding alone are a tie; the first in the catalogue leads.
    if (mayLead(graph, severity, left, at) && (leader < 0 || score[at]! > score[leader]! + rounding))
      leader = at;
  return leader;
}

/**
 * The focus of each thread by position, −1 for none, with what leads a thread and is too small.
 *
 * @example focusOf(graph, walked, 15, new Set()).kept.map(({ thread }) => thread) // [ 'lower', 'arm' ]
 */
export function focusOf(
  graph: CauseGraph,
  walked: Walked,
  age: number,
  left: ReadonlySet<number>,
): { kept: Candidate[]; small: Candidate[] } {
  const { score, creditByThread, severity } = walked;
  const total = sumOf(severity);
  const open = graph.nodes.map((_, at) => mayLead(graph, severity, left, at));
  const threadOf = (at: number): Thread => {
    const node = graph.nodes[at]!;
    if (node.type === 'flaw') return node.thread;
    return creditByThread.arm[at]! > creditByThread.lower[at]! + rounding ? 'arm' : 'lower';
  };
  const candidates: Candidate[] = [];
  const replaced = new Set<number>();
  open.forEach((is, at) => {
    if (!is || !isStress(graph.nodes[at]!, severity[at]!)) return;
    const cause = causeOf(graph, at, walked, open);
    if (cause !== undefined) replaced.add(at);
    const by = cause ?? at;
    candidates.push({
      at: by,
      thread: threadOf(by),
      score: score[by]!,
      ...(cause === undefined ? { why: 'stress' } : { why: 'cause', stress: at }),
    });
  });
  open.forEach((is, at) => {
    if (is && !replaced.has(at))
      candidates.push({ at, thread: threadOf(at), score: score[at]!, why: 'score' });
  });
  const leaders = (['lower', 'arm'] as const).flatMap(
    (thread) => candidates.filter((each) => each.thread === thread).sort(first)[0] ?? [],
  );
  const enough = (each: Candidate) => each.why !== 'score' || each.score >= focusFloor * total - rounding;
  const fit = leaders.filter(enough);
  return {
    kept: age < oneFocusBelow ? fit.sort(first).slice(0, 1) : fit,
    small: leaders.filter((each) => !enough(each)),
  };
}

/**
 * At most one leading root for each thread, with at least a tenth of the picture. A severe flaw that raises arm or knee
 * stress goes before the others whatever its score, or the cause that explains at least half of it. Symptoms, tactical
 * flaws, what is left alone and limits that explain nothing present are never a focus. Below age 10 there is one focus
 * in all.
 *
 * @param left positions that are left alone
 * @example proposeFocus(graph, walked, 15, new Set()).focus // { lower: 'oh.lift-stall', arm: 'oh.glove-pull' }
 */
export function proposeFocus(
  graph: CauseGraph,
  walked: Walked,
  age: number,
  left: ReadonlySet<number>,
): { focus: Focus; reasons: FocusReason[]; tooSmall: TooSmall[] } {
  const { kept, small } = focusOf(graph, walked, age, left);
  const idOf = (at: number) => graph.nodes[at]!.id;
  const total = sumOf(walked.severity);
  const of = (thread: Thread) => {
    const found = kept.find((each) => each.thread === thread);
    return found ? idOf(found.at) : null;
  };
  return {
    focus: { lower: of('lower'), arm: of('arm') },
    reasons: kept.map(({ at, thread, why, stress }) => ({
      id: idOf(at),
      thread,
      why,
      ...(stress === undefined ? {} : { stress: idOf(stress) }),
    })),
    tooSmall: small.map(({ at, thread, score }) => ({ id: idOf(at), thread, share: score / total })),
  };
}
