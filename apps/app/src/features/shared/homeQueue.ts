import type { HomeEvent } from '@wrightonic/core';
import type { HomeEntry } from '../../offline/database';
import { queueStore } from '../../offline/eventQueue';

/** What was logged behind a link and may not be in what was read yet. */
export const homeQueue = {
  ...queueStore('home'),
  of: async (token: string): Promise<HomeEntry[]> =>
    (await homeQueue.all()).filter((entry) => entry.token === token),
};

/** Entries of others added to those that are known, in the order in which they were logged. */
export const merged = (known: readonly HomeEntry[], more: readonly HomeEntry[]): HomeEntry[] => {
  const all = new Map([...more, ...known].map((entry) => [entry.id, entry]));
  return [...all.values()].sort((a, b) => (a.event.at < b.event.at ? -1 : a.event.at > b.event.at ? 1 : 0));
};

/** What is still to be shown beside a page that was read as of a time. */
export const notAcknowledged = (entries: readonly HomeEntry[], asOf: string): HomeEntry[] =>
  entries.filter(({ sentAt }) => sentAt === undefined || sentAt >= asOf);

export const eventsToShow = (entries: readonly HomeEntry[]): HomeEvent[] =>
  entries.filter(({ why }) => !why).map(({ event }) => event);
