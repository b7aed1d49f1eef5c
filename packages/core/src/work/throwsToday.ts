import { pitchLimits, type Discipline, type PitchLimitRow } from '../catalogue';

export interface CountedThrow {
  /** Effort asked in percent; null when nobody said, which counts as hard. */
  effort: number | null;
  kind: 'game' | 'practice';
}

export interface ThrowsToday {
  hard: number;
  easy: number;
  /** Hard throws and half of the easy ones. */
  counted: number;
  max: number;
  left: number;
}

/** Throws at this effort or more are hard. */
export const hardEffort = 80;

export const isHard = ({ effort, kind }: CountedThrow): boolean =>
  kind === 'game' || effort === null || effort >= hardEffort;

/** The row of the published table for an age; outside the table the nearest row. */
export function pitchLimitRow(discipline: Discipline, age: number): PitchLimitRow {
  const rows = pitchLimits.filter((row) => row.discipline === discipline);
  return rows.find((row) => age <= row.ageTo) ?? rows.at(-1)!;
}

/** How many of the throws are hard and how many easy. */
export function countThrows(thrown: readonly CountedThrow[]): { hard: number; easy: number } {
  const hard = thrown.filter(isHard).length;
  return { hard, easy: thrown.length - hard };
}

/** What was thrown on a day against the day's maximum for the age; local rules win where they are stricter. */
export function throwsToday(
  discipline: Discipline,
  age: number,
  { hard, easy }: { hard: number; easy: number },
): ThrowsToday {
  const counted = hard + easy / 2;
  const max = pitchLimitRow(discipline, age).maxPerDay;
  return { hard, easy, counted, max, left: Math.max(0, Math.floor(max - counted)) };
}
