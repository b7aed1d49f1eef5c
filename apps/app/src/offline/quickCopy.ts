import type { Entry } from './database';

const place = 'wrightonic.just-logged.';

/** Keys of this device's copies, oldest first: ids are in the order of time. */
const keys = (): string[] =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith(place))
    .sort();

/**
 * A copy of what was logged a moment ago, until the database of the browser has it: that one takes some milliseconds, in
 * which a tab can be closed or killed. This one is kept before the tap is over.
 */
export const quickCopy = {
  keep: (entry: Entry): void => {
    try {
      localStorage.setItem(`${place}${entry.event.id}`, JSON.stringify(entry));
    } catch {
      // Full, or nothing is kept here: the database may still take it.
    }
  },
  drop: (id: string): void => {
    try {
      localStorage.removeItem(`${place}${id}`);
    } catch {
      // There was none.
    }
  },
  all: (): Entry[] => {
    try {
      return keys().map((key) => JSON.parse(localStorage.getItem(key)!) as Entry);
    } catch {
      return [];
    }
  },
  forget: (): void => {
    try {
      for (const key of keys()) localStorage.removeItem(key);
    } catch {
      // There was nothing.
    }
  },
};
