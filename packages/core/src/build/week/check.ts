import { excluded, weekdayName } from './day';
import { layOut, valuesOf } from './layout';
import { broken, type Rule } from './programme';
import type { WeekInput, WeekItem } from './types';
import { texts } from './texts';

/**
 * What a week breaks that somebody laid out by hand, such as after a drill was dragged to another day. The rules are
 * the rows of the programme by which weeks are planned.
 *
 * @example checkWeek(week, [item]).map(({ kind }) => kind) // [ 'habit', 'habit' ]
 */
export function checkWeek(input: WeekInput, items: readonly WeekItem[]): Rule[] {
  if (input.days.length === 0) return [];
  const unpinned = { ...input, pins: [] };
  const layout = layOut(unpinned, false);
  const misplaced = items.flatMap((item): Rule[] => {
    const candidate = input.candidates.find(({ drill }) => drill.id === item.drill);
    const day = input.days.find(({ date }) => date === item.date);
    if (!candidate) return [];
    if (!day)
      return [{ kind: 'time', words: texts.isNotInThisWeek(weekdayName(item.date)), date: item.date }];
    const why = excluded(candidate, day, input);
    return why ? [why] : [];
  });
  return [...misplaced, ...broken(layout.programme, valuesOf(unpinned, layout, items))];
}
