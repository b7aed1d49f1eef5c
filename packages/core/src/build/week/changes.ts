import type { WeekItem } from './types';

/** Sets of a drill on a day before and after a week was planned anew. */
export interface WeekChange {
  drill: string;
  date: string;
  before: number;
  after: number;
}

/**
 * What is different between two weeks, day by day; drills of a day in the order of their ids.
 *
 * @example weekChanges([{ date: '2026-06-08', drill: 'hip-snap', sets: 2 }], []) // [ { drill: 'hip-snap', date: '2026-06-08', before: 2, after: 0 } ]
 */
export function weekChanges(before: readonly WeekItem[], after: readonly WeekItem[]): WeekChange[] {
  const changes = new Map<string, WeekChange>();
  const add = (items: readonly WeekItem[], which: 'before' | 'after') => {
    for (const { date, drill, sets } of items) {
      const key = `${date} ${drill}`;
      const change = changes.get(key) ?? { drill, date, before: 0, after: 0 };
      change[which] += sets;
      changes.set(key, change);
    }
  };
  add(before, 'before');
  add(after, 'after');
  return [...changes]
    .filter(([, change]) => change.before !== change.after)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, change]) => change);
}
