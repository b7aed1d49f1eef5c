import { daysBetween } from '../units';
import type { History } from './history';

/** Days on which an athlete was away. */
export interface Break {
  /** The last day before it, and the first one after it; null while it lasts. */
  from: string;
  to: string | null;
  days: number;
}

/** From this many days on without work somebody was away. */
export const awayFrom = 21;

/**
 * Spans of 21 days or more in which nothing was worked, thrown or looked at, oldest first.
 *
 * @param active ISO days on which something was, in any order
 * @param today ISO day up to which the last span counts
 * @example breaksOf(['2026-05-01', '2026-05-22'], '2026-05-30') // [ { from: '2026-05-01', to: '2026-05-22', days: 21 } ]
 */
export function breaksOf(active: readonly string[], today: string): Break[] {
  const days = [...new Set(active)].filter((day) => day <= today).sort();
  return days.flatMap((from, n): Break[] => {
    const to = days[n + 1] ?? null;
    const span = daysBetween(from, to ?? today);
    return span >= awayFrom ? [{ from, to, days: span }] : [];
  });
}

/** A short look after an absence, of what had been put right before it. */
export interface ShortRelook {
  away: Break;
  ids: string[];
}

/**
 * The short look that an absence of 21 days or more asks for, until a look has been finished since; null where there was
 * no such absence, or nothing had been kept before it.
 *
 * @param breaks as of `breaksOf`
 * @param looked days of finished looks
 * @example shortRelook(breaksOf(['2026-05-01'], '2026-05-22'), ['2026-05-01'], ['oh.jump'])?.ids // [ 'oh.jump' ]
 */
export function shortRelook(
  breaks: readonly Break[],
  looked: readonly string[],
  kept: History['kept'],
): ShortRelook | null {
  const away = breaks.at(-1);
  if (!away || kept.length === 0) return null;
  const since = looked.some((day) => day > away.from);
  return since ? null : { away, ids: [...kept] };
}
