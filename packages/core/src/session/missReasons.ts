import { nodeName, nodeOf, type Drill } from '../catalogue';
import { texts } from './texts';

/** Why a rep was missed, beside the checkpoints that its drill works on. */
const usualReasons = {
  'old-way': texts.oldWay,
  'off-balance': 'lost balance',
  rushed: 'rushed',
  'set-up': texts.setUpWasOff,
  tired: 'tired',
  thinking: texts.thinkingTooMuch,
} as const;

export interface MissReason {
  id: string;
  name: string;
}

/**
 * What can be said of a missed rep of a drill: its checkpoints first, as they tell the most.
 *
 * @example missReasons({ targets: ['oh.lift-stall'] })[0] // { id: 'oh.lift-stall', name: 'Momentum dies at the top' }
 */
export const missReasons = ({ targets }: Pick<Drill, 'targets'>): MissReason[] => [
  ...targets.filter(nodeOf).map((id) => ({ id, name: nodeName(id) })),
  ...Object.entries(usualReasons).map(([id, name]) => ({ id, name })),
];

/** @example isMissReason('the weather') // false */
export const isMissReason = (id: string): boolean =>
  Object.hasOwn(usualReasons, id) || nodeOf(id) !== undefined;

/**
 * How a reason for a miss is said.
 *
 * @example missReasonName('oh.lift-stall') // 'Momentum dies at the top'
 */
export const missReasonName = (id: string): string =>
  usualReasons[id as keyof typeof usualReasons] ?? nodeName(id);

/**
 * How often each reason was given, the commonest first; a tie keeps the order in which they came.
 *
 * @example missesBecause(['rushed', null, 'tired', 'rushed']) // [{ id: 'rushed', n: 2 }, { id: 'tired', n: 1 }]
 */
export function missesBecause(reasons: readonly (string | null | undefined)[]): { id: string; n: number }[] {
  const times = new Map<string, number>();
  for (const id of reasons) if (id) times.set(id, (times.get(id) ?? 0) + 1);
  return [...times].map(([id, n]) => ({ id, n })).sort((a, b) => b.n - a.n);
}
