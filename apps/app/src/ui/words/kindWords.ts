import type { ClipView } from '@wrightonic/contract';
import type { CueOwner, Discipline, Hand, Level, Voice, Weekday } from '@wrightonic/core';

export const handNames: Record<Hand, string> = { R: 'Right', L: 'Left' };
export const disciplineNames: Record<Discipline, string> = { overhand: 'Overhand', windmill: 'Windmill' };

/** An athlete in four words: “15, right, overhand”. */
export const kindWords = (who: { age: number; throws: Hand; discipline: Discipline }): string =>
  `${who.age}, ${handNames[who.throws].toLowerCase()}, ${who.discipline}`;

export const levelNames: Record<Level, string> = {
  youth: 'Youth',
  '13-14': '13 to 14',
  'high-school': 'High school',
  college: 'College',
  professional: 'Professional',
};
export const voiceNames: Record<Voice, string> = {
  plain: 'One plain cue',
  feel: 'What it feels like',
  target: 'Something outside the body',
  detail: 'The full explanation',
};
export const cueOwnerNames: Record<CueOwner, string> = {
  drill: 'The drill’s words',
  instructor: 'Instructor’s words',
  athlete: 'Athlete’s own words',
};
export const weekdayNames: Record<Weekday, string> = {
  mon: 'Mon',
  tue: 'Tue',
  wed: 'Wed',
  thu: 'Thu',
  fri: 'Fri',
  sat: 'Sat',
  sun: 'Sun',
};
/** From where a look or a clip was taken. */
export const viewNames: Record<ClipView, string> = {
  side: 'Side',
  front: 'Front',
  behind: 'Behind',
  above: 'Above',
  other: 'Other',
};
/** The same in a sentence. */
export const seenFromWords: Record<ClipView, string> = {
  side: 'seen from the side',
  front: 'seen from the front',
  behind: 'seen from behind',
  above: 'seen from above',
  other: 'seen from elsewhere',
};
