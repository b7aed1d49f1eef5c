import { campSession, type CampMemberRecord, type CampRecord, type CheckIn } from '@wrightonic/contract';
import {
  boardNames,
  campMoment,
  minutesOf,
  slotsOf,
  slotsOfChange,
  venueInstant,
  venueTimeOf,
  type CampBlock,
  type CampMoment,
} from '@wrightonic/core';
import { useGlobalSearchParams } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { shallowEqual } from 'react-redux';
import { now } from '../../offline/clock';
import type { Entry } from '../../offline/outbox';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { selectEntries } from '../../store/selectors';
import { useAppSelector } from '../../store/store';
import { useMe } from '../../store/useAthlete';
import { dayAt } from '../../ui/words/days';
import { laidOver, membersWith } from './members';

/** Who was checked in elsewhere is seen after this, ms; a new plan is told at once. */
const every = 20_000;
const noEntries: readonly Entry[] = [];
/** Entries that a read does not hold yet. */
const since =
  (readAt: number) =>
  ({ sentAt }: Entry): boolean =>
    sentAt === undefined || sentAt >= readAt;

/** The camp of the path, with who was checked in and what was marked on this device. */
export function useCamp(): {
  id: string;
  camp: CampRecord | undefined;
  /** As it was read: the same object whoever is checked in meanwhile. */
  stored: CampRecord | undefined;
  error: unknown;
  again: () => void;
} {
  const { id = '' } = useGlobalSearchParams<{ id: string }>();
  const { person, academy } = useMe();
  const { currentData, error, refetch } = lazyEndpoints.useCampQuery(id, {
    pollingInterval: every,
    skipPollingIfUnfocused: true,
  });
  const readAt = currentData?.readAt ?? 0;
  const entries = useAppSelector(
    (state) =>
      currentData
        ? selectEntries(state)
            .filter(since(readAt))
            .filter((entry) => laidOver(entry, id))
        : noEntries,
    shallowEqual,
  );
  const camp = useMemo(
    () =>
      currentData && {
        ...currentData.camp,
        members: membersWith(currentData.camp.members, entries, { by: person.name, zone: academy.zone }),
      },
    [currentData, entries, person.name, academy.zone],
  );
  return { id, camp, stored: currentData?.camp, error, again: () => void refetch() };
}

/** How often the clock of a camp is looked at, ms. */
const clockEvery = 5_000;

export interface CampClock extends CampMoment {
  today: string;
  time: string;
}

/** Where the camp is in its day, by the clock of the venue. */
export function useCampClock(blocks: readonly CampBlock[]): CampClock {
  const { zone } = useMe().academy;
  const [time, setTime] = useState(() => `${dayAt(now(), zone)} ${venueTimeOf(now(), zone)}`);
  useEffect(() => {
    const timer = setInterval(() => setTime(`${dayAt(now(), zone)} ${venueTimeOf(now(), zone)}`), clockEvery);
    return () => clearInterval(timer);
  }, [zone]);
  return useMemo(() => {
    const [today, at] = time.split(' ') as [string, string];
    return { ...campMoment(blocks, today, minutesOf(at)), today, time: at };
  }, [blocks, time]);
}

/** The session in which what is logged of an athlete on a day of a camp is kept. */
export const sessionOf = (campId: string, athleteId: string, date: string, zone: string) =>
  campSession(campId, athleteId, venueInstant(date, '00:00', zone));

/** How a camper is called: the family name only where the camp shows it, or for staff. */
export function calledIn(
  { setup, members }: Pick<CampRecord, 'setup' | 'members'>,
  surnames = setup.surnames,
): (id: string) => string {
  const names = boardNames(members, surnames);
  return (id) => names.get(id) ?? '…';
}

/** Where everybody is in a slot: athletes by station; `null` for those at none. */
export function stationsIn(camp: CampRecord, slotId: string): Map<string | null, string[]> {
  const t = camp.plan?.slots.indexOf(slotId) ?? -1;
  const there = new Map<string | null, string[]>(camp.setup.stations.map(({ id }) => [id, []]));
  if (t < 0) return there;
  const awaited = awaitedIn(camp, slotId);
  for (const { athlete, stations } of camp.plan!.routes) {
    if (!awaited.has(athlete)) continue;
    const at = stations[t] ?? null;
    there.set(at, [...(there.get(at) ?? []), athlete]);
  }
  return there;
}

export const stateOn = (member: CampMemberRecord, date: string): CheckIn | undefined =>
  member.checkIns.find((checkIn) => checkIn.date === date);

/** Who is awaited in a slot: between arrival and departure, and not away by what happened. */
export function awaitedIn(camp: CampRecord, slotId: string): Set<string> {
  const slots = slotsOf(camp.setup);
  const place = new Map(slots.map(({ id }, t) => [id, t]));
  const t = place.get(slotId) ?? -1;
  const away = new Set(
    camp.changes.flatMap((change) => (slotsOfChange(change, slots).includes(slotId) ? [change.subject] : [])),
  );
  return new Set(
    camp.members.flatMap(({ id, from, to }) => {
      const first = from === null ? 0 : (place.get(from) ?? 0);
      const last = to === null ? slots.length - 1 : (place.get(to) ?? slots.length - 1);
      return !away.has(id) && t >= first && t <= last ? [id] : [];
    }),
  );
}
