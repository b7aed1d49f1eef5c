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
