import { loadSolver } from '@wrightonic/solver';
import { campTable, planCamp, type Solve } from '../src';
import { Timetable } from '../src/camp/cost';
import { polish } from '../src/camp/neighbourhood';
import { pretendCamp } from '../src/simulate';

it.each([
  [0, 5, 0],
  [1, 5, 1],
  [101, 5, 2],
  [1e6, 0, 0],
  [1e6, 1, 1],
])('of %d steps and %d seconds the solver takes %d programmes', (steps, seconds, programmes) => {
  const input = pretendCamp({ athletes: 120, stations: 10, slots: 8, slack: 1 });
  const table = campTable(input);
  const timetable = new Timetable(
    table,
    table.athletes.map(() => 0),
  );
  let asked = 0;
  const none: Solve = () => {
    asked++;
    return { status: 'none', values: [], objective: 0, bound: 0, steps: 0, seconds: 1 };
  };
  const budget = { steps, seconds };
  polish(timetable, none, { seed: 1, budget, inVain: 100, enough: -Infinity });
  expect(asked).toBe(programmes);
});

it('a slower machine finds the same plan, where no place is free, too', async () => {
  const solve = await loadSolver();
  const input = pretendCamp({ athletes: 24, stations: 6, slots: 5, slack: 1, seed: 8 });
  const machine =
    (secondsAStep: number): Solve =>
    (programme, how) => {
      const solved = solve(programme, { ...how, seconds: 60 });
      return { ...solved, seconds: secondsAStep * solved.steps };
    };
  expect(planCamp(input, machine(3e-4)).routes).toEqual(planCamp(input, machine(0)).routes);
});
