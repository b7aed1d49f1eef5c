import type { AthletePart } from '@wrightonic/contract';

/** What of an athlete is read by itself. */
export const athleteReads = [
  'head',
  'look',
  'trace',
  'build',
  'work',
  'prove',
] as const satisfies AthletePart[];

/** Under which path a part of an athlete is asked for, and kept. */
export const athletePath = (id: string, part: AthletePart): string =>
  `athletes/${id}${part === 'head' ? '' : `/${part}`}`;
