import type { Peers } from './peers';
import { QueuedJobs } from './queuedJobs';
import { redisAt } from './redis';
import { RedisBus } from './redisBus';
import { SharedStore } from './sharedCounts';

/** How often it is said that Redis is away, ms. */
const sayEvery = 60_000;

/** What the processes on one Redis have in common. */
export function throughRedis(url: string, warn: (code: string) => void): Peers {
  let said = 0;
  const failing = (error: Error & { code?: string }): void => {
    if (Date.now() - said < sayEvery) return;
    said = Date.now();
    warn(error.code ?? error.name);
  };
  const counts = redisAt(url, failing);
  // Every limit waits for it.
  counts.setMaxListeners(0);
  const events = new RedisBus(url, failing);
  const jobs = new QueuedJobs(url, failing);
  return {
    several: true,
    events,
    jobs,
    countsOf: (name) => new SharedStore(counts, name),
    close: async () => {
      await Promise.all([events.close(), jobs.close()]);
      counts.disconnect();
    },
  };
}
