import {
  nodesFor,
  pairsOf,
  struckNow,
  type Findings,
  type Offer,
  type Results,
  type TraceInput,
} from '@wrightonic/core';
import type { AthletePage, LookRecord, StrikeRecord } from './answers';
import type { FindingDetail } from './log';

interface Traceable {
  athlete: Pick<AthletePage['athlete'], 'discipline' | 'throws' | 'age'>;
  approach: AthletePage['approach'];
  look: Pick<LookRecord, 'findings' | 'details'>;
  strikes: readonly StrikeRecord[];
  results: Results | null;
}

/**
 * A look of an athlete as the core traces it; the same in the app and on the server. What belongs to the other
 * delivery, from before somebody changed it, is passed over.
 */
export function traceInputOf({ athlete, approach, look, strikes, results }: Traceable): TraceInput {
  const { discipline, throws, age } = athlete;
  const known = new Set(nodesFor(discipline).map(({ id }) => id));
  const findings: Findings = Object.fromEntries(
    Object.entries(look.findings).filter(([id]) => known.has(id)),
  );
  const measured = Object.entries(look.details).flatMap(([id, { value, error, source }]) =>
    source === 'screen' && id in findings && typeof value === 'number' && typeof error === 'number'
      ? [[id, { value, error }] as const]
      : [],
  );
  return {
    athlete: { discipline, throws, age, approach },
    findings,
    struck: pairsOf(struckNow(strikes)).filter((pair) => pair.every((id) => known.has(id))),
    measured: Object.fromEntries(measured),
    ...(results ? { results } : {}),
  };
}

/** What an offer leaves beside the grade once it is taken. */
export const detailOfOffer = ({ value, error, severity, from, why }: Offer): FindingDetail => ({
  ...(value === null ? {} : { value }),
  ...(typeof error === 'number' ? { error } : {}),
  derived: severity,
  source: from,
  note: why.slice(0, 500),
});
