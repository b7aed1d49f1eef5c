import type { AthletePage, Me } from '@wrightonic/contract';
import type { ThrowState } from '@wrightonic/core';
import { useGlobalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { shallowEqual } from 'react-redux';
import { now } from '../offline/clock';
import type { Entry } from '../offline/outbox';
import { painWith, withJournal, withPain } from '../offline/local';
import { dayAt } from '../ui/days';
import { api } from './api';
import { useAppSelector } from './store';

/** Whoever is signed in; only behind the door. */
export function useMe(): Me {
  const { data } = api.useSessionQuery();
  if (!data?.me) throw new Error('Nobody is signed in.');
  return data.me;
}

/** The day at the academy, by the clock: what was read before days without a connection says another one. */
export function useToday(): string {
  const { data } = api.useSessionQuery();
  return data?.me ? dayAt(now(), data.me.academy.zone) : '';
}

export interface AthleteRead {
  id: string;
  page: AthletePage | undefined;
  error: unknown;
  again: () => void;
}

const sameThrows = (a: ThrowState | undefined, b: ThrowState | undefined): boolean =>
  a?.lock?.at === b?.lock?.at && a?.cleared?.at === b?.cleared?.at && (a === undefined) === (b === undefined);

/**
 * The athlete of the path as the server has it, and whether pain locks the throws; what else is logged meanwhile draws
 * nothing anew.
 */
export function useStoredAthlete(): AthleteRead {
  // Of the path, not of the frame: a frame stays when the path goes on to somebody else.
  const { id = '' } = useGlobalSearchParams<{ id: string }>();
  const { data, error, refetch } = api.useAthleteQuery(id);
  const { person, academy } = useMe();
  const pain = useAppSelector(
    ({ journal }) => data && painWith(data, journal.entries, { by: person.name, zone: academy.zone }),
    sameThrows,
  );
  const today = dayAt(now(), academy.zone);
  const page = useMemo(() => data && pain && withPain(data, pain, today), [data, pain, today]);
  return { id, page, error, again: () => void refetch() };
}

const isChoice = ({ event }: Entry): boolean => event.kind === 'level-chosen' || event.kind === 'cue-chosen';

/** The same with the levels and cues that were chosen on this device; a rep draws nothing anew. */
export function useWorkedAthlete(): AthleteRead {
  const { page: stored, ...rest } = useStoredAthlete();
  const choices = useAppSelector(({ journal }) => journal.entries.filter(isChoice), shallowEqual);
  const { person, academy } = useMe();
  const page = useMemo(
    () => stored && withJournal(stored, choices, { by: person.name, zone: academy.zone }),
    [stored, choices, person.name, academy.zone],
  );
  return { ...rest, page };
}

/** The athlete of the path, with everything logged on this device. */
export function useAthlete(): AthleteRead {
  const { page: stored, ...rest } = useStoredAthlete();
  const entries = useAppSelector(({ journal }) => journal.entries);
  const { person, academy } = useMe();
  const page = useMemo(
    () => stored && withJournal(stored, entries, { by: person.name, zone: academy.zone }),
    [stored, entries, person.name, academy.zone],
  );
  return { ...rest, page };
}
