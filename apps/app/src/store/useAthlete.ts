import type { AthletePage, Me } from '@wrightonic/contract';
import { useLocalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { now } from '../offline/clock';
import { withJournal } from '../offline/local';
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

/** The athlete of the path as the server has it; what is logged meanwhile draws nothing anew. */
export function useStoredAthlete(): AthleteRead {
  const { id = '' } = useLocalSearchParams<{ id: string }>();
  const { data, error, refetch } = api.useAthleteQuery(id);
  return { id, page: data, error, again: () => void refetch() };
}

/** The athlete of the path, with everything logged on this device. */
export function useAthlete(): AthleteRead {
  const { page: stored, ...rest } = useStoredAthlete();
  const entries = useAppSelector(({ journal }) => journal.entries);
  const { person } = useMe();
  const page = useMemo(
    () => stored && withJournal(stored, entries, person.name),
    [stored, entries, person.name],
  );
  return { ...rest, page };
}
