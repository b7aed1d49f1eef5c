import { FieldError, inTime, planCamp } from '@wrightonic/core';
import { loadSolver } from '@wrightonic/solver';
import { jobSteps, type CampAnswer } from './jobs';
import { shares, type CampJob } from './threads';

const solver = loadSolver();

/** A plan blocks its thread; one camp after the other. */
export default async function planned({ input, shared }: CampJob): Promise<CampAnswer> {
  const solve = await solver;
  const job = new Int32Array(shared);
  try {
    const watch = inTime(input.seconds, () => performance.now(), {
      stopped: () => Atomics.load(job, shares.stop) === 1,
      progress: (step, share) => {
        Atomics.store(job, shares.step, jobSteps.indexOf(step));
        Atomics.store(job, shares.thousandths, Math.round(1000 * share));
      },
    });
    const plan = planCamp(input, solve, watch);
    return { plan };
  } catch (error) {
    // Classes do not cross threads.
    if (error instanceof FieldError) return { refused: { field: error.field, text: error.text } };
    throw error;
  }
}
