import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uncounted, type Approach, type Findings } from './approach';
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
 * @param severityOf grades by position for a set of findings, with what the approach does not count left out
 */
export function sureness(
  graph: CauseGraph,
  findings: Findings,
  approach: Approach,
  severityOf: (findings: Findings, left: ReadonlySet<string>) => Float64Array,
  effectsOf: (id: string) => readonly string[],
  { seed = 1, runs = 1000 }: { seed?: number; runs?: number } = {},
): Sureness {
  const base = leaderOf(graph, severityOf(findings, uncounted(approach, findings, effectsOf)), graph.weights);
  if (base < 0) return { leader: null, share: 0, runs, seed };
  const random = xoroshiro128plus(seed);
  const unit = (): number => uniformFloat64(random);
  const graded = Object.keys(findings);
  const weights = new Float64Array(graph.weights.length);
  let led = 0;
  for (let run = 0; run < runs; run++) {
    const moved: Record<string, 0 | 1 | 2 | 3> = {};
    for (const id of graded) {
      const draw = unit();
      const step = draw < 0.25 ? -1 : draw < 0.75 ? 0 : 1;
      moved[id] = Math.min(3, Math.max(0, findings[id]! + step)) as 0 | 1 | 2 | 3;
    }
    graph.weights.forEach((weight, i) => (weights[i] = Math.min(0.99, weight * (0.8 + 0.4 * unit()))));
    if (leaderOf(graph, severityOf(moved, uncounted(approach, moved, effectsOf)), weights) === base) led++;
  }
  return { leader: graph.nodes[base]!.id, share: led / runs, runs, seed };
}
