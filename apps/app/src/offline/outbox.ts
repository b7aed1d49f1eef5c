import type { LogEvent } from '@wrightonic/contract';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** An event with whom it is about and who wrote it; `why` once the server has refused it for good. */
export interface Entry {
  event: LogEvent;
  athleteId: string;
  personId: string;
  why?: string;
}

interface Shelves extends DBSchema {
  outbox: { key: string; value: Entry & { id: string } };
}

let opened: Promise<IDBPDatabase<Shelves>> | undefined;

const shelf = () =>
  (opened ??= openDB<Shelves>('wrightonic', 1, {
    upgrade: (db) => {
      db.createObjectStore('outbox', { keyPath: 'id' });
    },
  }));

/** What has not reached the server, kept by the browser; ids are in the order of time. */
export const outbox = {
  all: async (): Promise<Entry[]> => (await shelf()).getAll('outbox'),
  put: async (entry: Entry): Promise<void> => {
    await (await shelf()).put('outbox', { ...entry, id: entry.event.id });
  },
  remove: async (ids: readonly string[]): Promise<void> => {
    const whole = (await shelf()).transaction('outbox', 'readwrite');
    await Promise.all([...ids.map((id) => whole.store.delete(id)), whole.done]);
  },
};
