import { loadSolver } from '@wrightonic/solver';
import {
  bestAlone,
  campFaults,
  campTable,
  planCamp,
  routeWorth,
  type CampInput,
  type CampPlan,
  type CampTable,
} from '../src';
import { Rotating } from '../src/camp/rotating';
import { lawful, turnsBound, whyIdle } from '../src/camp/rotation';
import { pretendCamp } from '../src/simulate';

let solve: Awaited<ReturnType<typeof loadSolver>>;
beforeAll(async () => {
  solve = await loadSolver();
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
    expect(plan.limitedBy.at(-1)).toMatch(/rotation for these groups/);
  });

  it.each([1, 2, 3])('are as good as every rotation of small groups gone through, camp %d', (seed) => {
    const size = { athletes: 9, stations: 3, slots: 4, slack: 1, seed };
    const input = rotating({ count: 3, min: 3, max: 3 }, {}, size);
    const plan = planCamp(input, solve);
    const table = campTable(input);
    const best = bestAlone(table);
    const members = plan.groups!.map(({ athletes }) => athletes.map((id) => table.athletes.indexOf(id)));
    const any = [-1, 0, 1, 2];
    const alone = (row: number[]) =>
      new Set(row.filter((s) => s >= 0)).size === row.filter((s) => s >= 0).length;
    const slots = any.flatMap((x) => any.flatMap((y) => any.map((z) => [x, y, z]))).filter(alone);
    let [floor, total] = [0, 0];
    const from = (rows: number[][]): void => {
      if (rows.length < 4) return slots.forEach((row) => from([...rows, row]));
      const routes = table.athletes.map((_, a) => {
        const g = members.findIndex((group) => group.includes(a));
        return rows.map((row) => (row[g]! < 0 ? null : row[g]!));
      });
      const worths = routes.map((route, a) =>
        routeWorth(
          table.need[a]!,
          route.map((s) => s ?? -1),
        ),
      );
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
    const idle = next.limitedBy.filter((words) => /is at no station/.test(words));
    expect(idle).toHaveLength(2);
    expect(idle[0]).toMatch(/^Group \d is at no station in t2: other groups are at every station/);
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
  });
});

describe('what groups may not do', () => {
  const heavy = (slots: number, age = 14) =>
    campTable({
      ...rotating({ count: 1, min: 1, max: 3 }, {}, { athletes: 3, stations: 3, slots, slack: 9 }),
      slots: Array.from({ length: slots }, (_, t) => ({
        id: `t${t}`,
        day: '2031-07-14',
        start: `1${t}:00`,
        minutes: 25,
      })),
      athletes: ['a', 'b', 'c'].map((id) => ({
        id,
        age,
        discipline: 'overhand' as const,
        throws: 'R' as const,
        needs: {},
      })),
    });
  const members = [[0, 1, 2]];
  /** Station 0 is throws; the others are not. */
  it.each([
    ['throws two slots in a row', 14, [0, 0, 1], [1, 0, 1]],
    ['throws in two slots of a day below ten', 9, [0, 1, 0], [0, 1, 0]],
    ['throws in three slots of a day below ten', 9, [0, 1, 0, 1, 0], [1, 1, 0, 1, 0]],
    ['throws in three slots of a day from ten', 10, [0, 1, 0, 1, 0], [0, 1, 0, 1, 0]],
    ['a free station instead of none', 14, [1, -1, 2], [1, 0, 2]],
  ])('%s', (_, age, route, kept) =>
    expect(lawful(heavy(route.length, age), { members, stations: [route] })).toEqual([kept]),
  );

  it.each([
    [{}, [0, 1, 2], 'what is free would be more throws than its athletes may have'],
    [{ capacity: [2, 2, 2] }, [0, 1, 2], '3 are too many for any station that is open'],
    [{ capacity: [3, 2, 2] }, [0, 1, 2], 'what is free would be more throws than its athletes may have'],
    [{ minimum: [4, 4, 4] }, [0, 1, 2], '3 are too few for any station that is open'],
    [{ open: [[false], [false], [false]] }, [0, 1, 2], 'no station is open then'],
    [
      {
        may: [
          [false, false, false],
          [true, true, true],
          [true, true, true],
        ],
      },
      [0, 1, 2],
      'each station that would hold it is barred to somebody of it',
    ],
  ])('%j: %j', (more, group, words) =>
    expect(whyIdle({ ...heavy(1), ...more }, { members: [group], stations: [[-1]] }, 0, 0)).toBe(words),
  );

  const sizes = { count: 1, min: 1, max: 3 };
  const costOf = (table: CampTable, route: number[]) =>
    new Rotating(table, sizes, [0, 0, 0], { members, stations: [route] }).total();
  it.each([
    ['a station that holds too few', { capacity: [3, 2, 3] }],
    ['one that opens for more', { minimum: [3, 4, 3] }],
    ['one that is closed', { open: [[true], [false], [true]] }],
    [
      'one that is barred to somebody',
      {
        may: [
          [true, false, true],
          [true, true, true],
          [true, true, true],
        ],
      },
    ],
  ])('%s costs more than none at all', (_, more) => {
    const table = { ...heavy(1), ...more };
    expect(costOf(table, [2])).toBe(0);
    expect(costOf(table, [-1])).toBe(60);
    expect(costOf(table, [1])).toBeGreaterThanOrEqual(60);
  });

  it.each([
    [14, [0, 1, 0], 0],
    [14, [0, 0, 1], 60],
    [9, [0, 1, 0, 1, 1], 0],
    [9, [0, 1, 0, 1, 0], 60],
    [10, [0, 1, 0, 1, 0], 0],
  ])('throws of a group at %d years in turns %j cost %d', (age, route, cost) =>
    expect(costOf(heavy(route.length, age), route)).toBe(cost),
  );

  it('a move costs, more so beyond a tenth, and none that brings somebody to a station', () => {
    const was = (s: number) => ({ ...heavy(1), before: members[0]!.map(() => [s]) });
    expect(costOf(was(1), [1])).toBe(0);
    expect(costOf(was(1), [2])).toBeCloseTo(3 * (0.05 + 12), 9);
    expect(costOf(was(-1), [2])).toBe(0);
  });

  it('whoever came from another group may not throw where they threw the slot before, or enough', () => {
    const table = (slots: number, own: number[]) => ({
      ...heavy(slots, 9),
      over: own.length,
      settled: [0, 1, 2].map((a) =>
        Array.from({ length: slots }, (_, t) => (t < own.length ? (a === 0 ? own[t]! : 1) : null)),
      ),
    });
    expect(costOf(table(2, [1]), [1, 0])).toBe(0);
    expect(costOf(table(2, [0]), [1, 0])).toBe(60);
    expect(costOf(table(5, [0, 1, 1]), [1, 1, 1, 0, 1])).toBe(0);
    expect(costOf(table(5, [0, 1, 0]), [1, 1, 1, 1, 0])).toBe(60);
  });

  it('a bound counts what is over as it was', () => {
    const table = heavy(2);
    const wish = { table: { ...table, need: members[0]!.map(() => [0, 2, 1]) }, best: [3, 3, 3], solve };
    const how = { floor: 0, whole: true, seconds: 1 };
    expect(turnsBound(wish, members, how)).toBeCloseTo(9, 6);
    const settled = members[0]!.map(() => [0, null]);
    expect(turnsBound({ ...wish, table: { ...wish.table, settled } }, members, how)).toBeCloseTo(6, 6);
  });
});
