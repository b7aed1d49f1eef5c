import { FieldError } from '../units/fieldError';
import type { Solve } from '../build/week/programme';
import { groupFaults, groupsFor, type GroupSizes } from './groupings';
import { bestRotation, sameRotation } from './rotation';
import { servedBy } from './served';
import { nowhere, type CampTable } from './table';
import { unwatched, type CampWatch } from './types';
import { bestAlone, routeWorth } from './worth';

/** Groups with the stations that each goes through. */
export interface Rotation {
  /** Athletes of each group, by position. */
  members: number[][];
  /** Station by group and slot, `nowhere` for none. */
  stations: number[][];
  /** Of the rotation for these groups. */
  bound: number;
}

/** What a group's stations give one of its athletes: where they are not there yet, nothing. */
const worthIn = (table: CampTable, a: number, stations: readonly number[]): number =>
  routeWorth(
    table.need[a]!,
    stations.map((s, t) => (table.present[a]![t] && s >= 0 && table.may[a]![s] ? s : nowhere)),
  );

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
 * The groups that there were, where a camp is planned anew. Whoever is new joins the group of their age; null where nothing
 * was planned, or where the groups do not keep the rules any more.
 */
function groupsBefore(
  table: CampTable,
  sizes: GroupSizes,
  known: readonly (readonly number[])[] | null,
): number[][] | null {
  const { present, ages } = table;
  const groups = (known ?? sameWays(table)).map((group) => [...group]);
  if (groups.length === 0) return null;
  const placed = new Set(groups.flat());
  const fresh = ages.flatMap((_, a) => (placed.has(a) ? [] : [a]));
  while (groups.length < sizes.count) groups.push([]);
  for (const a of fresh) {
    const spread = (group: readonly number[]) =>
      Math.max(...group.map((b) => ages[b]!), ages[a]!) - Math.min(...group.map((b) => ages[b]!), ages[a]!);
    const [joined] = groups
      .filter((group) => group.length < sizes.max)
      .sort((x, y) => spread(x) - spread(y) || x.length - y.length);
    if (!joined) return null;
    joined.push(a);
  }
  const whole =
    groups.length === sizes.count && groups.every((group) => group.some((a) => present[a]!.some(Boolean)));
  // A group that shrank stays a group.
  return whole && groupFaults(table, groups, { ...sizes, min: 0 }) === 0 ? groups : null;
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

const rounds = 3;

/**
 * Groups that rotate: groups for the stations, and stations for the groups, in turn; the rotation is proven for the groups
 * that were found.
 *
 * @throws FieldError where no groups keep the rules
 * @example rotate(camp, { count: 6, min: 3, max: 4 }, { solve, seed: 1, seconds: 1 }).members.length // 6
 */
export function rotate(
  table: CampTable,
  sizes: { count: number; min: number; max: number },
  { solve, seed, seconds, watch = unwatched, known = null }: RotateHow,
): Rotation {
  const best = bestAlone(table);
  const wish = { table, best, solve };
  const kept = groupsBefore(table, sizes, known);
  if (kept) {
    const again = sameRotation(wish, kept, seconds);
    const idle = (stations: readonly number[], g: number) =>
      stations.some((s, t) => s < 0 && kept[g]!.some((a) => table.present[a]![t]));
    if (again && !again.stations.some(idle)) return { members: kept, ...again };
  }
  const share = seconds / (2 * rounds);
  const holding = thatFit(table, sizes);
  // At first those belong together who need the same: the station that a group needs most is taken for its own.
  const likely = (a: number, group: number) => table.need[a]![group % table.stations.length]!;
  let members = groupsFor(table, holding, { worth: likely, seed, seconds: share });
  if (groupFaults(table, members, sizes) > 0)
    throw new FieldError(
      'rules',
      'no groups keep the sizes, the span of ages, and who is together and apart; loosen one of them',
    );
  let found: (Rotation & { floor: number; total: number }) | null = null;
  for (let round = 0; round < rounds && !(found && watch.stopped()); round++) {
    watch.progress('search', round / rounds);
    const next = bestRotation(wish, members, share);
    if (next) {
      const groupOf = new Map(members.flatMap((group, g) => group.map((a) => [a, g] as const)));
      const worths = table.athletes.map((_, a) => worthIn(table, a, next.stations[groupOf.get(a)!]!));
      const { floor, objective: total } = servedBy(table, best, worths);
      if (!found || floor > found.floor || (floor === found.floor && total > found.total))
        found = { members, ...next, floor, total };
    }
    const rotation: readonly (readonly number[])[] = (next ?? found)?.stations ?? [];
    if (rotation.length === 0) break;
    const fits = (a: number, g: number) =>
      best[a]! > 0 ? worthIn(table, a, rotation[g]!) + 4 * (worthIn(table, a, rotation[g]!) / best[a]!) : 0;
    const regrouped = groupsFor(table, holding, {
      worth: fits,
      start: members,
      seed: seed + round + 1,
      seconds: share,
    });
    if (groupFaults(table, regrouped, sizes) === 0) members = regrouped;
  }
  if (!found)
    throw new FieldError(
      'stations',
      'no station can hold these groups; give larger stations or smaller groups',
    );
  return found;
}
