import { FieldError, type CampInput, type CampPlan } from '@wrightonic/core';
import type { JobRunner } from './jobs';

/** Longer than a plan may ever take, all of its steps and the plan before it in the queue included, ms. */
const patience = 55_000;

/** Somebody else is at this camp just now. */
export class BeingPlanned extends Error {}

/**
 * Plans a camp, followed and stopped under its id.
 *
 * @param inputs what is planned next, with what came of the last one; null where that one stays
 * @throws BeingPlanned when it is being planned already; FieldError for what cannot be planned; an error of the pool when
 *   nothing is found in its time
 */
export async function planCampBeside(
  jobs: JobRunner,
  campId: string,
  inputs: (last: CampPlan | null) => CampInput | null,
): Promise<CampPlan> {
  const giveBack = await jobs.take(campId);
  if (!giveBack) throw new BeingPlanned();
  try {
    const until = Date.now() + patience;
    let last: CampPlan | null = null;
    for (let input = inputs(null); input; input = inputs(last)) {
      const { plan, refused } = await jobs.run('camp', input, Math.max(1, until - Date.now()), campId);
      if (refused) throw new FieldError(refused.field, refused.text);
      last = plan;
    }
    return last!;
  } finally {
    await giveBack();
  }
}
