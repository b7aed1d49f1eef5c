import type { CampDayRecord } from '@wrightonic/contract';
import type { AthleteWish } from '../store/api';
import type { Meta } from '../store/query';
import { athleteLists, athleteReads, type AthleteList } from './athletePath';
import { acknowledged, inSession, isHeld } from './pendingEvents';
import { outbox, type Entry } from './outbox';
import { responseCache, type Ages } from './responseCache';
import type { Thunk } from './send';

/** Takes entries out that were stored before everything that shows them was asked for. */
const gone =
  (entries: readonly Entry[]): Thunk<Promise<void>> =>
  async (dispatch) => {
    const ids = entries.map(({ event }) => event.id);
    if (ids.length === 0) return;
    dispatch(acknowledged(ids));
    await outbox.remove(ids).catch(() => undefined);
  };

interface ReadSoFar {
  endpointName?: string;
  originalArgs?: unknown;
  status?: string;
  startedTimeStamp?: number;
  data?: unknown;
}

const isList = (name: string | undefined): name is AthleteList => name !== undefined && name in athleteLists;

/**
 * When each of the answers about an athlete was asked for that a screen may still show: those on the screen, and those
 * kept for when there is no connection. A list that is being read anew is of an unknown age until its answer is there.
 */
const agesOf =
  (athleteId: string): Thunk<Promise<Ages>> =>
  async (_dispatch, state) => {
    const ages = await responseCache.agesOf(athleteId);
    const shown = (name: keyof Ages, at: number) => {
      ages[name] = Math.min(ages[name] ?? Infinity, at);
    };
    for (const read of Object.values(state().api.queries as Record<string, ReadSoFar | undefined>)) {
      if (read?.data === undefined) continue;
      const { endpointName: name, originalArgs: wish } = read;
      if (name === 'athlete' && (wish as AthleteWish).id === athleteId)
        shown((wish as AthleteWish).part, (read.data as { readAt: number }).readAt);
      else if (isList(name) && wish === athleteId)
        shown(name, read.status === 'fulfilled' ? read.startedTimeStamp! : -Infinity);
    }
    return ages;
  };

/** What of an athlete tells of a session under way: limits and pain, cues and levels. */
const sessionParts = ['head', 'work'] as const;

/** Entries of an athlete that everything read of them holds: they were stored before it was asked for. */
const acknowledgedIn =
  (athleteId: string, ofSession: boolean, session = Infinity): Thunk<Promise<void>> =>
  async (dispatch, state) => {
    const ages = await dispatch(agesOf(athleteId));
    const parts = ofSession ? sessionParts : athleteReads;
    const page = Math.min(session, ...parts.map((part) => ages[part] ?? Infinity));
    await dispatch(
      gone(
        state().pendingEvents.entries.filter(
          (entry) =>
            entry.athleteId === athleteId &&
            inSession(entry) === ofSession &&
            entry.event.kind !== 'camp-checked-in' &&
            isHeld(entry, page, ages),
        ),
      ),
    );
  };

/** Something was read that was asked for at a time: what was stored before of what it shows is in it. */
const shownSince =
  (at: number, shows: (entry: Entry) => boolean): Thunk<Promise<void>> =>
  async (dispatch, state) => {
    const held = state().pendingEvents.entries.filter((entry) => shows(entry) && isHeld(entry, at));
    await dispatch(gone(held));
  };

export interface Started {
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
  if (await isFresh(started)) await run(started, acknowledgedIn(id, false));
}

/** Follows what is read of a list of an athlete; a throw of a session is on the page of that session, too. */
export const readingList = (id: string, started: Started): Promise<void> => readingAthlete({ id }, started);

/** Follows what is read of a session under way. */
export async function readingSession(athleteId: string, started: Started): Promise<void> {
  const at = Date.now();
  if (await isFresh(started)) await run(started, acknowledgedIn(athleteId, true, at));
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

/** When the camp was asked for that a screen may still show, as it locks throws; Infinity where none was read. */
const campReadAt =
  (id: string): Thunk<number> =>
  (_dispatch, state) => {
    const read = Object.values(state().api.queries as Record<string, ReadSoFar | undefined>).find(
      (each) => each?.endpointName === 'camp' && each.originalArgs === id && each.data !== undefined,
    );
    return (read?.data as { readAt: number } | undefined)?.readAt ?? Infinity;
  };

/** Follows what is read of a day of a camp: all that was logged in its sessions; what hurts stands on the camp. */
export async function readingCampDay({ id }: { id: string }, started: Started): Promise<void> {
  const at = Date.now();
  if (!(await isFresh(started))) return;
  const { data } = (await started.queryFulfilled) as unknown as { data: { day: CampDayRecord } };
  const sessions = new Set(data.day.athletes.map(({ session }) => session));
  const ofDay = ({ event }: Entry): boolean =>
    ('sessionId' in event && event.sessionId !== null && sessions.has(event.sessionId)) ||
    (event.kind === 'session-begun' && sessions.has(event.id));
  await run(
    started,
    shownSince(at, (entry) => entry.event.kind !== 'pain' && ofDay(entry)),
  );
  const both = Math.min(at, run(started, campReadAt(id)));
  await run(
    started,
    shownSince(both, (entry) => entry.event.kind === 'pain' && ofDay(entry)),
  );
}
