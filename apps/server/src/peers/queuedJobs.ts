import { deserialize, serialize } from 'node:v8';
import { Queue, QueueEvents, Worker, type Job } from 'bullmq';
import type { Redis } from 'ioredis';
import type { JobKind, JobRunner, Jobs, Planning } from '../solver/jobs';
import { OwnJobs, SolverThreads } from '../solver/threads';
import { patient, redisAt } from './redis';

const prefix = 'wrightonic';
const kinds: readonly JobKind[] = ['week', 'camp'];

/** A process that does a job says so again and again; after so long without it another takes the job, ms. */
const lockMs = 6_000;
const stalledEvery = 3_000;
/** Whoever took a name says so again and again; it is free so long after that stopped, s. */
const nameSeconds = 6;
const renewEvery = 1_000;
/** What is said of a job holds for as long as any may take, s. */
const saidSeconds = 120;

/** Numbers that JSON has no words for come through as they are. */
export const packed = (value: unknown): string => serialize(value).toString('base64');
export const unpacked = <T>(text: string): T => deserialize(Buffer.from(text, 'base64')) as T;

interface Sent {
  input: string;
  within: number;
  name: string | null;
}

/** Redis went away while somebody waited. */
class Away extends Error {}

/**
 * Jobs that any process on the same Redis may do, one of a kind in each at a time. A job whose process ends is done by
 * another; while Redis is away each process does its own.
 */
export class QueuedJobs implements JobRunner {
  private readonly threads = new SolverThreads();
  private readonly own = new OwnJobs(this.threads);
  private readonly queues;
  private readonly events;
  private readonly workers;
  private readonly connections: Redis[] = [];

  private readonly redis: Redis;

  constructor(url: string, failing: (error: Error) => void) {
    this.redis = redisAt(url, failing);
    const each = <T>(make: (kind: JobKind) => T): Record<JobKind, T> => ({
      week: make('week'),
      camp: make('camp'),
    });
    const connection = (): Redis => {
      const made = redisAt(url, failing, patient);
      this.connections.push(made);
      return made;
    };
    this.queues = each((kind) => new Queue<Sent, string>(kind, { prefix, connection: this.redis }));
    this.events = each((kind) => new QueueEvents(kind, { prefix, connection: connection() }));
    this.workers = each(
      (kind) =>
        new Worker<Sent, string>(kind, (job) => this.done(kind, job), {
          prefix,
          connection: connection(),
          lockDuration: lockMs,
          stalledInterval: stalledEvery,
          maxStalledCount: 3,
        }),
    );
    for (const kind of kinds) {
      this.queues[kind].on('error', failing);
      this.events[kind].on('error', failing);
      this.workers[kind].on('error', failing);
    }
  }

  /** What this process does of the queue. */
  private async done(kind: JobKind, { data: { input, within, name } }: Job<Sent, string>): Promise<string> {
    let stop = false;
    const answer = await this.threads.solve(kind, unpacked<Jobs[JobKind]['input']>(input), within, {
      progress: (planning) => {
        if (name === null) return;
        const said = JSON.stringify(planning);
        this.redis.set(this.key('progress', name), said, 'EX', saidSeconds).catch(() => undefined);
        this.redis.exists(this.key('stop', name)).then(
          (asked) => (stop = asked === 1),
          () => undefined,
        );
      },
      stopped: () => stop,
    });
    return packed(answer);
  }

  private key(what: 'name' | 'progress' | 'stop', name: string): string {
    return `${prefix} planning ${what} ${name}`;
  }

  async run<K extends JobKind>(
    kind: K,
    input: Jobs[K]['input'],
    within: number,
    name?: string,
  ): Promise<Jobs[K]['answer']> {
    const until = Date.now() + within;
    try {
      return await this.queued(kind, { input: packed(input), within, name: name ?? null });
    } catch (error) {
      if (!(error instanceof Away)) throw error;
      // Its answer is the same wherever it is made, so that one that is made twice does no harm.
      return this.own.run(kind, input, Math.max(1, until - Date.now()), name);
    }
  }

  private async queued<K extends JobKind>(kind: K, sent: Sent): Promise<Jobs[K]['answer']> {
    let leave = () => {};
    const lost = new Promise<never>((_, fail) => {
      const gone = () => fail(new Away());
      this.redis.once('close', gone);
      leave = () => this.redis.off('close', gone);
    });
    lost.catch(() => undefined);
    const added = this.queues[kind]
      .add(kind, sent, { removeOnComplete: { age: 60 }, removeOnFail: { age: 60 } })
      .catch(() => {
        throw new Away();
      });
    try {
      const job = await Promise.race([added, lost]);
      const answer = await Promise.race([job.waitUntilFinished(this.events[kind], sent.within), lost]);
      return unpacked<Jobs[K]['answer']>(answer);
    } finally {
      leave();
    }
  }

  async take(name: string): Promise<(() => Promise<void>) | null> {
    const mine = await this.own.take(name);
    if (!mine) return null;
    const key = this.key('name', name);
    const taken = await this.redis.set(key, '1', 'EX', nameSeconds, 'NX').then(
      (answer) => answer === 'OK',
      // Without Redis nobody else is asked.
      () => true,
    );
    if (!taken) {
      await mine();
      return null;
    }
    await this.forget(name);
    const timer = setInterval(
      () => void this.redis.set(key, '1', 'EX', nameSeconds).catch(() => undefined),
      renewEvery,
    );
    return async () => {
      clearInterval(timer);
      await mine();
      await this.redis.del(key).catch(() => undefined);
    };
  }

  private async forget(name: string): Promise<void> {
    await this.redis.del(this.key('progress', name), this.key('stop', name)).catch(() => undefined);
  }

  async planning(name: string): Promise<Planning | null> {
    try {
      const [taken, said] = await this.redis.mget(this.key('name', name), this.key('progress', name));
      if (taken) return said ? (JSON.parse(said) as Planning) : { step: 'waiting', share: 0 };
    } catch {
      // Its own jobs it knows of without Redis.
    }
    return this.own.planning(name);
  }

  async stop(name: string): Promise<void> {
    await this.own.stop(name);
    await this.redis.set(this.key('stop', name), '1', 'EX', saidSeconds).catch(() => undefined);
  }

  async close(): Promise<void> {
    // What is under way is done by another process.
    await Promise.all(kinds.map((kind) => this.workers[kind].close(true)));
    await Promise.all(kinds.flatMap((kind) => [this.events[kind].close(), this.queues[kind].close()]));
    for (const connection of [this.redis, ...this.connections]) connection.disconnect();
    await this.threads.close();
  }
}
