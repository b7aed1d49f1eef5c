import type { Thread } from '../catalogue';
import type { Findings } from './approach';
import type { Focus } from './focus';

export const outcomes = ['better', 'same', 'worse', 'open'] as const;
/** How a call turned out at the next look that says so; `open` while none has. */
export type Outcome = (typeof outcomes)[number];

/** What the tool proposed for a look and what the instructor chose. */
export interface Choice {
  proposed: Focus;
  chosen: Focus;
  findings: Findings;
  /** Findings of the looks that were finished later, oldest first. */
  later: readonly Findings[];
}

export interface Call {
  thread: Thread;
  proposed: string | null;
  chosen: string | null;
  overruled: boolean;
  outcome: Outcome;
}

/**
 * The calls of one choice, one for each thread on which something was proposed or chosen.
 *
 * @example callsOf({ proposed: { lower: 'oh.lift-stall', arm: null }, chosen: { lower: 'oh.lift-stall', arm: null }, findings, later: [] }).map(({ outcome }) => outcome) // [ 'open' ]
 */
export function callsOf({ proposed, chosen, findings, later }: Choice): Call[] {
  return (['lower', 'arm'] as const).flatMap((thread): Call[] => {
    const [was, is] = [proposed[thread], chosen[thread]];
    const judged = is ?? was;
    if (judged === null) return [];
    const after = later.find((look) => judged in look)?.[judged];
    const before = findings[judged] ?? 0;
    const outcome: Outcome =
      after === undefined ? 'open' : after < before ? 'better' : after > before ? 'worse' : 'same';
    return [{ thread, proposed: was, chosen: is, overruled: was !== is, outcome }];
  });
}

export type Tally = Record<Outcome, number> & { calls: number };

/**
 * Calls that a later look has judged.
 *
 * @example judged({ better: 2, same: 1, worse: 0 }) // 3
 */
export const judged = ({ better, same, worse }: Tally): number => better + same + worse;

const none = (): Tally => ({ calls: 0, better: 0, same: 0, worse: 0, open: 0 });

/**
 * How often the proposal was accepted and overruled, and how either turned out; `times` where calls alike are counted.
 *
 * @example tallied([]).accepted // { calls: 0, better: 0, same: 0, worse: 0, open: 0 }
 */
export function tallied(calls: readonly (Pick<Call, 'overruled' | 'outcome'> & { times?: number })[]): {
  accepted: Tally;
  overruled: Tally;
} {
  const sums = { accepted: none(), overruled: none() };
  for (const { overruled, outcome, times = 1 } of calls) {
    const sum = sums[overruled ? 'overruled' : 'accepted'];
    sum.calls += times;
    sum[outcome] += times;
  }
  return sums;
}
