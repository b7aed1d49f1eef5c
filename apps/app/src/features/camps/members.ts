import type { CampMemberRecord, CheckIn } from '@wrightonic/contract';
import { painWith, type Here } from '../../offline/local';
import type { Entry } from '../../offline/outbox';

/** What of a member is laid over with what was logged on this device. */
export const laidOver = ({ event }: Entry, campId: string): boolean =>
  event.kind === 'pain' ||
  event.kind === 'throws-cleared' ||
  (event.kind === 'camp-checked-in' && event.campId === campId);

/**
 * Members with who was checked in and what hurts, as this device logged it since the camp was read: pain locks the throws
 * at every station before the server has heard of it. The others stay the same objects.
 */
export function membersWith(
  members: readonly CampMemberRecord[],
  entries: readonly Entry[],
  here: Pick<Here, 'by' | 'zone'>,
): CampMemberRecord[] {
  const newest = new Map<string, Map<string, CheckIn>>();
  for (const { event } of entries)
    if (event.kind === 'camp-checked-in') {
      const { athleteId, date, state, restriction, pickedUpBy } = event;
      const own = newest.get(athleteId) ?? new Map<string, CheckIn>();
      newest.set(athleteId, own.set(date, { date, state, restriction, pickedUpBy }));
    }
  return members.map((member) => {
    const { lock } = painWith(member.id, { lock: member.lock, cleared: null }, entries, here);
    const own = newest.get(member.id);
    if (!own && lock === member.lock) return member;
    const checkIns = own
      ? [...member.checkIns.filter(({ date }) => !own.has(date)), ...own.values()]
      : member.checkIns;
    return { ...member, lock, checkIns };
  });
}
