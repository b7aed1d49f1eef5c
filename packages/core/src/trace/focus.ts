import { nodeOf, type Discipline, type Node, type Thread } from '../catalogue';
import { rounding, type Blame } from './blame';
import type { CauseGraph } from './graph';

export interface Focus {
  lower: string | null;
  arm: string | null;
}

export const sameFocus = (a: Focus, b: Focus): boolean => a.lower === b.lower && a.arm === b.arm;

/** Whether an instructor may take it as the focus of a thread: a pattern of that thread, or a limit of the body. */
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
  /** `stress`: a severe flaw that loads arm or knee goes first; `score`: it explains most of its thread. */
  why: 'stress' | 'score';
}

interface Candidate {
  id: string;
  thread: Thread;
  score: number;
  stress: boolean;
  place: number;
}

function threadOf(node: Node, taken: { lower: number; arm: number }): Thread | null {
  if (node.type === 'flaw') return node.kind === 'tactical' ? null : node.thread;
  if (node.type === 'symptom') return null;
  return taken.arm > taken.lower + rounding ? 'arm' : 'lower';
}

const first = (a: Candidate, b: Candidate): number =>
  Number(b.stress) - Number(a.stress) ||
  (Math.abs(b.score - a.score) > rounding ? b.score - a.score : 0) ||
  a.place - b.place;

/**
 * At most one leading root for each thread. Symptoms and tactical flaws are never a focus, nor is a limit that
 * explains nothing present. Below age 10 there is one focus in all.
 */
export function proposeFocus(
  graph: CauseGraph,
  result: Blame,
  severity: ArrayLike<number>,
  age: number,
): { focus: Focus; reasons: FocusReason[] } {
  const candidates: Candidate[] = [];
  graph.nodes.forEach((node, place) => {
    if (!(severity[place]! > 0)) return;
    const thread = threadOf(node, result.taken[place]!);
    if (!thread) return;
    if (node.type === 'limit' && !graph.effects[place]!.some((edge) => severity[edge.at]! > 0)) return;
    const stress = node.type === 'flaw' && node.stresses !== null && severity[place] === 3;
    candidates.push({ id: node.id, thread, score: result.score[place]!, stress, place });
  });
  const leaders = (['lower', 'arm'] as const).flatMap(
    (thread) => candidates.filter((c) => c.thread === thread).sort(first)[0] ?? [],
  );
  const kept = age < 10 ? leaders.sort(first).slice(0, 1) : leaders;
  const reasons = kept.map(({ id, thread, stress }) => ({
    id,
    thread,
    why: stress ? ('stress' as const) : ('score' as const),
  }));
  const of = (thread: Thread) => kept.find((c) => c.thread === thread)?.id ?? null;
  return { focus: { lower: of('lower'), arm: of('arm') }, reasons };
}
