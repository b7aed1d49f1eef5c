import { useMemo } from 'react';
import type { Entry } from '../offline/outbox';
import { useAppSelector } from './store';
import { selectEntries } from './selectors';

/** What the server has, with everything that this device has logged laid over it; undefined until it is there. */
export function useWithPendingEvents<T, R>(
  stored: T | undefined,
  lay: (stored: T, entries: readonly Entry[]) => R,
): R | undefined {
  const entries = useAppSelector(selectEntries);
  // oxlint-disable-next-line react/exhaustive-deps -- `lay` is made anew with each drawing; its inputs are these.
  return useMemo(() => (stored === undefined ? undefined : lay(stored, entries)), [stored, entries]);
}
