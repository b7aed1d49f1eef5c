import type { HomeEvent, PictureSide, TrackedFilm } from '@wrightonic/core';
import type { LogEvent } from '@wrightonic/contract';
import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from 'idb';
import { broughtUp } from './older';

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
export interface CachedResponse {
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

/** The joints of a film that was tracked here; `tracked` is what the tracker gave, as far as it came. */
export interface KeptTrack {
  /** The clip. */
  id: string;
  tracked: TrackedFilm;
  /** Where the target is in the picture, where somebody said so. */
  towards: PictureSide | null;
}

/** Frames of a film with the joints over them, as they were when its grades were offered. */
export interface KeptStills {
  /** The clip. */
  id: string;
  stills: { time: number; picture: Blob }[];
}

export interface DatabaseSchema extends DBSchema {
  outbox: { key: string; value: Entry & { id: string } };
  responses: { key: string; value: CachedResponse };
  home: { key: string; value: HomeEntry };
  tracks: { key: string; value: KeptTrack };
  stills: { key: string; value: KeptStills };
}

let opened: Promise<IDBPDatabase<DatabaseSchema>> | undefined;

/** What the browser keeps of this app. */
export const database = (): Promise<IDBPDatabase<DatabaseSchema>> =>
  (opened ??= openDB<DatabaseSchema>('wrightonic', 6, {
    upgrade: async (db, from, _to, transaction) => {
      if (from < 1) db.createObjectStore('outbox', { keyPath: 'id' });
      if (from < 3) db.createObjectStore('home', { keyPath: 'id' });
      if (from < 4) {
        const responses = db.createObjectStore('responses', { keyPath: 'path' });
        if (from >= 2) {
          const earlier = transaction as unknown as IDBPTransaction<unknown, string[], 'versionchange'>;
          const kept: CachedResponse[] = await earlier.objectStore('answers').getAll();
          for (const response of kept.flatMap(broughtUp)) await responses.put(response);
          earlier.db.deleteObjectStore('answers');
        }
      }
      if (from < 5) db.createObjectStore('tracks', { keyPath: 'id' });
      if (from < 6) db.createObjectStore('stills', { keyPath: 'id' });
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
