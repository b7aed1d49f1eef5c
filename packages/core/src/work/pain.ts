import { catalogueBook, type Drill, type DrillBook, type PainSite } from '../catalogue';

/** What was answered when somebody asked whether anything hurts. */
export interface Pain {
  level: 'none' | 'soreness' | 'pain';
  site: PainSite | null;
}

/** Pain at these places locks every throwing drill of the session. */
const locking: readonly PainSite[] = ['shoulder', 'elbow'];

/** Soreness locks nothing; pain in the shoulder or elbow locks throws. */
export const throwsLocked = (pain: Pain | null): boolean =>
  pain?.level === 'pain' && pain.site !== null && locking.includes(pain.site);

/** What else opens or closes drills in a session. */
export interface Openings {
  /** Somebody licensed cleared the throws of this session, and it was written down who and why. */
  cleared?: boolean;
  /** Why the athlete may not be given a drill at all. */
  barred?: (drill: Drill) => string | null;
  book?: DrillBook;
}

/** Drills that pain leaves open, and why the others are not. */
export function allowedWith<T extends { drill: string }>(
  pain: Pain | null,
  drills: readonly T[],
  { cleared = false, barred = () => null, book = catalogueBook }: Openings = {},
): { open: T[]; closed: { drill: Drill; why: string }[] } {
  const open: T[] = [];
  const closed: { drill: Drill; why: string }[] = [];
  for (const each of drills) {
    const drill = book.drill(each.drill);
    if (!drill) continue;
    const hurts = pain?.level === 'pain' && pain.site !== null && drill.avoidWithPainIn.includes(pain.site);
    const why = barred(drill);
    if (why) closed.push({ drill, why });
    else if (throwsLocked(pain) && !cleared && drill.throws > 0)
      closed.push({ drill, why: `throws are locked: pain in the ${pain!.site}` });
    else if (hurts && !(cleared && drill.throws > 0))
      closed.push({ drill, why: `not with pain in the ${pain!.site}` });
    else open.push(each);
  }
  return { open, closed };
}

/** Pain as it was marked on a day. */
export interface DayPain extends Pain {
  /** ISO day. */
  date: string;
}

/** Pain or soreness that holds on a day: the newest word, unless it was that nothing hurts. */
export function painOn<T extends DayPain>(marked: readonly T[], date: string): T | null {
  const last = marked.filter((pain) => pain.date === date).at(-1);
  return last && last.level !== 'none' ? last : null;
}

/**
 * Why a drill is not for a day at home; null when it is. Pain in an arm does not go away by marking something else
 * afterwards: only an instructor opens throws again, in a session.
 */
export function lockedAtHome(
  { throws, avoid }: { throws: number; avoid: readonly PainSite[] },
  marked: readonly DayPain[],
  date: string,
): string | null {
  const arm = marked.find((pain) => pain.date === date && throwsLocked(pain));
  if (arm && throws > 0) return `Throws are locked today: pain in the ${arm.site}.`;
  const pain = painOn(marked, date);
  return pain?.level === 'pain' && pain.site && avoid.includes(pain.site)
    ? `Not with pain in the ${pain.site}.`
    : null;
}
