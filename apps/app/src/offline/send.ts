import { createAction, createListenerMiddleware } from '@reduxjs/toolkit';
import type { LogKind } from '@wrightonic/contract';
import { api, type AthleteWish } from '../store/api';
import type { Dispatch, State } from '../store/store';
import { drain, keepTrying } from './eventQueue';
import { outbox, type Entry } from './outbox';
import { quickCopy } from './quickCopy';
import { answered, couldNotKeep, dismissed, logged, restored } from './pendingEvents';
import { selectMe } from '../store/selectors';

export type Thunk<T> = (dispatch: Dispatch, state: () => State) => T;

/** As many as the server takes in one go. */
const atOnce = 500;
/** After so long the first screen stands, and the rest of the day can be read. */
const settledMs = 4000;

/** The id of whoever is signed in. */
export const whoIs = (state: State): string | null => selectMe(state)?.person.id ?? null;

/** Kinds after which the pages of an athlete look different. */
const turning = new Set<LogKind>([
  'look-finished',
  'look-corrected',
  'link-struck',
  'instruction',
  'session-ended',
  'pain',
  'throws-cleared',
  'screen-finished',
  'curves-read',
  'lesson-changed',
  'lesson-planned',
]);

/** Kinds after which the next look is offered something else; the rest is laid over by the pending events. */
const offering = new Set<LogKind>(['pitch', 'clip-drawing', 'clip-told', 'clip-motion']);

/** Somebody, a connection or the clock wants what waits to be sent now. */
export const sendWanted = createAction('pendingEvents/sendWanted');

/** What waits of whoever is signed in, as much as goes out at once. */
function waitingOf(state: State): Entry[] {
  const { entries, waiting } = state.pendingEvents;
  const person = whoIs(state);
  const open = new Set(waiting);
  return person
    ? entries.filter(({ event, personId }) => open.has(event.id) && personId === person).slice(0, atOnce)
    : [];
}

/** What is read anew once events are stored. */
function outOfDate(batch: readonly Entry[]) {
  const offered = batch.filter(({ event }) => offering.has(event.kind));
  const turned = batch.filter(({ event }) => turning.has(event.kind));
  return [
    ...offered.map(({ athleteId }) => ({ type: 'Offers' as const, id: athleteId })),
    ...(turned.length ? (['Roster', 'Lessons', 'Camp'] as const) : []),
    ...turned.map(({ athleteId }) => ({ type: 'Athlete' as const, id: athleteId })),
  ];
}

/** Sends one batch and writes down what the server made of it. */
const post =
  (batch: readonly Entry[]): Thunk<Promise<void>> =>
  async (dispatch, state) => {
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
    const tags = outOfDate(batch);
    if (tags.length) dispatch(api.util.invalidateTags(tags));
  };

/** Keeps and sends what is logged, whoever logs it; the type of the store hangs on it, so that its own cannot hang on that. */
export const sending = createListenerMiddleware();

sending.startListening({
  actionCreator: logged,
  effect: async ({ payload }, { dispatch }) => {
    quickCopy.keep(payload);
    await outbox
      .put(payload)
      .then(() => quickCopy.drop(payload.event.id))
      .catch(() => dispatch(couldNotKeep()));
    dispatch(sendWanted());
  },
});
sending.startListening({
  actionCreator: sendWanted,
  effect: async (_action, { dispatch, getState, unsubscribe, subscribe }) => {
    // One batch at a time and in order; what is logged meanwhile is seen before this ends.
    unsubscribe();
    await drain({
      waiting: () => waitingOf(getState() as State),
      post: (batch) => (dispatch as Dispatch)(post(batch)),
    });
    subscribe();
  },
});

/** As long as a request waits for what was logged before it, and how often it looks, ms. */
const sentPatience = 10_000;
const lookEvery = 60;

/**
 * Waits until what was logged of an athlete is at the server, for a request that hangs on it: a look that was finished a
 * moment ago and is traced now. Not for long, and not without a connection: then the request says what is wrong.
 *
 * @param athleteId of everybody where it is left out
 */
export const whenSent =
  (athleteId?: string): Thunk<Promise<void>> =>
  async (dispatch, state) => {
    dispatch(sendWanted());
    const until = Date.now() + sentPatience;
    const waits = (): boolean =>
      state().pendingEvents.connected &&
      Date.now() < until &&
      waitingOf(state()).some((entry) => !athleteId || entry.athleteId === athleteId);
    while (waits()) await new Promise((rest) => setTimeout(rest, lookEvery));
  };

const again = { forceRefetch: true, subscribe: false } as const;

/**
 * Reads again what of an athlete was read before, once all that was logged of them here is sent: a session that is left
 * open changes what their pages say. What was read stays until then.
 */
export const readAgain =
  (athleteId: string): Thunk<Promise<void>> =>
  async (dispatch, state) => {
    if (!state().pendingEvents.entries.some((entry) => entry.athleteId === athleteId)) return;
    await dispatch(whenSent(athleteId));
    for (const read of Object.values(state().api.queries)) {
      const wish = read?.originalArgs as AthleteWish | undefined;
      if (read?.endpointName === 'athlete' && wish?.id === athleteId)
        void dispatch(api.endpoints.athlete.initiate(wish, again));
    }
  };

/**
 * Takes up what an earlier page left behind and goes on trying.
 *
 * @param prefetch what reads along for later, fetched once the page stands idle
 */
export const resume =
  (prefetch: () => Promise<() => Thunk<Promise<void>>>): Thunk<Promise<() => void>> =>
  async (dispatch, state) => {
    const copies = quickCopy.all();
    // What a tab that was closed had no time to keep.
    await outbox
      .put(...copies)
      .then(() => copies.forEach(({ event }) => quickCopy.drop(event.id)))
      .catch(() => undefined);
    const kept = await outbox.all().catch((): Entry[] => []);
    const known = new Set(kept.map(({ event }) => event.id));
    dispatch(restored([...kept, ...copies.filter(({ event }) => !known.has(event.id))]));
    const stop = keepTrying(() => {
      dispatch(sendWanted());
      if (!state().pendingEvents.connected)
        void dispatch(api.endpoints.authSession.initiate(undefined, again));
    });
    const readAhead = () =>
      void prefetch()
        .then((read) => dispatch(read()))
        .catch(() => undefined);
    const quiet = setTimeout(readAhead, settledMs);
    return () => {
      stop();
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
