import {
  flawsFor,
  limits,
  nodeOf,
  phases,
  quickLook,
  symptoms,
  type Discipline,
  type Findings,
  type Phase,
} from '@wrightonic/core';
import { phaseNames } from '../../ui/seam/words';

/** What is looked at together: a phase, or what the body allows, or where the ball goes. */
export interface LookStep {
  key: Phase | 'body' | 'ball';
  name: string;
  /** Checkpoints of a quick look, or those that are graded already. */
  first: { id: string; name: string; see: string }[];
  /** Everything else that can be looked at here. */
  more: { id: string; name: string; see: string }[];
}

const shown = (id: string) => {
  const node = nodeOf(id)!;
  return { id, name: node.name, see: node.type === 'limit' ? node.howMeasured : node.see };
};

/** The steps of a look, in the order of the delivery. */
export function lookSteps(discipline: Discipline, findings: Findings): LookStep[] {
  const quick = new Set(quickLook[discipline]);
  const step = (key: LookStep['key'], name: string, ids: string[]): LookStep => ({
    key,
    name,
    first: ids.filter((id) => quick.has(id) || id in findings).map(shown),
    more: ids.filter((id) => !quick.has(id) && !(id in findings)).map(shown),
  });
  const flaws = flawsFor(discipline);
  return [
    ...phases[discipline].map((phase) =>
      step(
        phase,
        phaseNames[phase]!,
        flaws.filter((flaw) => flaw.phase === phase).map(({ id }) => id),
      ),
    ),
    step(
      'body',
      'Body',
      limits.map(({ id }) => id),
    ),
    step(
      'ball',
      'Ball',
      symptoms.map(({ id }) => id),
    ),
  ];
}
