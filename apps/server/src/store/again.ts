import { setTimeout as wait } from 'node:timers/promises';

const codes = ['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT'];

/**
 * Two transactions waited for each other and this one was ended, or it waited too long; in a cluster, another node's came
 * first, or what other nodes had written did not arrive in time. Nothing of it was kept.
 */
export const endedForOthers = (error: unknown): boolean =>
  codes.includes((error as { code?: string } | null)?.code ?? '');

/** So often at most something is done that was ended for another's sake. */
const mostTries = 6;
/** Before it is done again it waits for so long, and each time for twice as long, ms. */
const firstPause = 10;

/** Does it again where the database ended it for another's sake: `work` may run more than once. */
export async function again<T>(work: () => Promise<T>, tries = mostTries, pause = firstPause): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (tries <= 1 || !endedForOthers(error)) throw error;
    // Not in step with the other, which may be trying again too.
    await wait(pause * (0.5 + Math.random()));
    return again(work, tries - 1, 2 * pause);
  }
}
