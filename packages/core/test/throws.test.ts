import fc from 'fast-check';
import {
  effortCurve,
  highOutliers,
  fromMph,
  doubtfulAbove,
  missFigures,
  missOf,
  newestOffers,
  sessionGroups,
  throwOffers,
  toMph,
  type MissSide,
  type TimedThrow,
} from '../src';
import { rng } from '../src/simulate';

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
    expect(highOutliers(speeds(...steady, 73.2, 73.4))).toMatchObject({ count: 2, severity: 3 }));
  it('needs ten throws and a gap of 1 mph', () => {
    expect(highOutliers(speeds(...steady.slice(0, 9)))).toBeNull();
    expect(highOutliers(speeds(...steady))).toMatchObject({ count: 0, severity: 0 });
  });
  it('does not take a tight day for a flash: scatter counts as 0.3 mph at least', () =>
    // Against its own scatter of 0.23 mph the best throw would stand out at any level.
    expect(highOutliers(speeds(...Array(19).fill(70), 71.01))).toMatchObject({ count: 1, severity: 2 }));
  it('fires by luck in about 5, 1 and 0.1 % of days', () => {
    const random = rng(11);
    const days = 4000;
    let fired = [0, 0, 0];
    for (let day = 0; day < days; day++) {
      // Wide enough that the least gap of 1 mph is always there.
      const { severity } = highOutliers(Array.from({ length: 20 }, () => fromMph(70 + 3 * random.normal())))!;
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
  it('is not called flat while it may well climb by five in a hundred', () => {
    // Medians 70 and 71, three throws each with a scatter of 0.2965 · s: SE(d) = (1.2533 · 0.2965 · s / √3 / 71) · √(1 + (70/71)²)
    const graded = (s: number) =>
      effortCurve(
        [60, 70, 71].flatMap((mph, n) =>
          [-0.2 * s, 0, 0.2 * s].map((off) => thrown(mph + off, { effort: [60, 80, 100][n]! })),
        ),
      )!;
    const least = (0.05 - 1 / 71) / 1.645;
    const one = graded(1).error!;
    expect(one).toBeCloseTo(((1.2533 * 1.4826 * 0.2) / Math.sqrt(3) / 71) * Math.hypot(1, 70 / 71), 9);
    expect(graded((0.99 * least) / one).severity).toBe(2);
    expect(graded((1.01 * least) / one).severity).toBe(0);
  });
  it.each([
    [0.0301, 0],
    [0.0299, 1],
    [0.0151, 1],
    [0.0149, 2],
    [0.0001, 2],
    [0, 3],
  ])('at d = %d is %d', (d, severity) =>
    expect(effortCurve(ladder({ 60: 60, 80: 70 * (1 - d), 100: 70 }))!.severity).toBe(severity),
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
    // L of n of n is n / (n + 2.2414²): above 0.5, 0.6 and 0.7 from 6, 8 and 12 on.
    [5, 0, 0],
    [6, 0, 1],
    [7, 0, 1],
    [8, 0, 2],
    [11, 0, 2],
    [12, 0, 3],
    [5, 1, 0],
    [8, 1, 1],
    [8, 2, 0],
  ])('%d high against %d low is %d', (high, low, severity) =>
    expect(missFigures(aimed([['high'], high], [['low'], low])).symptoms['sym.miss-high']).toBe(severity),
  );
  it('weighs each axis by itself, and a miss may count on both', () => {
    const figures = missFigures(aimed([['high', 'arm'], 12], [['glove'], 1], [[], 10]));
    expect(figures).toMatchObject({ n: 23, misses: 13, shares: { high: 1, low: 0, arm: 12 / 13 } });
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
    expect(toMph(doubtfulAbove('overhand', 12, null))).toBeLessThan(130);
    expect(toMph(doubtfulAbove('overhand', 12, fromMph(60)))).toBeCloseTo(78, 9);
  });
});
