import { bestAlone, campFaults, campTable, planCamp, routeWorth, type CampInput } from '../src';
import { ageRanges, isInRange, withoutRoom } from '../src/camp/ageRanges';
import { BestRoutes, mostStations, wishOf } from '../src/camp/bestRoutes';
import { bestCounts } from '../src/camp/countModel';
import { sideBySide } from '../src/camp/table';
import { unwatched } from '../src/camp/types';
import { pretendCamp } from '../src/simulate';
import { patientSolver } from './patient';

let solve: Awaited<ReturnType<typeof patientSolver>>;
beforeAll(async () => {
  solve = await patientSolver();
});

const camp = pretendCamp({ athletes: 60, stations: 8, slots: 8, slack: 1.1, seed: 303 });
/** Nine to seventeen years old; five apart at most. */
const aged: CampInput = { ...camp, rules: { ageSpan: 5 } };
const anyTime = { seed: 1, seconds: 5 };
const countsOf = (input: CampInput, floor = 1) => {
  const table = campTable(input);
  return bestCounts(table, bestAlone(table), solve, {
    floor,
    whole: true,
    filled: true,
    gap: 5e-4,
    seconds: 20,
  });
};

describe('the best route of one athlete', () => {
  const table = campTable({
    ...camp,
    athletes: camp.athletes.map((each, a) => ({ ...each, from: a % 7 === 3 ? 't2' : undefined })),
  });
  const wishes = table.athletes.map((_, a) => wishOf(table, a));
  const routes = new BestRoutes(table, wishes);
  const shut = (n: number, t: number) => (n + t) % 3 > 0;

  it('is worth what somebody alone can get, where every station takes them', () => {
    const best = bestAlone(table);
    expect(wishes.every(({ wanted }) => wanted.length <= mostStations)).toBe(true);
    wishes.forEach((wish, a) => expect(routes.of(wish, () => true).worth).toBeCloseTo(best[a]!, 9));
  });

  it('leads where they are taken, breaks no rule, and is worth what is said', () => {
    for (const wish of wishes) {
      const { worth, way } = routes.of(wish, shut);
      const route = way.map((n) => (n === mostStations ? -1 : wish.wanted[n]!));
      expect(routeWorth(table.need[wish.a]!, route)).toBeCloseTo(worth, 9);
      way.forEach((n, t) =>
        expect(n === mostStations || (shut(n, t) && table.present[wish.a]![t]!)).toBe(true),
      );
      const others = table.athletes.map((_, a) =>
        a === wish.a ? route.map((s) => (s < 0 ? null : s)) : table.slots.map(() => null),
      );
      const broken = campFaults(table, others).filter(({ rule }) => rule === 'throws');
      expect(broken).toEqual([]);
    }
  });

  it('is the best of all that there are', () => {
    const small = campTable({ ...camp, slots: camp.slots.slice(0, 4) });
    const few = new BestRoutes(small, wishes);
    for (const a of [0, 5, 11]) {
      const wish = wishOf(small, a);
      const ways = wish.wanted.flatMap((_, n) => [n]).concat(mostStations);
      const every = small.slots.reduce<number[][]>(
        (sofar) => sofar.flatMap((way) => ways.map((n) => [...way, n])),
        [[]],
      );
      const worths = every.flatMap((way) => {
        const heavy = way.map((n) => wish.throws[n] === true);
        const inARow = heavy.some((each, t) => each && heavy[t - 1] === true);
        const open = way.every((n, t) => n === mostStations || shut(n, t));
        return open && !inARow
          ? [
              routeWorth(
                small.need[a]!,
                way.map((n) => wish.wanted[n] ?? -1),
              ),
            ]
          : [];
      });
      expect(few.of(wish, shut).worth).toBeCloseTo(Math.max(...worths), 9);
    }
  });

  it('counts the throws of a day where fewer are allowed than fit in it', () => {
    const young = campTable({
      ...camp,
      slots: camp.slots.map((slot, t) => ({
        ...slot,
        day: '2031-07-14',
        start: `${String(8 + t).padStart(2, '0')}:00`,
      })),
      athletes: [9, 10, 14].map((age, a) => ({ ...camp.athletes[a]!, age, needs: { s0: 3, s3: 3 } })),
    });
    const each = [0, 1, 2].map((a) => wishOf(young, a));
    expect(each.map(({ limit }) => limit)).toEqual([2, 3, null]);
    const own = new BestRoutes(young, each);
    expect(each.map((wish) => own.of(wish, () => true).worth)).toEqual([6, 7.5, 9]);
  });
});

describe('the ages that stations take', () => {
  it('are told at their very ends', () => {
    const places = [{ from: 10, room: 2 }];
    expect(withoutRoom([9, 10, 15, 16], [1, 1, 1, 1], places, 5)).toBe(2);
    expect(withoutRoom([10, 15], [1, 2], places, 5)).toBe(1);
  });

  it('leave room for the old where the young can go elsewhere', () => {
    const places = [
      { from: 12, room: 3 },
      { from: 9, room: 3 },
    ];
    expect(withoutRoom([9, 13, 17], [1, 2, 3], places, 5)).toBe(0);
  });

  it('leave a place in every slot, and everybody their best route', () => {
    const table = campTable(aged);
    const ranges = ageRanges(table, countsOf(aged)!.visits, anyTime);
    table.slots.forEach((_, t) => {
      const ages = [...new Set(table.ages)].sort((x, y) => x - y);
      const many = ages.map((age) => table.ages.filter((each) => each === age).length);
      const places = table.stations.map((__, s) => ({ from: ranges[s]![t]!, room: table.capacity[s]! }));
      expect(withoutRoom(ages, many, places, 5)).toBe(0);
    });
    const best = bestAlone(table);
    const wishes = table.athletes.map((_, a) => wishOf(table, a));
    const routes = new BestRoutes(table, wishes);
    wishes.forEach((wish, a) => {
      const { worth } = routes.of(wish, (n, t) => isInRange(table, ranges, { a, s: wish.wanted[n]!, t }));
      expect(worth).toBeCloseTo(best[a]!, 9);
    });
  });

  it('take whoever is pinned there, at either end of a range', () => {
    const young = camp.athletes.find(({ age }) => age === 9)!;
    const old = camp.athletes.find(({ age }) => age === 17)!;
    const pinned = camp.slots.flatMap(({ id: slot }) => [
      { athlete: young.id, slot, station: 's1' },
      { athlete: old.id, slot, station: 's4' },
    ]);
    const table = campTable({ ...aged, pinned });
    const ranges = ageRanges(table, countsOf(aged)!.visits, anyTime);
    expect(ranges[1]).toEqual(camp.slots.map(() => 9));
    expect(ranges[4]).toEqual(camp.slots.map(() => 12));
  });

  it('are looked for no longer than there is time', () => {
    const table = campTable(aged);
    let asked = 0;
    ageRanges(table, countsOf(aged)!.visits, {
      ...anyTime,
      watch: { ...unwatched, late: () => ++asked === 3 },
    });
    expect(asked).toBe(3);
  });

  it('take a share of the time to plan in, however much there is left to look for', () => {
    const table = campTable({ ...camp, rules: { ageSpan: 1 } });
    const visits = countsOf(camp)!.visits;
    const looked = jest.spyOn(BestRoutes.prototype, 'of');
    const within = (seconds: number) => {
      looked.mockClear();
      ageRanges(table, visits, { seed: 1, seconds });
      return looked.mock.calls.length;
    };
    // Everybody twice before the first change: where they could be, and where they are.
    expect(within(0)).toBe(120);
    const [some, more] = [within(0.1), within(0.2)];
    expect(some).toBeGreaterThan(120);
    expect(more / some).toBeGreaterThan(1.5);
    expect(more / some).toBeLessThan(2.5);
    looked.mockRestore();
  });

  it.each([
    [{ athletes: 19, stations: 6, slots: 20, slack: 2.4, seed: 2 }, 5, false],
    [{ athletes: 24, stations: 6, slots: 6, slack: 1.1, seed: 2 }, 1, true],
  ])('are looked for only where there is too little room to do without: %j', (size, seconds, some) => {
    const looked = jest.spyOn(BestRoutes.prototype, 'of');
    planCamp({ ...pretendCamp(size), rules: { ageSpan: 4 }, seconds }, solve);
    expect(looked.mock.calls.length > 0).toBe(some);
    looked.mockRestore();
  });

  it('cost nobody a part of what they need where one place in ten is free', () => {
    const wide = pretendCamp({ athletes: 48, stations: 8, slots: 6, slack: 1.1, seed: 408 });
    const input = { ...wide, rules: { ageSpan: 5 } };
    const plan = planCamp(input, solve);
    const table = campTable(input);
    const at = plan.routes.map(({ stations }) =>
      stations.map((id) => (id === null ? null : table.stations.indexOf(id))),
    );
    expect(campFaults(table, at)).toEqual([]);
    expect(plan.floor).toBe(1);
  });
});

describe('friends', () => {
  const alike = pretendCamp({ athletes: 24, stations: 6, slots: 4, slack: 1.5 });
  const two = (
    needs: readonly Record<string, number>[],
    rules: CampInput['rules'],
    ages = [12, 12],
  ): CampInput => ({
    ...alike,
    rules,
    stations: alike.stations.map((each) => ({ ...each, throwHeavy: false, minimum: 1 })),
    athletes: needs.map((each, a) => ({ ...alike.athletes[a]!, age: ages[a]!, needs: each })),
  });
  const apart: Record<string, number>[] = [
    { s1: 3, s2: 3 },
    { s3: 3, s4: 3 },
  ];
  const together = [['a0', 'a1']];

  it('who need nothing in common cannot both have all of it: the bound knows that', () => {
    // Two of four slots side by side at a station that only one of them needs.
    expect(countsOf(two(apart, { ageSpan: null }))!.bound).toBeCloseTo(18, 6);
    expect(countsOf(two(apart, { ageSpan: null, together }))).toBeNull();
    const counts = countsOf(two(apart, { ageSpan: null, together }), 0)!;
    expect(counts.bound).toBeCloseTo(15, 6);
    const plan = planCamp(two(apart, { ageSpan: null, together }), solve);
    expect([plan.objective, plan.bound, plan.gap]).toEqual([15, 15, 0]);
  });

  it('who are too far apart in age hold nobody back, and are named', () => {
    const own = two(apart, { ageSpan: 5, together }, [10, 16]);
    expect(sideBySide(campTable(own))).toEqual([]);
    expect(sideBySide(campTable(two(apart, { ageSpan: 6, together }, [10, 16])))).toEqual([[0, 1]]);
    const plan = planCamp(own, solve);
    expect(plan.floor).toBe(1);
    expect(plan.limitedBy).toEqual(['a0, a1: together in 0 of 4 slots.']);
  });

  it('are planned without where the rules leave them no station', () => {
    const own = two(apart, { ageSpan: null, together });
    const barred = own.athletes.map((each, a) => ({
      ...each,
      barred: a ? ['s0', 's1', 's2'] : ['s3', 's4', 's5'],
    }));
    const plan = planCamp({ ...own, athletes: barred }, solve);
    expect([plan.floor, plan.objective, plan.bound]).toEqual([1, 18, 18]);
    expect(plan.limitedBy).toEqual(['a0, a1: together in 0 of 4 slots.']);
  });
});
