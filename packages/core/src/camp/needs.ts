import { trace } from '../trace';
import type { Camper, CampStation } from './types';

/** A root with at least this share of the picture is worth a station. */
const worthATenth = 0.1;

/**
 * How much an athlete needs each station: what was said of them, or from what was found 3 for a station that treats a
 * focus, 2 for a flaw with at least a tenth of the picture, 1 for any other that is present; the highest counts.
 *
 * @returns by station, 0 where it treats nothing of theirs
 * @throws RangeError for findings that cannot be traced, with the field
 * @example needsOf({ age: 15, discipline: 'overhand', throws: 'R', needs: { cage: 2 } }, [{ id: 'cage', treats: [] }]) // [ 2 ]
 */
export function needsOf(
  camper: Pick<Camper, 'needs' | 'findings' | 'discipline' | 'throws' | 'age'>,
  stations: readonly Pick<CampStation, 'id' | 'treats'>[],
): number[] {
  const { needs, findings, discipline, throws, age } = camper;
  if (!findings) return stations.map(({ id }) => needs?.[id] ?? 0);
  const { focus, roots } = trace({ athlete: { discipline, throws, age }, findings, runs: 0 });
  const share = new Map(roots.map((root) => [root.id, root.share]));
  const weight = (flaw: string): number => {
    if (flaw === focus.lower || flaw === focus.arm) return 3;
    if ((share.get(flaw) ?? 0) >= worthATenth) return 2;
    return (findings[flaw] ?? 0) > 0 ? 1 : 0;
  };
  return stations.map(({ treats }) => Math.max(0, ...treats.map(weight)));
}
