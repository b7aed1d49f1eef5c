import { isHard, type DayThrows } from '../safety';
import { mondayOf } from '../units';

export interface ThrowWeek {
  /** Its Monday. */
  week: string;
  hard: number;
  easy: number;
}

/**
 * Throws per week, weeks without any left out.
 *
 * @example throwWeeks([{ date: '2026-05-06', count: 12, kind: 'practice', effort: 90 }]) // [ { week: '2026-05-04', hard: 12, easy: 0 } ]
 */
export function throwWeeks(days: readonly DayThrows[]): ThrowWeek[] {
  const weeks = new Map<string, ThrowWeek>();
  for (const day of days) {
    const week = mondayOf(day.date);
    const so = weeks.get(week) ?? { week, hard: 0, easy: 0 };
    const hard = isHard(day);
    weeks.set(week, {
      week,
      hard: so.hard + (hard ? day.count : 0),
      easy: so.easy + (hard ? 0 : day.count),
    });
  }
  return [...weeks.values()].sort((a, b) => a.week.localeCompare(b.week));
}
