import type { Entry } from './database';
import { queueStore } from './eventQueue';

export type { Entry } from './database';

const kept = queueStore('outbox');

/** What was logged here and may not be in what was read yet. */
export const outbox = {
  ...kept,
  put: (...entries: readonly Entry[]): Promise<void> =>
    kept.put(...entries.map((entry) => ({ ...entry, id: entry.event.id }))),
};
