import type { Solve } from '../build/week/programme';
import { bestCounts, type Counts } from './countModel';
import { Timetable, weights } from './cost';
import { polish } from './neighbourhood';
import { anneal, type Freedom } from './search';
import { campFaults } from './check';
import { repaired } from './repair';
import { floorStep, servedBy } from './served';
import { campTable, nowhere, type CampTable } from './table';
import { inSteps, unwatched, type CampInput, type CampPlan, type CampWatch } from './types';
import { bestAlone } from './worth';

const steps = Math.round(1 / floorStep);
/** How close the counts are solved, and how long at most, s. */
const countGap = 5e-4;
const countSeconds = 20;
/** Of the time to plan in, what the counts leave to the search at least. */
const searchShare = { anew: 0.25, again: 0.2 };
/** Of it, what the solver may take to lay the routes out anew. */
const shareOfPolish = { anew: 0.35, again: 0.2 };
/** How often a higher floor is looked for, with what part of the time each, and what a change may cost at first. */
const attempts = 8;
const shareOfAgain = 0.1;
const warmthAgain = 0.3;

/** The highest floor that the counts allow, with the best counts that have it. */
function highestFloor(
  table: CampTable,
  best: readonly number[],
  solve: Solve,
): { floor: number; counts: Counts } | null {
  const at = (step: number, whole: boolean) =>
    bestCounts(table, best, solve, {
      floor: step * floorStep,
      whole,
      gap: countGap,
      seconds: countSeconds,
    });
  // Mostly everybody can have all that they could have alone.
  const whole = at(steps, true);
  if (whole) return { floor: 1, counts: whole };
  let [low, high] = [0, steps - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (at(middle, false)) low = middle;
    else high = middle - 1;
  }
  for (let step = low; step >= 0; step--) {
    const counts = at(step, true);
    if (counts) return { floor: step * floorStep, counts };
  }
  return null;
}

/** The cells that may change: where somebody is there and nothing is settled. */
function freedomOf(table: CampTable): Freedom {
  const cells = table.athletes.flatMap((_, a) =>
    table.slots.flatMap((__, t) =>
      table.present[a]![t] && table.settled[a]![t] === null ? [[a, t] as const] : [],
    ),
  );
  return {
    athlete: Int16Array.from(cells.map(([a]) => a)),
    slot: Int16Array.from(cells.map(([, t]) => t)),
    stations: cells.map(([a, t]) =>
      table.stations.flatMap((_, s) => (table.may[a]![s] && table.open[s]![t] ? [s] : [])),
    ),
  };
}

/** Where somebody was before, as far as they still may be there. */
function asBefore({ before, present, open, may, settled }: CampTable, a: number, t: number): number {
  const pin = settled[a]![t];
  if (pin !== null && pin !== undefined) return pin;
  const s = before[a]?.[t] ?? nowhere;
  return s >= 0 && present[a]![t] && open[s]![t] && may[a]![s] ? s : nowhere;
}

/** Lays out what was planned before, and the counts over the other slots, each visit where its station holds the fewest. */
function layOut(timetable: Timetable, visits: readonly (readonly number[])[]): void {
  const { table, T } = timetable;
  table.athletes.forEach((_, a) => {
    for (let t = 0; t < T; t++) timetable.set(a, t, asBefore(table, a, t));
  });
  table.athletes.forEach((_, a) => {
    const left = [...visits[a]!];
    for (let t = 0; t < T; t++) if (timetable.station(a, t) >= 0) left[timetable.station(a, t)]!--;
    for (let t = 0; t < T; t++) {
      if (!table.present[a]![t] || table.settled[a]![t] !== null || timetable.station(a, t) >= 0) continue;
      const room = (s: number) => timetable.count[s * T + t]! / table.capacity[s]!;
      const open = left.flatMap((n, s) => (n > 0 && table.open[s]![t] ? [s] : []));
      if (open.length === 0) continue;
      const chosen = open.reduce((s, other) => (room(other) < room(s) ? other : s));
      timetable.set(a, t, chosen);
      left[chosen]!--;
    }
  });
}

const routesOf = ({ table, T, at }: Timetable): (string | null)[][] =>
  table.athletes.map((_, a) =>
    Array.from({ length: T }, (__, t) => {
      const s = at[a * T + t]!;
      return s < 0 ? null : table.stations[s]!;
    }),
  );

interface Planning {
  input: CampInput;
  table: CampTable;
  best: readonly number[];
  freedom: Freedom;
  solve: Solve;
  watch: CampWatch;
  nextWatch: (takes: number) => CampWatch;
}

/** A timetable that breaks no rule, with who is at no station and why, and how good it is. */
interface LaidOut {
  timetable: Timetable;
  waiting: readonly string[];
  /** Who is at no station, friends who are not together and others who are. */
  faults: number;
  floor: number;
  objective: number;
}

function laidOutSoFar({ table, best, freedom }: Planning, timetable: Timetable): LaidOut {
  const waiting = repaired(timetable, freedom);
  const { floor, objective } = servedBy(
    table,
    best,
    table.athletes.map((_, a) => timetable.worth(a)),
  );
  return { timetable, waiting, faults: waiting.length + companyFaults(timetable).length, floor, objective };
}

const isBetter = (one: LaidOut, other: LaidOut): boolean =>
  (other.faults - one.faults || one.floor - other.floor || one.objective - other.objective) > 0;

/**
 * The last step: rules first, then the floor, then all else. Where the floor that counts allow is not reached, one half way
 * to it is looked for.
 */
function laidOut(
  planning: Planning,
  start: Timetable,
  { floor, enough }: { floor: number; enough: number },
): LaidOut {
  const { input, table, best, freedom, solve, watch, nextWatch } = planning;
  const { seed, seconds, previous } = input;
  let left = (previous ? shareOfPolish.again : shareOfPolish.anew) * seconds;
  const towards = (goal: number, from: Timetable, warmth: number | null, n: number): LaidOut => {
    const least = best.map((most) => goal * most);
    const next = new Timetable(table, least, previous ? weights.asBefore : weights.inOrder);
    next.lay(from.at);
    const how = { seed: seed + n, seconds, enough: goal === floor ? enough : -Infinity };
    if (warmth !== null && next.total() > how.enough + 1e-9)
      anneal(next, freedom, {
        ...how,
        seconds: shareOfAgain * seconds,
        warmth,
        watch: nextWatch(shareOfAgain),
      });
    if (!watch.stopped()) left -= polish(next, solve, { ...how, left });
    return laidOutSoFar(planning, next);
  };
  // What was planned before is not turned over for a higher floor.
  if (previous) return towards(floor, start, null, 0);
  let found = towards(floor, start, warmthAgain, 0);
  for (let n = 1; n < attempts && left > 0 && !watch.stopped(); n++) {
    if (found.floor > floor - 1e-9 && found.faults === 0) break;
    const between = Math.ceil((found.floor + floor) / 2 / floorStep - 1e-9) * floorStep;
    const next = towards(Math.min(floor, between), found.timetable, warmthAgain, n);
    if (isBetter(next, found)) found = next;
  }
  return found;
}

/**
 * A route of their own for everybody: the least share as high as it can be, then as much need served as can be.
 *
 * First counts say how often each athlete should be where, whatever the slot; they give the floor and the bound. Then a
 * search lays them out over the slots, under every rule of the camp.
 *
 * @throws FieldError for input that cannot be used, with its field
 * @example planRoutes({ mode: 'routes', seed: 1, slots: [], stations: [], athletes: [], rules: { ageSpan: null }, seconds: 1 }, solve).routes // []
 */
export function planRoutes(input: CampInput, solve: Solve, watch: CampWatch = unwatched): CampPlan {
  const table = campTable(input);
  const best = bestAlone(table);
  watch.progress('counts', 0);
  const highest = highestFloor(table, best, solve);
  const counts = highest?.counts ?? null;
  const least = best.map((most) => (highest?.floor ?? 0) * most);
  const timetable = new Timetable(table, least);
  const filled =
    highest &&
    bestCounts(table, best, solve, {
      floor: highest.floor,
      whole: true,
      filled: true,
      gap: countGap,
      seconds: countSeconds,
    });
  const visits = (filled ?? counts)?.visits ?? table.athletes.map(() => table.stations.map(() => 0));
  layOut(timetable, visits);
  const freedom = freedomOf(table);
  const enough = counts ? -counts.objective : -Infinity;
  // What was planned before is changed where it must be; a new plan is looked for far and wide.
  const warmths = input.previous ? [0.15, 0.3] : [2, 0.6];
  const share = (input.previous ? searchShare.again : searchShare.anew) / warmths.length;
  const all = warmths.length * share + (input.previous ? 0 : attempts * shareOfAgain);
  const nextWatch = inSteps(watch, all);
  for (const [n, warmth] of warmths.entries()) {
    const how = {
      seed: input.seed + n,
      seconds: share * input.seconds,
      warmth,
      enough,
      watch: nextWatch(share),
    };
    if (anneal(timetable, freedom, how) <= enough + 1e-9) break;
  }
  const { timetable: last, waiting } = laidOut(
    { input, table, best, solve, watch, nextWatch, freedom },
    timetable,
    {
      floor: highest?.floor ?? 0,
      enough,
    },
  );
  return summedUp(input, last, { best, waiting, counts, floor: highest?.floor ?? 0, solve });
}

/** In words, friends who are not together and others who are. */
const companyFaults = ({ table, T, at }: Timetable): string[] =>
  campFaults(
    table,
    table.athletes.map((_, a) => Array.from(at.subarray(a * T, (a + 1) * T), (s) => (s < 0 ? null : s))),
  ).flatMap(({ rule, words }) => (rule === 'together' || rule === 'apart' ? [words] : []));

interface Made {
  best: readonly number[];
  waiting: readonly string[];
  counts: Counts | null;
  floor: number;
  solve: Solve;
}

function summedUp(
  input: CampInput,
  timetable: Timetable,
  { best, waiting, counts, floor, solve }: Made,
): CampPlan {
  const { table } = timetable;
  const worths = table.athletes.map((_, a) => timetable.worth(a));
  const { served, floor: reached, objective } = servedBy(table, best, worths);
  const ofFloor =
    reached >= floor - 1e-9 && counts
      ? counts
      : bestCounts(table, best, solve, { floor: reached, whole: true, gap: countGap, seconds: countSeconds });
  const bound = Math.max(objective, ofFloor?.bound ?? objective);
  const routes = routesOf(timetable).map((stations, a) => ({ athlete: table.athletes[a]!, stations }));
  // Nobody can be taken out of a slot to bring friends together: where the search did not, it is said.
  const company = companyFaults(timetable);
  const nothing = served.filter(({ share }) => share === null).map(({ athlete }) => athlete);
  return {
    routes,
    served,
    floor: reached,
    objective,
    bound,
    gap: bound > 0 ? (bound - objective) / bound : 0,
    moved: movesOf(input, routes),
    limitedBy: [
      ...waiting,
      ...company.map((words) => `${words}.`),
      ...nothing.map(
        (athlete) => `${athlete} needs nothing that this camp has, and is left out of the floor.`,
      ),
    ],
  };
}

/**
 * Where a plan differs from the one before it.
 *
 * @example movesOf(campInput, []) // []
 */
export function movesOf(input: CampInput, routes: CampPlan['routes']): CampPlan['moved'] {
  const before = new Map(input.previous?.map(({ athlete, stations }) => [athlete, stations]));
  return routes.flatMap(({ athlete, stations }) => {
    const were = before.get(athlete);
    if (!were) return [];
    return stations.flatMap((to, t) => {
      const from = were[t] ?? null;
      return from === to ? [] : [{ athlete, slot: input.slots[t]!.id, from, to }];
    });
  });
}
