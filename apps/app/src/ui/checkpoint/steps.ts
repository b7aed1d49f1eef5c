import {
  flawsFor,
  gradeMeasured,
  limits,
  measurableOf,
  nodeOf,
  normFor,
  phases,
  quickLook,
  screenTestOf,
  symptoms,
  type Findings,
  type Phase,
  type Severity,
  type Whom,
} from '@wrightonic/core';
import { phaseNames } from '../seam/words';
import { texts } from '../texts';

/** How a checkpoint is measured, for this athlete's level. */
export interface PointMeasure {
  name: string;
  unit: string;
  how: string;
  /** The usual range, in words. */
  words: string;
  range: readonly [number, number];
  grade: (value: number) => Severity;
}

export interface LookPoint {
  id: string;
  name: string;
  see: string;
  measure: PointMeasure | null;
  /** Of whatever was measured for it. */
  unit: string | null;
}

/** What is looked at together: a phase, or what the body allows, or where the ball goes. */
export interface LookStep {
  key: Phase | 'body' | 'ball';
  name: string;
  /** Checkpoints of a quick look, or those that are graded already; all of them in a full look. */
  first: LookPoint[];
  /** Everything else that can be looked at here. */
  more: LookPoint[];
}

function measureOf(id: string, whom: Whom): PointMeasure | null {
  const measurable = measurableOf(id);
  const norm = measurable && normFor(measurable.measure, whom);
  if (!measurable || !norm) return null;
  return {
    name: measurable.name,
    unit: measurable.unit,
    how: measurable.how,
    words: texts.usualTo(
      measurable.name,
      norm.low,
      norm.high,
      measurable.unit,
      norm.basis.replace(': edit', ''),
    ),
    range: measurable.range,
    grade: (value) => gradeMeasured(id, value, whom)!.severity,
  };
}

/** A checkpoint, limit or symptom as it is looked at. */
export function pointOf(id: string, whom: Whom): LookPoint {
  const node = nodeOf(id)!;
  const measure = measureOf(id, whom);
  const see = node.type === 'limit' ? node.howMeasured : node.see;
  const unit = node.type === 'limit' ? (screenTestOf(node.test)?.unit ?? node.unit) : (measure?.unit ?? null);
  return { id, name: node.name, see, measure, unit };
}

/**
 * The steps of a look, in the order of the delivery.
 *
 * @param only what a short look is made of; steps without any of it are left out
 */
export function lookSteps(
  kind: 'quick' | 'full',
  findings: Findings,
  whom: Whom,
  only?: readonly string[],
): LookStep[] {
  const quick = new Set(only ?? quickLook[whom.discipline]);
  const first = (id: string) => kind === 'full' || quick.has(id) || id in findings;
  const step = (key: LookStep['key'], name: string, ids: string[]): LookStep => ({
    key,
    name,
    first: ids.filter(first).map((id) => pointOf(id, whom)),
    more: ids.filter((id) => !first(id)).map((id) => pointOf(id, whom)),
  });
  const flaws = flawsFor(whom.discipline);
  const steps = [
    ...phases[whom.discipline].map((phase) =>
      step(
        phase,
        phaseNames[phase]!,
        flaws.filter((flaw) => flaw.phase === phase).map(({ id }) => id),
      ),
    ),
    step(
      'body',
      texts.body,
      limits.map(({ id }) => id),
    ),
    step(
      'ball',
      texts.ball,
      symptoms.map(({ id }) => id),
    ),
  ];
  return only ? steps.filter(({ first: here }) => here.length > 0) : steps;
}
