import { database, type KeptStills, type KeptTrack } from './database';

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

/** Frames of films that grades were measured on; they stay on this device like the films. */
export const stills = {
  at: async (clip: string, time: number): Promise<Blob | undefined> => {
    try {
      const kept = await (await database()).get('stills', clip);
      return kept?.stills.find((each) => each.time === time)?.picture;
    } catch {
      return undefined;
    }
  },
  put: async (kept: KeptStills): Promise<void> => {
    try {
      await (await database()).put('stills', kept);
    } catch {
      // Full, or nothing is kept here at all.
    }
  },
};
