import type { Findings } from '../trace';

export const changes = ['better', 'same', 'slipped', 'new', 'not-looked-at'] as const;
export type Change = (typeof changes)[number];

export interface Compared {
  id: string;
  before: number | null;
  after: number | null;
  change: Change;
}

export interface Comparison {
  points: Compared[];
  count: Record<Change, number>;
  /** Summed severities of the checkpoints that were looked at both times. */
  sum: { before: number; after: number };
}

function changeOf(before: number | undefined, after: number | undefined): Change {
  if (after === undefined) return 'not-looked-at';
  if (before === undefined) return 'new';
  if (after < before) return 'better';
  return after > before ? 'slipped' : 'same';
}

/**
 * Two looks checkpoint by checkpoint. What was not looked at this time is never better.
 *
 * @param ids what to compare, in the order in which it is shown; left out where neither look has it
 * @example compareLooks(findings, { 'oh.lift-stall': 1 }, ['oh.lift-stall']).points[0].change // 'better'
 */
export function compareLooks(before: Findings, after: Findings, ids: readonly string[]): Comparison {
  const points = ids
    .filter((id) => id in before || id in after)
    .map((id) => ({
      id,
      before: before[id] ?? null,
      after: after[id] ?? null,
      change: changeOf(before[id], after[id]),
    }));
  const both = points.filter((p) => p.before !== null && p.after !== null);
  const count = Object.fromEntries(
    changes.map((change) => [change, points.filter((p) => p.change === change).length]),
  ) as Record<Change, number>;
  return {
    points,
    count,
    sum: {
      before: both.reduce((sum, p) => sum + p.before!, 0),
      after: both.reduce((sum, p) => sum + p.after!, 0),
    },
  };
}
