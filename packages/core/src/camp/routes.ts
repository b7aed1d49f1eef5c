import type { Solve } from '../build/week/programme';
import { ageRanges, isInRange } from './ageRanges';
import { bestCounts, type Counts } from './countModel';
import { Timetable } from './cost';
import { companyFaults, laidOut, layAsBefore } from './layout';
import type { Freedom } from './freedom';
import { anneal } from './search';
import { floorStep, servedBy } from './served';
import { agesAreNear, campTable, sideBySide, type CampTable } from './table';
import { unsaid, unwatched, type CampInput, type CampPlan, type CampWatch } from './types';
import { bestAlone } from './worth';
import { texts } from './texts';

const steps = Math.round(1 / floorStep);
/** How close the counts are solved, and how long at most, s. */
const countGap = 5e-4;
const countSeconds = 20;
/** Of the time to plan in, what is tried where anybody may be with anybody near enough in age; what a change may cost at first. */
const shareOfTry = 0.1;
const warmthOfTry = 6;
/** The highest floor that the counts allow, with the best counts that have it. */
function highestFloor(
  table: CampTable,
  best: readonly number[],
  solve: Solve,
  friends = true,
): { floor: number; counts: Counts; friends: boolean } | null {
  const at = (step: number, whole: boolean) =>
    bestCounts(table, best, solve, {
      floor: step * floorStep,
      whole,
      friends,
      gap: countGap,
      seconds: countSeconds,
    });
  // Mostly everybody can have all that they could have alone.
  const whole = at(steps, true);
  if (whole) return { floor: 1, counts: whole, friends };
  let [low, high] = [0, steps - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (at(middle, false)) low = middle;
    else high = middle - 1;
  }
  for (let step = low; step >= 0; step--) {
    const counts = at(step, true);
    if (counts) return { floor: step * floorStep, counts, friends };
  }
  return friends ? highestFloor(table, best, solve, false) : null;
}

/** Whether a station takes somebody in a slot, as far as that does not hang on who else is there. */
type Takes = (a: number, s: number, t: number) => boolean;

/** The cells that may change: where somebody is there and nothing is settled. */
function freedomOf(table: CampTable, takes: Takes): Freedom {
  const cells = table.athletes.flatMap((_, a) =>
    table.slots.flatMap((__, t) =>
      table.present[a]![t] && table.settled[a]![t] === null ? [[a, t] as const] : [],
    ),
  );
  return {
    athlete: Int16Array.from(cells.map(([a]) => a)),
    slot: Int16Array.from(cells.map(([, t]) => t)),
    stations: cells.map(([a, t]) => table.stations.flatMap((_, s) => (takes(a, s, t) ? [s] : []))),
  };
}

/** Lays out what was planned before, and the counts over the other slots, each visit where its station holds the fewest. */
function layOut(timetable: Timetable, visits: readonly (readonly number[])[], takes: Takes): void {
  const { table, T } = timetable;
  layAsBefore(timetable);
  table.athletes.forEach((_, a) => {
    const left = [...visits[a]!];
    for (let t = 0; t < T; t++) if (timetable.station(a, t) >= 0) left[timetable.station(a, t)]!--;
    for (let t = 0; t < T; t++) {
      if (!table.present[a]![t] || table.settled[a]![t] !== null || timetable.station(a, t) >= 0) continue;
      const room = (s: number) => timetable.count[s * T + t]! / table.capacity[s]!;
      const open = left.flatMap((n, s) => (n > 0 && takes(a, s, t) ? [s] : []));
      if (open.length === 0) continue;
      const chosen = open.reduce((s, other) => (room(other) < room(s) ? other : s));
      timetable.set(a, t, chosen);
      left[chosen]!--;
    }
  });
}

interface BeginHow extends Pick<CampInput, 'previous' | 'seed' | 'seconds'> {
  visits: readonly (readonly number[])[];
  enough: number;
  watch: CampWatch;
}

/**
 * Lays out a timetable to begin with, and says whom stations take: anybody who may be there, and of these whoever is of the age
 * that a station takes in a slot. Where there is much room, a search without such ranges finds all that is needed, and sooner.
 */
function begun(
  timetable: Timetable,
  { previous, seed, seconds, visits, enough, watch }: BeginHow,
): { anyAge: Takes; ofAge: Takes } {
  const { table } = timetable;
  const anyAge: Takes = (a, s, t) => table.may[a]![s]! && table.open[s]![t]!;
  layOut(timetable, visits, anyAge);
  // What was planned before keeps to ranges of its own.
  if (previous || agesAreNear(table)) return { anyAge, ofAge: anyAge };
  // How far the search is, the one after it says.
  const how = { seed, seconds: shareOfTry * seconds, warmth: warmthOfTry, enough, watch: unsaid(watch) };
  if (anneal(timetable, freedomOf(table, anyAge), how) <= enough + 1e-9) return { anyAge, ofAge: anyAge };
  const ranges = ageRanges(table, visits, { seed, seconds, watch });
  // Friends of several ages go where they find one another.
  const befriended = new Set(sideBySide(table).flat());
  const ofAge: Takes = (a, s, t) =>
    anyAge(a, s, t) && (befriended.has(a) || isInRange(table, ranges, { a, s, t }));
  layOut(timetable, visits, ofAge);
  return { anyAge, ofAge };
}

const routesOf = ({ table, T, at }: Timetable): (string | null)[][] =>
  table.athletes.map((_, a) =>
    Array.from({ length: T }, (__, t) => {
      const s = at[a * T + t]!;
      return s < 0 ? null : table.stations[s]!;
    }),
  );

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
      friends: highest.friends,
      gap: countGap,
      seconds: countSeconds,
    });
  const visits = (filled ?? counts)?.visits ?? table.athletes.map(() => table.stations.map(() => 0));
  const enough = counts ? -counts.objective : -Infinity;
  const { anyAge, ofAge } = begun(timetable, { ...input, visits, enough, watch });
  const [freedom, anywhere] = [freedomOf(table, ofAge), freedomOf(table, anyAge)];
  const planning = { input, table, best, freedom, anywhere, solve, watch };
  const { timetable: last, waiting } = laidOut(planning, timetable, { floor: highest?.floor ?? 0, enough });
  return summedUp(input, last, {
    best,
    waiting,
    counts,
    floor: highest?.floor ?? 0,
    friends: highest?.friends ?? false,
    solve,
  });
}

interface Made {
  best: readonly number[];
  waiting: readonly string[];
  counts: Counts | null;
  floor: number;
  /** Whether the counts keep friends together. */
  friends: boolean;
  solve: Solve;
}

function summedUp(
  input: CampInput,
  timetable: Timetable,
  { best, waiting, counts, floor, friends, solve }: Made,
): CampPlan {
  const { table } = timetable;
  const worths = table.athletes.map((_, a) => timetable.worth(a));
  const { served, floor: reached, objective } = servedBy(table, best, worths);
  const ofFloor =
    reached >= floor - 1e-9 && counts
      ? counts
      : bestCounts(table, best, solve, {
          floor: reached,
          whole: true,
          friends,
          gap: countGap,
          seconds: countSeconds,
        });
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
      ...nothing.map((athlete) => texts.needsNothingHere(athlete)),
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
