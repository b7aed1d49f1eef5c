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

/** Whether throws are locked: said of an athlete and shown of a member of a camp. */
const isMark = ({ event }: Entry): boolean => event.kind === 'pain' || event.kind === 'throws-cleared';

/** Marks stay until a camp that was asked for at a time and what is read of each athlete hold them. */
const marksHeld =
  (at: number): Thunk<Promise<void>> =>
  async (dispatch, state) => {
    const marks = state().pendingEvents.entries.filter(isMark);
    for (const athleteId of new Set(marks.map((entry) => entry.athleteId))) {
      const ages = await dispatch(agesOf(athleteId));
      const page = Math.min(at, ...sessionParts.map((part) => ages[part] ?? Infinity));
      await dispatch(gone(marks.filter((entry) => entry.athleteId === athleteId && isHeld(entry, page))));
    }
  };

/** Follows what is read of a camp: who was checked in, and what hurts. */
export async function readingCamp(id: string, started: Started): Promise<void> {
  const at = Date.now();
  if (!(await isFresh(started))) return;
  await run(
    started,
    shownSince(at, ({ event }) => event.kind === 'camp-checked-in' && event.campId === id),
  );
  await run(started, marksHeld(at));
}

/** Follows what is read of a day of a camp: all that was logged in its sessions but marks, which stand on the camp. */
export async function readingCampDay(_: unknown, started: Started): Promise<void> {
  const at = Date.now();
  if (!(await isFresh(started))) return;
  const { data } = (await started.queryFulfilled) as unknown as { data: { day: CampDayRecord } };
  const sessions = new Set(data.day.athletes.map(({ session }) => session));
  await run(
    started,
    shownSince(
      at,
      (entry) =>
        !isMark(entry) &&
        (('sessionId' in entry.event &&
          entry.event.sessionId !== null &&
          sessions.has(entry.event.sessionId)) ||
          (entry.event.kind === 'session-begun' && sessions.has(entry.event.id))),
    ),
  );
}
