import type { Store } from 'express-rate-limit';
import type { JobRunner } from '../solver/jobs';
import { OwnJobs } from '../solver/threads';
import { BoundedStore } from './counts';
import { LocalBus, type EventBus } from './eventBus';

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

/**
 * @param busUrl of the Redis that all processes share; null for one process alone
 * @param warn hears, once a minute at most, that it cannot be reached
 */
export async function peersOf(busUrl: string | null, warn: (code: string) => void): Promise<Peers> {
  if (busUrl === null) return nobody();
  // A fifth of all that the server loads, which a process by itself has no use for.
  const { throughRedis } = await import('./throughRedis');
  return throughRedis(busUrl, warn);
}
