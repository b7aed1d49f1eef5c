import type { Solve } from '../build/week/programme';
import { campFaults } from './check';
import { climbed, halfway } from './climb';
import { Timetable, weights } from './cost';
import { polish } from './neighbourhood';
import { repaired } from './repair';
import type { Freedom } from './freedom';
import { anneal } from './search';
import { servedBy } from './served';
import { nowhere, sideBySide, type CampTable } from './table';
import { inSteps, unsaid, type CampInput, type CampWatch } from './types';

/**
 * Of the time to plan in, what the search far and wide takes, with what a change may cost at first in each of its parts; for
 * each second of it, the steps of the simplex method that the solver may take after it; how many of its programmes may change
 * nothing in a row; how often a search looks for the floor that counts allow.
 */
const parts = {
  anew: { share: 0.25, warmths: [6, 1], steps: 1200, inVain: 2, times: 8 },
  again: { share: 0.2, warmths: [0.15, 0.3], steps: 800, inVain: 8, times: 0 },
} as const;
/** Of the time to plan in, what the solver may take in all on a machine that is slow. */
const shareOfSolver = 0.4;
/**
 * Of the time to plan in, what each search for that floor takes; what a change may cost at first; and, of its changes, those
 * of somebody who has less than they must have.
 */
const shareOfAgain = 0.1;
const warmthAgain = 0.5;
const forWhoHasLess = 0.5;
/** Of the time to plan in, what a search for fewer moves takes where there are more than may be made. */
const shareOfFewer = 0.05;

export interface Planning {
  input: CampInput;
  table: CampTable;
  best: readonly number[];
  freedom: Freedom;
  /** The same with every station that may be in a cell: where ages are apart, `freedom` keeps to those of a station's range. */
  anywhere: Freedom;
  solve: Solve;
  watch: CampWatch;
}

/** Where somebody was before, as far as they still may be there. */
function asBefore({ before, present, open, may, settled }: CampTable, a: number, t: number): number {
  const pin = settled[a]![t];
  if (pin !== null && pin !== undefined) return pin;
  const s = before[a]?.[t] ?? nowhere;
  return s >= 0 && present[a]![t] && open[s]![t] && may[a]![s] ? s : nowhere;
}

/**
 * Lays out what was planned before, as far as it still can be, and what is settled.
 *
 * @example layAsBefore(timetable()) // undefined
 */
export function layAsBefore(timetable: Timetable): void {
  const { table, T } = timetable;
  table.athletes.forEach((_, a) => {
    for (let t = 0; t < T; t++) timetable.set(a, t, asBefore(table, a, t));
  });
}

/** A timetable that breaks no rule, with who is at no station and why, and how good it is. */
interface LaidOut {
  timetable: Timetable;
  waiting: readonly string[];
  /** Who is at no station, friends who could be together and are not, and others who are. */
  faults: number;
  floor: number;
  /** Worth of all routes, less what moves cost. */
  value: number;
}

function laidOutSoFar({ table, best, anywhere }: Planning, timetable: Timetable): LaidOut {
  const waiting = repaired(timetable, anywhere);
  const { floor, objective } = servedBy(
    table,
    best,
    table.athletes.map((_, a) => timetable.worth(a)),
  );
  const moves = table.athletes.reduce((sum, _, a) => sum + timetable.ofMovesOf(a), 0);
  const faults = waiting.length + companyFaults(timetable, { ...table, together: sideBySide(table) }).length;
  return { timetable, waiting, faults, floor, value: objective - moves };
}

/** What was planned before, with as few changes as can be, and in how many cells somebody could not stay. */
function asItWas(planning: Planning, { table, least }: Timetable): LaidOut & { lost: number } {
  const timetable = new Timetable(table, least);
  layAsBefore(timetable);
  const lost = table.before.flatMap(
    (row, a) =>
      row?.filter((s, t) => s >= 0 && table.present[a]![t] && timetable.station(a, t) === nowhere) ?? [],
  ).length;
  return { ...laidOutSoFar(planning, timetable), lost };
}

const isBetter = (one: LaidOut, other: LaidOut): boolean =>
  (other.faults - one.faults || one.floor - other.floor || one.value - other.value) > 0;

/** Whether more wait than were to, or company is not kept: then somebody's share may be lower than it was. */
function mustChange({ timetable: { table }, waiting, faults }: LaidOut): boolean {
  const { before, present } = table;
  const waited = before.flatMap((row, a) => row?.filter((s, t) => s === nowhere && present[a]![t]) ?? []);
  return waiting.length > waited.length || faults > waiting.length;
}

/**
 * In words, friends who are not together and others who are.
 *
 * @example companyFaults(timetable()) // []
 */
export const companyFaults = ({ table: own, T, at }: Timetable, table = own): string[] =>
  campFaults(
    table,
    table.athletes.map((_, a) => Array.from(at.subarray(a * T, (a + 1) * T), (s) => (s < 0 ? null : s))),
  ).flatMap(({ rule, words }) => (rule === 'together' || rule === 'apart' ? [words] : []));

/**
 * Lays routes out anew over the slots: first a search that goes far and wide, then rules before the floor, and the floor
 * before all else. Where the floor that counts allow is not reached, one halfway to it is looked for.
 *
 * What was planned before is changed where it must be: not for a higher floor, and not for nothing.
 *
 * @param start routes to begin with, which may break rules; it is changed
 * @param floor that counts allow, 0..1
 * @param enough cost at which nothing is left to be looked for
 * @example laidOut({ input: campInput, table: camp, best: bestAlone(camp), freedom: nobody, anywhere: nobody, solve, watch: unwatched }, timetable(), { floor: 0, enough: Infinity }).floor // 0
 */
export function laidOut(
  planning: Planning,
  start: Timetable,
  { floor, enough }: { floor: number; enough: number },
): LaidOut {
  const { input, table, best, freedom, anywhere, solve, watch } = planning;
  const { seed, seconds, previous } = input;
  const { share, warmths, steps, inVain, times } = previous ? parts.again : parts.anew;
  const nextWatch = inSteps(watch, share + times * shareOfAgain);
  const before = previous ? asItWas(planning, start) : null;
  // Whoever has lost a place is given one first: later on the moves that it takes are spent for more worth.
  const begin = before && before.lost > 0 ? new Timetable(table, start.least, weights.asBefore) : start;
  if (before && begin !== start) begin.lay(before.timetable.at);
  for (const [n, warmth] of warmths.entries()) {
    const takes = share / warmths.length;
    const how = { seed: seed + n, seconds: takes * seconds, warmth, enough, watch: nextWatch(takes) };
    if (anneal(begin, freedom, how) <= enough + 1e-9) break;
  }
  const budget = { steps: steps * seconds, seconds: shareOfSolver * seconds };
  const towards = (goal: number, from: Timetable, n: number, faults = 0): LaidOut => {
    const least = best.map((most) => goal * most);
    const next = new Timetable(table, least, previous ? weights.asBefore : weights.inOrder);
    next.lay(from.at);
    const how = { seed: seed + n, enough: goal === floor ? enough : -Infinity };
    if (!previous && next.total() > how.enough + 1e-9)
      // Rules come first: they are broken by others than those who have less, and kept wherever there is room.
      anneal(next, faults > 0 ? anywhere : freedom, {
        ...how,
        seconds: shareOfAgain * seconds,
        warmth: warmthAgain,
        focus: faults > 0 ? 0 : forWhoHasLess,
        watch: nextWatch(shareOfAgain),
      });
    if (!watch.stopped()) polish(next, solve, { ...how, budget, inVain });
    return laidOutSoFar(planning, next);
  };
  let found = towards(floor, begin, 0);
  if (before) {
    if (found.timetable.movesLeft() < 0) {
      // Room that was made at the end took moves, which others can do without.
      const fewer = new Timetable(table, start.least, weights.asBefore);
      fewer.lay(found.timetable.at);
      // How far the search is was said to its end already.
      const how = {
        seed,
        seconds: shareOfFewer * seconds,
        warmth: warmthAgain,
        enough,
        watch: unsaid(watch),
      };
      anneal(fewer, freedom, how);
      const next = laidOutSoFar(planning, fewer);
      if (next.faults <= found.faults && fewer.movesLeft() > found.timetable.movesLeft()) found = next;
    }
    if (!mustChange(before) && found.floor < before.floor - 1e-9) return before;
    return isBetter(found, before) ? found : before;
  }
  const higher = found.faults === 0 ? climbed(planning, found.floor, floor) : null;
  if (higher?.at) {
    const from = new Timetable(table, start.least);
    from.lay(higher.at);
    const next = towards(higher.floor, from, times);
    if (isBetter(next, found)) found = next;
  }
  const top = higher?.top ?? floor;
  for (let n = 1; n < times && budget.steps > 0 && budget.seconds > 0 && !watch.stopped(); n++) {
    // Somebody who waits for a place is worth more time than a higher floor.
    if (found.faults === 0 && found.floor > top - 1e-9) break;
    // What the solver did not find with everybody at once, a search hardly does.
    if (found.waiting.length === 0 && (watch.late() || (higher?.tried ?? false))) break;
    const next = towards(halfway(found.floor, top), found.timetable, n, found.faults);
    if (isBetter(next, found)) found = next;
  }
  return found;
}
