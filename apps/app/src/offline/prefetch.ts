import { addDays, dayAt } from '@wrightonic/core/day';
import { api } from '../store/api';
import { lazyEndpoints } from '../store/lazyEndpoints';
import { athleteReads } from './athletePath';
import { athletesToPrefetch, isSparing, type Device } from './toPrefetch';
import { now } from './clock';
import type { Thunk } from './send';
import { selectMe } from '../store/selectors';
import type { Dispatch } from '../store/store';

/** A breath between two requests, so that what somebody taps meanwhile is not held up, ms. */
const breath = 100;
/** One after the other, so that what somebody taps meanwhile is not held up. */
async function one<T>(work: Promise<T>): Promise<T | undefined> {
  const done = await work.catch(() => undefined);
  await new Promise((later) => setTimeout(later, breath));
  return done;
}

/** The camps that run today, with what is logged at them: boards and groups go on without a connection. */
async function prefetchCamps(dispatch: Dispatch, today: string): Promise<void> {
  const quietly = { subscribe: false } as const;
  const { camps, camp, campDay } = lazyEndpoints.endpoints;
  const all = await one(dispatch(camps.initiate(undefined, quietly)));
  for (const { id, firstDay, lastDay } of all?.data ?? [])
    if (firstDay <= today && today <= lastDay) {
      await one(dispatch(camp.initiate(id, quietly)));
      await one(dispatch(campDay.initiate({ id, date: today }, quietly)));
    }
}

/** Reads what today and tomorrow need while there is a connection: whoever has a lesson, with the session under way. */
export const prefetch = (): Thunk<Promise<void>> => async (dispatch, state) => {
  const me = selectMe(state());
  if (!me) return;
  const quietly = { subscribe: false } as const;
  const { endpoints } = api;
  await prefetchCamps(dispatch, dayAt(now(), me.academy.zone));
  if (me.person.campId) return;
  const day = await one(dispatch(endpoints.lessons.initiate(undefined, quietly)));
  await one(dispatch(endpoints.roster.initiate(undefined, quietly)));
  await one(dispatch(endpoints.drills.initiate(undefined, quietly)));
  const tomorrow = addDays(dayAt(now(), me.academy.zone), 1);
  const next = await one(
    dispatch(lazyEndpoints.endpoints.diary.initiate({ from: tomorrow, days: 1 }, quietly)),
  );
  for (const id of athletesToPrefetch([...(day?.data ?? []), ...(next?.data ?? [])], me.person.id)) {
    if (await isSparing(navigator as Device)) return;
    for (const part of athleteReads) await one(dispatch(endpoints.athlete.initiate({ id, part }, quietly)));
    await one(dispatch(endpoints.openSession.initiate(id, quietly)));
  }
};
