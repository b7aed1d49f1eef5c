/** A word on one link for one athlete. */
interface Strike {
  cause: string;
  effect: string;
  struck: boolean;
}

/**
 * The links that are struck now.
 *
 * @param strikes oldest first; of one link the newest counts
 * @example removedNow([{ cause: 'a', effect: 'b', struck: true }, { cause: 'a', effect: 'b', struck: false }]) // []
 */
export function removedNow<T extends Strike>(strikes: readonly T[]): T[] {
  const newest = new Map<string, T>();
  for (const strike of strikes) newest.set(`${strike.cause} ${strike.effect}`, strike);
  return [...newest.values()].filter(({ struck }) => struck);
}

/** @example pairsOf([{ cause: 'oh.lift-stall', effect: 'oh.jump' }]) // [['oh.lift-stall', 'oh.jump']] */
export const pairsOf = (strikes: readonly Pick<Strike, 'cause' | 'effect'>[]): [string, string][] =>
  strikes.map(({ cause, effect }) => [cause, effect]);
