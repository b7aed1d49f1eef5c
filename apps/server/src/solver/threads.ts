import type { CampInput } from '@wrightonic/core';
import { Piscina } from 'piscina';
import { threadArgs, threadFile } from '../thread';
import {
  jobSteps,
  type CampAnswer,
  type Followed,
  type JobKind,
  type JobRunner,
  type Jobs,
  type Planning,
  type SolverAnswer,
} from './jobs';

/** What the thread of camps is given. */
export interface CampJob {
  input: CampInput;
  /** Shared with the thread: whether to stop, the step, and its share in thousandths. */
  shared: SharedArrayBuffer;
}
/** Places in what is shared. */
export const shares = { stop: 0, step: 1, thousandths: 2 } as const;

/** How often whoever follows a job hears of it, and is asked whether to stop, ms. */
const lookEvery = 200;

const threadOf = (name: string): Piscina =>
  new Piscina({
    filename: threadFile(__dirname, name),
    execArgv: threadArgs,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: Infinity,
  });

/** Solves beside the server, one of a kind after the other, in threads that are started when first needed and stay. */
export class SolverThreads {
  private readonly pools = { week: threadOf('weekWorker'), camp: threadOf('campWorker') };

  async solve<K extends JobKind>(
    kind: K,
    input: Jobs[K]['input'],
    within: number,
    followed?: Followed,
  ): Promise<Jobs[K]['answer']> {
    const signal = AbortSignal.timeout(within);
    if (kind === 'week') return (await this.pools.week.run(input, { signal })) as SolverAnswer;
    const job = new Int32Array(new SharedArrayBuffer(12));
    const look = () => {
      followed?.progress({
        step: jobSteps[Atomics.load(job, shares.step)]!,
        share: Atomics.load(job, shares.thousandths) / 1000,
      });
      if (followed?.stopped()) Atomics.store(job, shares.stop, 1);
    };
    const timer = setInterval(look, lookEvery);
    try {
      look();
      const sent: CampJob = { input: input as CampInput, shared: job.buffer as SharedArrayBuffer };
      return (await this.pools.camp.run(sent, { signal })) as CampAnswer;
    } finally {
      clearInterval(timer);
    }
  }

  async close(): Promise<void> {
    await Promise.all([this.pools.week.destroy(), this.pools.camp.destroy()]);
  }
}

/** Jobs of this process alone. */
export class OwnJobs implements JobRunner {
  private readonly named = new Map<string, Planning & { stop: boolean }>();

  constructor(private readonly threads = new SolverThreads()) {}

  run<K extends JobKind>(
    kind: K,
    input: Jobs[K]['input'],
    within: number,
    name?: string,
  ): Promise<Jobs[K]['answer']> {
    const of = name === undefined ? undefined : this.named.get(name);
    return this.threads.solve(
      kind,
      input,
      within,
      of && { progress: (planning) => void Object.assign(of, planning), stopped: () => of.stop },
    );
  }

  async take(name: string): Promise<(() => Promise<void>) | null> {
    if (this.named.has(name)) return null;
    this.named.set(name, { step: 'waiting', share: 0, stop: false });
    return async () => void this.named.delete(name);
  }

  async planning(name: string): Promise<Planning | null> {
    const of = this.named.get(name);
    return of ? { step: of.step, share: of.share } : null;
  }

  async stop(name: string): Promise<void> {
    const of = this.named.get(name);
    if (of) of.stop = true;
  }

  close(): Promise<void> {
    return this.threads.close();
  }
}
