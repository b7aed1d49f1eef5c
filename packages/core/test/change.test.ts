import { fade, fromMph, toMph, velocityTrend, type TimedThrow } from '../src';
import { lowerByChance } from '../src/measure/rankTest';
import { pairSlopes, slopeInterval, theilSen } from '../src/measure/theilSen';
import { rng } from '../src/simulate';

const thrown = (mph: number, more: Partial<TimedThrow> = {}): TimedThrow => ({
  date: '2026-05-01',
  velocity: fromMph(mph),
  effort: 90,
  pitch: 'fastball',
  ball: 145,
  ...more,
});

describe('fade', () => {
  it.each([
    [[70, 70, 70], 0],
    [[70, 69, 68], 1],
    [[70, 69, 67], 2],
    [[70, 69, 65], 3],
  ])('of thirds %j is %d', (thirds, severity) =>
    expect(fade(thirds.flatMap((mph) => Array(5).fill(mph)))!.severity).toBe(severity),
  );
  it('needs fifteen throws', () => expect(fade(Array(14).fill(70))).toBeNull());
  it('is none while the same comes by chance more often than once in twenty times', () => {
    // Ranks of five against five: 12 of 252 ways bring so low a sum of ranks (19), 19 of 252 one more (20).
    const middle = [70, 70, 70, 70, 70];
    const held = [71, 72, 73, 74, 75];
    expect(fade([...held, ...middle, 65, 66, 67, 71.5, 73.5])).toMatchObject({
      severity: 3,
      chance: expect.closeTo(12 / 252, 9),
    });
    expect(fade([...held, ...middle, 65, 66, 67, 71.5, 74.5])).toMatchObject({
      severity: 0,
      chance: expect.closeTo(19 / 252, 9),
    });
  });
});

describe('the rank test', () => {
  it('shares ranks among equal values, and knows nothing of nobody', () => {
    expect(lowerByChance([2, 2, 2], [2, 2, 2])).toBe(1);
    expect(lowerByChance([], [1])).toBe(1);
    // Three of three below all others: one of twenty ways.
    expect(lowerByChance([4, 5, 6], [1, 2, 3])).toBeCloseTo(1 / 20, 12);
    expect(lowerByChance([2, 3, 3], [1, 1, 2])).toBeCloseTo(2 / 20, 12);
  });
  it('takes the chances as normal beyond forty values a side, ties included', () => {
    const every = (n: number, from: number) => Array.from({ length: n }, (_, i) => from + 2 * i);
    // Ranks 1, 3 … 81 add up to 1681 where 1701.5 is the middle and 107.83 the deviation.
    expect(lowerByChance(every(41, 2), every(41, 1))).toBeCloseTo(0.4264, 3);
    expect(lowerByChance(Array(41).fill(5), Array(41).fill(5))).toBe(1);
    const nearly = (n: number) => lowerByChance(every(n, 2), every(n, 1));
    expect(Math.abs(nearly(40) - nearly(41))).toBeLessThan(0.01);
  });
});

describe('Theil–Sen with Sen’s interval', () => {
  it('is the middle of the slopes', () =>
    expect(
      theilSen([
        [0, 0],
        [1, 1],
        [2, 2],
        [3, 30],
      ]),
    ).toBeCloseTo(5.5, 9));
  it('cuts off as many slopes as Kendall’s S allows', () => {
    const points = (n: number) => Array.from({ length: n }, (_, i): [number, number] => [i, i * i]);
    // One-sided 5 %: S of at least 6 of 6 for four points, 8 of 10 for five, 17 of 28 for eight.
    const cut = (n: number) => {
      const slopes = pairSlopes(points(n));
      return slopes.indexOf(slopeInterval(points(n))!.low) + 1;
    };
    expect(slopeInterval(points(3))).toBeNull();
    expect(cut(4)).toBe(1);
    expect(cut(5)).toBe(2);
  });
  it('holds the true slope in about 90 % of samples', () => {
    const random = rng(3);
    for (const n of [8, 40]) {
      let held = 0;
      for (let i = 0; i < 400; i++) {
        const interval = slopeInterval(
          Array.from({ length: n }, (_, x): [number, number] => [x, 0.5 * x + 2 * random.normal()]),
        )!;
        if (interval.low <= 0.5 && interval.high >= 0.5) held++;
      }
      expect(held / 400).toBeGreaterThan(0.86);
      expect(held / 400).toBeLessThan(0.97);
    }
  });
});

describe('the trend', () => {
  const session = (date: string, mph: number) =>
    [0, 0.2, -0.2, 0.1, -0.1].map((off) => thrown(mph + off, { date }));
  const season = (days: string[]) => days.flatMap((date, n) => session(date, 70 + n));
  it('is real over four sessions and three weeks when its interval leaves out nothing', () => {
    const trend = velocityTrend(season(['2026-05-01', '2026-05-09', '2026-05-17', '2026-05-25']))!;
    expect(trend).toMatchObject({ real: true, sessions: 4, days: 24 });
    expect(toMph(trend.perMonth)).toBeCloseTo(30.4375 / 8, 6);
  });
  it('is not real in two weeks, and is none from three sessions', () => {
    expect(velocityTrend(season(['2026-05-01', '2026-05-05', '2026-05-09', '2026-05-15']))).toMatchObject({
      real: false,
    });
    expect(velocityTrend(season(['2026-05-01', '2026-05-15', '2026-05-29']))).toBeNull();
  });
  it('is wider where sessions lean on their neighbours', () => {
    const days = Array.from({ length: 8 }, (_, n) => `2026-05-${String(3 * n + 1).padStart(2, '0')}`);
    const around = (offs: number[]) => {
      const trend = velocityTrend(days.flatMap((date, n) => session(date, 70 + offs[n]!)))!;
      const points = offs.map((off, n): [number, number] => [3 * n, fromMph(70 + off)]);
      const bare = slopeInterval(points)!;
      const left = points.map(([x, y]) => y - theilSen(points) * x);
      const off = left.map((each) => each - left.reduce((sum, y) => sum + y, 0) / 8);
      const r =
        off.slice(1).reduce((sum, y, n) => sum + y * off[n]!, 0) / off.reduce((sum, y) => sum + y * y, 0);
      return { width: trend.high - trend.low, bare: (bare.high - bare.low) * 30.4375, r };
    };
    const swinging = around([1, -1, 1, -1, 1, -1, 1, -1]);
    expect(swinging.width).toBeCloseTo(swinging.bare, 9);
    const staying = around([1, 1, 1, 1, -1, -1, -1, -1].map((off, n) => off + (2 / 7) * n));
    expect(swinging.r).toBeLessThan(0);
    expect(staying.r).toBeGreaterThan(0.1);
    expect(staying.width).toBeCloseTo(staying.bare * Math.sqrt((1 + staying.r) / (1 - staying.r)), 6);
  });
  it('leaves out sessions at another effort', () => {
    const easy = session('2026-06-01', 50).map((each) => ({ ...each, effort: 60 }));
    const season4 = season(['2026-05-01', '2026-05-09', '2026-05-17', '2026-05-25']);
    expect(velocityTrend([...season4, ...easy])).toEqual(velocityTrend(season4));
  });
});
