import type { DayKind } from '@wrightonic/core';

export const dayKindNames: Readonly<Record<DayKind, string>> = {
  lesson: 'Lesson',
  home: 'Home',
  team: 'Team practice',
  bullpen: 'Bullpen',
  game: 'Game',
  off: 'Off',
};
