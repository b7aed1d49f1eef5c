import type { CampDayOf } from '@wrightonic/contract';
import { useMemo } from 'react';
import { shallowEqual } from 'react-redux';
import type { Entry } from '../../../offline/outbox';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { selectEntries } from '../../../store/selectors';
import { useAppSelector } from '../../../store/store';
import { dayWith } from './campLog';

/** What others log is seen after this, ms. */
const every = 20_000;
const none: readonly CampDayOf[] = [];
const noEntries: readonly Entry[] = [];

/** What was logged of everybody on a day of a camp, here and elsewhere. */
export function useCampDay(campId: string, date: string): { of: Map<string, CampDayOf>; error: unknown } {
  const { currentData, error } = lazyEndpoints.useCampDayQuery(
    { id: campId, date },
    { pollingInterval: every, skipPollingIfUnfocused: true },
  );
  const readAt = currentData?.readAt ?? 0;
  const sessions = useMemo(
    () => new Set((currentData?.day.athletes ?? none).map(({ session }) => session)),
    [currentData],
  );
  const entries = useAppSelector(
    (state) =>
      sessions.size === 0
        ? noEntries
        : selectEntries(state).filter(
            ({ event, sentAt }) =>
              (sentAt === undefined || sentAt >= readAt) &&
              'sessionId' in event &&
              event.sessionId !== null &&
              sessions.has(event.sessionId),
          ),
    shallowEqual,
  );
  const of = useMemo(() => dayWith(currentData?.day.athletes ?? none, entries), [currentData, entries]);
  return { of, error };
}
