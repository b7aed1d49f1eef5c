import { velocityIn, type VelocityUnit } from '../units';
import { writeTable } from './csv';

/** One athlete's change over a span, velocities in m/s. */
export interface ProgressRow {
  givenName: string;
  familyName: string;
  verdict: string;
  sessions: number;
  before: number | null;
  after: number | null;
  needed: number | null;
  simulated: number;
  home: { assigned: number; done: number; late: number };
}

const figure = (value: number | null, unit: VelocityUnit): number | null =>
  value === null ? null : Math.round(velocityIn(value, unit) * 100) / 100;

/**
 * Everybody's change over a span as a table, in the unit of whoever reads it.
 *
 * @example writeProgress([], 'mph').trim() // 'given_name,family_name,verdict,sessions,before_mph,after_mph,change_mph,smallest_real_change_mph,simulated,home_assigned,home_done,home_late'
 */
export function writeProgress(rows: readonly ProgressRow[], unit: VelocityUnit): string {
  const of = unit === 'mph' ? 'mph' : 'kmh';
  return writeTable(
    [
      'given_name',
      'family_name',
      'verdict',
      'sessions',
      `before_${of}`,
      `after_${of}`,
      `change_${of}`,
      `smallest_real_change_${of}`,
      'simulated',
      'home_assigned',
      'home_done',
      'home_late',
    ],
    rows.map(({ givenName, familyName, verdict, sessions, before, after, needed, simulated, home }) => [
      givenName,
      familyName,
      verdict,
      sessions,
      figure(before, unit),
      figure(after, unit),
      before === null || after === null ? null : figure(after - before, unit),
      figure(needed, unit),
      simulated,
      home.assigned,
      home.done,
      home.late,
    ]),
  );
}
