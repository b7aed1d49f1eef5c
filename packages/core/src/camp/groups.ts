import { FieldError } from '../units/fieldError';
import type { Solve } from '../build/week/programme';
import { groupFaults, groupsByAge, mustHold, parties, type GroupSizes, type Turns } from './groupings';
import { lawful, turnsBound } from './rotation';
import { floorStep, servedBy } from './served';
import { betterTurns, type SearchHow } from './turns';
import { ofFloor } from './rotating';
import { nowhere, type CampTable } from './table';
import { inSteps, unwatched, type CampWatch } from './types';
import { bestAlone, routeWorth } from './worth';
import { texts } from './texts';

/** Groups with the stations that each goes through. */
export interface Rotation {
  /** Athletes of each group, by position. */
  members: number[][];
  /** Station by group and slot, `nowhere` for none. */
  stations: number[][];
  /** Of the rotation for these groups. */
  bound: number;
}

/**
 * Where one athlete of a group is: what is settled is their own, and where they are not there they are nowhere.
 *
 * @example wayOf(camp, 0, [0, 1, 2, 3, 4]) // [0, 1, 2, 3, 4]
 */
export const wayOf = (
  { settled, present, may }: CampTable,
  a: number,
  stations: readonly number[],
): number[] =>
  stations.map((s, t) => settled[a]![t] ?? (present[a]![t] && s >= 0 && may[a]![s] ? s : nowhere));

/** Those who went the same way, group by group, as far as anything was planned. */
function sameWays({ before, slots }: CampTable): number[][] {
  const ways: { way: number[]; group: number[] }[] = [];
  before.forEach((route, a) => {
    if (!route || route.every((s) => s === nowhere)) return;
    // Somebody who came later or left went the same way for as long as they were there.
    const same = ways.find(({ way }) =>
      slots.every((_, t) => route[t] === nowhere || way[t] === nowhere || route[t] === way[t]),
    );
    if (!same) return void ways.push({ way: [...route], group: [a] });
    same.group.push(a);
    route.forEach((s, t) => s !== nowhere && (same.way[t] = s));
  });
  return ways.map(({ group }) => group);
}

/**
 * The groups that there were, where a camp is planned anew, with friends side by side. Whoever is new joins their friends,
 * or the group of their age.
 *
 * @returns null where nothing was planned, or for another number of groups
 */
function groupsBefore(
  table: CampTable,
  { count, max }: GroupSizes,
  known: readonly (readonly number[])[] | null,
): number[][] | null {
  const { ages } = table;
  const groups = (known ?? sameWays(table)).map((group) => [...group]);
  if (groups.length === 0 || groups.length > count) return null;
  while (groups.length < count) groups.push([]);
  const spread = (group: readonly number[], party: readonly number[]) => {
    const all = [...group, ...party].map((b) => ages[b]!);
    return Math.max(...all) - Math.min(...all);
  };
  for (const party of parties(table)) {
    const theirs = groups.find((group) => party.some((a) => group.includes(a)));
    const room = (group: readonly number[]) => Number(group.length + party.length > max);
    const [nearest] = [...groups].sort(
      (x, y) => room(x) - room(y) || spread(x, party) - spread(y, party) || x.length - y.length,
    );
    const joined = theirs ?? nearest!;
    for (const group of groups)
      if (group !== joined) group.splice(0, group.length, ...group.filter((a) => !party.includes(a)));
    joined.push(...party.filter((a) => !joined.includes(a)));
  }
  return groups;
}

/**
 * Sizes of groups for all of which there is a station at once: as large as the stations, the largest ones first, hold them,
 * and as large as any of these asks for. The sizes that were wished where that cannot be.
 */
function thatFit(table: CampTable, sizes: GroupSizes): GroupSizes {
  const holds = table.stations
    .map((_, s) => ({ capacity: table.capacity[s]!, minimum: table.minimum[s]! }))
    .sort((x, y) => y.capacity - x.capacity)
    .slice(0, sizes.count);
  const max = Math.min(sizes.max, ...holds.map(({ capacity }) => capacity));
  const min = Math.min(max, Math.max(sizes.min, ...holds.map(({ minimum }) => minimum)));
  const people = table.athletes.length;
  return people <= sizes.count * max && people >= sizes.count * min ? { ...sizes, min, max } : sizes;
}

interface RotateHow {
  solve: Solve;
  seed: number;
  seconds: number;
  watch?: CampWatch;
  /** The groups that there were; null where they are known by their ways. */
  known?: readonly (readonly number[])[] | null;
}

/** Parts of the time: the first search, each that raises the floor, the last, and what proves how close it is. */
const part = { first: 0.25, raise: 0.1, last: 0.2, again: 0.15, proof: 0.3 };
/** What a change may cost at the beginning and the end of a search, points of worth. */
const warmth = { first: [12, 0.1], raise: [3, 0.1], last: [1, 0.05] } as const;
/** The floor that is looked for first, searches that raise it, and by how much they try. */
const firstFloor = 0.5;
const raises = 3;
const raiseBy = 0.1;

/** Turns as they are kept, under every rule, with what they give. */
interface Kept extends Turns {
  floor: number;
  objective: number;
  /** Slots in which a group is at no station though somebody of it is there. */
  idle: number;
}

function kept(table: CampTable, best: readonly number[], turns: Turns): Kept {
  const stations = lawful(table, turns);
  const worths = table.athletes.map(() => 0);
  turns.members.forEach((group, g) =>
    group.forEach((a) => (worths[a] = routeWorth(table.need[a]!, wayOf(table, a, stations[g]!)))),
  );
  const { floor, objective } = servedBy(table, best, worths);
  const here = (g: number, t: number) => turns.members[g]!.some((a) => table.present[a]![t]);
  const idle = stations.flatMap((route, g) => route.filter((s, t) => s < 0 && here(g, t))).length;
  return { ...turns, stations, floor, objective, idle };
}

/** Fewer slots at no station come first, then the floor, then what all of it is worth. */
const isBetter = (one: Kept, other: Kept): boolean =>
  (other.idle - one.idle || one.floor - other.floor || one.objective - other.objective) > 0;

/** Turns to begin with: each group one station further in each slot. */
const inOrder = ({ slots, stations }: CampTable, groups: number): number[][] => {
  const round = Math.max(groups, stations.length);
  const at = (g: number, t: number) => ((g + t) % round < stations.length ? (g + t) % round : nowhere);
  return Array.from({ length: groups }, (_, g) => slots.map((__, t) => at(g, t)));
};

/** Where each group went before, as far as anything was planned. */
function asBefore({ slots, before }: CampTable, members: readonly (readonly number[])[]): number[][] {
  const taken = slots.map(() => new Set<number>());
  return members.map((group) =>
    slots.map((_, t) => {
      const s = group.map((a) => before[a]?.[t] ?? nowhere).find((each) => each >= 0) ?? nowhere;
      if (s < 0 || taken[t]!.has(s)) return nowhere;
      taken[t]!.add(s);
      return s;
    }),
  );
}

/** What was planned for groups, with what that would give now. */
function started(table: CampTable, best: readonly number[], members: readonly (readonly number[])[]): Kept {
  const stations = asBefore(table, members);
  return { ...kept(table, best, { members, stations }), stations };
}

type Search = (
  start: Turns,
  floor: number,
  how: Pick<SearchHow, 'seconds' | 'warmth' | 'regroup' | 'sizes' | 'ofMissing'>,
) => Kept;

/** A rotation for those who were grouped before: as they went, with as few moves as can be. */
function rotateAgain(table: CampTable, search: Search, sizes: GroupSizes, before: Kept): Kept {
  // A group that shrank stays a group.
  const how = { seconds: part.again, warmth: warmth.last, sizes: { ...sizes, min: 0 } };
  const faulty = groupFaults(table, before.members, how.sizes) > 0;
  const same = search(before, before.floor, { ...how, regroup: faulty });
  if (same.idle === 0) return same;
  // Who is in which group is changed only where that brings a group to a station.
  const changed = search(before, before.floor, { ...how, regroup: true });
  return changed.idle < same.idle ? changed : same;
}

/** A rotation from the beginning: a first search for what all of it is worth, then some that raise the floor. */
function rotateAnew(table: CampTable, search: Search, sizes: GroupSizes, watch: CampWatch): Kept {
  const members = groupsByAge(table, sizes.count);
  const start = { members, stations: inOrder(table, members.length) };
  let found = search(start, firstFloor, { seconds: part.first, warmth: warmth.first, regroup: true, sizes });
  let by = raiseBy;
  for (let n = 0; n < raises && !watch.stopped(); n++) {
    const floor = Math.min(1, found.floor + by);
    const next = search(found, floor, { seconds: part.raise, warmth: warmth.raise, regroup: true, sizes });
    if (isBetter(next, found)) found = next;
    else by = Math.max(floorStep, by / 2);
  }
  return found;
}

/** Turns of groups that stay as they are, with the highest floor for which `allowed` holds, and then all else. */
function raised(found: Kept, search: Search, sizes: GroupSizes, allowed: (floor: number) => boolean): Kept {
  const floorFirst = { ofMissing: ofFloor.first, regroup: false, sizes };
  let best = found;
  while (best.floor < 1 && allowed(best.floor + floorStep)) {
    const next = search(best, best.floor + floorStep, {
      ...floorFirst,
      seconds: part.raise,
      warmth: warmth.raise,
    });
    if (!isBetter(next, best)) break;
    best = next;
  }
  const last = search(best, best.floor, { ...floorFirst, seconds: part.last, warmth: warmth.last });
  return isBetter(last, best) ? last : best;
}

/**
 * Groups that rotate: who is with whom, and where each group is in each slot, are searched for as one; the bound is that of
 * the rotation for the groups that were found.
 *
 * @throws FieldError where no groups keep the rules
 * @example rotate(camp, { count: 6, min: 3, max: 4 }, { solve, seed: 1, seconds: 1 }).members.length // 6
 */
export function rotate(
  table: CampTable,
  sizes: GroupSizes,
  { solve, seed, seconds, watch = unwatched, known = null }: RotateHow,
): Rotation {
  const best = bestAlone(table);
  const people = table.athletes.length;
  // Who comes on the day is let in, though the groups are full.
  const widened = { ...sizes, max: Math.max(sizes.max, Math.ceil(people / sizes.count)) };
  const before = groupsBefore(table, widened, known);
  if (!before) mustHold(sizes, people);
  const all = before ? 2 * part.again : part.first + raises * part.raise + part.last;
  const nextWatch = inSteps(watch, all);
  let searches = 0;
  const search: Search = (start, floor, how) => {
    const turns = betterTurns(table, start, {
      ...how,
      seed: seed + searches++,
      seconds: how.seconds * seconds,
      least: best.map((most) => floor * most),
      watch: nextWatch(how.seconds),
    });
    return kept(table, best, turns);
  };
  const bound = (members: Kept['members'], floor: number, whole: boolean): number | null =>
    turnsBound({ table, best, solve }, members, { floor, whole, seconds: part.proof * seconds });
  const anew = (): Kept => {
    const first = rotateAnew(table, search, thatFit(table, sizes), watch);
    return raised(
      first,
      search,
      sizes,
      (floor) => !watch.stopped() && bound(first.members, floor, true) !== null,
    );
  };
  const found = before ? rotateAgain(table, search, widened, started(table, best, before)) : anew();
  const members = found.members.map((group) => [...group]);
  if (groupFaults(table, members, before ? { ...widened, min: 0 } : sizes) > 0)
    throw new FieldError('rules', texts.noGroupsKeepSizes);
  const stations = found.stations.map((route) => [...route]);
  if (!before && stations.flat().every((s) => s < 0))
    throw new FieldError('stations', texts.noStationCanHold);
  const boundWith = (floor: number) => [false, true].flatMap((whole) => bound(members, floor, whole) ?? []);
  // Whole numbers prove more, if their time is enough. Whoever came from another group may have less there than the floor.
  const proven = boundWith(found.floor);
  return { members, stations, bound: Math.min(...(proven.length ? proven : boundWith(0))) };
}
