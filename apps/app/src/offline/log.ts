import type { LogEvent, LogKind, EventOf } from '@wrightonic/contract';
import { v7 } from 'uuid';
import { api } from '../store/api';
import type { Dispatch, State } from '../store/store';
import { answered, couldNotKeep, dismissed, logged, restored } from './journal';
import { outbox } from './outbox';

type Fields<K extends LogKind> = Omit<EventOf<K>, 'id' | 'at' | 'kind'>;
type Thunk<T> = (dispatch: Dispatch, state: () => State) => T;

const atOnce = 200;
const whoIs = (state: State): string | null =>
  api.endpoints.session.select()(state).data?.me?.person.id ?? null;

/**
 * The one way in for whatever is logged: it is shown at once, kept by the browser, then sent in order.
 *
 * @returns the id of the event
 */
export const log =
  <K extends LogKind>(athleteId: string, kind: K, fields: Fields<K>): Thunk<string> =>
  (dispatch, state) => {
    const event = { id: v7(), at: new Date().toISOString(), kind, ...fields } as unknown as LogEvent;
    const entry = { event, athleteId, personId: whoIs(state()) ?? '' };
    dispatch(logged(entry));
    outbox.put(entry).then(
      () => dispatch(send()),
      () => {
        dispatch(couldNotKeep());
        dispatch(send());
      },
    );
    return event.id;
  };

/** Kinds after which the pages of an athlete look different. */
const turning = new Set<LogKind>(['look-finished', 'session-ended']);

let sending = false;

/** Sends what waits, in order and in parts; whatever fails on the way is tried again later. */
export const send = (): Thunk<Promise<void>> => async (dispatch, state) => {
  if (sending) return;
  sending = true;
  try {
    for (;;) {
      const { entries, waiting } = state().journal;
      const person = whoIs(state());
      const open = new Set(waiting);
      const batch = entries
        .filter(({ event, personId }) => open.has(event.id) && personId === person)
        .slice(0, atOnce);
      if (!person || batch.length === 0) return;
      const { answers } = await dispatch(
        api.endpoints.sendLog.initiate(batch.map(({ event }) => event)),
      ).unwrap();
      dispatch(answered(answers));
      await outbox.remove(answers.filter(({ stored }) => stored).map(({ id }) => id));
      for (const entry of state().journal.entries.filter(({ why }) => why)) await outbox.put(entry);
      const turned = batch.filter(({ event }) => turning.has(event.kind));
      if (turned.length)
        dispatch(
          api.util.invalidateTags([
            'Roster',
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
export const resume = (): Thunk<Promise<() => void>> => async (dispatch) => {
  const entries = await outbox.all().catch(() => []);
  if (entries.length) dispatch(restored(entries));
  const attempt = () => void dispatch(send());
  attempt();
  window.addEventListener('online', attempt);
  const clock = setInterval(attempt, 15_000);
  return () => {
    window.removeEventListener('online', attempt);
    clearInterval(clock);
  };
};

/** Takes a refused entry out of the list, once someone has read why. */
export const dismiss =
  (id: string): Thunk<Promise<void>> =>
  async (dispatch) => {
    dispatch(dismissed(id));
    await outbox.remove([id]);
  };
