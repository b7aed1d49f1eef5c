import {
  carriedInto,
  nodesFor,
  pairsOf,
  struckNow,
  withCarried,
  type Carried,
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
  /** What the look carries (`carriedInto`). */
  carried: readonly Carried[];
  strikes: readonly StrikeRecord[];
  results: Results | null;
}

/**
 * A look of an athlete as the core traces it; the same in the app and on the server. What belongs to the other
 * delivery, from before somebody changed it, is passed over.
 */
export function traceInputOf({ athlete, approach, look, carried, strikes, results }: Traceable): TraceInput {
  const { discipline, throws, age } = athlete;
  const known = new Set(nodesFor(discipline).map(({ id }) => id));
  const findings: Findings = Object.fromEntries(
    Object.entries(withCarried(look.findings, carried)).filter(([id]) => known.has(id)),
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
    carried: carried.map(({ id }) => id).filter((id) => known.has(id)),
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

/** What a look of a page carries from the looks before it. */
export const carriedBy = (
  { looks, academy }: Pick<AthletePage, 'looks' | 'academy'>,
  look: Pick<LookRecord, 'id' | 'at' | 'date' | 'findings'>,
): Carried[] => carriedInto(look, finishedBefore(looks, look), academy.carryDays);

/** The finished looks before one, oldest first. */
export const finishedBefore = <T extends Pick<LookRecord, 'id' | 'at' | 'finished'>>(
  looks: readonly T[],
  look: Pick<LookRecord, 'id' | 'at'>,
): T[] => looks.filter(({ id, at, finished }) => finished && id !== look.id && at <= look.at);
