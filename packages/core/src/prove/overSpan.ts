import type { SessionVelocity } from '../measure/velocity';
import { areAlike, sameLike } from '../measure/velocity';
import { betweenSessions, changeAgainst, type VelocityChange } from './realChange';

/**
 * The sessions whose throws are alike and like those of the newest one, which can be set against each other.
 *
 * @param sessions in order of their days
 * @example comparableSessions(sessionsOfMay).length // 5
 */
export const comparableSessions = (sessions: readonly SessionVelocity[]): SessionVelocity[] => {
  const last = sessions.at(-1);
  return last ? sessions.filter((each) => sameLike(each.like, last.like) && areAlike(each)) : [];
};

/** What became of an athlete's usual velocity over a span of days. */
export type SpanChange =
  | { verdict: 'faster' | 'slower' | 'unchanged'; change: VelocityChange; simulated: number }
  | { verdict: 'one session' | 'not measured'; change: null; simulated: number };

/** What is compared of a span, however it was found. */
export interface SpanEnds {
  /** First and last of the sessions in the span that can be set against each other; null where there is none. */
  first: SessionVelocity | null;
  last: SessionVelocity | null;
  /** Pretend velocities of the span. */
  simulated: number;
  /** How far such sessions wander (`betweenSessions`), m/s. */
  between: number;
}

/**
 * What became of the velocity between two ends of a span.
 *
 * @example spanChange({ first: null, last: null, simulated: 0, between: 0.3 }).verdict // 'not measured'
 */
export function spanChange({ first, last, simulated, between }: SpanEnds): SpanChange {
  if (!first || !last) return { verdict: 'not measured', change: null, simulated };
  if (first.date === last.date) return { verdict: 'one session', change: null, simulated };
  const change = changeAgainst(first, last, between);
  const verdict = !change.real ? 'unchanged' : change.change > 0 ? 'faster' : 'slower';
  return { verdict, change, simulated };
}

/**
 * The change between the first and the last session of a span, held against the smallest real one. How far sessions
 * wander is told from all that are known, also those before the span.
 *
 * @param sessions in order of their days
 * @param from first day of the span
 * @param to last day of it
 * @example changeOver(sessionsOfMay, '2026-05-01', '2026-06-01').verdict // 'faster'
 */
export function changeOver(sessions: readonly SessionVelocity[], from: string, to: string): SpanChange {
  const until = sessions.filter(({ date }) => date <= to);
  const like = comparableSessions(until);
  const inside = like.filter(({ date }) => date >= from);
  const simulated = inside.reduce((sum, each) => sum + each.simulated, 0);
  return spanChange({
    first: inside[0] ?? null,
    last: inside.at(-1) ?? null,
    simulated,
    between: betweenSessions(like),
  });
}
