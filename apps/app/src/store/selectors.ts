import { createSelector } from '@reduxjs/toolkit';
import { api } from './api';
import type { State } from './store';

/*
 * What screens ask the store for. What is worked out of it is worked out once for as long as nothing of it changes.
 */

export const selectMe = (state: State) => api.endpoints.authSession.select()(state).data?.me ?? null;

/** Everything logged on this device that the server may not show yet, oldest first. */
export const selectEntries = ({ pendingEvents }: State) => pendingEvents.entries;
const selectWaiting = ({ pendingEvents }: State) => pendingEvents.waiting;
export const selectUnsentCount = (state: State): number => selectWaiting(state).length;
export const selectUnkept = ({ pendingEvents }: State): boolean => pendingEvents.unkept;
export const selectReady = ({ pendingEvents }: State): boolean => pendingEvents.ready;
export const selectConnected = ({ pendingEvents }: State): boolean => pendingEvents.connected;

/** Entries that the server did not take. */
export const selectRefused = createSelector([selectEntries], (entries) =>
  entries.filter(({ why }) => why !== undefined),
);
/** Entries that wait for a connection. */
export const selectUnsent = createSelector([selectEntries, selectWaiting], (entries, waiting) => {
  const open = new Set(waiting);
  return entries.filter(({ event }) => open.has(event.id));
});

export const selectTheme = ({ settings }: State) => settings.theme;
export const selectIntroduced = ({ settings }: State): boolean => settings.introduced;
export const selectTour = ({ settings }: State): number | null => settings.tour;
export const selectSound = ({ settings }: State): boolean => settings.sound;
export const selectGroup = ({ settings }: State) => settings.group;
export const selectFigureSeen = ({ settings }: State, drill: string): boolean =>
  settings.seenFigures.includes(drill);
export const selectRadar = ({ settings }: State) => settings.radar;
/** The constraints that are on, by athlete and drill; null where nobody changed them here. */
export const selectConstraints = ({ settings }: State, key: string): string[] | null =>
  settings.constraints[key] ?? null;
