import type { PainSite } from '../catalogue';
import { addDays } from '../units/day';
import { countedAs, countThrows, type CountedThrow } from './effort';
import { texts } from './texts';

/** What was answered when somebody asked whether anything hurts. */
export interface Pain {
  level: 'none' | 'soreness' | 'pain';
  site: PainSite | null;
}

/** Pain at these places locks every throw. */
export const lockingSites: readonly PainSite[] = ['shoulder', 'elbow'];

/**
 * Soreness locks nothing; pain in the shoulder or elbow locks throws.
 *
 * @example [locksThrows({ level: 'pain', score: 4, site: 'elbow' }), locksThrows({ level: 'sore', score: 2, site: 'elbow' })] // [ true, false ]
 */
export const locksThrows = (pain: Pain | null): boolean =>
  pain?.level === 'pain' && pain.site !== null && lockingSites.includes(pain.site);

/** Pain as somebody marked it. */
export interface PainReport extends Pain {
  /** Instant, ISO in UTC. */
  at: string;
  /** The day at the venue. */
  date: string;
  /** Who wrote it down. */
  by: string;
}

/** An instructor or owner opened the throws again. */
export interface Clearance {
  /** Instant, ISO in UTC. */
  at: string;
  /** The day at the venue. */
  date: string;
}

/** Throws are locked: a state of the athlete, whatever is answered later, until it is cleared by name. */
export interface ThrowLock {
  /** The day on which it was marked. */
  since: string;
  /** The instant, ISO in UTC. */
  at: string;
  site: PainSite;
  saidBy: string;
}

/** Whether an athlete may throw, as far as pain decides it. */
export interface ThrowState {
  lock: ThrowLock | null;
  /** The newest clearance; null without one. */
  cleared: Clearance | null;
}

export const openThrows: ThrowState = { lock: null, cleared: null };

/**
 * Whether an athlete's throws are locked: by the first pain in elbow or shoulder after the newest clearance.
 *
 * @param reports of sessions and of home, in any order
 * @example throwStateOf([], []) // { lock: null, cleared: null }
 */
export function throwStateOf(reports: readonly PainReport[], clearances: readonly Clearance[]): ThrowState {
  const last = clearances.reduce<Clearance | null>(
    (newest, each) => (newest === null || each.at > newest.at ? each : newest),
    null,
  );
  const [first] = reports
    .filter((report) => locksThrows(report) && (last === null || report.at > last.at))
    .sort((a, b) => (a.at < b.at ? -1 : 1));
  return {
    lock: first ? { since: first.date, at: first.at, site: first.site!, saidBy: first.by } : null,
    cleared: last,
  };
}

/**
 * A state with one more report; one from before the newest clearance is old.
 *
 * @example withReport(openThrows, { level: 'pain', score: 4, site: 'elbow', at: '2026-05-01T16:00:00Z', date: '2026-05-01', by: 'Sam' }).lock?.site // 'elbow'
 */
export const withReport = (state: ThrowState, report: PainReport): ThrowState =>
  state.lock || !locksThrows(report) || (state.cleared && report.at <= state.cleared.at)
    ? state
    : { ...state, lock: { since: report.date, at: report.at, site: report.site!, saidBy: report.by } };

/**
 * A state with one more clearance; it opens what was locked before it.
 *
 * @example withClearance(openThrows, { at: '2026-05-01T16:00:00Z', date: '2026-05-01' }).lock // null
 */
export const withClearance = (state: ThrowState, cleared: Clearance): ThrowState =>
  state.cleared && cleared.at <= state.cleared.at
    ? state
    : { lock: state.lock && state.lock.at > cleared.at ? state.lock : null, cleared };

/** What of a day's limits hangs on the state. */
interface LockedLimits {
  maxToday: number;
  thrownToday: number;
  restUntil: string | null;
  leftToday: number;
  lock: ThrowLock | null;
  easyOnly: boolean;
}

const leftOf = ({
  maxToday,
  thrownToday,
  restUntil,
  lock,
}: Pick<LockedLimits, 'maxToday' | 'thrownToday' | 'restUntil' | 'lock'>): number =>
  lock || restUntil ? 0 : Math.max(0, Math.floor(maxToday - thrownToday));

/**
 * The limits of a day under another state, as a device shows them before it reads them anew.
 *
 * @example limitsUnder(throwLimits({ ...week, on: monday }), openThrows, monday).lock // null
 */
export const limitsUnder = <T extends LockedLimits>(limits: T, state: ThrowState, on: string): T => ({
  ...limits,
  lock: state.lock,
  easyOnly: easyOnlyOn(state, on),
  leftToday: leftOf({ ...limits, lock: state.lock }),
});

/** What of a day's limits hangs on what was thrown. */
interface ThrownLimits extends Pick<
  LockedLimits,
  'maxToday' | 'thrownToday' | 'restUntil' | 'leftToday' | 'lock'
> {
  hardToday: number;
  easyToday: number;
}

/**
 * The limits of a day with throws that they do not hold yet, as a device shows them before it reads them anew.
 *
 * @param allHard the academy counts every throw as a hard one
 * @example limitsAfter(throwLimits({ ...week, on: monday }), [{ effort: 90, kind: 'practice' }, { effort: 60, kind: 'practice' }], false).thrownToday // 1.5
 */
export function limitsAfter<T extends ThrownLimits>(
  limits: T,
  thrown: readonly CountedThrow[],
  allHard: boolean,
): T {
  if (thrown.length === 0) return limits;
  const { hard, easy } = countThrows(countedAs(thrown, allHard));
  const after = {
    ...limits,
    hardToday: limits.hardToday + hard,
    easyToday: limits.easyToday + easy,
    thrownToday: limits.thrownToday + hard + easy / 2,
  };
  return { ...after, leftToday: leftOf(after) };
}

/**
 * Why no throw may be made, with the day as it was written.
 *
 * @example lockWords({ site: 'elbow', since: '2026-05-01', saidBy: 'Sam' }).slice(0, 36) // 'Throws are locked since 2026-05-01: '
 */
export const lockWords = ({ site, since, saidBy }: ThrowLock): string =>
  texts.throwsAreLockedBy(since, site, saidBy);

/** The day of the clearance and so many days after it hold easy throws only. */
const easyDays = 1;

/**
 * Whether a day after a lock is for easy throws only.
 *
 * @example easyOnlyOn({ lock: null, cleared: { at: '2026-05-01T16:00:00Z', date: '2026-05-01' } }, '2026-05-02') // true
 */
export const easyOnlyOn = ({ cleared }: ThrowState, date: string): boolean =>
  cleared !== null && date >= cleared.date && date <= addDays(cleared.date, easyDays);
