import type { IDBPTransaction } from 'idb';
import { athletePath, athleteReads } from './athletePath';
import { database, type CachedResponse, type DatabaseSchema } from './database';

/** What tells nothing of those before: who is signed in now, and the pages behind links. */
export const ofNobody = /^(session$|shared\/)/;

/** Takes out, within a change of the shelves, every answer whose path is meant. */
export async function takeOut(
  transaction: IDBPTransaction<DatabaseSchema, ('responses' | 'outbox')[], 'readwrite'>,
  meant: (path: string) => boolean,
): Promise<void> {
  const store = transaction.objectStore('responses');
  await Promise.all((await store.getAllKeys()).filter(meant).map((path) => store.delete(path)));
}

/** A part of an athlete that nobody reads is kept for so long, ms. */
const longestKept = 30 * 24 * 3_600_000;
/** What was read last, for when there is no connection. Nothing here is needed: a browser that keeps nothing asks again. */
export const responseCache = {
  get: async (path: string): Promise<CachedResponse | undefined> => {
    try {
      return await (await database()).get('responses', path);
    } catch {
      return undefined;
    }
  },
  /**
   * When what is kept of an athlete was asked for, part by part. What nobody read for a month goes: whatever was logged
   * since would have to be kept for its sake.
   */
  agesOf: async (athlete: string): Promise<number[]> => {
    try {
      const { store, done } = (await database()).transaction('responses', 'readwrite');
      const paths = athleteReads.map((part) => athletePath(athlete, part));
      const kept = (await Promise.all(paths.map((path) => store.get(path)))).filter(
        (each) => each !== undefined,
      );
      const old = kept.filter(({ at }) => at < Date.now() - longestKept);
      await Promise.all([...old.map(({ path }) => store.delete(path)), done]);
      return kept.filter((each) => !old.includes(each)).map(({ at }) => at);
    } catch {
      return [];
    }
  },
  put: async (path: string, data: unknown, at: number): Promise<void> => {
    try {
      await (await database()).put('responses', { path, data, at });
    } catch {
      // Full, or nothing is kept here at all.
    }
  },
  /** Somebody else uses this device: what was read by the one before is gone. */
  forget: async (): Promise<void> => {
    try {
      const transaction = (await database()).transaction(['responses'], 'readwrite');
      await Promise.all([takeOut(transaction, (path) => !ofNobody.test(path)), transaction.done]);
    } catch {
      // There was nothing.
    }
  },
};
