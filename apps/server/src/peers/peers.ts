import type { Store } from 'express-rate-limit';
import type { JobRunner } from '../solver/jobs';
import { OwnJobs } from '../solver/threads';
import { BoundedStore, SharedStore } from './counts';
import { LocalBus, type EventBus } from './eventBus';
import { QueuedJobs } from './queuedJobs';
import { redisAt } from './redis';
import { RedisBus } from './redisBus';

/** All that the processes of one installation have in common beside the database. */
export interface Peers {
  /** Whether there may be others: then nothing that was read is kept, as they write too. */
  several: boolean;
  events: EventBus;
  jobs: JobRunner;
  /** Where a limit is counted, by its name. */
  countsOf: (name: string) => Store;
  close(): Promise<void>;
}

function nobody(): Peers {
  const events = new LocalBus();
  const jobs = new OwnJobs();
  return {
    several: false,
    events,
    jobs,
    countsOf: () => new BoundedStore(),
    close: async () => void (await Promise.all([events.close(), jobs.close()])),
  };
}

/** How often it is said that Redis is away, ms. */
const sayEvery = 60_000;

function throughRedis(url: string, warn: (code: string) => void): Peers {
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

/**
 * @param busUrl of the Redis that all processes share; null for one process alone
 * @param warn hears, once a minute at most, that it cannot be reached
 */
export const peersOf = (busUrl: string | null, warn: (code: string) => void): Peers =>
  busUrl === null ? nobody() : throughRedis(busUrl, warn);
