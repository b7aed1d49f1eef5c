import type { AthleteOf, AthletePart, Me } from '@wrightonic/contract';
import type { ThrowState } from '@wrightonic/core';
import { useGlobalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { shallowEqual } from 'react-redux';
import { now } from '../offline/clock';
import type { Entry } from '../offline/outbox';
import { painWith, withPendingEvents, withPain, type Here } from '../offline/local';
import { dayAt } from '../ui/words/days';
import { api, type AthleteRead } from './api';
import { useAppSelector } from './store';
import { selectEntries } from './selectors';

/** Whoever is signed in; only behind the door. */
export function useMe(): Me {
  const { data } = api.useAuthSessionQuery();
  if (!data?.me) throw new Error('Nobody is signed in.');
  return data.me;
}

/** The day at the academy, by the clock: what was read before days without a connection says another one. */
export function useToday(): string {
  const { data } = api.useAuthSessionQuery();
  return data?.me ? dayAt(now(), data.me.academy.zone) : '';
}

/** An athlete as a screen knows them: the head, and what its verb shows. */
export type PageOf<P extends AthletePart> = AthleteOf<'head'> & AthleteOf<P>;

export interface AthleteOnScreen<P extends AthletePart> {
  id: string;
  page: PageOf<P> | undefined;
  error: unknown;
  again: () => void;
}

const sameThrows = (a: ThrowState | undefined, b: ThrowState | undefined): boolean =>
  a?.lock?.at === b?.lock?.at && a?.cleared?.at === b?.cleared?.at && (a === undefined) === (b === undefined);

/** What a read does not hold yet of what was logged here. */
const notIn = (entries: readonly Entry[], { readAt }: AthleteRead): Entry[] =>
  entries.filter(({ sentAt }) => sentAt === undefined || sentAt >= readAt);

/** The head and a part of an athlete as they were read, each with what was logged here since. */
function merged<P extends AthletePart>(
  id: string,
  { head, part }: { head: AthleteRead; part: AthleteRead },
  entries: readonly Entry[],
  here: Here,
): PageOf<P> {
  const merged = ({ fields }: AthleteRead, own: readonly Entry[]) => withPendingEvents(id, fields, own, here);
  return { ...merged(head, notIn(entries, head)), ...merged(part, notIn(entries, part)) } as PageOf<P>;
}

function useParts(part: AthletePart) {
  // Of the path, not of the frame: a frame stays when the path goes on to somebody else.
  const { id = '' } = useGlobalSearchParams<{ id: string }>();
  const head = api.useAthleteQuery({ id, part: 'head' });
  const own = api.useAthleteQuery({ id, part }, { skip: part === 'head' });
  const shown = part === 'head' ? head : own;
  // The frame keeps the head that it shows until another has arrived, as the navigator in it would go with it. A verb
  // shows this athlete alone: what was read of the one before must not stand under a new head.
  const headRead = part === 'head' ? head.data : head.currentData;
  const ownRead = part === 'head' ? head.data : own.currentData;
  const read = useMemo(
    () => (headRead && ownRead ? { head: headRead, part: ownRead } : undefined),
    [headRead, ownRead],
  );
  const { person, academy } = useMe();
  const today = dayAt(now(), academy.zone);
  const here = useMemo(
    () => ({ by: person.name, zone: academy.zone, today }),
    [person.name, academy.zone, today],
  );
  return {
    id,
    here,
    read,
    error: head.error ?? shown.error,
    again: () => {
      void head.refetch();
      if (part !== 'head') void own.refetch();
    },
  };
}

function useWith<P extends AthletePart>(part: P, select: (entry: Entry) => boolean): AthleteOnScreen<P> {
  const { id, here, read, error, again } = useParts(part);
  const entries = useAppSelector((state) => selectEntries(state).filter(select), shallowEqual);
  const pain = useAppSelector(
    (state) => read?.head.fields.pain && painWith(id, read.head.fields.pain, selectEntries(state), here),
    sameThrows,
  );
  const page = useMemo(() => {
    if (!read || !pain) return undefined;
    return withPain(merged<P>(id, read, entries, here), pain, here.today);
  }, [id, read, entries, here, pain]);
  return { id, page, error, again };
}

const nothing = (): boolean => false;
const anything = (): boolean => true;
const isChoice = ({ event }: Entry): boolean => event.kind === 'level-chosen' || event.kind === 'cue-chosen';

/**
 * The athlete of the path as the server has it, and whether pain locks the throws; what else is logged meanwhile draws
 * nothing anew.
 */
export const useStoredAthlete = <P extends AthletePart>(part: P): AthleteOnScreen<P> =>
  useWith(part, nothing);

/** The same with the levels and cues that were chosen on this device; a rep draws nothing anew. */
export const useWorkedAthlete = (): AthleteOnScreen<'work'> => useWith('work', isChoice);

/** The athlete of the path, with everything logged on this device. */
export const useAthlete = <P extends AthletePart>(part: P): AthleteOnScreen<P> => useWith(part, anything);

/** An athlete who is not the one of the path. */
export function useOtherAthlete<P extends AthletePart>(id: string, part: P) {
  const head = api.useAthleteQuery({ id, part: 'head' });
  const own = api.useAthleteQuery({ id, part });
  const page = useMemo(
    () =>
      head.currentData && own.currentData
        ? ({ ...head.currentData.fields, ...own.currentData.fields } as PageOf<P>)
        : undefined,
    [head.currentData, own.currentData],
  );
  return { page, error: head.error ?? own.error };
}
