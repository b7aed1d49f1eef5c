import type { ThrowLimits } from '@wrightonic/core';
import { withDays } from './days';

/** Until when nothing hard is thrown, and why; null when throws are open. */
export const restWords = ({ restUntil, because }: ThrowLimits, today: string): string | null =>
  restUntil &&
  withDays(`No hard throws until ${restUntil}: ${because}. Easy throws and dry drills are open.`, today);
