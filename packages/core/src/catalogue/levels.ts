import { norms } from './norms';
import type { Discipline, Norm } from './types';

/** Whom an athlete is set against. */
export const levels = ['youth', '13-14', 'high-school', 'college', 'professional'] as const;
export type Level = (typeof levels)[number];
export type Sex = 'female' | 'male';

/** The level that an age suggests, until somebody says otherwise. */
export function levelAt(age: number): Level {
  if (age < 13) return 'youth';
  if (age < 15) return '13-14';
  return age < 19 ? 'high-school' : 'college';
}

const grown = new Set<string>(['high-school', 'college', 'professional']);

/** The rows of the table speak of single levels, of youth, of high school and above, or of all. */
function speaksOf(row: Norm, level: string): boolean {
  if (row.level === 'all' || row.level === level) return true;
  if (row.level === 'high-school and above') return grown.has(level);
  return row.level === 'youth' && level === '13-14';
}

/**
 * What is usual of a measure; undefined where the table says nothing for this discipline, level and sex.
 *
 * @param level one of `levels`, or a level in the words of the table itself
 */
export const normFor = (
  measure: string,
  whom: { discipline: Discipline; level: string; sex?: Sex | undefined },
): Norm | undefined =>
  norms.find(
    (row) =>
      row.measure === measure &&
      (row.discipline === 'both' || row.discipline === whom.discipline) &&
      (row.sex === 'any' || row.sex === whom.sex) &&
      speaksOf(row, whom.level),
  );
