import fc from 'fast-check';
import {
  effortCurve,
  fade,
  flash,
  fromMph,
  heldAbove,
  missFigures,
  missOf,
  newestOffers,
  sessionGroups,
  throwOffers,
  toMph,
  velocityTrend,
  type MissSide,
  type TimedThrow,
} from '../src';
import { pairSlopes, slopeInterval, theilSen } from '../src/measure/theilSen';
import { luck } from '../src/simulate';

const thrown = (mph: number | null, more: Partial<TimedThrow> = {}): TimedThrow => ({
  date: '2026-05-01',
  velocity: mph === null ? null : fromMph(mph),
  effort: 90,
  pitch: 'fastball',
  ball: 145,
  ...more,
});
const speeds = (...values: number[]) => values.map(fromMph);

describe('flash against luck', () => {
  const steady = [70, 70.3, 69.8, 70.1, 69.9, 70.2, 70, 69.7, 70.4, 70.1, 69.9, 70];
  it('finds two throws that stand out, and how sure that is', () =>
    expect(flash(speeds(...steady, 73.2, 73.4))).toMatchObject({ count: 2, severity: 3 }));
  it('needs ten throws and a gap of 1 mph', () => {
    expect(flash(speeds(...steady.slice(0, 9)))).toBeNull();
    expect(flash(speeds(...steady))).toMatchObject({ count: 0, severity: 0 });
  });
  it('does not take a tight day for a flash: scatter counts as 0.3 mph at least', () =>
    // Against its own scatter of 0.23 mph the best throw would stand out at any level.
    expect(flash(speeds(...Array(19).fill(70), 71.01))).toMatchObject({ count: 1, severity: 2 }));
  it('fires by luck in about 5, 1 and 0.1 % of days', () => {
    const random = luck(11);
    const days = 4000;
    let fired = [0, 0, 0];
    for (let day = 0; day < days; day++) {
      // Wide enough that the least gap of 1 mph is always there.
      const { severity } = flash(Array.from({ length: 20 }, () => fromMph(70 + 3 * random.normal())))!;
      fired = fired.map((n, i) => n + (severity > i ? 1 : 0));
    }
    const [slight, clear, severe] = fired.map((n) => n / days) as [number, number, number];
    expect(slight).toBeGreaterThan(0.035);
    expect(slight).toBeLessThan(0.065);
    expect(clear).toBeGreaterThan(0.005);
    expect(clear).toBeLessThan(0.016);
    expect(severe).toBeLessThan(0.004);
  });
});

describe('the effort curve', () => {
  const ladder = (medians: Record<number, number>): TimedThrow[] =>
    Object.entries(medians).flatMap(([effort, mph]) =>
      [-0.2, 0, 0.3].map((off) => thrown(mph + off, { effort: Number(effort) })),
    );
  it('climbs evenly', () => {
    const { curve, slopePer10, d, severity } = effortCurve(ladder({ 60: 60, 80: 66, 100: 72 }))!;
    expect(curve.map(({ effort, n }) => [effort, n])).toEqual([
      [60, 3],
      [80, 3],
      [100, 3],
    ]);
    expect(toMph(slopePer10)).toBeCloseTo(3, 9);
    expect(d).toBeCloseTo(6 / 72, 9);
    expect(severity).toBe(0);
  });
  it.each([
    [{ 60: 60, 80: 70, 100: 71.5 }, 1],
    [{ 60: 60, 80: 70, 100: 70.5 }, 2],
    [{ 60: 60, 80: 70, 100: 69 }, 3],
  ])('that goes flat is graded: %j', (medians, severity) =>
    expect(effortCurve(ladder(medians as Record<number, number>))!.severity).toBe(severity),
  );
  it('takes the pair nearest to 80 against 100, scaled', () => {
    const { d } = effortCurve(ladder({ 70: 66, 85: 69, 95: 70, 100: 71 }))!;
    expect(d).toBeCloseTo(((71 - 69) / 71) * (20 / 15), 9);
  });
  it('has no comparison below 15 points, and no curve below three efforts', () => {
    expect(effortCurve(ladder({ 90: 68, 95: 69, 100: 70 }))).toMatchObject({ d: null, severity: null });
    expect(effortCurve(ladder({ 60: 60, 100: 70 }))).toBeNull();
  });
  it('is of the commonest pitch and ball', () => {
    const other = ladder({ 60: 40, 80: 41 }).map((each) => ({ ...each, pitch: 'curve' }));
    expect(
      toMph(effortCurve([...other, ...ladder({ 60: 60, 80: 66, 100: 72 })])!.curve[0]!.median),
    ).toBeCloseTo(60, 9);
  });
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
    const random = luck(3);
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
  it('leaves out sessions at another effort', () => {
    const easy = session('2026-06-01', 50).map((each) => ({ ...each, effort: 60 }));
    const season4 = season(['2026-05-01', '2026-05-09', '2026-05-17', '2026-05-25']);
    expect(velocityTrend([...season4, ...easy])).toEqual(velocityTrend(season4));
  });
});

describe('sessions', () => {
  it('go by the largest group of like throws, in time order; a tie goes to the higher effort', () => {
    const groups = sessionGroups([
      thrown(71, { at: '10:02' }),
      thrown(70, { at: '10:01' }),
      thrown(60, { effort: 60 }),
      thrown(61, { effort: 62 }),
      thrown(null),
    ]);
    expect(groups).toHaveLength(1);
    expect(groups[0]!.effort).toBe(90);
    expect(groups[0]!.velocities.map((v) => Math.round(toMph(v)))).toEqual([70, 71]);
  });
});

describe('where the misses go', () => {
  const aimed = (...counts: [MissSide[], number][]) =>
    counts.flatMap(([sides, n]) => Array<MissSide[]>(n).fill(sides));
  it.each([
    [8, 0, 3],
    [9, 1, 2],
    [8, 2, 1],
    [7, 3, 0],
    [5, 0, 0],
    [4, 2, 0],
  ])('%d high against %d low is %d', (high, low, severity) =>
    expect(missFigures(aimed([['high'], high], [['low'], low])).symptoms['sym.miss-high']).toBe(severity),
  );
  it('weighs each axis by itself, and a miss may count on both', () => {
    const figures = missFigures(aimed([['high', 'arm'], 9], [['glove'], 1], [[], 10]));
    expect(figures).toMatchObject({ n: 20, misses: 10, shares: { high: 1, low: 0, arm: 0.9 } });
    expect(figures.symptoms).toEqual({
      'sym.miss-high': 3,
      'sym.miss-low': 0,
      'sym.miss-arm-side': 2,
      'sym.miss-glove-side': 0,
    });
  });
  it('is told from where it was aimed and where it went, by the throwing hand', () => {
    const aim = { x: 0, y: -2 / 3 };
    expect(missOf(aim, { x: 0.2, y: -0.5 }, 'R')).toEqual([]);
    expect(missOf(aim, { x: 0.5, y: 0 }, 'R')).toEqual(['high', 'arm']);
    expect(missOf(aim, { x: 0.5, y: -1.2 }, 'L')).toEqual(['low', 'glove']);
  });
  it('mirrors with the hand', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.double({ min: -2, max: 2, noNaN: true }),
        (x, y) =>
          expect(missOf({ x: 0, y: 0 }, { x, y }, 'R')).toEqual(missOf({ x: 0, y: 0 }, { x: -x, y }, 'L')),
      ),
    ));
});

describe('what throws offer to a look', () => {
  it('are symptoms wherever there was enough, clean ones too, of the last six weeks', () => {
    const charted = (date: string) =>
      Array.from({ length: 12 }, (_, n) => ({
        ...thrown(70 + (n % 3) * 0.1, { date }),
        sides: ['high'] as MissSide[],
      }));
    const offers = throwOffers(charted('2026-05-01'), '2026-05-20');
    expect(Object.fromEntries(offers.map(({ node, severity }) => [node, severity]))).toEqual({
      'sym.miss-high': 3,
      'sym.miss-low': 0,
      'sym.flash-gap': 0,
    });
    expect(throwOffers(charted('2026-05-01'), '2026-07-20')).toEqual([]);
  });
  it('are the newest, and of one day the worst', () => {
    const offer = (date: string, severity: 0 | 1 | 2) => ({
      node: 'oh.no-post',
      severity,
      from: 'clip' as const,
      date,
      value: null,
      why: '',
    });
    expect(newestOffers([offer('2026-05-02', 1), offer('2026-05-01', 2)])).toEqual([offer('2026-05-02', 1)]);
    expect(newestOffers([offer('2026-05-02', 1), offer('2026-05-02', 2)])).toEqual([offer('2026-05-02', 2)]);
  });
  it('hold what is beyond the athlete', () => {
    expect(toMph(heldAbove('overhand', 12, null))).toBeLessThan(130);
    expect(toMph(heldAbove('overhand', 12, fromMph(60)))).toBeCloseTo(78, 9);
  });
});
