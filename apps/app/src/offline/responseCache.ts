import type { AthletePart } from '@wrightonic/contract';
import type { IDBPTransaction, StoreNames } from 'idb';
import { athleteLists, athletePath, athleteReads, type AthleteList } from './athletePath';
import { database, type CachedResponse, type DatabaseSchema } from './database';

/** What tells nothing of those before: who is signed in now, and the pages behind links. */
export const ofNobody = /^(session$|shared\/)/;

/** Takes out, within a change of the shelves, every answer whose path is meant. */
export async function takeOut(
  transaction: IDBPTransaction<DatabaseSchema, StoreNames<DatabaseSchema>[], 'readwrite'>,
  meant: (path: string) => boolean,
): Promise<void> {
  const store = transaction.objectStore('responses');
  await Promise.all((await store.getAllKeys()).filter(meant).map((path) => store.delete(path)));
}

/** A part of an athlete that nobody reads is kept for so long, ms. */
const longestKept = 30 * 24 * 3_600_000;

/** When each part and list of an athlete was asked for, ms. */
export type Ages = Partial<Record<AthletePart | AthleteList, number>>;
const keptNames = [...athleteReads, ...(Object.keys(athleteLists) as AthleteList[])];

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
   * When what is kept of an athlete was asked for, by part and list. What nobody read for a month goes: whatever was
   * logged since would have to be kept for its sake.
   */
  agesOf: async (athlete: string): Promise<Ages> => {
    const ages: Ages = {};
    try {
      const { store, done } = (await database()).transaction('responses', 'readwrite');
      const readOf = async (name: AthletePart | AthleteList) => {
        const path = athletePath(athlete, name);
        const kept = await store.get(path);
        if (kept && kept.at < Date.now() - longestKept) await store.delete(path);
        else if (kept) ages[name] = kept.at;
      };
      await Promise.all([...keptNames.map(readOf), done]);
      return ages;
    } catch {
      return {};
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
