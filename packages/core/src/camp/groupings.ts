import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { FieldError } from '../units/fieldError';
import type { CampTable } from './table';

export interface GroupSizes {
  count: number;
  min: number;
  max: number;
}

/** Those who are always moved as one: friends, and everybody who has none by themselves. */
function parties({ athletes, together }: CampTable): number[][] {
  const of = athletes.map((_, a) => a);
  const leader = (a: number): number => (of[a] === a ? a : (of[a] = leader(of[a]!)));
  for (const ids of together) for (const id of ids) of[leader(id)] = leader(ids[0]!);
  const byLeader = new Map<number, number[]>();
  athletes.forEach((_, a) => byLeader.set(leader(a), [...(byLeader.get(leader(a)) ?? []), a]));
  return [...byLeader.values()];
}

/**
 * What is wrong with groups: sizes, ages too far apart, and those who are to be apart; 0 where every rule holds.
 *
 * @example groupFaults(camp, [[0, 1, 2]], { min: 3, max: 4 }) // 0
 */
export function groupFaults(
  table: CampTable,
  members: readonly (readonly number[])[],
  { min, max }: Omit<GroupSizes, 'count'>,
): number {
  let faults = 0;
  for (const group of members) {
    faults += Math.max(0, min - group.length) + Math.max(0, group.length - max);
    if (group.length === 0) continue;
    const ages = group.map((a) => table.ages[a]!);
    if (table.ageSpan !== null) faults += Math.max(0, Math.max(...ages) - Math.min(...ages) - table.ageSpan);
    for (const apart of table.apart) faults += Math.max(0, apart.filter((a) => group.includes(a)).length - 1);
  }
  return faults;
}

/** Of how many tries a second of planning is made. */
const triesASecond = 80_000;

/**
 * Groups that keep every rule and are worth the most by a measure, found by moves and swaps (simulated annealing).
 *
 * @param worth of an athlete in a group
 * @param start groups to begin with; laid out by age when left out
 * @throws FieldError where the sizes cannot hold everybody
 * @example groupsFor(camp, { count: 4, min: 5, max: 7 }, { worth: () => 0, seed: 1, seconds: 0.1 }).length // 4
 */
export function groupsFor(
  table: CampTable,
  sizes: GroupSizes,
  {
    worth,
    start,
    seed,
    seconds,
  }: {
    worth: (a: number, group: number) => number;
    start?: readonly (readonly number[])[];
    seed: number;
    seconds: number;
  },
): number[][] {
  const people = table.athletes.length;
  const { count, min, max } = sizes;
  if (min > max) throw new FieldError('rules.groups.min', `${min} is more than ${max} at most`);
  if (people < count * min || people > count * max)
    throw new FieldError(
      'rules.groups',
      `${count} groups of ${min} to ${max} hold ${count * min} to ${count * max} athletes; there are ${people}`,
    );
  const random = xoroshiro128plus(seed);
  const unit = () => uniformFloat64(random);
  const all = parties(table);
  const groupOf = start ? groupsOf(start, people) : byAge(table, all, count);
  const members = (): number[][] => {
    const lists: number[][] = Array.from({ length: count }, () => []);
    groupOf.forEach((group, a) => lists[group]!.push(a));
    return lists;
  };
  const ofRule = 50;
  const costOf = (list: readonly number[], group: number) =>
    ofRule * groupFaults(table, [list], { min, max }) - list.reduce((sum, a) => sum + worth(a, group), 0);
  const lists = members();
  const costs = lists.map(costOf);
  let cost = costs.reduce((sum, each) => sum + each, 0);
  let best = { cost, of: [...groupOf] };
  const tries = Math.round(seconds * triesASecond);
  for (let n = 0; n < tries; n++) {
    const heat = 3 * 0.005 ** (n / tries);
    const party = all[Math.floor(unit() * all.length)]!;
    const from = groupOf[party[0]!]!;
    const other = all[Math.floor(unit() * all.length)]!;
    const swap = unit() < 0.6;
    const to = swap ? groupOf[other[0]!]! : Math.floor(unit() * count);
    if (from === to) continue;
    const back = swap ? other : [];
    const left = [...lists[from]!.filter((a) => !party.includes(a)), ...back];
    const right = [...lists[to]!.filter((a) => !back.includes(a)), ...party];
    const [costLeft, costRight] = [costOf(left, from), costOf(right, to)];
    const change = costLeft + costRight - costs[from]! - costs[to]!;
    if (change > 0 && unit() >= Math.exp(-change / heat)) continue;
    [lists[from], lists[to], costs[from], costs[to]] = [left, right, costLeft, costRight];
    for (const a of party) groupOf[a] = to;
    for (const a of back) groupOf[a] = from;
    cost += change;
    if (cost < best.cost - 1e-9) best = { cost, of: [...groupOf] };
  }
  best.of.forEach((group, a) => (groupOf[a] = group));
  return members();
}

function groupsOf(members: readonly (readonly number[])[], people: number): number[] {
  const of = Array.from({ length: people }, () => 0);
  members.forEach((group, g) => group.forEach((a) => (of[a] = g)));
  return of;
}

/** Groups of nearly the same size, the youngest first. */
function byAge({ ages, athletes }: CampTable, all: readonly number[][], count: number): number[] {
  const of = athletes.map(() => 0);
  const sorted = [...all].sort((x, y) => ages[x[0]!]! - ages[y[0]!]!);
  let placed = 0;
  for (const party of sorted) {
    const group = Math.min(count - 1, Math.floor((placed * count) / athletes.length));
    for (const a of party) of[a] = group;
    placed += party.length;
  }
  return of;
}
