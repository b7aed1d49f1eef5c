import { flawsFor, phases, type Discipline, type Phase, type Severity } from '../catalogue';
import type { Findings } from './approach';

export interface PhaseRead {
  phase: Phase;
  /** How many checkpoints it has, and how many of them were looked at. */
  checkpoints: number;
  looked: number;
  /** What is wrong here and counts, in the order of the delivery. */
  found: { id: string; grade: Severity }[];
}

export interface PhaseView {
  phases: PhaseRead[];
  /** The first phase in which something that counts is wrong; null when there is none. */
  first: Phase | null;
  /** Phases before it in which not everything was looked at, so that something earlier may yet be broken. */
  unsure: Phase[];
}

/**
 * The delivery in order, for those who fix in order.
 *
 * @param uncounted ids that the approach leaves out, and tactical ones
 * @example phaseView('overhand', findings).first // 'lift'
 */
export function phaseView(
  discipline: Discipline,
  findings: Findings,
  uncounted: readonly string[] = [],
): PhaseView {
  const read = phases[discipline].map((phase): PhaseRead => {
    const here = flawsFor(discipline).filter((flaw) => flaw.phase === phase);
    return {
      phase,
      checkpoints: here.length,
      looked: here.filter(({ id }) => id in findings).length,
      found: here.flatMap(({ id }) =>
        (findings[id] ?? 0) > 0 && !uncounted.includes(id) ? [{ id, grade: findings[id]! }] : [],
      ),
    };
  });
  const at = read.findIndex(({ found }) => found.length > 0);
  return {
    phases: read,
    first: read[at]?.phase ?? null,
    unsure: read
      .slice(0, Math.max(at, 0))
      .filter(({ looked, checkpoints }) => looked < checkpoints)
      .map(({ phase }) => phase),
  };
}
