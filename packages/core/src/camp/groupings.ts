import { FieldError } from '../units/fieldError';
import type { CampTable } from './table';
import { texts } from './texts';

export interface GroupSizes {
  count: number;
  min: number;
  max: number;
}

/** Groups, and the station of each by slot. */
export interface Turns {
  members: readonly (readonly number[])[];
  stations: readonly (readonly number[])[];
}

/**
 * Those who are always moved as one: friends, and everybody who has none by themselves.
 *
 * @returns athletes of each party, by position
 * @example parties(camp).length // 24
 */
export function parties({ athletes, together }: CampTable): number[][] {
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

/**
 * Sizes must hold everybody.
 *
 * @throws FieldError where they cannot
 * @example mustHold({ count: 4, min: 5, max: 7 }, 24) // undefined
 */
export function mustHold({ count, min, max }: GroupSizes, people: number): void {
  if (min > max) throw new FieldError('rules.groups.min', texts.isMoreThanAtMost(min, max));
  if (people < count * min || people > count * max)
    throw new FieldError('rules.groups', texts.groupsHold(count, min, max, people));
}

/**
 * Groups of nearly the same size, the youngest first, with which a search begins.
 *
 * @example groupsByAge(camp, 4).length // 4
 */
export function groupsByAge(table: CampTable, count: number): number[][] {
  const people = table.athletes.length;
  const sorted = parties(table).sort((x, y) => table.ages[x[0]!]! - table.ages[y[0]!]!);
  const lists: number[][] = Array.from({ length: count }, () => []);
  let placed = 0;
  for (const party of sorted) {
    lists[Math.min(count - 1, Math.floor((placed * count) / people))]!.push(...party);
    placed += party.length;
  }
  return lists;
}
