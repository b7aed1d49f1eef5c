import { bestAlone, campFaults, campTable, inTime, planCamp, type CampInput } from '../src';
import { Timetable, weights } from '../src/camp/cost';
import { repaired } from '../src/camp/repair';
import type { Freedom } from '../src/camp/freedom';
import { anneal } from '../src/camp/search';
import { unwatched } from '../src/camp/types';
import { pretendCamp } from '../src/simulate';
import { rng } from '../src/units/rng';
import { patientSolver } from './patient';

const full = pretendCamp({ athletes: 24, stations: 6, slots: 6, slack: 1, seed: 3 });
/** With all that a search has to weigh, and one who comes in the second slot. */
const strict: CampInput = {
  ...full,
  rules: { ageSpan: 4, together: [['a1', 'a2']], apart: [['a3', 'a4', 'a5']] },
  athletes: full.athletes.map((each, a) => (a === 7 ? { ...each, from: 't1' } : each)),
  previous: full.athletes
    .slice(0, 12)
    .map(({ id }) => ({ athlete: id, stations: full.slots.map(() => 's2') })),
};

const freedomOf = (table: ReturnType<typeof campTable>): Freedom => {
  const cells = table.athletes.flatMap((_, a) =>
    table.slots.flatMap((__, t) =>
      table.present[a]![t] && table.settled[a]![t] === null ? [[a, t] as const] : [],
    ),
  );
  return {
    athlete: Int16Array.from(cells, ([a]) => a),
    slot: Int16Array.from(cells, ([, t]) => t),
    stations: cells.map(([a, t]) =>
      table.stations.flatMap((_, s) => (table.may[a]![s] && table.open[s]![t] ? [s] : [])),
    ),
  };
};

describe('what a timetable costs', () => {
  const table = campTable(strict);
  const best = bestAlone(table);
  /** What it costs when nothing of it was known before. */
  const anew = (timetable: Timetable) => {
    const fresh = new Timetable(table, best);
    fresh.lay(timetable.at);
    return fresh.total();
  };

  it('is the same after a thousand changes, taken back or not, as of one that is laid out anew', () => {
    const random = rng(11);
    const timetable = new Timetable(table, best);
    for (let n = 0; n < 1000; n++) {
      const [a, t] = [random.integer(0, 23), random.integer(0, 5)];
      const [was, cost] = [timetable.station(a, t), timetable.ofAthlete(a)];
      timetable.set(a, t, random.integer(-1, 5));
      if (random.unit() < 0.5) {
        timetable.set(a, t, was);
        timetable.costsAsBefore(a, cost);
      }
      if (n % 50 === 0) expect(timetable.total()).toBeCloseTo(anew(timetable), 9);
    }
  });

  it('is told truly by a search, which leaves the best that it found', () => {
    const timetable = new Timetable(table, best);
    const freedom = freedomOf(table);
    const empty = timetable.total();
    const costs = [0.02, 0.1].map((seconds) =>
      anneal(timetable, freedom, { seed: 1, seconds, warmth: 6, enough: -Infinity }),
    );
    for (const cost of costs) expect(cost).toBeLessThan(empty);
    expect(costs[1]).toBe(timetable.total());
    expect(timetable.total()).toBeCloseTo(anew(timetable), 6);
    // From what it found before it comes to nothing worse.
    expect(costs[1]).toBeLessThanOrEqual(costs[0]! + 1e-9);
  });

  it('changes nobody who may not be elsewhere, whatever would be gained', () => {
    const timetable = new Timetable(table, best);
    const { athlete, slot } = freedomOf(table);
    const only: Freedom = { athlete, slot, stations: [...athlete].map((a) => (a % 2 ? [0, 1] : [])) };
    anneal(timetable, only, { seed: 2, seconds: 0.1, warmth: 6, enough: -Infinity });
    const seen = new Set(
      table.athletes.flatMap((_, a) => (a % 2 ? [] : [...timetable.at.slice(6 * a, 6 * a + 6)])),
    );
    expect([...seen]).toEqual([-1]);
    expect(Math.max(...timetable.at)).toBe(1);
  });
});

describe('a search about those who have less than they must have', () => {
  const tight = pretendCamp({ athletes: 120, stations: 10, slots: 8, slack: 1, seed: 1 });
  const table = campTable(tight);
  const must = bestAlone(table);
  /** How many have less, after as many tries, summed over some seeds. */
  const less = (focus: number) =>
    [1, 2].reduce((sum, seed) => {
      const wide = new Timetable(table, must);
      const how = { seed, seconds: 0.3, enough: -Infinity };
      anneal(wide, freedomOf(table), { ...how, warmth: 6 });
      const strict = new Timetable(table, must, weights.inOrder);
      strict.lay(wide.at);
      anneal(strict, freedomOf(table), { ...how, warmth: 0.5, focus });
      return sum + table.athletes.filter((_, a) => strict.isShort(a)).length;
    }, 0);
  it('leaves fewer of them', () => {
    expect(less(0.5)).toBeLessThan(less(0));
  });

  it('counts nobody who has it to the very point', () => {
    const own = new Timetable(table, must).worth(0);
    const isShortOf = (least: number) =>
      new Timetable(
        table,
        must.map(() => least),
      ).isShort(0);
    expect([isShortOf(own), isShortOf(own + 1e-6)]).toEqual([false, true]);
  });
});

describe('ages too far apart', () => {
  const at = (ages: number[], ageSpan: number): [number, string[]] => {
    const input: CampInput = {
      ...full,
      slots: full.slots.slice(0, 1),
      stations: full.stations.slice(0, 1).map((each) => ({ ...each, capacity: 9, minimum: 1 })),
      athletes: ages.map((age, a) => ({ ...full.athletes[a]!, age, needs: { s0: 1 } })),
      rules: { ageSpan },
    };
    const table = campTable(input);
    const timetable = new Timetable(
      table,
      ages.map(() => 0),
    );
    ages.forEach((_, a) => timetable.set(a, 0, 0));
    const waiting = repaired(timetable, freedomOf(table));
    expect(
      campFaults(
        table,
        [...timetable.at].map((s) => [s < 0 ? null : s]),
      ),
    ).toEqual([]);
    return [timetable.count[0]!, waiting.map((words) => words.split(' ')[0]!)];
  };
  it.each([
    ['one who is too young', [9, 14, 15, 15], 4, ['a0']],
    ['one who is too old', [9, 9, 10, 15], 4, ['a3']],
    ['nobody at the very span', [9, 13, 13], 4, []],
    ['as few as can be on both sides', [7, 11, 12, 13, 17], 4, ['a0', 'a4']],
  ])('take out %s', (_, ages, span, out) => {
    expect(at(ages, span)).toEqual([ages.length - out.length, out]);
  });
});

describe('room for somebody who is at no station', () => {
  /** One slot, three stations for one each: the first athlete can be at the first of them alone, where the second is. */
  const repairedOf = (change: (camp: CampInput) => Partial<CampInput>): [number[], string[]] => {
    const camp: CampInput = {
      ...full,
      slots: full.slots.slice(0, 1),
      stations: full.stations
        .slice(0, 3)
        .map((each) => ({ ...each, capacity: 1, minimum: 1, throwHeavy: false })),
      athletes: full.athletes
        .slice(0, 3)
        .map((each, a) => ({ ...each, age: 12 + 2 * a, barred: [['s1', 's2'], ['s2'], []][a]! })),
      rules: { ageSpan: null },
    };
    const table = campTable({ ...camp, ...change(camp) });
    const timetable = new Timetable(table, [0, 0, 0]);
    timetable.set(1, 0, 0);
    timetable.set(2, 0, 1);
    const waiting = repaired(timetable, freedomOf(table));
    return [[...timetable.at], waiting.map((words) => words.split(' ')[0]!)];
  };

  it('is made by those who go one station further', () => {
    expect(repairedOf(() => ({}))).toEqual([[0, 1, 2], []]);
  });

  it('is made by as few as can be', () => {
    const two = repairedOf(({ athletes }) => ({
      athletes: athletes.map((each, a) => (a === 1 ? { ...each, barred: ['s1'] } : each)),
    }));
    expect(two).toEqual([[0, 2, 1], []]);
  });

  it.each<[string, (camp: CampInput) => Partial<CampInput>]>([
    ['by friends', () => ({ rules: { ageSpan: null, together: [['a1', 'a2']] } })],
    ['by one who is pinned', () => ({ pinned: [{ athlete: 'a2', slot: 't0', station: 's1' }] })],
    [
      'where the last station is closed',
      ({ stations }) => ({
        stations: stations.map((each, s) => (s === 2 ? { ...each, closed: ['t0'] } : each)),
      }),
    ],
  ])('is not made %s', (_, change) => {
    expect(repairedOf(change)).toEqual([[-1, 0, 1], ['a0']]);
  });
});

describe('a station that closes in a camp that is nearly full', () => {
  it('leaves nobody without a station, and moves a tenth of what is left at most', async () => {
    const solve = await patientSolver();
    const camp = pretendCamp({ athletes: 120, stations: 10, slots: 8, slack: 1.1, seed: 1 });
    const { routes } = planCamp(camp, solve);
    const stations = camp.stations.map((each, s) => (s === 1 ? { ...each, closed: ['t2', 't3'] } : each));
    const plan = planCamp({ ...camp, stations, previous: routes, fixedBefore: 't2', seconds: 3 }, solve);
    expect(plan.limitedBy).toEqual([]);
    expect(plan.moved.length).toBeLessThanOrEqual(0.1 * 120 * 6);
  });
});

describe('a machine that is slow', () => {
  it('looks for more as long as six tenths of the time to plan in are not over', () => {
    let now = 1000;
    const watch = inTime(5, () => now);
    now = 3999.9;
    expect(watch.late()).toBe(false);
    now = 4000;
    expect(watch.late()).toBe(true);
    expect(watch.stopped()).toBe(false);
  });

  it('plans a place for everybody all the same, and only the floor is lower where it is late', async () => {
    const solve = await patientSolver();
    const wide = pretendCamp({ athletes: 24, stations: 6, slots: 5, slack: 1.2, seed: 9 });
    const input = { ...wide, rules: { ageSpan: 4 }, seconds: 1 };
    const [early, late] = [false, true].map((is) => planCamp(input, solve, { ...unwatched, late: () => is }));
    expect(late!.floor).toBeLessThan(early!.floor);
    for (const plan of [early!, late!]) {
      expect(plan.routes.flatMap(({ stations }) => stations)).not.toContain(null);
      expect(plan.limitedBy).toEqual([]);
    }
  });
});
