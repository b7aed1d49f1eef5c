import type { Stage } from '../catalogue';
import type { Approach } from '../trace';

/**
 * The stages of a thread in the order in which the approach climbs them, prep first.
 *
 * @example stageOrder('instruct') // [ 'prep', 'feel', 'move', 'constrain', 'connect', 'blend', 'deliver', 'compete' ]
 */
export function stageOrder(teach: Approach['teach']): Stage[] {
  return teach === 'constrain'
    ? ['prep', 'feel', 'constrain', 'move', 'connect', 'blend', 'deliver', 'compete']
    : ['prep', 'feel', 'move', 'constrain', 'connect', 'blend', 'deliver', 'compete'];
}

/**
 * A plan that stops at drills does not reach the delivery: it needs blend and deliver.
 *
 * @example reachesDelivery([{ stage: 'feel' }, { stage: 'move' }]) // false
 */
export const reachesDelivery = (rungs: readonly { stage: Stage }[]): boolean =>
  (['blend', 'deliver'] as const).every((stage) => rungs.some((rung) => rung.stage === stage));

/**
 * Where a stage that a ladder skipped opens: between its neighbours in the order in which the approach climbs them.
 *
 * @param rungs of the ladder, each with its position
 * @returns a position between those of the neighbours, one below the first or above the last
 * @example positionOfStage([{ stage: 'feel', position: 1 }, { stage: 'connect', position: 2 }], 'move', 'instruct') // 1.5
 */
export function positionOfStage(
  rungs: readonly { stage: Stage; position: number }[],
  stage: Stage,
  teach: Approach['teach'],
): number {
  const order = stageOrder(teach);
  const at = (each: Stage) => order.indexOf(each);
  const below = rungs.filter((rung) => at(rung.stage) < at(stage)).map(({ position }) => position);
  const above = rungs.filter((rung) => at(rung.stage) > at(stage)).map(({ position }) => position);
  if (below.length === 0) return above.length ? Math.min(...above) - 1 : 0;
  return above.length ? (Math.max(...below) + Math.min(...above)) / 2 : Math.max(...below) + 1;
}

/**
 * The stage on which a fresh ladder starts: its first rung that is not prep.
 *
 * @example firstStage([{ stage: 'prep' }, { stage: 'feel' }]) // 'feel'
 */
export const firstStage = (rungs: readonly { stage: Stage }[]): Stage =>
  rungs.find(({ stage }) => stage !== 'prep')?.stage ?? rungs[0]?.stage ?? 'feel';
