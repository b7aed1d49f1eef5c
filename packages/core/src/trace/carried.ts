import { nodeOf, type Severity } from '../catalogue';
import { daysBetween } from '../units';
import type { Findings } from './approach';

/** A grade of an earlier look that still counts. */
export interface Carried {
  id: string;
  grade: Severity;
  /** The day on which it was given. */
  date: string;
}

/** As long a grade is carried where the academy does not say otherwise, days. */
export const carriedFor = 28;
/** With fewer checkpoints looked at, and nothing carried, a look cannot be judged yet. */
export const fewestLookedAt = 8;

/**
 * What a look carries: everything graded lately that was not looked at again, the newest grade of each.
 *
 * @param look the look, with the day on which it was taken
 * @param earlier finished looks, oldest first; those after the look are passed over
 * @param days how long a grade is carried, the last day included
 * @example carriedInto({ date: '2026-05-10', findings: {} }, [{ date: '2026-05-01', findings: { 'oh.lift-stall': 2 } }], 28).length // 1
 */
export function carriedInto(
  look: { date: string; findings: Findings },
  earlier: readonly { date: string; findings: Findings }[],
  days: number,
): Carried[] {
  const carried = new Map<string, Carried>();
  for (const { date, findings } of earlier) {
    const age = daysBetween(date, look.date);
    if (age < 0 || age > days) continue;
    for (const [id, grade] of Object.entries(findings))
      if (!(id in look.findings)) carried.set(id, { id, grade, date });
  }
  return [...carried.values()];
}

/**
 * What a look comes to with what it carries.
 *
 * @example withCarried({ 'oh.lift-stall': 2 }, [{ id: 'oh.glove-pull', severity: 1, date: monday }]) // { 'oh.glove-pull': undefined, 'oh.lift-stall': 2 }
 */
export const withCarried = (findings: Findings, carried: readonly Carried[]): Findings => ({
  ...Object.fromEntries(carried.map(({ id, grade }) => [id, grade])),
  ...findings,
});

/**
 * Whether somebody looked at the delivery: a physical screen alone is no look, nor is where the ball went.
 *
 * @example isLook({ 'sym.miss-high': 2 }) // false
 */
export const isLook = (findings: Findings): boolean =>
  Object.keys(findings).some((id) => nodeOf(id)?.type === 'flaw');

/** A look with when it was taken, its day at the venue, its grades, and whether it was finished. */
export interface FinishedLook {
  id: string;
  at: string;
  date: string;
  findings: Findings;
  finished: boolean;
}

/**
 * The look that holds: the newest finished one in which somebody looked at the delivery, and whether nothing was marked
 * in it, what it carries included.
 *
 * @param looks oldest first
 * @param days how long a grade is carried
 * @returns no look, and clean, where there is none
 * @example lookThatHolds([{ date: monday, finished: true, findings }], 28).clean // false
 */
export function lookThatHolds<T extends Omit<FinishedLook, 'id' | 'at'>>(
  looks: readonly T[],
  days: number,
): { look: T | undefined; clean: boolean } {
  const at = looks.findLastIndex(({ finished, findings }) => finished && isLook(findings));
  const look = looks[at];
  if (!look) return { look, clean: true };
  const earlier = looks.slice(0, at).filter(({ finished }) => finished);
  const merged = withCarried(look.findings, carriedInto(look, earlier, days));
  return { look, clean: Object.values(merged).every((grade) => grade === 0) };
}

/**
 * Whether a look says too little to be judged: fewer than eight checkpoints, and nothing carried.
 *
 * @example tooThin({ 'oh.lift-stall': 2 }, []) // true
 */
export const tooThin = (findings: Findings, carried: readonly Carried[]): boolean =>
  carried.length === 0 &&
  Object.keys(findings).filter((id) => nodeOf(id)?.type === 'flaw').length < fewestLookedAt;
