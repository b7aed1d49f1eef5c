import type { HomeEvent, LogEvent } from '@wrightonic/contract';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** An event with whom it is about and who wrote it; `why` once the server has refused it for good. */
export interface Entry {
  event: LogEvent;
  athleteId: string;
  personId: string;
  why?: string;
  /** When the server had stored it, milliseconds; it stays until what was read afterwards holds it. */
  sentAt?: number;
}

/** What the server answered last to something that was asked for. */
export interface Answer {
  path: string;
  data: unknown;
  /** Milliseconds. */
  at: number;
}

/** Something logged on the page behind a link; `sentAt` is by the server’s clock. */
export interface HomeEntry {
  id: string;
  token: string;
  event: HomeEvent;
  sentAt?: string;
  why?: string;
}

export interface Shelves extends DBSchema {
  outbox: { key: string; value: Entry & { id: string } };
  answers: { key: string; value: Answer };
  home: { key: string; value: HomeEntry };
}

let opened: Promise<IDBPDatabase<Shelves>> | undefined;

/** What the browser keeps of this app. */
export const shelf = (): Promise<IDBPDatabase<Shelves>> =>
  (opened ??= openDB<Shelves>('wrightonic', 3, {
    upgrade: (db, from) => {
      if (from < 1) db.createObjectStore('outbox', { keyPath: 'id' });
      if (from < 2) db.createObjectStore('answers', { keyPath: 'path' });
      if (from < 3) db.createObjectStore('home', { keyPath: 'id' });
    },
    // A newer version of the app in another page must not wait for this one.
    blocking: (_now, _next, event) => {
      (event.target as IDBDatabase).close();
      opened = undefined;
    },
    terminated: () => {
      opened = undefined;
    },
  }).catch((error: unknown) => {
    opened = undefined;
    throw error;
  }));
