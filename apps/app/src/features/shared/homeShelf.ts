import type { HomeEvent } from '@wrightonic/contract';
import { shelf, type HomeEntry } from '../../offline/shelf';

/** What was logged behind a link and may not be in what was read yet. */
export const homeShelf = {
  of: async (token: string): Promise<HomeEntry[]> =>
    (await (await shelf()).getAll('home')).filter((entry) => entry.token === token),
  put: async (...entries: readonly HomeEntry[]): Promise<void> => {
    const whole = (await shelf()).transaction('home', 'readwrite');
    await Promise.all([...entries.map((entry) => whole.store.put(entry)), whole.done]);
  },
  remove: async (ids: readonly string[]): Promise<void> => {
    const whole = (await shelf()).transaction('home', 'readwrite');
    await Promise.all([...ids.map((id) => whole.store.delete(id)), whole.done]);
  },
};

/** Entries of others added to those that are known, in the order in which they were logged. */
export const merged = (known: readonly HomeEntry[], more: readonly HomeEntry[]): HomeEntry[] => {
  const all = new Map([...more, ...known].map((entry) => [entry.id, entry]));
  return [...all.values()].sort((a, b) => (a.event.at < b.event.at ? -1 : a.event.at > b.event.at ? 1 : 0));
};

/** What is still to be shown beside a page that was read as of a time. */
export const notHeld = (entries: readonly HomeEntry[], asOf: string): HomeEntry[] =>
  entries.filter(({ sentAt }) => sentAt === undefined || sentAt >= asOf);

export const eventsToShow = (entries: readonly HomeEntry[]): HomeEvent[] =>
  entries.filter(({ why }) => !why).map(({ event }) => event);
