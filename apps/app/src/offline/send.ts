import type { LogKind } from '@wrightonic/contract';
import { api } from '../store/api';
import type { Dispatch, State } from '../store/store';
import { answered, dismissed, restored } from './pendingEvents';
import { outbox } from './outbox';

export type Thunk<T> = (dispatch: Dispatch, state: () => State) => T;

/** As many as the server takes in one go. */
const atOnce = 500;
/** After so long the first screen stands, and the rest of the day can be read. */
const settledMs = 4000;

/** The id of whoever is signed in. */
export const whoIs = (state: State): string | null =>
  api.endpoints.authSession.select()(state).data?.me?.person.id ?? null;

/** Kinds after which the pages of an athlete look different. */
const turning = new Set<LogKind>([
  'look-finished',
  'look-corrected',
  'link-struck',
  'instruction',
  'session-ended',
  'screen-finished',
  'curves-read',
  'lesson-changed',
  'lesson-planned',
]);

/** Kinds after which the next look is offered something else; the rest is laid over by the journal. */
const offering = new Set<LogKind>(['pitch', 'clip-drawing', 'clip-told']);

const again = { forceRefetch: true, subscribe: false } as const;
let sending = false;

/** Sends what waits, in order and in parts; whatever fails on the way is tried again later. */
export const send = (): Thunk<Promise<void>> => async (dispatch, state) => {
  if (sending) return;
  sending = true;
  try {
    for (;;) {
      const { entries, waiting } = state().pendingEvents;
      const person = whoIs(state());
      const open = new Set(waiting);
      const batch = entries
        .filter(({ event, personId }) => open.has(event.id) && personId === person)
        .slice(0, atOnce);
      if (!person || batch.length === 0) return;
      const { responses } = await dispatch(
        api.endpoints.sendLog.initiate(batch.map(({ event }) => event)),
      ).unwrap();
      dispatch(answered({ responses, at: Date.now() }));
      const answeredIds = new Set(responses.map(({ id }) => id));
      // Stored or refused: what this device shows without a connection must still hold it.
      await outbox
        .put(...state().pendingEvents.entries.filter(({ event }) => answeredIds.has(event.id)))
        // Sent again at worst, which changes nothing.
        .catch(() => undefined);
      const again = new Set(
        batch.filter(({ event }) => offering.has(event.kind)).map(({ athleteId }) => athleteId),
      );
      if (again.size)
        dispatch(api.util.invalidateTags([...again].map((id) => ({ type: 'Offers' as const, id }))));
      const turned = batch.filter(({ event }) => turning.has(event.kind));
      if (turned.length)
        dispatch(
          api.util.invalidateTags([
            'Roster',
            'Lessons',
            ...turned.map(({ athleteId }) => ({ type: 'Athlete' as const, id: athleteId })),
          ]),
        );
    }
  } catch {
    // Kept; the next entry, the next signal of a connection or the clock tries again.
  } finally {
    sending = false;
  }
};

/** Takes up what an earlier page left behind and goes on trying. */
export const resume = (): Thunk<Promise<() => void>> => async (dispatch, state) => {
  dispatch(restored(await outbox.all().catch(() => [])));
  const attempt = () => {
    void dispatch(send());
    // A server that comes back says nothing by itself.
    if (!state().pendingEvents.connected) void dispatch(api.endpoints.authSession.initiate(undefined, again));
  };
  attempt();
  const along = () =>
    void import('./prefetch').then(({ prefetch }) => dispatch(prefetch())).catch(() => undefined);
  const quiet = setTimeout(along, settledMs);
  window.addEventListener('online', attempt);
  const clock = setInterval(attempt, 15_000);
  return () => {
    window.removeEventListener('online', attempt);
    clearInterval(clock);
    clearTimeout(quiet);
  };
};

/** Takes a refused entry out of the list, once someone has read why. */
export const dismiss =
  (id: string): Thunk<Promise<void>> =>
  async (dispatch) => {
    dispatch(dismissed(id));
    await outbox.remove([id]);
  };
