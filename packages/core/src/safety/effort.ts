/** A throw as far as limits count it. */
export interface CountedThrow {
  /** Effort asked in percent; null when nobody said, which counts as hard. */
  effort: number | null;
  kind: 'game' | 'practice';
}

/** Throws at this effort or more are hard. */
export const hardEffort = 80;

/** An easy throw is asked for below this effort, percent. */
export const mostEasyEffort = hardEffort - 5;

/** @example isHard({ effort: 60, kind: 'practice' }) // false */
export const isHard = ({ effort, kind }: { effort?: number | null | undefined; kind: string }): boolean =>
  kind === 'game' || effort === null || effort === undefined || effort >= hardEffort;

/**
 * How many of the throws are hard and how many easy.
 *
 * @example countThrows([{ effort: 90, kind: 'practice' }, { effort: 60, kind: 'practice' }]) // { hard: 1, easy: 1 }
 */
export function countThrows(thrown: readonly CountedThrow[]): { hard: number; easy: number } {
  const hard = thrown.filter(isHard).length;
  return { hard, easy: thrown.length - hard };
}

/**
 * Throws as an academy counts them: one that counts every throw as hard forgets their effort.
 *
 * @example countedAs([{ effort: 60 }], true) // [ { effort: null } ]
 */
export const countedAs = <T extends { effort?: number | null | undefined }>(
  throws: readonly T[],
  allHard: boolean,
): T[] => (allHard ? throws.map((day) => ({ ...day, effort: null })) : [...throws]);
