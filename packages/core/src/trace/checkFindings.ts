import { nodesFor, type Discipline } from '../catalogue';
import { FieldError } from '../units/fieldError';
import type { Findings } from './approach';
import { texts } from './texts';

/**
 * Refuses findings of what a discipline does not have, and grades that are none.
 *
 * @param path of the findings, for the message
 * @throws FieldError with the finding that is wrong
 * @example checkFindings({ 'oh.jump': 2 }, 'overhand') // undefined
 */
export function checkFindings(findings: Findings, discipline: Discipline, path = 'findings'): void {
  const known = new Set(nodesFor(discipline).map(({ id }) => id));
  for (const [id, grade] of Object.entries(findings)) {
    if (!known.has(id)) throw new FieldError(`${path}.${id}`, texts.isNoCheckpointOf(discipline));
    if (![0, 1, 2, 3].includes(grade)) throw new FieldError(`${path}.${id}`, texts.mustBeAGrade);
  }
}
