import type { Solve } from '../build/week/programme';
import { exactRoutes } from './exactRoutes';
import { floorStep } from './served';
import type { CampTable } from './table';
import type { CampInput, CampWatch } from './types';

/** Of the time to plan in, what the solver may take for routes of everybody at once; and of how many cells times stations. */
const shareOfExact = 0.4;
const mostExact = 5_000;
/** Of the time that is left for it, what it may take for one floor. */
const shareOfGoal = 0.4;

interface Climb {
  input: CampInput;
  table: CampTable;
  best: readonly number[];
  solve: Solve;
  watch: CampWatch;
}

/**
 * Halfway from a floor to a higher one, in steps.
 *
 * @example halfway(0, 1) // 0.5
 */
export const halfway = (floor: number, higher: number): number =>
  Math.min(higher, Math.ceil((floor + higher) / 2 / floorStep - 1e-9) * floorStep);

/**
 * Routes of everybody at once with a higher floor, each halfway to the highest; where it is known that there are none, no
 * search has to look for them.
 *
 * @param reached floor of the routes that there are
 * @param highest floor that counts allow
 * @returns the routes with the highest floor, or null where there are none that are higher, and the highest floor that may still
 * be had; not tried where it is late, or the camp is too large for it
 * @example climbed({ input: campInput, table: camp, best: bestAlone(camp), solve, watch: unwatched }, 0.5, 0.5) // { at: null, floor: 0.5, top: 0.5, tried: true }
 */
export function climbed(
  { input, table, best, solve, watch }: Climb,
  reached: number,
  highest: number,
): { at: number[] | null; floor: number; top: number; tried: boolean } {
  const { athletes, stations, slots } = table;
  const tried = !watch.late() && athletes.length * stations.length * slots.length <= mostExact;
  let left = tried ? shareOfExact * input.seconds : 0;
  let [at, floor, top, aim]: [number[] | null, number, number, number] = [null, reached, highest, highest];
  while (left > 0 && floor < aim - 1e-9 && !watch.stopped()) {
    const goal = halfway(floor, aim);
    const least = best.map((most) => goal * most);
    // The last that is looked for has what is left.
    const exact = exactRoutes(
      table,
      least,
      solve,
      goal < floor + 1.5 * floorStep ? left : shareOfGoal * left,
    );
    left -= exact.seconds;
    if (exact.impossible) top = goal - floorStep;
    if (exact.at) [at, floor] = [exact.at, goal];
    else aim = goal - floorStep;
  }
  return { at, floor, top, tried };
}
