import type { Drill, PainSite } from '../catalogue';
import { texts } from './texts';

/** An injury as far as it holds a plan back. */
export interface PastInjury {
  site: PainSite;
  what: string;
  surgery: boolean;
  /** Somebody cleared it, by name and date. */
  cleared: boolean;
}

/** A past injury here needs a clearance before hard throws; so does any surgery. */
const needsClearance: readonly PainSite[] = ['elbow', 'shoulder', 'back'];

/** Most effort of a throw while an injury is not cleared, percent. */
export const unclearedEffort = 60;

/**
 * The injuries that hold a plan back: elbow, shoulder, back or surgery, without a clearance.
 *
 * @example uncleared([{ site: 'elbow', surgery: false, clearances: [] }]).length // 1
 */
export const uncleared = (history: readonly PastInjury[]): PastInjury[] =>
  history.filter(({ site, surgery, cleared }) => !cleared && (surgery || needsClearance.includes(site)));

interface Whom {
  age: number;
  history: readonly PastInjury[];
}

/**
 * Why an athlete may not be given a drill at all; null where nothing speaks against it. No reason typed by an
 * instructor lifts this: age does, or a clearance that somebody licensed gave.
 *
 * @example barredBecause(drillOf('hip-snap'), { age: 15, history: [] }) // null
 */
export function barredBecause(drill: Drill, { age, history }: Whom): string | null {
  if (age < drill.minAge) return texts.fromAgeOn(drill.minAge);
  const [open] = uncleared(history);
  if (!open) return null;
  const injury = texts.isNotCleared(open.what, open.site);
  if (drill.stage === 'constrain') return texts.noConstraintOrTetherDrills(injury);
  // A throw whose effort nobody names may be a hard one.
  if (drill.throws > 0 && (drill.effort?.to ?? 100) > unclearedEffort)
    return texts.noThrowsAbove(injury, unclearedEffort);
  return null;
}

/**
 * The same history for somebody who may not know of injuries: that throws are restricted, and nothing of what it was.
 * It bars what the whole history bars.
 *
 * @returns one entry without a site, or none where nothing holds the athlete back
 * @example withoutDetail([{ site: 'elbow', what: 'Torn', surgery: false, cleared: false }])[0].what // 'An injury'
 */
export const withoutDetail = (history: readonly PastInjury[]): PastInjury[] =>
  uncleared(history).length ? [{ site: 'other', what: 'An injury', surgery: true, cleared: false }] : [];
