import { database, type DatabaseSchema } from './database';

/** Stores of the browser that hold what waits to be sent. */
type QueueName = 'outbox' | 'home';
type Stored<N extends QueueName> = DatabaseSchema[N]['value'];

/** What of a queue the browser keeps; ids are in the order of time. */
export const queueStore = <N extends QueueName>(name: N) => ({
  all: async (): Promise<Stored<N>[]> => (await database()).getAll(name) as Promise<Stored<N>[]>,
  put: async (...entries: readonly Stored<N>[]): Promise<void> => {
    const transaction = (await database()).transaction(name, 'readwrite');
    await Promise.all([...entries.map((entry) => transaction.store.put(entry as never)), transaction.done]);
  },
  remove: async (ids: readonly string[]): Promise<void> => {
    const transaction = (await database()).transaction(name, 'readwrite');
    await Promise.all([...ids.map((id) => transaction.store.delete(id)), transaction.done]);
  },
});

/** Where a queue takes from, and where it sends. */
export interface Route<E> {
  /** What waits now, in order, as much as goes out at once; none where nothing can be sent. */
  waiting: () => readonly E[];
  /** Sends a batch, and writes down what became of each, so that it waits no longer; throws where it did not get there. */
  post: (batch: readonly E[]) => Promise<void>;
}

/**
 * Sends whatever waits, batch after batch, in order.
 *
 * @returns the failure that ended it; what did not get there is kept, and waits on
 */
export async function drain<E>({ waiting, post }: Route<E>): Promise<unknown> {
  try {
    let before: E | undefined;
    // What was left unanswered is not asked again and again.
    for (let batch = waiting(); batch.length && batch[0] !== before; batch = waiting()) {
      await post(batch);
      before = batch[0];
    }
    return undefined;
  } catch (error) {
    return error;
  }
}

/** What failed on the way is tried again after so long, ms. */
const againMs = 3_000;

/**
 * Tries now, when the browser hears of a connection, and every few seconds: a server that comes back says nothing
 * by itself.
 *
 * @returns ends it
 */
export function keepTrying(attempt: () => void): () => void {
  attempt();
  window.addEventListener('online', attempt);
  const clock = setInterval(attempt, againMs);
  return () => {
    window.removeEventListener('online', attempt);
    clearInterval(clock);
  };
}
