import type { Discipline, Findings } from '@wrightonic/core';
import { flawsFor, phaseNames, phases, severityNames } from '@wrightonic/core/checkpoints';

export { phaseNames, severityNames };

/**
 * A seam read aloud, phase by phase.
 *
 * @param unnamed flaws are counted and not named
 */
export function seamWords(discipline: Discipline, findings: Findings, unnamed = false): string {
  const flaws = flawsFor(discipline);
  const parts = phases[discipline].map((phase) => {
    const here = flaws.filter((flaw) => flaw.phase === phase);
    const looked = here.filter(({ id }) => id in findings);
    if (looked.length === 0) return `${phaseNames[phase]}: not looked at`;
    const wrong = looked.filter(({ id }) => findings[id]! > 0);
    const named = unnamed
      ? wrong.length && `${wrong.length} to work on`
      : wrong.map(({ id, name }) => `${name}, ${severityNames[findings[id]!]}`).join('; ');
    return `${phaseNames[phase]}: ${looked.length} of ${here.length} looked at, ${named || 'all clean'}`;
  });
  return `${parts.join('. ')}.`;
}
