import type { DayKind } from '@wrightonic/core';
import type { StripDay } from '../../../ui/WeekStrip/WeekStrip';

export const dayKindNames: Readonly<Record<DayKind, string>> = {
  lesson: 'Lesson',
  home: 'Home',
  team: 'Team practice',
  bullpen: 'Bullpen',
  game: 'Game',
  off: 'Off',
};

/** A day of a week as the strip shows it. */
export const stripDay = (date: string, kind: DayKind, drills: number): StripDay => ({
  date,
  count: kind === 'off' ? null : drills,
  words: `${dayKindNames[kind]}${kind === 'off' ? '' : `, ${drills} ${drills === 1 ? 'drill' : 'drills'}`}`,
});
