import { join } from 'node:path';
import { FieldError, type WeekInput, type WeekPlan } from '@wrightonic/core';
import { Piscina } from 'piscina';

export interface SolvedWeek extends WeekPlan {
  ms: number;
}

/** What the thread answers. */
export type SolverAnswer =
  { week: SolvedWeek; refused?: never } | { refused: { field: string; text: string }; week?: never };

/** Longer than a solve may ever take, with the two before it in the queue. */
const patienceMs = 60_000;

/** Solves weeks beside the server, one after the other, in a thread that is started when it is first needed and stays. */
export class WeekSolver {
  private readonly pool = new Piscina({
    filename: join(__dirname, 'worker.ts'),
    execArgv: ['--require', require.resolve('tsx/cjs')],
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: Infinity,
  });

  /** @throws FieldError for what cannot be planned; an error of the pool when nothing is found in its time */
  async solve(input: WeekInput): Promise<SolvedWeek> {
    const job = this.pool.run(input, { signal: AbortSignal.timeout(patienceMs) });
    const { week, refused } = (await job) as SolverAnswer;
    if (refused) throw new FieldError(refused.field, refused.text);
    return week;
  }

  close(): Promise<void> {
    return this.pool.destroy();
  }
}
