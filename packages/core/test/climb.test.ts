import { bestAlone, campTable } from '../src';
import type { Solve, Solved } from '../src/build/week/programme';
import { climbed, halfway } from '../src/camp/climb';
import { unwatched } from '../src/camp/types';
import { pretendCamp } from '../src/simulate';

const size = { athletes: 12, stations: 4, slots: 5, slack: 1.2, seed: 31 };

/** A climb in which the solver answers what it is told to, in turn, with how long it was given each time. */
function climb(
  reached: number,
  highest: number,
  answers: readonly Solved['status'][],
  { takes = 0.1, of = size, watch = unwatched } = {},
) {
  const input = { ...pretendCamp(of), seconds: 5 };
  const table = campTable(input);
  const given: number[] = [];
  const solve: Solve = ({ gain }, { seconds }) => {
    const status = answers[given.length] ?? 'none';
    given.push(seconds);
    return { status, values: gain.map(() => 0), objective: 0, bound: 0, seconds: takes, steps: 0 };
  };
  const { at, ...found } = climbed({ input, table, best: bestAlone(table), solve, watch }, reached, highest);
  return { found, higher: at !== null, given };
}

it('a floor halfway is a whole step, and never above the highest', () => {
  expect(halfway(0.5, 0.6)).toBeCloseTo(0.55);
  expect(halfway(0.5, 0.65)).toBeCloseTo(0.6);
  expect(halfway(0.5, 0.52)).toBe(0.52);
});

it('what is solved is gone on from, up to the highest floor', () => {
  const { found, higher, given } = climb(0.5, 0.7, ['solved', 'solved', 'solved']);
  // 0.60, then 0.65, then 0.70.
  expect(given).toHaveLength(3);
  expect(found.floor).toBeCloseTo(0.7);
  expect(higher).toBe(true);
});

it('only what is proven lowers the floor that may still be had', () => {
  const proven = climb(0.5, 0.7, ['infeasible', 'none']);
  expect(proven.found.top).toBeCloseTo(0.55);
  const unknown = climb(0.5, 0.7, ['none', 'none']);
  expect(unknown.found).toEqual({ floor: 0.5, top: 0.7, tried: true });
  expect(unknown.higher).toBe(false);
  expect(unknown.given).toHaveLength(2);
});

it('one floor is given a part of what is left, and the last step all of it', () => {
  // Two fifths of five seconds, of which the first takes a tenth of one.
  expect(climb(0.5, 0.7, ['none']).given).toEqual([0.8, 1.9]);
  expect(climb(0.5, 0.55, ['none']).given).toEqual([2]);
  expect(climb(0.5, 0.7, ['solved'], { takes: 2 }).given).toEqual([0.8]);
});

it('nothing is tried where it is late, or the camp is a cell too large', () => {
  expect(climb(0.5, 0.7, [], { watch: { ...unwatched, late: () => true } })).toMatchObject({
    found: { tried: false },
    given: [],
  });
  const largest = { ...size, athletes: 50, stations: 10, slots: 10, slack: 1.1 };
  expect(climb(0.5, 0.55, [], { of: largest }).found.tried).toBe(true);
  expect(climb(0.5, 0.55, [], { of: { ...largest, athletes: 51 } }).found.tried).toBe(false);
});

it('whoever stops gets what there is', () => {
  const { found, given } = climb(0.5, 0.7, [], { watch: { ...unwatched, stopped: () => true } });
  expect([found.floor, given]).toEqual([0.5, []]);
});
