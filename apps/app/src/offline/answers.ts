import { shelf, type Answer } from './shelf';

/** What tells nothing of those before: who is signed in now, and the pages behind links. */
export const ofNobody = /^(session$|shared\/)/;

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
      const whole = (await shelf()).transaction('answers', 'readwrite');
      const paths = await whole.store.getAllKeys();
      await Promise.all([
        ...paths.filter((path) => !ofNobody.test(path)).map((path) => whole.store.delete(path)),
        whole.done,
      ]);
    } catch {
      // There was nothing.
    }
  },
};
