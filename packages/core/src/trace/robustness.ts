import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Counting } from './approach';
import type { Thread } from '../catalogue';
import { noScores, scoresOf } from './blame';
import { focusOf, leaderOf } from './focus';
import type { CauseGraph } from './graph';

export interface Robustness {
  /** Node with the highest root score among those that may be worked on; null when there is none. */
  leader: string | null;
  /** Share of the runs in which the same node leads, 0..1. */
  share: number;
  /** Share of the runs in which the focus of a thread stays what it is, 0..1; null where it has none. */
  lower: number | null;
  arm: number | null;
  runs: number;
  seed: number;
}

/** Below this share the leader is too close to call. */
export const closeCall = 0.6;

/** What a grade moves to when it moves down and up, by position. */
export interface Moves {
  down: ArrayLike<number>;
  up: ArrayLike<number>;
}

const kept = (grade: number): number => Math.min(3, Math.max(0, grade));

/**
 * One step down and one up for every grade; a carried grade is one step less certain.
 *
 * @param measured for limits measured as a number, the grades at the value less and plus its measuring error, each
 *   as a difference from the grade at the value itself
 * @param carried positions of grades that were taken over from an earlier look
 * @example Object.keys(movesOf([2])) // [ 'down', 'up' ]
 */
export function movesOf(
  grades: ArrayLike<number>,
  measured: ReadonlyMap<number, readonly [number, number]> = new Map(),
  carried: ReadonlySet<number> = new Set(),
): Moves {
  const moved = (side: 0 | 1) =>
    Int8Array.from(grades, (grade, at) => {
      const way = side === 0 ? -1 : 1;
      const step = (measured.get(at)?.[side] ?? way) + (carried.has(at) ? way : 0);
      return grade < 0 ? grade : kept(grade + step);
    });
  return { down: moved(0), up: moved(1) };
}

interface Runs {
  seed?: number | undefined;
  runs?: number | undefined;
  moves?: Moves;
  /** Years; below 10 there is one focus. */
  age: number;
  /** Positions that are left alone. */
  left: ReadonlySet<number>;
}

/** Runs between two words of progress. */
const atOnce = 50;

/**
 * Runs the trace again and again with every grade a little off and every weight a little different: each graded
 * finding, also a clean one, moves down, stays or moves up (25/50/25), each weight by a factor of 0.8 to 1.2 (kept
 * below 0.99). What was not looked at never moves. Counts how often the leader and each focus stay what they are. The same seed gives the same answer. Yields the runs done.
 *
 * @param grades by position; −1 for what was not looked at
 * @example finished(perturbedRuns(graph, Int8Array.from(grades), counting(graph, traced.approach), { runs: 50, age: 15, left: new Set() })).runs // 50
 */
export function* perturbedRuns(
  graph: CauseGraph,
  grades: Int8Array,
  count: Counting,
  { seed = 1, runs = 1000, moves = movesOf(grades), age, left }: Runs,
): Generator<number, Robustness> {
  const severity = new Float64Array(graph.nodes.length);
  const scores = noScores(graph);
  const walk = (from: Int8Array, weights: Float64Array) => ({
    ...scoresOf(graph, count.severities(from, severity), weights, scores),
    severity,
    weights,
  });
  const base = walk(grades, graph.weights);
  const leader = leaderOf(graph, base, left);
  const foci = focusOf(graph, base, age, left).kept;
  if (leader < 0) return { leader: null, share: 0, lower: null, arm: null, runs, seed };
  const random = xoroshiro128plus(seed);
  const moved = grades.slice();
  const weights = graph.weights.slice();
  let led = 0;
  const stayed = foci.map(() => 0);
  for (let run = 0; run < runs; run++) {
    if (run > 0 && run % atOnce === 0) yield run;
    for (let at = 0; at < grades.length; at++) {
      if (grades[at]! < 0) continue;
      const draw = uniformFloat64(random);
      moved[at] = draw < 0.25 ? moves.down[at]! : draw < 0.75 ? grades[at]! : moves.up[at]!;
    }
    for (let link = 0; link < weights.length; link++)
      weights[link] = Math.min(0.99, graph.weights[link]! * (0.8 + 0.4 * uniformFloat64(random)));
    const walked = walk(moved, weights);
    if (leaderOf(graph, walked, left) === leader) led++;
    const now = focusOf(graph, walked, age, left).kept;
    foci.forEach(({ at, thread }, i) => {
      if (now.some((each) => each.at === at && each.thread === thread)) stayed[i]!++;
    });
  }
  const of = (thread: Thread) => {
    const i = foci.findIndex((each) => each.thread === thread);
    return i < 0 ? null : runs ? stayed[i]! / runs : 0;
  };
  return {
    leader: graph.nodes[leader]!.id,
    share: runs ? led / runs : 0,
    lower: of('lower'),
    arm: of('arm'),
    runs,
    seed,
  };
}

/**
 * Runs to the end.
 *
 * @example finished((function* () { yield 1; return 'done'; })()) // 'done'
 */
export function finished<T>(runs: Generator<unknown, T>): T {
  for (;;) {
    const step = runs.next();
    if (step.done) return step.value;
  }
}
