import fc from 'fast-check';
import {
  addDays,
  ageOn,
  clipEvents,
  areAlike,
  betweenSessions,
  compareLooks,
  displayStep,
  fromMph,
  medianError,
  mph,
  smallestRealChange,
  timing,
  toMph,
  velocityChange,
  velocityFrom,
  velocityIn,
} from '../src';
import {
  sessionVelocities,
  velocityFigures,
  type SessionVelocity,
  type TimedThrow,
} from '../src/measure/velocity';
import { rng } from '../src/simulate';

describe('timing from frames', () => {
  it('gives every interval with what one frame leaves open', () => {
    const { intervals, warnings } = timing(240, { plant: 100, release: 136, 'peak-lift': 20 });
    expect(intervals).toEqual([
      { from: 'peak-lift', to: 'plant', ms: 80000 / 240, plusMinusMs: 1000 / 240 },
      { from: 'peak-lift', to: 'release', ms: 116000 / 240, plusMinusMs: 1000 / 240 },
      { from: 'plant', to: 'release', ms: 150, plusMinusMs: 1000 / 240 },
    ]);
    expect(warnings).toEqual([]);
  });

  it('warns of an interval that is not longer than twice its ±, and says which camera could', () => {
    const { warnings } = timing(30, { 'hips-turn': 10, 'trunk-turn': 12, release: 13 });
    expect(warnings.map(({ from, to }) => [from, to])).toEqual([
      ['hips-turn', 'trunk-turn'],
      ['trunk-turn', 'release'],
    ]);
    expect(warnings[0]!.why).toContain('30 frames a second');
    expect(timing(30, { 'hips-turn': 10, 'trunk-turn': 13 }).warnings).toEqual([]);
  });

  it('orders by frame, not by what usually comes first', () => {
    const [interval] = timing(60, { release: 5, plant: 9 }).intervals;
    expect(interval).toMatchObject({ from: 'release', to: 'plant', ms: expect.closeTo(66.667, 2) });
  });

  it('has n(n − 1)/2 intervals, none negative, whatever is marked', () => {
    const events = fc.dictionary(fc.constantFrom(...clipEvents), fc.nat({ max: 900 }), {
      noNullPrototype: true,
    });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1000 }), events, (fps, marked) => {
        const n = Object.keys(marked).length;
        const { intervals } = timing(fps, marked);
        expect(intervals).toHaveLength((n * (n - 1)) / 2);
        for (const { ms } of intervals) expect(ms).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});

const throwOf = (velocity: number | null, more: Partial<TimedThrow> = {}): TimedThrow => ({
  date: '2026-05-01',
  velocity,
  effort: 90,
  pitch: 'fastball',
  ball: 145,
  ...more,
});
const five = [30, 31, 32, 33, 40];

describe('velocity of a session', () => {
  it('has top, middle and scatter of five like throws', () => {
    expect(velocityFigures(five)).toMatchObject({
      n: 5,
      top: 40,
      usual: 32,
      robustSd: expect.closeTo(1.4826, 6),
    });
    expect(velocityFigures(five.slice(1))).toBeNull();
  });

  it('takes the largest group of like throws, and of two as large the harder', () => {
    const [day] = sessionVelocities([
      ...five.map((v) => throwOf(v, { effort: 70 })),
      ...five.map((v) => throwOf(v + 2, { effort: 91 })),
      ...[50, 51, 52, 53].map((v) => throwOf(v, { effort: 100 })),
    ]);
    expect(day).toMatchObject({ n: 5, usual: 34, top: 42 });
  });

  it('keeps other balls and pitches apart, and leaves out what was not measured', () => {
    const mixed = [
      ...five.map((v, n) => throwOf(v, { ball: n % 2 ? 145 : 200 })),
      ...five.map((v) => throwOf(v, { date: '2026-05-02', pitch: 'change-up' })),
      ...five.map(() => throwOf(null, { date: '2026-05-03' })),
    ];
    expect(sessionVelocities(mixed).map(({ date }) => date)).toEqual(['2026-05-02']);
  });

  it('gives days in order, whatever the order of the throws', () => {
    const throws = ['2026-05-03', '2026-05-01', '2026-05-02'].flatMap((date) =>
      five.map((v) => throwOf(v, { date })),
    );
    fc.assert(
      fc.property(fc.shuffledSubarray(throws, { minLength: throws.length }), (shuffled) => {
        expect(sessionVelocities(shuffled)).toEqual(sessionVelocities(throws));
        expect(sessionVelocities(shuffled).map(({ date }) => date)).toEqual([
          '2026-05-01',
          '2026-05-02',
          '2026-05-03',
        ]);
      }),
      { numRuns: 20 },
    );
  });

  it('knows the smallest change that is more than noise', () => {
    // SE = 1.2533 · 2 / √16 = 0.62665; 1.645 · √(2 · 0.62665² + 2 · 0.3²)
    const day = { n: 16, robustSd: 2, step: 0.04 };
    expect(smallestRealChange(day, day, 0.3)).toBeCloseTo(1.6163, 3);
    expect(smallestRealChange(day, day, 0)).toBeCloseTo(1.4578, 3);
  });

  it('takes no scatter below half the step of the display', () => {
    const whole = [70, 70, 70, 70, 70].map(fromMph);
    expect(displayStep(whole)).toBeCloseTo(mph, 9);
    expect(displayStep([...whole, fromMph(70.1)])).toBeCloseTo(mph / 10, 9);
    expect(displayStep([20, 25])).toBeCloseTo(1 / 3.6, 9);
    const figures = velocityFigures(whole)!;
    expect(figures.robustSd).toBe(0);
    expect(medianError(figures)).toBeCloseTo((1.2533 * mph) / 2 / Math.sqrt(5), 9);
    expect(medianError({ n: 4, robustSd: 1.01, step: 2 })).toBeCloseTo((1.2533 * 1.01) / 2, 9);
  });

  const session = (day: number, value: number, more: object = {}): SessionVelocity => ({
    date: `2026-05-${String(day).padStart(2, '0')}`,
    n: 25,
    top: value + 1,
    usual: value,
    robustSd: 0,
    step: 0.001,
    simulated: 0,
    like: { effort: 90, pitch: 'fastball', ball: 145 },
    ...more,
  });

  const dated = (n: number, usual: number) => ({ date: addDays('2024-03-01', 7 * n), usual });
  const wander = (values: readonly number[]) =>
    betweenSessions(values.map((value, n) => dated(n, value))) / mph;
  const inMph = (values: readonly number[]) => values.map((value) => value * mph);

  it('knows how far sessions wander from four on, beside a trend, and never under 0.3 mph', () => {
    expect(wander([])).toBeCloseTo(0.8, 9);
    expect(wander([30, 32, 30])).toBeCloseTo(0.8, 9);
    // Four on a line: nothing measured with two degrees of freedom, beside six sessions of 0.8 mph.
    expect(wander([30, 31, 32, 33])).toBeCloseTo(0.8 * Math.sqrt(6 / 8), 9);
    // Deviations of 1 mph around a level line, in eight sessions and in ten, where the factor is n / (n − 0.8).
    const level = (n: number) => wander(inMph(Array.from({ length: n }, (_, i) => 62 + (i % 2 ? 1 : -1))));
    const both = (measured: number, free: number) =>
      Math.sqrt((free * measured ** 2 + 6 * 0.64) / (free + 6));
    expect(level(8)).toBeCloseTo(both(1.4826 * 1.129 * Math.sqrt(8 / 6), 6), 1);
    expect(level(10)).toBeCloseTo(both(1.4826 * (10 / 9.2) * Math.sqrt(10 / 8), 8), 1);
    const still = (n: number) => wander(Array<number>(n).fill(30));
    expect(still(38)).toBeCloseTo(0.8 * Math.sqrt(6 / 42), 9);
    expect(still(39)).toBeCloseTo(0.3, 9);
  });

  it.each([4, 5, 6, 10, 20])('finds a change in at most one of ten who do not change: %d sessions', (n) => {
    const random = rng(4 * n);
    const rounds = 2_000;
    let found = 0;
    for (let round = 0; round < rounds; round++) {
      const sessions = Array.from({ length: n }, (_, i) => ({
        ...session(1, 0),
        ...dated(i, mph * (62 + 0.8 * random.normal() + ((1.2533 * 1.2) / 5) * random.normal())),
        robustSd: 1.2 * mph,
      }));
      if (velocityChange(sessions)!.real) found++;
    }
    // Two standard errors of so many rounds above a tenth.
    expect(found / rounds).toBeLessThan(0.1 + 2 * Math.sqrt((0.1 * 0.9) / rounds));
  });

  it('calls a change real only above what is needed, and never no change', () => {
    const needed = 1.645 * Math.SQRT2 * 0.8 * mph;
    const change = (by: number) => velocityChange([session(1, 30), session(9, 30 + by)])!;
    expect(change(needed + 0.005).real).toBe(true);
    expect(change(-needed - 0.005).real).toBe(true);
    expect(change(needed - 0.005)).toMatchObject({ real: false, needed: expect.closeTo(needed, 2) });
    expect(change(0).real).toBe(false);
  });

  it('sets only sessions of like throws against each other', () => {
    const other = { like: { effort: 70, pitch: 'fastball', ball: 145 } };
    expect(velocityChange([session(1, 25, other), session(9, 30)])).toBeNull();
    expect(velocityChange([session(1, 25, other), session(3, 29), session(9, 30)])!.from.date).toBe(
      '2026-05-03',
    );
    expect(velocityChange([])).toBeNull();
  });

  it('does not take throws for alike that spread too far', () => {
    expect(areAlike({ top: 34.5, usual: 30, robustSd: 2.4 })).toBe(true);
    expect(areAlike({ top: 34.6, usual: 30, robustSd: 2.4 })).toBe(false);
    expect(areAlike({ top: 34.5, usual: 30, robustSd: 2.41 })).toBe(false);
  });
});

describe('two looks', () => {
  const compared = compareLooks({ a: 3, b: 1, c: 0, d: 2, e: 1 }, { a: 1, b: 1, c: 2, f: 0, e: 0 }, [
    'f',
    'e',
    'd',
    'c',
    'b',
    'a',
    'nobody',
  ]);
  it('say of each point what became of it, in the order that was asked for', () => {
    expect(compared.points.map(({ id, change }) => [id, change])).toEqual([
      ['f', 'new'],
      ['e', 'better'],
      ['d', 'not-looked-at'],
      ['c', 'slipped'],
      ['b', 'same'],
      ['a', 'better'],
    ]);
    expect(compared.count).toEqual({ better: 2, same: 1, slipped: 1, new: 1, 'not-looked-at': 1 });
  });
  it('sum only what was looked at both times', () => {
    expect(compared.sum).toEqual({ before: 5, after: 4 });
  });
  it('never call better what was not looked at', () => {
    expect(compareLooks({ a: 3 }, {}, ['a']).count).toMatchObject({ better: 0, 'not-looked-at': 1 });
  });
});

describe('units and days', () => {
  it('goes there and back', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 60, noNaN: true }), (v) => {
        expect(fromMph(toMph(v))).toBeCloseTo(v, 9);
        for (const unit of ['mph', 'km/h'] as const)
          expect(velocityFrom(velocityIn(v, unit), unit)).toBeCloseTo(v, 9);
      }),
    );
    expect(fromMph(100)).toBeCloseTo(44.704, 9);
    expect(velocityIn(10, 'km/h')).toBe(36);
  });
  it.each([
    ['2011-05-23', '2026-05-22', 14],
    ['2011-05-23', '2026-05-23', 15],
    ['2012-02-29', '2026-02-28', 13],
    ['2012-02-29', '2026-03-01', 14],
  ])('someone born %s is on %s %d years old', (born, day, age) => {
    expect(ageOn(born, day)).toBe(age);
  });
  it.each([
    ['2026-02-28', 1, '2026-03-01'],
    ['2024-02-28', 1, '2024-02-29'],
    ['2026-03-29', 7, '2026-04-05'],
    ['2026-01-01', -1, '2025-12-31'],
  ])('%s and %d days is %s', (day, n, other) => {
    expect(addDays(day, n)).toBe(other);
  });
});
