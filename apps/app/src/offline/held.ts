import { held, inSession } from './journal';
import { outbox } from './outbox';
import type { Meta } from '../store/query';
import type { Thunk } from './send';

/**
 * Something of an athlete was read that was asked for at a time: whatever the server had stored before is in it, and
 * whatever others took back since is not. From here on it is shown as the server has it.
 *
 * @param what the session under way, or the page
 */
const readOf =
  (athleteId: string, what: 'session' | 'page', at: number): Thunk<Promise<void>> =>
  async (dispatch, state) => {
    const gone = state()
      .journal.entries.filter(
        (entry) => entry.athleteId === athleteId && inSession(entry) === (what === 'session'),
      )
      .filter(({ sentAt }) => sentAt !== undefined && sentAt < at)
      .map(({ event }) => event.id);
    if (gone.length === 0) return;
    dispatch(held(gone));
    await outbox.remove(gone).catch(() => undefined);
  };

/** Lessons were read that were asked for at a time: what was changed about them before is in them. */
const lessonsRead =
  (at: number): Thunk<Promise<void>> =>
  async (dispatch, state) => {
    const gone = state()
      .journal.entries.filter(({ event }) => event.kind === 'lesson-changed')
      .filter(({ sentAt }) => sentAt !== undefined && sentAt < at)
      .map(({ event }) => event.id);
    if (gone.length === 0) return;
    dispatch(held(gone));
    await outbox.remove(gone).catch(() => undefined);
  };

interface Started {
  dispatch: (action: never) => unknown;
  queryFulfilled: Promise<{ meta?: Meta | undefined }>;
}

/** Follows what is read of an athlete; an answer that was kept from earlier holds nothing new. */
export const reading =
  (what: 'page' | 'session') =>
  async (athleteId: string, { dispatch, queryFulfilled }: Started): Promise<void> => {
    const at = Date.now();
    const { meta } = await queryFulfilled.catch(() => ({ meta: { kept: 0 } as Meta }));
    if (meta?.kept === undefined) await dispatch(readOf(athleteId, what, at) as never);
  };

/** Follows what is read of the diary. */
export async function readingLessons(_: unknown, { dispatch, queryFulfilled }: Started): Promise<void> {
  const at = Date.now();
  const { meta } = await queryFulfilled.catch(() => ({ meta: { kept: 0 } as Meta }));
  if (meta?.kept === undefined) await dispatch(lessonsRead(at) as never);
}
