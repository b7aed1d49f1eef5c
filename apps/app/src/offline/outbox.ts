import { shelf, type Entry } from './shelf';

export type { Entry } from './shelf';

/** What was logged here and may not be in what was read yet; ids are in the order of time. */
export const outbox = {
  all: async (): Promise<Entry[]> => (await shelf()).getAll('outbox'),
  put: async (...entries: readonly Entry[]): Promise<void> => {
    const whole = (await shelf()).transaction('outbox', 'readwrite');
    await Promise.all([
      ...entries.map((entry) => whole.store.put({ ...entry, id: entry.event.id })),
      whole.done,
    ]);
  },
  remove: async (ids: readonly string[]): Promise<void> => {
    const whole = (await shelf()).transaction('outbox', 'readwrite');
    await Promise.all([...ids.map((id) => whole.store.delete(id)), whole.done]);
  },
};
