import type { AthletePart, LogKind } from '@wrightonic/contract';

/** What of an athlete is read by itself. */
export const athleteReads = [
  'head',
  'look',
  'trace',
  'build',
  'work',
  'prove',
] as const satisfies AthletePart[];

/** Lists that are read beside the page, each with the kinds of entries that are laid over it until it holds them. */
export const athleteLists = {
  screens: ['screen-begun', 'screen-try', 'screen-finished'],
  throws: ['pitch', 'undo'],
  clips: ['clip-opened', 'clip-told', 'clip-mark', 'clip-drawing', 'clip-motion'],
  curves: ['curves-read'],
} as const satisfies Record<string, LogKind[]>;
export type AthleteList = keyof typeof athleteLists;

/** The list that shows an entry of a kind; undefined where the page itself does. */
export const listShowing = (kind: LogKind): AthleteList | undefined =>
  (Object.keys(athleteLists) as AthleteList[]).find((list) =>
    (athleteLists[list] as readonly LogKind[]).includes(kind),
  );

/** Under which path a part of an athlete or a list is asked for, and kept. */
export const athletePath = (id: string, part: AthletePart | AthleteList): string =>
  `athletes/${id}${part === 'head' ? '' : `/${part}`}`;
