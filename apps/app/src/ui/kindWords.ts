import type { Discipline, Hand } from '@wrightonic/core';

export const handNames: Record<Hand, string> = { R: 'Right', L: 'Left' };
export const disciplineNames: Record<Discipline, string> = { overhand: 'Overhand', windmill: 'Windmill' };

/** An athlete in four words: “15, right, overhand”. */
export const kindWords = (who: { age: number; throws: Hand; discipline: Discipline }): string =>
  `${who.age}, ${handNames[who.throws].toLowerCase()}, ${who.discipline}`;
