import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { WeekInput, WeekPlan } from '@wrightonic/core';

export interface SolvedWeek extends WeekPlan {
  ms: number;
}

interface Waiting {
  done: (week: SolvedWeek) => void;
  fail: (error: Error) => void;
}

type Answer = { id: number } & (
  { week: WeekPlan; ms: number; error?: never } | { error: string; refused: boolean; week?: never }
);

/** Longer than a solve may ever take, with the two before it in the queue. */
const patienceMs = 60_000;

/** Solves weeks beside the server, one after the other, in a thread that is started when it is first needed. */
export class WeekSolver {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private next = 0;

  /** @throws RangeError for what cannot be planned, with the field */
  solve(input: WeekInput): Promise<SolvedWeek> {
    const id = this.next++;
    return new Promise((done, fail) => {
      const late = setTimeout(() => this.stop(new Error('the solver did not answer')), patienceMs);
      const settle =
        <T>(how: (value: T) => void) =>
        (value: T) => {
          clearTimeout(late);
          this.waiting.delete(id);
          how(value);
        };
      this.waiting.set(id, { done: settle(done), fail: settle(fail) });
      this.running().postMessage({ id, input });
    });
  }

  async close(): Promise<void> {
    await this.stop(new Error('the server is stopping'));
  }

  private running(): Worker {
    if (this.worker) return this.worker;
    const worker = new Worker(join(__dirname, 'worker.ts'), {
      execArgv: ['--require', require.resolve('tsx/cjs')],
    });
    worker.on('message', (answer: Answer) => {
      const asked = this.waiting.get(answer.id);
      if (answer.week) asked?.done({ ...answer.week, ms: answer.ms });
      else asked?.fail(answer.refused ? new RangeError(answer.error) : new Error(answer.error));
    });
    const gone = (why: Error) => {
      if (this.worker === worker) this.worker = null;
      for (const { fail } of [...this.waiting.values()]) fail(why);
    };
    worker.on('error', gone);
    worker.on('exit', () => gone(new Error('the solver ended')));
    worker.unref();
    return (this.worker = worker);
  }

  private async stop(why: Error): Promise<void> {
    const { worker } = this;
    this.worker = null;
    for (const { fail } of [...this.waiting.values()]) fail(why);
    await worker?.terminate();
  }
}
