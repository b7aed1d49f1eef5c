import { database, type KeptTrack } from './database';

/** Tracked films of this device; none leaves it, and none is needed: a film can be tracked again. */
export const tracks = {
  get: async (clip: string): Promise<KeptTrack | undefined> => {
    try {
      return await (await database()).get('tracks', clip);
    } catch {
      return undefined;
    }
  },
  put: async (track: KeptTrack): Promise<void> => {
    try {
      await (await database()).put('tracks', track);
    } catch {
      // Full, or nothing is kept here at all.
    }
  },
};
