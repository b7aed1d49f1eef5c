import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Counting } from './approach';
import { leaderOf } from './blame';
import type { CauseGraph } from './graph';

export interface Sureness {
  /** Node with the highest root score; null when nothing was found. */
  leader: string | null;
  /** Share of the runs in which the same node leads, 0..1. */
  share: number;
  runs: number;
  seed: number;
}

/** Below this share the leader is too close to call. */
export const closeCall = 0.6;

/**
 * Runs the trace again and again with every grade a little off and every weight a little different: each graded
 * finding, also a clean one, moves by −1, 0 or +1 (25/50/25, kept in 0..3), each weight by a factor of 0.8 to 1.2
 * (kept below 0.99). What was not looked at never moves. The same seed gives the same answer.
 *
 * @param grades by position; −1 for what was not looked at
 */
export function sureness(
  graph: CauseGraph,
  grades: Int8Array,
  count: Counting,
  { seed = 1, runs = 1000 }: { seed?: number; runs?: number } = {},
): Sureness {
  const severity = new Float64Array(graph.nodes.length);
  const base = leaderOf(graph, count.severities(grades, severity), graph.weights);
  if (base < 0) return { leader: null, share: 0, runs, seed };
  const random = xoroshiro128plus(seed);
  const moved = grades.slice();
  const weights = graph.weights.slice();
  let led = 0;
  for (let run = 0; run < runs; run++) {
    for (let at = 0; at < grades.length; at++) {
      if (grades[at]! < 0) continue;
      const draw = uniformFloat64(random);
      const step = draw < 0.25 ? -1 : draw < 0.75 ? 0 : 1;
      moved[at] = Math.min(3, Math.max(0, grades[at]! + step));
    }
    for (let link = 0; link < weights.length; link++)
      weights[link] = Math.min(0.99, graph.weights[link]! * (0.8 + 0.4 * uniformFloat64(random)));
    if (leaderOf(graph, count.severities(moved, severity), weights) === base) led++;
  }
  return { leader: graph.nodes[base]!.id, share: runs ? led / runs : 0, runs, seed };
}
