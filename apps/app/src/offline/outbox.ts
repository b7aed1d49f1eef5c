import { database, type Entry } from './database';

export type { Entry } from './database';

/** What was logged here and may not be in what was read yet; ids are in the order of time. */
export const outbox = {
  all: async (): Promise<Entry[]> => (await database()).getAll('outbox'),
  put: async (...entries: readonly Entry[]): Promise<void> => {
    const transaction = (await database()).transaction('outbox', 'readwrite');
    await Promise.all([
      ...entries.map((entry) => transaction.store.put({ ...entry, id: entry.event.id })),
      transaction.done,
    ]);
  },
  remove: async (ids: readonly string[]): Promise<void> => {
    const transaction = (await database()).transaction('outbox', 'readwrite');
    await Promise.all([...ids.map((id) => transaction.store.delete(id)), transaction.done]);
  },
};
