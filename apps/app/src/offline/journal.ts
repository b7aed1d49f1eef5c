import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { LogAnswer } from '@wrightonic/contract';
import type { Entry } from './outbox';

/**
 * Everything logged on this device that the server may not show yet, oldest first. `waiting` is not sent; what is
 * sent stays until a page that was read afterwards holds it.
 */
interface Journal {
  entries: Entry[];
  waiting: string[];
  /** The browser could not keep an entry; it is in this page alone. */
  unkept: boolean;
}

const initialState: Journal = { entries: [], waiting: [], unkept: false };

export const journal = createSlice({
  name: 'journal',
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
      state.waiting = [...fresh.filter(({ why }) => !why).map(({ event }) => event.id), ...state.waiting];
    },
    answered: (state, { payload }: PayloadAction<LogAnswer[]>) => {
      const why = new Map(
        payload.map((answer) => [answer.id, answer.stored ? undefined : (answer.why ?? '')]),
      );
      state.waiting = state.waiting.filter((id) => !why.has(id));
      for (const entry of state.entries) {
        const reason = why.get(entry.event.id);
        if (reason !== undefined) entry.why = reason;
      }
    },
    couldNotKeep: (state) => {
      state.unkept = true;
    },
    dismissed: (state, { payload }: PayloadAction<string>) => {
      state.entries = state.entries.filter(({ event }) => event.id !== payload);
    },
  },
});

export const { logged, restored, answered, couldNotKeep, dismissed } = journal.actions;
