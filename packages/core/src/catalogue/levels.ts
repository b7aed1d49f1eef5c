import { norms } from './norms';
import type { Discipline, Norm } from './types';

/** Whom an athlete is set against. */
export const levels = ['youth', '13-14', 'high-school', 'college', 'professional'] as const;
export type Level = (typeof levels)[number];
export type Sex = 'female' | 'male';

/**
 * The level that an age suggests, until somebody says otherwise.
 *
 * @example levelAt(14) // '13-14'
 */
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

/** Whom a value is set against. */
export interface Whom {
  discipline: Discipline;
  /** One of `levels`, or a level in the words of the table itself. */
  level: string;
  sex?: Sex | undefined;
  /** The academy's own table; the catalogue's when left out. */
  norms?: readonly Norm[] | undefined;
}

/**
 * Names a row of the table.
 *
 * @example normKey({ measure: 'stride', discipline: 'overhand', level: 'high-school', sex: null }) // 'stride overhand high-school '
 */
export const normKey = ({
  measure,
  discipline,
  level,
  sex,
}: Omit<Norm, 'low' | 'high' | 'unit' | 'basis'>): string => [measure, discipline, level, sex].join(' ');

/** What an academy made of a row: another range with its own source, or back to the catalogue's with null. */
export interface NormEdit {
  key: string;
  range: { low: number; high: number; basis: string } | null;
}

/** Every row of the catalogue's table. */
export const normKeys = norms.map(normKey);

const made = new WeakMap<readonly NormEdit[], readonly Norm[]>();

/**
 * The table with what an academy made of it; edits oldest first, the newest of a row counts. The same list gives the same table.
 *
 * @example normsWith([]) === norms // true
 */
export function normsWith(edits: readonly NormEdit[]): readonly Norm[] {
  if (edits.length === 0) return norms;
  const known = made.get(edits);
  if (known) return known;
  const newest = new Map(edits.map(({ key, range }) => [key, range]));
  const table = norms.map((row) => ({ ...row, ...newest.get(normKey(row)) }));
  made.set(edits, table);
  return table;
}

/**
 * What is usual of a measure; undefined where the table says nothing for this discipline, level and sex.
 *
 * @example normFor('no such measure', { discipline: 'overhand', level: 'high-school', sex: null, norms }) // undefined
 */
export const normFor = (measure: string, whom: Whom): Norm | undefined =>
  (whom.norms ?? norms).find(
    (row) =>
      row.measure === measure &&
      (row.discipline === 'both' || row.discipline === whom.discipline) &&
      (row.sex === 'any' || row.sex === whom.sex) &&
      speaksOf(row, whom.level),
  );

/**
 * The level somebody wrote down, else the one that the age suggests.
 *
 * @example levelOf({ level: null, age: 17 }) // 'high-school'
 */
export const levelOf = ({ level, age }: { level: Level | null; age: number }): Level => level ?? levelAt(age);

/**
 * Whom the values of an athlete are set against, in the academy's own table.
 *
 * @param edits what the academy takes for usual, oldest first
 * @example whomOf({ discipline: 'overhand', level: null, age: 15, sex: null }, []).level // 'high-school'
 */
export const whomOf = (
  athlete: { discipline: Discipline; level: Level | null; age: number; sex: Sex | null },
  edits: readonly NormEdit[],
): Whom & { level: Level } => ({
  discipline: athlete.discipline,
  level: levelOf(athlete),
  sex: athlete.sex ?? undefined,
  norms: normsWith(edits),
});
