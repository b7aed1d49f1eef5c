import type { LogEvent, LogKind, EventOf } from '@wrightonic/contract';
import { v7 } from 'uuid';
import { now } from './clock';
import { logged } from './pendingEvents';
import { whoIs, type Thunk } from './send';

type Fields<K extends LogKind> = Omit<EventOf<K>, 'id' | 'at' | 'kind'>;

/**
 * The one way in for whatever is logged: it is shown at once, kept by the browser, then sent in order.
 *
 * @param known its id, where it has one already: a reading that two devices take is one throw; and its time, where two
 *   devices say the same of it
 * @returns the id of the event
 */
export const log =
  <K extends LogKind>(
    athleteId: string,
    kind: K,
    fields: Fields<K>,
    known?: string | { id: string; at: string },
  ): Thunk<string> =>
  (dispatch, state) => {
    const at = now();
    const told = typeof known === 'string' ? { id: known } : known;
    const event = {
      id: v7({ msecs: at.getTime() }),
      at: at.toISOString(),
      ...told,
      kind,
      ...fields,
    } as unknown as LogEvent;
    dispatch(logged({ event, athleteId, personId: whoIs(state()) ?? '' }));
    return event.id;
  };
