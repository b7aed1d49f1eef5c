import { catalogueBook, type Drill, type DrillBook, type PainSite } from '../catalogue';
import { locksThrows, type Pain, type ThrowLock, type ThrowState } from './throwState';
import { texts } from './texts';

/**
 * Why a drill is not for an athlete whose throws are locked; null where nothing is thrown or nothing is locked.
 *
 * @example lockedBecause({ throws: 0 }, { since: '2026-06-08', at: '2026-06-08T10:00:00.000Z', site: 'elbow', saidBy: 'Isla' }) // null
 */
export const lockedBecause = ({ throws }: Pick<Drill, 'throws'>, lock: ThrowLock | null): string | null =>
  lock && throws > 0 ? texts.lockedSince(lock.since, lock.site) : null;

/** What else opens or closes drills in a session. */
export interface Openings {
  lock: ThrowLock | null;
  /** Why the athlete may not be given a drill at all. */
  barred?: (drill: Drill) => string | null;
  book?: DrillBook;
}

/**
 * Drills that pain leaves open, and why the others are not. What hurt in the arm and was cleared closes no throw any
 * more; it still closes dry drills that load the place.
 *
 * @param pain what was answered in this session
 * @example allowedWith(null, [drillOf('hip-snap')], { lock: null }).closed // []
 */
export function allowedWith<T extends { drill: string }>(
  pain: Pain | null,
  drills: readonly T[],
  { lock, barred = () => null, book = catalogueBook }: Openings,
): { open: T[]; closed: { drill: Drill; why: string }[] } {
  const open: T[] = [];
  const closed: { drill: Drill; why: string }[] = [];
  for (const each of drills) {
    const drill = book.drill(each.drill);
    if (!drill) continue;
    const hurts = pain?.level === 'pain' && pain.site !== null && drill.avoidWithPainIn.includes(pain.site);
    const cleared = locksThrows(pain) && drill.throws > 0;
    const why =
      barred(drill) ??
      lockedBecause(drill, lock) ??
      (hurts && !cleared ? texts.painForbids(pain.site) : null);
    if (why) closed.push({ drill, why });
    else open.push(each);
  }
  return { open, closed };
}

/** Pain as it was marked on a day. */
export interface DayPain extends Pain {
  /** ISO day. */
  date: string;
}

/**
 * Pain or soreness that holds on a day: the newest word, unless it was that nothing hurts.
 *
 * @example painOn([], '2026-05-01') // null
 */
export function painOn<T extends DayPain>(marked: readonly T[], date: string): T | null {
  const last = marked.filter((pain) => pain.date === date).at(-1);
  return last && last.level !== 'none' ? last : null;
}

/**
 * Why a drill is not for a day at home; null when it is. Only an instructor opens locked throws again.
 *
 * @example lockedAtHome({ throws: 0, avoid: [] }, { lock: null, cleared: null }, [], '2026-05-01') // null
 */
export function lockedAtHome(
  { throws, avoid }: { throws: number; avoid: readonly PainSite[] },
  { lock }: ThrowState,
  marked: readonly DayPain[],
  date: string,
): string | null {
  if (lock && throws > 0) return texts.throwsAreLocked(lock.since, lock.site);
  const pain = painOn(marked, date);
  return pain?.level === 'pain' && pain.site && avoid.includes(pain.site)
    ? texts.notWithPain(pain.site)
    : null;
}
