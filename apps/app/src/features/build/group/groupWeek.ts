import { usualWeek, type AthletePage, type WeekDayForm } from '@wrightonic/contract';
import type { DayKind } from '@wrightonic/core';

/** What all of a group have in common on a weekday; null leaves everybody their own. */
export interface SharedDay {
  kind: DayKind;
  minutes: number;
}

/** Everybody's usual week with what the group has in common laid over it. */
export const groupWeek = (
  page: Pick<AthletePage, 'athlete' | 'plan' | 'ahead' | 'academy'>,
  from: string,
  shared: ReadonlyMap<string, SharedDay>,
): WeekDayForm[] =>
  usualWeek(page, from).map((day): WeekDayForm => {
    const common = shared.get(day.date);
    if (!common) return day;
    const atAcademy = common.kind === 'lesson' || common.kind === 'bullpen';
    return {
      ...day,
      ...common,
      pitches: null,
      equipment: atAcademy
        ? [...new Set([...page.academy.equipment, ...page.athlete.equipment])]
        : page.athlete.equipment,
      places: atAcademy ? ['cage', 'mound', 'field'] : common.kind === 'home' ? ['home', 'field'] : ['field'],
    };
  });
