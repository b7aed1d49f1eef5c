import {
  bestAlone,
  campFaults,
  campTable,
  planCamp,
  routeWorth,
  type CampInput,
  type CampPlan,
  type Solve,
} from '../src';
import { unwatched } from '../src/camp/types';
import { pretendCamp } from '../src/simulate';
import { patientSolver } from './patient';

let solve: Solve;
beforeAll(async () => {
  solve = await patientSolver();
});

const rotating = (
  groups: { count: number; min: number; max: number },
  more: Partial<CampInput> = {},
  size = { athletes: 24, stations: 6, slots: 5, slack: 1.5 },
): CampInput => ({
  ...pretendCamp(size),
  mode: 'groups',
  seconds: 2,
  ...more,
  rules: { ageSpan: null, groups, ...more.rules },
});
const six = { count: 6, min: 4, max: 4 };
const of = ({ groups = [] }: CampPlan, id: string) =>
  groups.findIndex(({ athletes }) => athletes.includes(id));
const faultsIn = (input: CampInput, { routes }: CampPlan, from = 0) => {
  const table = campTable(input);
  const at = routes.map(({ stations }) =>
    stations.map((id) => (id === null ? null : table.stations.indexOf(id))),
  );
  const past = table.slots.slice(0, from);
  return campFaults(table, at).filter(({ words }) => !past.some((id) => words.includes(id)));
};
const mustHoldEachStationAlone = ({ groups = [] }: CampPlan) =>
  groups[0]!.stations.forEach((_, t) => {
    const held = groups.flatMap(({ stations }) => stations[t] ?? []);
    expect(new Set(held).size).toBe(held.length);
  });

describe('groups that rotate', () => {
  it('keep sizes and friends, and hold each station alone', () => {
    const rules = { ageSpan: null, together: [['a0', 'a9']], apart: [['a1', 'a2']] };
    const plan = planCamp(rotating({ count: 4, min: 5, max: 7 }, { rules }), solve);
    expect(plan.groups!.every(({ athletes: { length } }) => length >= 5 && length <= 7)).toBe(true);
    expect(of(plan, 'a0')).toBe(of(plan, 'a9'));
    expect(of(plan, 'a1')).not.toBe(of(plan, 'a2'));
    mustHoldEachStationAlone(plan);
    expect(plan.limitedBy.at(-1)).toMatch(/rotation of these groups/);
  });

  it.each([
    [4, 1],
    [4, 2],
    [4, 3],
    [4, 4],
    [3, 5],
  ])('are as good as every rotation of small groups gone through: %d slots, camp %d', (slots, seed) => {
    const size = { athletes: 9, stations: 3, slots, slack: 1, seed };
    const input = rotating({ count: 3, min: 3, max: 3 }, {}, size);
    const plan = planCamp(input, solve);
    const table = campTable(input);
    const best = bestAlone(table);
    const members = plan.groups!.map(({ athletes }) => athletes.map((id) => table.athletes.indexOf(id)));
    // Nobody waits where there are as many stations as groups.
    const any = [0, 1, 2];
    const rotations = any
      .flatMap((x) => any.flatMap((y) => any.map((z) => [x, y, z])))
      .filter((row) => new Set(row).size === row.length);
    let [floor, total] = [0, 0];
    const from = (rows: number[][]): void => {
      if (rows.length < slots) return rotations.forEach((row) => from([...rows, row]));
      const routes = table.athletes.map((_, a) => {
        const g = members.findIndex((group) => group.includes(a));
        return rows.map((row) => row[g]!);
      });
      const worths = routes.map((route, a) => routeWorth(table.need[a]!, route));
      const share = Math.min(...worths.flatMap((worth, a) => (best[a]! > 0 ? worth / best[a]! : [])));
      const step = Math.floor(share / 0.05 + 1e-9) * 0.05;
      const sum = worths.reduce((all, worth) => all + worth, 0);
      if (step < floor - 1e-9 || (step < floor + 1e-9 && sum <= total)) return;
      if (campFaults(table, routes).length === 0) [floor, total] = [step, sum];
    };
    from([]);
    expect(plan.floor).toBeCloseTo(floor, 9);
    expect(plan.objective).toBeCloseTo(total, 9);
    expect(plan.bound).toBeGreaterThanOrEqual(total - 1e-6);
  });

  it.each([
    [24, 6, 5],
    [120, 10, 8],
  ])(
    'come within a hundredth of what is proven: %d athletes, %d stations, %d slots',
    (athletes, stations, slots) => {
      const share = athletes / stations;
      const input = rotating(
        { count: stations, min: share, max: share },
        { seconds: 5 },
        { athletes, stations, slots, slack: 1.1 },
      );
      const plan = planCamp(input, solve);
      expect(faultsIn(input, plan)).toEqual([]);
      expect(plan.gap).toBeLessThanOrEqual(0.01);
      expect(plan.routes.every(({ stations: route }) => route.every((s) => s !== null))).toBe(true);
    },
  );

  it('are refused where the sizes cannot hold everybody, or no station holds them', () => {
    const refused = (field: string) => expect.objectContaining({ field });
    expect(() => planCamp(rotating({ count: 3, min: 5, max: 7 }), solve)).toThrow(refused('rules.groups'));
    expect(() => planCamp(rotating({ count: 4, min: 7, max: 6 }), solve)).toThrow(
      refused('rules.groups.min'),
    );
    expect(() => planCamp(rotating({ count: 2, min: 12, max: 12 }), solve)).toThrow(refused('stations'));
    const apart = { rules: { ageSpan: null, apart: [Array.from({ length: 7 }, (_, a) => `a${a}`)] } };
    expect(() => planCamp(rotating(six, apart), solve)).toThrow(refused('rules'));
  });

  it('go to where one of them is pinned', () => {
    const pinned = [{ athlete: 'a3', slot: 't1', station: 's4' }];
    const input = rotating(six, { pinned });
    const plan = planCamp(input, solve);
    expect(plan.groups![of(plan, 'a3')]!.stations[1]).toBe('s4');
    expect(faultsIn(input, plan)).toEqual([]);
    // Where there is room for all of the group, whoever is pinned among them.
    const smaller = input.stations.map((each) => ({ ...each, capacity: each.id === 's4' ? 3 : 5 }));
    const sized = { ageSpan: null, groups: { count: 6, min: 3, max: 5 } };
    const tight = { ...input, stations: smaller, rules: sized };
    expect(faultsIn(tight, planCamp(tight, solve))).toEqual([]);
  });

  it('say how far the search is, from the beginning to its end', () => {
    const shares: number[] = [];
    const watch = { ...unwatched, progress: (_: string, share: number) => void shares.push(share) };
    planCamp(rotating(six), solve, watch);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.at(-1)).toBeGreaterThan(0.8);
    expect(shares.at(-1)).toBeLessThanOrEqual(1);
  });
});

describe('groups in a day that bends', () => {
  const input = rotating(six);
  const first = () => planCamp(input, solve);
  const again = (plan: CampPlan, more: Partial<CampInput>): CampInput => ({
    ...input,
    previous: plan.routes,
    previousGroups: plan.groups!,
    fixedBefore: 't2',
    ...more,
  });

  it('leave one without a station, and say so, where as many are open as there are groups less one', () => {
    const plan = first();
    const shut = again(plan, {
      stations: input.stations.map((each, s) => (s === 1 ? { ...each, closed: ['t2', 't3'] } : each)),
    });
    const next = planCamp(shut, solve);
    expect(faultsIn(shut, next, 2)).toEqual([]);
    expect(next.groups!.map(({ athletes }) => athletes)).toEqual(
      plan.groups!.map(({ athletes }) => athletes),
    );
    const idle = next.limitedBy.filter((words) => /has no station/.test(words));
    expect(idle).toHaveLength(2);
    expect(idle[0]).toMatch(/^Group \d has no station for t[23]: other groups are using every station/);
    // One group in each of two slots has to leave.
    expect(next.moved).toHaveLength(8);
  });

  it('take one from another group where one shrank below what a station opens for', () => {
    const plan = first();
    const [gone, other] = plan.groups![0]!.athletes;
    const left = again(plan, { athletes: input.athletes.filter(({ id }) => id !== gone && id !== other) });
    const next = planCamp(left, solve);
    expect(faultsIn(left, next, 2)).toEqual([]);
    expect(next.routes.every(({ stations }) => stations.slice(2).every((s) => s !== null))).toBe(true);
    expect(next.groups![0]!.athletes.length).toBeGreaterThanOrEqual(3);
    expect(next.moved.length).toBeGreaterThan(0);
    expect(next.moved.length).toBeLessThanOrEqual(0.1 * 22 * 3);
    const past = ({ routes }: CampPlan) =>
      routes
        .filter(({ athlete }) => athlete !== gone && athlete !== other)
        .map(({ athlete, stations }) => [athlete, ...stations.slice(0, 2)]);
    expect(past(next)).toEqual(past(plan));
  });

  it('are evened out where that brings those who had no station to one', () => {
    const size = { athletes: 14, stations: 4, slots: 5, slack: 1.14 };
    const large = rotating({ count: 3, min: 4, max: 5 }, {}, size);
    const plan = planCamp(large, solve);
    const five = plan.groups!.find(({ athletes: { length } }) => length === 5)!.athletes;
    const left = large.athletes.filter(({ id }) => id !== five[0] && id !== five[1]);
    const next = planCamp(
      { ...large, athletes: left, previous: plan.routes, previousGroups: plan.groups!, fixedBefore: 't2' },
      solve,
    );
    expect(next.groups!.map(({ athletes }) => athletes.length)).toEqual([4, 4, 4]);
    expect(next.routes.every(({ stations }) => stations.slice(2).every((s) => s !== null))).toBe(true);
  });

  it('are joined by a latecomer with their friend', () => {
    const plan = first();
    const late = { ...input.athletes[0]!, id: 'late', age: 17, from: 't2' };
    const friend = input.athletes.find(({ age }) => age < 12)!.id;
    const rules = { ...input.rules, groups: { ...six, max: 5 }, together: [['late', friend]] };
    const next = planCamp(again(plan, { athletes: [...input.athletes, late], rules }), solve);
    expect(of(next, 'late')).toBe(of(next, friend));
    expect(next.moved).toEqual([]);
    // Though the groups are full.
    const full = planCamp(again(plan, { athletes: [...input.athletes, late] }), solve);
    expect(full.groups![of(full, 'late')]!.athletes).toHaveLength(5);
    expect(full.moved).toEqual([]);
  });
});
