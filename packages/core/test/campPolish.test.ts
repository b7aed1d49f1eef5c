import { loadSolver } from '@wrightonic/solver';
import { bestAlone, campFaults, campTable, planCamp, routeWorth, type CampInput, type Solve } from '../src';
import { Timetable } from '../src/camp/cost';
import { bestCounts } from '../src/camp/countModel';
import { polish } from '../src/camp/neighbourhood';
import { pretendCamp } from '../src/simulate';
import { inSteps, unwatched } from '../src/camp/types';
import { rng } from '../src/units/rng';
import { patientSolver } from './patient';

let solve: Solve;
beforeAll(async () => {
  solve = await patientSolver();
});

const days = ['2031-07-14', '2031-07-14', '2031-07-15'];
const ages = [8, 12, 15];
const needs: Record<string, number>[] = [
  { s0: 3, s1: 1 },
  { s0: 2, s2: 3 },
  { s0: 1, s1: 2 },
];
/** Three athletes, stations and slots: every timetable of it can be gone through. */
const tiny = (more: Partial<CampInput> = {}): CampInput => ({
  mode: 'routes',
  seed: 1,
  slots: days.map((day, t) => ({ id: `t${t}`, day, start: `1${t}:00`, minutes: 25 })),
  stations: ['s0', 's1', 's2'].map((id, s) => ({
    id,
    treats: [],
    capacity: 2,
    minimum: 1,
    throwHeavy: s === 0,
  })),
  athletes: ages.map((age, a) => ({
    id: `a${a}`,
    age,
    discipline: 'overhand',
    throws: 'R',
    needs: needs[a]!,
  })),
  rules: { ageSpan: null },
  seconds: 2,
  ...more,
});
const changed = (of: (input: CampInput) => Partial<CampInput>): CampInput => ({ ...tiny(), ...of(tiny()) });

/** What the best of all timetables costs. */
function leastOf(timetable: Timetable): number {
  const { table, A, T, S } = timetable;
  const cells = Array.from({ length: A * T }, (_, n) => [Math.floor(n / T), n % T] as const);
  let least = Infinity;
  const from = (n: number): void => {
    if (n === cells.length) return void (least = Math.min(least, timetable.total()));
    const [a, t] = cells[n]!;
    const settled = table.settled[a]![t];
    for (let s = -1; s < S; s++) {
      if (settled !== null && settled !== undefined && s !== settled) continue;
      if (s >= 0 && (!table.present[a]![t] || !table.may[a]![s] || !table.open[s]![t])) continue;
      timetable.set(a, t, s);
      from(n + 1);
    }
  };
  from(0);
  return least;
}

it.each<[string, CampInput]>([
  ['as it is', tiny()],
  [
    'two open a station',
    changed(({ stations }) => ({ stations: stations.map((each) => ({ ...each, minimum: 2 })) })),
  ],
  [
    'one place each',
    changed(({ stations }) => ({ stations: stations.map((each) => ({ ...each, capacity: 1 })) })),
  ],
  ['ages at most four years apart', tiny({ rules: { ageSpan: 4 } })],
  ['two apart', tiny({ rules: { ageSpan: null, apart: [['a0', 'a1']] } })],
  [
    'a pin, a closed slot and a latecomer',
    changed(({ stations, athletes }) => ({
      pinned: [{ athlete: 'a2', slot: 't0', station: 's2' }],
      stations: stations.map((each, s) => (s === 2 ? { ...each, closed: ['t1'] } : each)),
      athletes: athletes.map((each, a) => (a === 0 ? { ...each, from: 't1' } : each)),
    })),
  ],
  [
    'planned anew',
    tiny({
      previous: ages.map((_, a) => ({ athlete: `a${a}`, stations: ['s1', 's2', 's1'] })),
      fixedBefore: 't1',
    }),
  ],
  [
    'one who is pinned, apart from another and four years from a third',
    tiny({
      pinned: [
        { athlete: 'a1', slot: 't0', station: 's0' },
        { athlete: 'a1', slot: 't1', station: 's1' },
        { athlete: 'a1', slot: 't2', station: 's2' },
      ],
      rules: { ageSpan: 3, apart: [['a1', 'a2']] },
    }),
  ],
])('everybody laid out at once is the best of all timetables: %s', (_, input) => {
  const table = campTable(input);
  const least = [4, 5, 2];
  const best = leastOf(new Timetable(table, least));
  const timetable = new Timetable(table, least);
  table.settled.forEach((row, a) => row.forEach((s, t) => s !== null && timetable.set(a, t, s)));
  polish(timetable, solve, { seed: 1, budget: { steps: 7000, seconds: 5 }, inVain: 3, enough: -Infinity });
  expect(timetable.total()).toBeCloseTo(best, 6);
});

it('leaves a timetable as it is that costs little enough, and friends where they are', () => {
  const table = campTable(tiny({ rules: { ageSpan: null, together: [['a0', 'a1', 'a2']] } }));
  const timetable = new Timetable(table, [0, 0, 0]);
  const cost = timetable.total();
  for (const enough of [cost, -Infinity]) {
    expect(
      polish(timetable, solve, { seed: 1, budget: { steps: 7000, seconds: 5 }, inVain: 3, enough }),
    ).toBe(cost);
    expect(timetable.total()).toBe(cost);
  }
});

it('whoever is at no station is laid out anew before the others', () => {
  const input = pretendCamp({ athletes: 24, stations: 6, slots: 5, slack: 1.5 });
  const table = campTable(input);
  const timetable = new Timetable(
    table,
    table.athletes.map(() => 0),
  );
  planCamp(input, solve).routes.forEach(({ stations }, a) =>
    stations.forEach((id, t) => timetable.set(a, t, id === null ? -1 : table.stations.indexOf(id))),
  );
  const lost = [0, 6, 12, 18, 22];
  for (const a of lost) timetable.set(a, 0, -1);
  const once: Solve = (programme, how) => ({ ...solve(programme, how), seconds: Infinity });
  polish(timetable, once, { seed: 1, budget: { steps: 7000, seconds: 5 }, inVain: 3, enough: -Infinity });
  expect(lost.map((a) => timetable.station(a, 0)).filter((s) => s < 0)).toEqual([]);
});

it.each([7, 9])('nobody is left below the floor that counts allow, camp %d', (seed) => {
  const plan = planCamp(pretendCamp({ athletes: 24, stations: 6, slots: 5, slack: 1.2, seed }), solve);
  expect(plan.floor).toBe(1);
  expect(plan.gap).toBe(0);
});

it.each([
  [24, 6, 5, 2],
  [24, 6, 5, 12],
  // Of which nothing comes without chains of exchanges.
  [24, 6, 5, 701],
  [24, 6, 5, 702],
  [40, 8, 6, 9],
])(
  'without a free place the floor is as high as counts allow: %d, %d, %d, camp %d',
  (athletes, stations, slots, seed) => {
    const input = pretendCamp({ athletes, stations, slots, slack: 1, seed });
    const plan = planCamp(input, solve);
    expect(plan.gap).toBeLessThan(0.01);
    expect(plan.routes.flatMap(({ stations }) => stations).filter((s) => s === null)).toEqual([]);
    const table = campTable(input);
    const higher = { floor: plan.floor + 0.05, whole: true, gap: 5e-4, seconds: 5 };
    expect(bestCounts(table, bestAlone(table), solve, higher)).toBeNull();
  },
);

it('planned again with nothing changed a camp that is too full stays as good as it was', async () => {
  // However much time there is, so that the solver need not be patient.
  const hasty = await loadSolver();
  const input = pretendCamp({ athletes: 36, stations: 6, slots: 6, slack: 0.6, seed: 1 });
  const plan = planCamp(input, hasty);
  const again = planCamp({ ...input, previous: plan.routes, seconds: 3 }, hasty);
  expect(again.floor).toBeGreaterThanOrEqual(plan.floor);
  expect(again.limitedBy.length).toBeLessThanOrEqual(plan.limitedBy.length);
});

it.each([1, 3])(
  'whoever waits is given no throw too many for a later slot of the day, camp %d',
  async (seed) => {
    const hasty = await loadSolver();
    const usual = pretendCamp({ athletes: 24, stations: 6, slots: 12, slack: 1.2, seed });
    const stations = usual.stations.map((each) => ({ ...each, throwHeavy: true }));
    const input = { ...usual, seconds: 2, stations };
    const table = campTable(input);
    const at = planCamp(input, hasty).routes.map((route) =>
      route.stations.map((id) => (id === null ? null : table.stations.indexOf(id))),
    );
    expect(campFaults(table, at)).toEqual([]);
  },
);

it.each([2, 4])(
  'nobody’s share falls for a shorter wait of others where nothing has changed, camp %d',
  async (seed) => {
    const hasty = await loadSolver();
    const usual = pretendCamp({ athletes: 24, stations: 6, slots: 12, slack: 1.2, seed });
    const input = {
      ...usual,
      seconds: 2,
      stations: usual.stations.map((each) => ({ ...each, throwHeavy: true })),
    };
    const plan = planCamp(input, hasty);
    expect(planCamp({ ...input, previous: plan.routes, seconds: 0.3 }, hasty).floor).toBeGreaterThanOrEqual(
      plan.floor,
    );
  },
);

it('how far the search is never falls, however often a higher floor is looked for, and planned again', () => {
  const shares: number[] = [];
  const watch = {
    ...unwatched,
    progress: (step: string, share: number) => void (step === 'search' && shares.push(share)),
  };
  // Ages keep it from the floor that counts allow.
  const wide = pretendCamp({ athletes: 24, stations: 6, slots: 5, slack: 1.2, seed: 3 });
  const input = { ...wide, rules: { ageSpan: 4 }, seconds: 2 };
  const plan = planCamp(input, solve, watch);
  expect(shares.filter((share) => share > 0.25).length).toBeGreaterThan(10);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  expect(shares.at(-1)).toBeLessThanOrEqual(1);
  shares.length = 0;
  const closed = input.stations.map((each, s) => (s === 1 ? { ...each, closed: ['t2'] } : each));
  planCamp({ ...input, stations: closed, previous: plan.routes, seconds: 3 }, solve, watch);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  expect(shares.at(-1)).toBeGreaterThan(0.9);
});

it('how far the search is never falls where fewer moves are looked for at the end', () => {
  const shares: number[] = [];
  const progress = (step: string, share: number) => void (step === 'search' && shares.push(share));
  const input = {
    ...pretendCamp({ athletes: 24, stations: 6, slots: 5, slack: 1.1, seed: 1 }),
    seconds: 2,
  };
  const { routes: previous } = planCamp(input, solve);
  const stations = input.stations.map((each, s) => (s === 1 ? { ...each, closed: ['t2', 't3'] } : each));
  planCamp({ ...input, stations, previous }, solve, { ...unwatched, progress });
  expect(shares.length).toBeGreaterThan(5);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
});

it('searches that follow one another say one share, and more of them than were meant say the end', () => {
  const shares: number[] = [];
  const next = inSteps(
    { ...unwatched, progress: (_, share) => void shares.push(share), stopped: () => true },
    2,
  );
  for (let n = 0; n < 3; n++) next(1).progress('search', 0.5);
  expect(shares).toEqual([0.25, 0.75, 1]);
  expect(next(1).stopped()).toBe(true);
});

it('what one could get alone is the best of all their routes, whatever is closed and whenever they are away', () => {
  const random = rng(5);
  const some = (ids: readonly string[], share: number) => ids.filter(() => random.unit() < share);
  const slots = ['2031-07-14', '2031-07-14', '2031-07-14', '2031-07-14', '2031-07-14', '2031-07-15'];
  const ids = slots.map((_, t) => `t${t}`);
  for (let n = 0; n < 60; n++) {
    const input = tiny({
      slots: slots.map((day, t) => ({ id: ids[t]!, day, start: `1${t}:00`, minutes: 25 })),
      stations: ['s0', 's1', 's2'].map((id) => ({
        id,
        treats: [],
        capacity: 2,
        throwHeavy: random.unit() < 0.5,
        closed: n % 2 ? some(ids, 0.3) : [],
      })),
      athletes: [
        {
          id: 'a',
          age: random.integer(8, 15),
          discipline: 'windmill',
          throws: 'L',
          needs: { s0: random.integer(0, 3), s1: random.integer(0, 3), s2: random.integer(0, 3) },
          absent: some(ids.slice(1, -1), 0.3),
        },
      ],
    });
    const table = campTable(input);
    let best = 0;
    const from = (route: number[]): void => {
      if (route.length < ids.length) return [-1, 0, 1, 2].forEach((s) => from([...route, s]));
      const worth = routeWorth(table.need[0]!, route);
      // Alone no station has its fewest.
      const fault = ({ rule }: { rule: string }) => rule !== 'minimum';
      if (worth > best && !campFaults(table, [route.map((s) => (s < 0 ? null : s))]).some(fault))
        best = worth;
    };
    from([]);
    expect(bestAlone(table)[0]).toBe(best);
  }
});

it.each([
  [9, 3 + 3 + 1],
  [10, 3 + 3 + 1.5 + 1],
])('at %d years one who is alone throws in so many slots of a day, whatever is closed', (age, best) => {
  const input = tiny({
    slots: Array.from({ length: 5 }, (_, t) => ({
      id: `t${t}`,
      day: '2031-07-14',
      start: `1${t}:00`,
      minutes: 25,
    })),
    stations: ['s0', 's1', 's2'].map((id, s) => ({
      id,
      treats: [],
      capacity: 2,
      throwHeavy: s < 2,
      closed: s === 2 ? ['t0', 't2', 't3', 't4'] : [],
    })),
    athletes: [{ id: 'a', age, discipline: 'overhand', throws: 'R', needs: { s0: 3, s1: 3, s2: 1 } }],
  });
  expect(bestAlone(campTable(input))).toEqual([best]);
});
