import type { CampTable } from './table';
import type { CampPlan } from './types';

/** The floor rises by so much. */
export const floorStep = 0.05;

/**
 * How well everybody is served by what their routes are worth.
 *
 * @param best what each could get alone
 * @param worths what the route of each is worth
 * @example servedBy({ athletes: ['a', 'b'] }, [4, 0], [3, 0]).floor // 0.75
 */
export function servedBy(
  { athletes }: Pick<CampTable, 'athletes'>,
  best: readonly number[],
  worths: readonly number[],
): Pick<CampPlan, 'served' | 'floor' | 'objective'> {
  const served = athletes.map((athlete, a) => ({
    athlete,
    share: best[a]! > 0 ? worths[a]! / best[a]! : null,
  }));
  const shares = served.flatMap(({ share }) => share ?? []);
  const steps = Math.floor(Math.min(1, ...shares) / floorStep + 1e-9);
  return {
    served,
    floor: Math.round(100 * steps * floorStep) / 100,
    objective: worths.reduce((sum, worth) => sum + worth, 0),
  };
}
