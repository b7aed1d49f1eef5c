import { bestAlone, campFaults, campTable, type CampInput } from '../src';
import { Timetable } from '../src/camp/cost';
import { exactRoutes } from '../src/camp/exactRoutes';
import { pretendCamp } from '../src/simulate';
import { patientSolver } from './patient';

let solve: Awaited<ReturnType<typeof patientSolver>>;
beforeAll(async () => {
  solve = await patientSolver();
});

const camp = pretendCamp({ athletes: 24, stations: 6, slots: 5, slack: 1.1, seed: 909 });
/** Somebody near in age. */
const friend = (of: number) =>
  camp.athletes.findIndex(({ age }, n) => n > of && Math.abs(age - camp.athletes[of]!.age) <= 2);
/** Nine to seventeen years old; five apart at most; friends, somebody late, a pin, and two who are kept apart. */
const input: CampInput = {
  ...camp,
  athletes: camp.athletes.map((each, n) => (n % 17 === 3 ? { ...each, from: 't1' } : each)),
  rules: { ageSpan: 5, together: [['a0', `a${friend(0)}`]], apart: [['a5', 'a6']] },
  pinned: [{ athlete: 'a7', slot: 't2', station: 's1' }],
};
const routesWith = (floor: number, some = input) => {
  const table = campTable(some);
  const best = bestAlone(table);
  const least = best.map((most) => floor * most);
  return { table, best, least, ...exactRoutes(table, least, solve, 5) };
};

it('routes of everybody at once keep every rule and the floor, and leave nobody without a station', () => {
  const { table, least, at } = routesWith(0.8);
  const T = table.slots.length;
  const rows = table.athletes.map((_, a) => at!.slice(a * T, (a + 1) * T).map((s) => (s < 0 ? null : s)));
  expect(campFaults(table, rows)).toEqual([]);
  expect(rows[7]![2]).toBe(1);
  const timetable = new Timetable(table, least);
  timetable.lay(at!);
  const short = least.filter((worth, a) => timetable.worth(a) < worth - 1e-9);
  expect(short).toEqual([]);
  const waits = rows.flatMap((row, a) => row.filter((s, t) => s === null && table.present[a]![t]));
  expect(waits).toEqual([]);
});

it('a floor that nobody can have is known to be none', () => {
  expect(routesWith(1.05)).toMatchObject({ at: null, impossible: true });
  // A place less than there are athletes.
  const full = { ...input, stations: camp.stations.map((each) => ({ ...each, capacity: 3 })) };
  expect(routesWith(0, full)).toMatchObject({ at: null, impossible: true });
});

it('a machine that has no time says nothing of what is possible', () => {
  const table = campTable(input);
  const late: typeof solve = () => ({
    status: 'none',
    values: [],
    objective: 0,
    bound: 0,
    seconds: 5,
    steps: 0,
  });
  expect(exactRoutes(table, bestAlone(table), late, 5)).toEqual({ at: null, impossible: false, seconds: 5 });
});
