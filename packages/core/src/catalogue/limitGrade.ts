import type { Limit, Severity } from './types';

/**
 * The grade of a limit at a value, from its thresholds; a value that stands at a threshold has reached it.
 *
 * @param value in the unit of the limit
 * @returns null for a limit that has no thresholds
 * @example limitGrade(limits.find(({ unit }) => unit === 's'), 0) // 3
 */
export function limitGrade(limit: Limit, value: number): Severity | null {
  const steps = [limit.slight, limit.clear, limit.severe];
  if (steps.some((step) => step === null)) return null;
  const worse = (step: number) => (limit.worseWhen === 'below' ? value <= step : value >= step);
  return steps.filter((step) => worse(step!)).length as Severity;
}
