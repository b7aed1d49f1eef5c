import { responseCache } from './responseCache';
import { acknowledged, inSession } from './pendingEvents';
import type { CampDayRecord } from '@wrightonic/contract';
import { outbox, type Entry } from './outbox';
import type { Meta } from '../store/query';
import type { Thunk } from './send';

/** Entries of an athlete that everything read of them holds: they were stored before it was asked for. */
const acknowledgedSince =
  (athleteId: string, ofSession: boolean, since: number): Thunk<Promise<void>> =>
  async (dispatch, state) => {
    const gone = state()
      .pendingEvents.entries.filter(
        (entry) =>
          entry.athleteId === athleteId &&
          inSession(entry) === ofSession &&
          entry.event.kind !== 'camp-checked-in',
      )
      .filter(({ sentAt }) => sentAt !== undefined && sentAt < since)
      .map(({ event }) => event.id);
    if (gone.length === 0) return;
    dispatch(acknowledged(gone));
    await outbox.remove(gone).catch(() => undefined);
  };

interface ReadSoFar {
  endpointName?: string;
  originalArgs?: unknown;
  data?: unknown;
}

/** When the oldest of the answers about an athlete was asked for that a screen may still show. */
const oldestRead =
  (athleteId: string): Thunk<Promise<number>> =>
  async (_dispatch, state) => {
    const shown = Object.values(state().api.queries as Record<string, ReadSoFar | undefined>).flatMap(
      (read) => {
        const { id } = (read?.originalArgs ?? {}) as { id?: string };
        const { readAt } = (read?.data ?? {}) as { readAt?: number };
        return read?.endpointName === 'athlete' && id === athleteId && readAt !== undefined ? [readAt] : [];
      },
    );
    return Math.min(...shown, ...(await responseCache.agesOf(athleteId)));
  };

/** Something was read that was asked for at a time: what was stored before of what it shows is in it. */
const shownSince =
  (at: number, shows: (entry: Entry) => boolean): Thunk<Promise<void>> =>
  async (dispatch, state) => {
    const gone = state()
      .pendingEvents.entries.filter(shows)
      .filter(({ sentAt }) => sentAt !== undefined && sentAt < at)
      .map(({ event }) => event.id);
    if (gone.length === 0) return;
    dispatch(acknowledged(gone));
    await outbox.remove(gone).catch(() => undefined);
  };

interface Started {
  dispatch: (action: never) => unknown;
  queryFulfilled: Promise<{ meta?: Meta | undefined }>;
}

/** Runs a thunk: what its dispatch takes hangs on the store, whose type hangs on the requests that call this. */
const run = <T>({ dispatch }: Started, thunk: Thunk<T>): T => dispatch(thunk as never) as T;

/** Whether something was read anew, and not taken from what was kept. */
const isFresh = async ({ queryFulfilled }: Started): Promise<boolean> => {
  const { meta } = await queryFulfilled.catch(() => ({ meta: { kept: 0 } as Meta }));
  return meta?.kept === undefined;
};

/** Follows what is read of an athlete: a part that was read earlier still needs what was logged since. */
export async function readingAthlete({ id }: { id: string }, started: Started): Promise<void> {
  if (!(await isFresh(started))) return;
  const since = await run(started, oldestRead(id));
  await run(started, acknowledgedSince(id, false, since));
}

/** Follows what is read of a session under way. */
export async function readingSession(athleteId: string, started: Started): Promise<void> {
  const at = Date.now();
  if (await isFresh(started)) await run(started, acknowledgedSince(athleteId, true, at));
}

/** Follows what is read of the diary. */
export async function readingLessons(_: unknown, started: Started): Promise<void> {
  const at = Date.now();
  if (await isFresh(started))
    await run(
      started,
      shownSince(at, ({ event }) => event.kind === 'lesson-changed'),
    );
}

/** Follows what is read of a camp: who was checked in. */
export async function readingCamp(id: string, started: Started): Promise<void> {
  const at = Date.now();
  if (await isFresh(started))
    await run(
      started,
      shownSince(at, ({ event }) => event.kind === 'camp-checked-in' && event.campId === id),
    );
}

/** Follows what is read of a day of a camp: all that was logged in its sessions. */
export async function readingCampDay(_: unknown, started: Started): Promise<void> {
  const at = Date.now();
  if (!(await isFresh(started))) return;
  const { data } = (await started.queryFulfilled) as unknown as { data: { day: CampDayRecord } };
  const sessions = new Set(data.day.athletes.map(({ session }) => session));
  await run(
    started,
    shownSince(
      at,
      ({ event }) =>
        ('sessionId' in event && event.sessionId !== null && sessions.has(event.sessionId)) ||
        (event.kind === 'session-begun' && sessions.has(event.id)),
    ),
  );
}
