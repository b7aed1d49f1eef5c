import { campFaults, campTable, planCamp, type CampInput, type CampTable, type Solve } from '../src';
import { Rotating } from '../src/camp/rotating';
import { lawful, turnsBound, whyIdle } from '../src/camp/rotation';
import { pretendCamp } from '../src/simulate';
import { rng } from '../src/units/rng';
import { patientSolver } from './patient';

let solve: Solve;
beforeAll(async () => {
  solve = await patientSolver();
});

describe('what groups may not do', () => {
  const heavy = (slots: number, age = 14) =>
    campTable({
      ...pretendCamp({ athletes: 3, stations: 3, slots, slack: 9 }),
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
    [{}, [0, 1, 2], 'the stations that are free would add too many throws'],
    [{ capacity: [2, 2, 2] }, [0, 1, 2], 'no open station takes 3'],
    [{ capacity: [3, 2, 2] }, [0, 1, 2], 'the stations that are free would add too many throws'],
    [{ minimum: [4, 4, 4] }, [0, 1, 2], 'every open station needs more than 3'],
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
      'someone in it is barred from each station that fits',
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
    expect(costOf(table, [-1])).toBe(300);
    expect(costOf(table, [1])).toBeGreaterThanOrEqual(1000);
  });

  it.each([
    [14, [0, 1, 0], 0],
    [14, [0, 0, 1], 1000],
    [9, [0, 1, 0, 1, 1], 0],
    [9, [0, 1, 0, 1, 0], 1000],
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

  it('a change that is taken back leaves everything as it was, with a group at no station too', () => {
    const start = {
      members: [[0], [1], [2]],
      stations: [
        [0, 1],
        [-1, 2],
        [1, 0],
      ],
    };
    const state = new Rotating(heavy(2), { count: 3, min: 1, max: 1 }, [0, 0, 0], start);
    for (const g of [0, 1, 2]) {
      for (const t of [0, 1])
        for (const s of [0, 1, 2].filter((each) => each !== state.station(g, t))) {
          const was = state.station(g, t);
          const touched = state.trade(g, t, s);
          expect(state.station(g, t)).toBe(s);
          state.tradeBack(touched, t, s, was);
          expect(state.kept()).toEqual(start);
        }
      state.turn(g, 0, 1);
      expect(state.kept().stations[g]).toEqual([...start.stations[g]!].reverse());
      state.turn(g, 0, 1);
      expect(state.kept()).toEqual(start);
    }
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
    expect(costOf(table(2, [0]), [1, 0])).toBe(1000);
    expect(costOf(table(5, [0, 1, 1]), [1, 1, 1, 0, 1])).toBe(0);
    expect(costOf(table(5, [0, 1, 0]), [1, 1, 1, 1, 0])).toBe(1000);
  });

  it('a bound lets a group throw while somebody of it is away', () => {
    const slots = 3;
    const table = {
      ...heavy(slots),
      need: members[0]!.map(() => [2, 0, 0]),
      minimum: [1, 1, 1],
      present: [
        [true, true, true],
        [true, true, true],
        [true, false, false],
      ],
    };
    const wish = { table, best: [3, 3, 2], solve };
    // The third is gone after the first slot, the others throw again in the last.
    expect(turnsBound(wish, members, { floor: 0, whole: true, seconds: 1 })).toBeGreaterThanOrEqual(8 - 1e-6);
  });

  it('there is a bound where all of a group left, and where their station closed, after what is over', () => {
    const table = {
      ...heavy(3, 9),
      need: members[0]!.map(() => [2, 0, 0]),
      settled: members[0]!.map(() => [0, null, 0]),
      present: members[0]!.map(() => [false, false, false]),
      open: [
        [false, false, false],
        [true, true, true],
        [true, true, true],
      ],
    };
    const bound = turnsBound({ table, best: [2, 2, 2], solve }, members, {
      floor: 0,
      whole: true,
      seconds: 1,
    });
    expect(bound).toBeCloseTo(9, 6);
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

it('groups of camps by lot keep every rule, and are told why they wait', () => {
  const random = rng(11);
  for (let n = 0; n < 8; n++) {
    const [athletes, stations, slots] = [random.integer(12, 30), random.integer(4, 7), random.integer(4, 6)];
    const count = random.integer(2, stations);
    const share = Math.ceil(athletes / count);
    const camp = pretendCamp({ athletes, stations, slots, slack: 2, seed: n });
    const input: CampInput = {
      ...camp,
      mode: 'groups',
      seconds: 2,
      stations: camp.stations.map((each) => ({
        ...each,
        capacity: share + random.integer(0, 2),
        closed: random.chance(0.2) ? ['t1'] : [],
      })),
      athletes: camp.athletes.map((each) => ({
        ...each,
        ...(random.chance(0.1) ? { from: 't1' } : {}),
        ...(random.chance(0.1) ? { barred: ['s0'] } : {}),
      })),
      rules: {
        ageSpan: null,
        groups: { count, min: Math.max(1, share - 2), max: share + 1 },
        apart: [['a1', 'a2']],
      },
    };
    const plan = planCamp(input, solve);
    const table = campTable(input);
    const at = plan.routes.map(({ stations: route }) =>
      route.map((id) => (id === null ? null : table.stations.indexOf(id))),
    );
    expect(campFaults(table, at)).toEqual([]);
    const said = plan.limitedBy.filter((words) => /has no station/.test(words)).length;
    const waiting = plan.groups!.flatMap(({ athletes: group, stations: route }) =>
      route.filter((s, t) => s === null && group.some((id) => table.present[table.athletes.indexOf(id)]![t])),
    ).length;
    expect(said).toBeGreaterThanOrEqual(waiting);
    expect(plan.gap).toBeLessThanOrEqual(0.06);
  }
});
