import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import type { LogResponse } from '@wrightonic/contract';
import { listShowing } from './athletePath';
import type { Entry } from './outbox';
import type { Ages } from './responseCache';
import { texts } from './texts';

/**
 * Everything logged on this device that the server may not show yet, oldest first. `waiting` is not sent; what is
 * sent stays until a page that was read afterwards holds it.
 */
interface PendingEvents {
  entries: Entry[];
  waiting: string[];
  /** The browser could not keep an entry; it is in this page alone. */
  unkept: boolean;
  /** What an earlier page left behind was taken up. */
  ready: boolean;
  /** The server answered when it was last asked. */
  connected: boolean;
}

const initialState: PendingEvents = {
  entries: [],
  waiting: [],
  unkept: false,
  ready: false,
  connected: true,
};

/** What the session under way shows; the rest is on the page of the athlete. */
export const inSession = ({ event }: Entry): boolean =>
  'sessionId' in event ? event.sessionId !== null : event.kind === 'session-begun';

/**
 * Whether what was read holds an entry: it was stored before the page was asked for, and before the list that shows it.
 *
 * @param page when the oldest of what the page shows was asked for, ms
 * @param lists when each list was asked for, ms; a list that nobody has read holds nothing back
 */
export const isHeld = ({ sentAt, event }: Entry, page: number, lists: Ages = {}): boolean => {
  const list = listShowing(event.kind);
  return sentAt !== undefined && sentAt < Math.min(page, (list && lists[list]) ?? Infinity);
};

export const pendingEvents = createSlice({
  name: 'pendingEvents',
  initialState,
  reducers: {
    logged: (state, { payload }: PayloadAction<Entry>) => {
      state.entries.push(payload);
      state.waiting.push(payload.event.id);
    },
    /** What an earlier page of this browser left behind. */
    restored: (state, { payload }: PayloadAction<Entry[]>) => {
      const known = new Set(state.entries.map(({ event }) => event.id));
      const fresh = payload.filter(({ event }) => !known.has(event.id));
      state.entries = [...fresh, ...state.entries];
      const open = fresh.filter(({ why, sentAt }) => !why && sentAt === undefined);
      state.waiting = [...open.map(({ event }) => event.id), ...state.waiting];
      state.ready = true;
    },
    answered: (state, { payload }: PayloadAction<{ responses: LogResponse[]; at: number }>) => {
      const byId = new Map(payload.responses.map((answer) => [answer.id, answer]));
      state.waiting = state.waiting.filter((id) => !byId.has(id));
      // Read as they were: only what was answered is drafted, however much waits beside it.
      original(state.entries)?.forEach(({ event }, n) => {
        const answer = byId.get(event.id);
        if (answer?.stored) state.entries[n]!.sentAt = payload.at;
        else if (answer) state.entries[n]!.why = answer.why ?? texts.theServerDidNot;
      });
    },
    /** What was stored before something was read is in what was read. */
    acknowledged: (state, { payload }: PayloadAction<readonly string[]>) => {
      const gone = new Set(payload);
      state.entries = state.entries.filter(({ event }) => !gone.has(event.id));
    },
    connected: (state, { payload }: PayloadAction<boolean>) => {
      state.connected = payload;
    },
    couldNotKeep: (state) => {
      state.unkept = true;
    },
    dismissed: (state, { payload }: PayloadAction<string>) => {
      state.entries = state.entries.filter(({ event }) => event.id !== payload);
    },
  },
});

export const { logged, restored, answered, acknowledged, connected, couldNotKeep, dismissed } =
  pendingEvents.actions;
