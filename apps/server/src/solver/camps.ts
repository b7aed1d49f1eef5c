import { join } from 'node:path';
import { FieldError, type CampInput, type CampPlan } from '@wrightonic/core';
import { Piscina } from 'piscina';

/** What the thread is given. */
export interface CampJob {
  input: CampInput;
  /** Shared with the thread: whether to stop, the step, and its share in thousandths. */
  shared: SharedArrayBuffer;
}
/** Places in what is shared. */
export const shares = { stop: 0, step: 1, thousandths: 2 } as const;
export const jobSteps = ['waiting', 'counts', 'search'] as const;

export type CampAnswer =
  { plan: CampPlan; refused?: never } | { refused: { field: string; text: string }; plan?: never };

/** How far a plan that is being made is. */
export interface Planning {
  step: (typeof jobSteps)[number];
  /** 0..1 */
  share: number;
}

/** Longer than a plan may ever take, with the one before it. */
const patienceMs = 55_000;

/** Plans camps beside the server, one after the other, each followed and stopped by the camp that it is of. */
export class CampPlanner {
  private readonly jobs = new Map<string, Int32Array>();
  private readonly pool = new Piscina({
    filename: join(__dirname, 'campWorker.ts'),
    execArgv: ['--require', require.resolve('tsx/cjs')],
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: Infinity,
  });

  /** Whether a camp is being planned, and how far that is. */
  planning(key: string): Planning | null {
    const job = this.jobs.get(key);
    return job
      ? {
          step: jobSteps[Atomics.load(job, shares.step)]!,
          share: Atomics.load(job, shares.thousandths) / 1000,
        }
      : null;
  }

  /** Takes the best so far. */
  stop(key: string): void {
    const job = this.jobs.get(key);
    if (job) Atomics.store(job, shares.stop, 1);
  }

  /**
   * @param key of the camp
   * @throws FieldError for what cannot be planned; an error of the pool when nothing is found in its time
   */
  async plan(key: string, inputs: (last: CampPlan | null) => CampInput | null): Promise<CampPlan> {
    const job = new Int32Array(new SharedArrayBuffer(12));
    this.jobs.set(key, job);
    try {
      const signal = AbortSignal.timeout(patienceMs);
      let last: CampPlan | null = null;
      for (let input = inputs(null); input; input = inputs(last)) {
        const sent: CampJob = { input, shared: job.buffer as SharedArrayBuffer };
        const { plan, refused } = (await this.pool.run(sent, { signal })) as CampAnswer;
        if (refused) throw new FieldError(refused.field, refused.text);
        last = plan;
      }
      return last!;
    } finally {
      this.jobs.delete(key);
    }
  }

  close(): Promise<void> {
    return this.pool.destroy();
  }
}
