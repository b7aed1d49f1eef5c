import type { IDBPTransaction } from 'idb';
import { shelf, type Answer, type Shelves } from './shelf';

/** What tells nothing of those before: who is signed in now, and the pages behind links. */
export const ofNobody = /^(session$|shared\/)/;

/** Takes out, within a change of the shelves, every answer whose path is meant. */
export async function takeOut(
  whole: IDBPTransaction<Shelves, ('answers' | 'outbox')[], 'readwrite'>,
  meant: (path: string) => boolean,
): Promise<void> {
  const store = whole.objectStore('answers');
  await Promise.all((await store.getAllKeys()).filter(meant).map((path) => store.delete(path)));
}

/** What was read last, for when there is no connection. Nothing here is needed: a browser that keeps nothing asks again. */
export const answers = {
  get: async (path: string): Promise<Answer | undefined> => {
    try {
      return await (await shelf()).get('answers', path);
    } catch {
      return undefined;
    }
  },
  put: async (path: string, data: unknown, at: number): Promise<void> => {
    try {
      await (await shelf()).put('answers', { path, data, at });
    } catch {
      // Full, or nothing is kept here at all.
    }
  },
  /** Somebody else uses this device: what was read by the one before is gone. */
  forget: async (): Promise<void> => {
    try {
      const whole = (await shelf()).transaction(['answers'], 'readwrite');
      await Promise.all([takeOut(whole, (path) => !ofNobody.test(path)), whole.done]);
    } catch {
      // There was nothing.
    }
  },
};
