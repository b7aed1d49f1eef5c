import { api } from '../store/api';
import type { Thunk } from './send';

/** One after the other, so that what somebody taps meanwhile is not held up. */
async function one(work: Promise<unknown>): Promise<void> {
  await work.catch(() => undefined);
}

const parts = ['head', 'look', 'trace', 'build', 'work', 'prove'] as const;

/** Reads what the day needs while there is a connection: whoever has a lesson, with the session under way. */
export const takeAlong = (): Thunk<Promise<void>> => async (dispatch) => {
  const quietly = { subscribe: false } as const;
  const { endpoints } = api;
  const day = await dispatch(endpoints.lessons.initiate(undefined, quietly)).catch(() => undefined);
  await one(dispatch(endpoints.roster.initiate(undefined, quietly)));
  await one(dispatch(endpoints.drills.initiate(undefined, quietly)));
  for (const id of new Set(day?.data?.map(({ athleteId }) => athleteId) ?? [])) {
    for (const part of parts) await one(dispatch(endpoints.athlete.initiate({ id, part }, quietly)));
    await one(dispatch(endpoints.openSession.initiate(id, quietly)));
  }
};
