import type { CampDayOf } from '@wrightonic/contract';
import { useMemo, useState } from 'react';
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

interface Known {
  of: CampDayOf;
  entries: readonly Entry[];
  day: CampDayOf;
}

const sameEntries = (a: readonly Entry[], b: readonly Entry[]): boolean =>
  a.length === b.length && a.every((entry, n) => entry === b[n]);

/** Lays over each athlete what was logged here; whoever nothing was logged of since the last time stays the same object. */
function daysWith() {
  let known = new Map<string, Known>();
  return (all: readonly CampDayOf[], entries: readonly Entry[]): Map<string, CampDayOf> => {
    const bySession = new Map<string, Entry[]>();
    for (const entry of entries) {
      const { event, why } = entry;
      if (why !== undefined || !('sessionId' in event) || event.sessionId === null) continue;
      const own = bySession.get(event.sessionId);
      if (own) own.push(entry);
      else bySession.set(event.sessionId, [entry]);
    }
    const next = new Map<string, Known>();
    for (const of of all) {
      const own = bySession.get(of.session) ?? noEntries;
      const was = known.get(of.athleteId);
      const same = was && was.of === of && sameEntries(was.entries, own);
      next.set(of.athleteId, same ? was : { of, entries: own, day: own.length ? dayWith(of, own) : of });
    }
    known = next;
    return new Map([...next].map(([athlete, { day }]) => [athlete, day]));
  };
}

/** What was logged of everybody on a day of a camp, here and elsewhere. */
export function useCampDay(campId: string, date: string): { of: Map<string, CampDayOf>; error: unknown } {
  const { currentData, error } = lazyEndpoints.useCampDayQuery(
    { id: campId, date },
    { pollingInterval: every, skipPollingIfUnfocused: true },
  );
  const [lay] = useState(daysWith);
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
  const of = useMemo(() => lay(currentData?.day.athletes ?? none, entries), [lay, currentData, entries]);
  return { of, error };
}
