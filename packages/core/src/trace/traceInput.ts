import { nodesFor, type Discipline, type Hand } from '../catalogue';
import type { Approach } from './approach';
import { carriedInto, withCarried, type Carried, type FinishedLook } from './carried';
import type { Results } from './leaveAlone';
import { pairsOf, removedNow } from './removedLinks';
import type { Findings } from './approach';
import type { TraceInput } from './trace';

/** A look with what its traces hang on. */
export interface Traceable {
  athlete: { discipline: Discipline; throws: Hand; age: number };
  approach: Approach;
  look: {
    findings: Findings;
    /** Where a grade came from, and of a measured one the value with what it may be off by. */
    details: Readonly<Record<string, { value?: number | null; error?: number | null; source?: string }>>;
  };
  /** What the look carries (`carriedInto`). */
  carried: readonly Carried[];
  /** Links left out for this athlete and taken up again, oldest first. */
  strikes: readonly { cause: string; effect: string; struck: boolean }[];
  results: Results | null;
}

/**
 * A look of an athlete as the core traces it; the same in the app and on the server. What belongs to the other
 * delivery, from before somebody changed it, is passed over.
 *
 * @example traceInputOf({ athlete, approach: traced.approach, look: { findings, details: {} }, carried: [], strikes: [], results: null }).removedLinks // []
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
    removedLinks: pairsOf(removedNow(strikes)).filter((pair) => pair.every((id) => known.has(id))),
    measured: Object.fromEntries(measured),
    carried: carried.map(({ id }) => id).filter((id) => known.has(id)),
    ...(results ? { results } : {}),
  };
}

/**
 * What a look of a page carries from the looks before it.
 *
 * @example carriedBy({ looks: [], academy: { carryDays: 28 } }, { id: 'a', date: monday, at: '2026-06-08T16:00:00Z', findings }) // []
 */
export const carriedBy = (
  { looks, academy }: { looks: readonly FinishedLook[]; academy: { carryDays: number } },
  look: Omit<FinishedLook, 'finished'>,
): Carried[] => carriedInto(look, finishedBefore(looks, look), academy.carryDays);

/**
 * The finished looks before one, oldest first.
 *
 * @example finishedBefore([{ id: 'a', at: '2026-05-01T16:00:00Z', finished: true }, { id: 'b', at: '2026-05-02T16:00:00Z', finished: false }], { id: 'c', at: '2026-06-08T16:00:00Z' }).map(({ id }) => id) // [ 'a' ]
 */
export const finishedBefore = <T extends Pick<FinishedLook, 'id' | 'at' | 'finished'>>(
  looks: readonly T[],
  look: Pick<FinishedLook, 'id' | 'at'>,
): T[] => looks.filter(({ id, at, finished }) => finished && id !== look.id && at <= look.at);
