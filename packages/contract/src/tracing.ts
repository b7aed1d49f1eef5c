import { pairsOf, struckNow, type Offer, type Results, type TraceInput } from '@wrightonic/core';
import type { AthletePage, LookRecord, StrikeRecord } from './answers';
import type { FindingDetail } from './log';

interface Traceable {
  athlete: Pick<AthletePage['athlete'], 'discipline' | 'throws' | 'age'>;
  approach: AthletePage['approach'];
  look: Pick<LookRecord, 'findings' | 'details'>;
  strikes: readonly StrikeRecord[];
  results: Results | null;
}

/** A look of an athlete as the core traces it; the same in the app and on the server. */
export function traceInputOf({ athlete, approach, look, strikes, results }: Traceable): TraceInput {
  const { discipline, throws, age } = athlete;
  const measured = Object.entries(look.details).flatMap(([id, { value, error, source }]) =>
    source === 'screen' && id in look.findings && typeof value === 'number' && typeof error === 'number'
      ? [[id, { value, error }] as const]
      : [],
  );
  return {
    athlete: { discipline, throws, age, approach },
    findings: look.findings,
    struck: pairsOf(struckNow(strikes)),
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
