import {
  keptSequence,
  evenly,
  missFigures,
  readCurves,
  readMisses,
  readThrows,
  segments,
  sequence,
  stretches,
  writeCurves,
  writeTable,
  type SpeedCurves,
} from '../src';
import { noiseOfSlope, smooth, withoutSpikes } from '../src/measure/filter';
import { curveFlaws, rng, pretendCurves, type CurveFlaw } from '../src/simulate';

const sine = (hz: number, rate: number) =>
  Float64Array.from({ length: rate * 8 }, (_, i) => Math.sin((2 * Math.PI * hz * i) / rate));
/** Amplitude of a sine, from the middle of its samples. */
const size = (values: Float64Array) => {
  const middle = values.slice(values.length / 4, (3 * values.length) / 4);
  return Math.sqrt((2 * middle.reduce((sum, v) => sum + v * v, 0)) / middle.length);
};

describe('the low-pass', () => {
  it.each([120, 240, 1000])('is 3 dB down at its cut-off, both passes together, at %d Hz', (rate) => {
    expect(size(smooth(sine(20, rate), 20, rate))).toBeCloseTo(Math.SQRT1_2, 2);
    expect(size(smooth(sine(2, rate), 20, rate))).toBeCloseTo(1, 2);
  });
  it('shifts nothing in time', () => {
    const x = Float64Array.from({ length: 400 }, (_, i) => Math.exp(-(((i - 200) / 20) ** 2)));
    const y = smooth(x, 10, 240);
    expect(y.indexOf(Math.max(...y))).toBe(200);
  });
  it('keeps a straight line straight to its ends', () => {
    const line = Float64Array.from({ length: 100 }, (_, i) => 3 * i + 1);
    smooth(line, 10, 120).forEach((value, i) => expect(value).toBeCloseTo(line[i]!, 6));
  });
  it('refuses a cut-off beyond 0.4 of the rate', () =>
    expect(() => smooth(sine(1, 100), 41, 100)).toThrow(/^cutoff/));
});

describe('single bad samples', () => {
  const ramp = (off: Record<number, number>) =>
    Float64Array.from({ length: 41 }, (_, i) => i + (i % 2 ? 0.5 : 0) + (off[i] ?? 0));
  it('become the median of the seven around them beyond three scaled deviations', () => {
    // Around 20 stand 17.5, 18, 19.5, 20, 21.5, 22, 23.5: middle 20 and, without the one that is off, deviations that
    // have 1.5 or 2 in the middle.
    const found = withoutSpikes(ramp({ 20: 60 }));
    expect(found[20]).toBe(21.5);
    expect([...found].filter((_, i) => i !== 20)).toEqual([...ramp({})].filter((_, i) => i !== 20));
  });
  it('stay where they are within three', () => {
    // 0, 1, 2, x, 4, 5, 6: the middle is 4, the median deviation 2, three scaled ones 8.8956.
    const six = (x: number) => Float64Array.from([0, 1, 2, x, 4, 5, 6]);
    expect(withoutSpikes(six(12.89))[3]).toBe(12.89);
    expect(withoutSpikes(six(12.9))[3]).toBe(4);
  });
  it('do not make findings in clean deliveries', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const { curves, truth } = pretendCurves({ discipline: 'overhand', fps: 120, noise: 4, seed });
      const segment = (['pelvis', 'trunk', 'glove'] as const)[seed % 3]!;
      curves.turning[segment]![55 + ((seed * 7) % 40)]! += 1500;
      expect(sequence(curves, { level: 'high-school', plant: truth.plant }).evidence).toEqual([]);
    }
  });
});

describe('the ± of a gap', () => {
  it.each([120, 240, 500, 1000])('holds the true gap in at least 90 %% at %d Hz', (fps) => {
    for (const noise of [4, 30]) {
      let [held, n] = [0, 0];
      for (let seed = 1; seed <= 40; seed++) {
        const flaws = { 'oh.peaks-together': (seed % 5) / 5 };
        const { curves, truth } = pretendCurves({ discipline: 'overhand', fps, noise, seed, flaws });
        for (const { from, to, ms, plusMinusMs } of sequence(curves).gaps) {
          const real = (truth.peaks[to].time - truth.peaks[from].time) * 1000;
          n++;
          if (Math.abs(real - ms) <= plusMinusMs) held++;
        }
      }
      expect(held / n).toBeGreaterThanOrEqual(0.9);
    }
  });
  it('grows with the noise of the readings', () => {
    const width = (noise: number) =>
      sequence(pretendCurves({ discipline: 'overhand', fps: 240, noise, seed: 4 }).curves).gaps[0]!
        .plusMinusMs;
    expect(width(30)).toBeGreaterThan(2 * width(0));
  });
  it('takes the noise of the slope as the filter leaves it', () => {
    const random = rng(9);
    const read = Float64Array.from({ length: 20_000 }, () => random.normal());
    const low = smooth(read, 20, 240);
    const slopes = Array.from(low.slice(1, -1), (_, i) => ((low[i + 2]! - low[i]!) * 240) / 2);
    const sd = Math.sqrt(slopes.reduce((sum, each) => sum + each * each, 0) / slopes.length);
    expect(sd / noiseOfSlope(1, 20, 240)).toBeGreaterThan(0.9);
    expect(sd / noiseOfSlope(1, 20, 240)).toBeLessThan(1.1);
  });
});

describe('an even time base', () => {
  const time = Float64Array.from({ length: 201 }, (_, i) => i / 200);
  const values = time.map((t) => 100 * Math.sin(3 * t));
  const without = (from: number, to: number) => values.map((v, i) => (i >= from && i < to ? NaN : v));
  it('fills gaps of up to 50 ms and leaves longer ones', () => {
    const short = evenly(time, without(80, 90), 200);
    expect([short.filled, short.open, stretches(short.values)]).toEqual([1, 0, [[0, 201]]]);
    for (let i = 80; i < 90; i++) expect(Math.abs(short.values[i]! - values[i]!)).toBeLessThan(0.5);
    const long = evenly(time, without(80, 92), 200);
    expect([long.filled, long.open, stretches(long.values)]).toEqual([
      0,
      1,
      [
        [0, 80],
        [92, 201],
      ],
    ]);
  });
  it('comes from uneven times', () => {
    const uneven = time.map((t, i) => t + (i % 2 ? 0.0012 : 0));
    const even = evenly(
      uneven,
      uneven.map((t) => 100 * Math.sin(3 * t)),
      200,
    );
    even.values.forEach((value, i) => {
      if (!Number.isNaN(value)) expect(Math.abs(value - 100 * Math.sin((3 * i) / 200))).toBeLessThan(0.8);
    });
  });
});

describe('planted peaks come back', () => {
  it.each([120, 240, 1000])('within 5 ms and 3 %% at %d Hz with noise', (fps) => {
    for (let seed = 1; seed <= 12; seed++) {
      const { curves, truth } = pretendCurves({ discipline: 'overhand', fps, noise: 4, seed });
      const { peaks } = sequence(curves);
      expect(peaks.map(({ segment }) => segment)).toEqual([...segments]);
      for (const { segment, time, value } of peaks) {
        expect(Math.abs(time - truth.peaks[segment].time)).toBeLessThan(0.005);
        expect(Math.abs(value / truth.peaks[segment].value - 1)).toBeLessThan(0.03);
      }
    }
  });
});

describe('planted flaws', () => {
  const evidence = (flaws: Partial<Record<CurveFlaw, number>>, fps: number, seed: number) => {
    const { curves, truth } = pretendCurves({ discipline: 'overhand', fps, flaws, noise: 6, seed });
    return sequence(curves, { level: 'high-school', plant: truth.plant }).evidence;
  };
  it.each([120, 240, 1000])('are found at %d Hz, and nothing else', (fps) => {
    for (const flaw of curveFlaws)
      for (const [strength, least] of [
        [0.6, 1],
        [1, 2],
      ] as const) {
        const found = evidence({ [flaw]: strength }, fps, 5);
        expect(found.map((each) => each.flaw)).toEqual([flaw]);
        expect(found[0]!.severity).toBeGreaterThanOrEqual(least);
      }
  });
  it.each([120, 240, 1000])('are not found at %d Hz where none was planted', (fps) => {
    for (let seed = 1; seed <= 15; seed++) expect(evidence({}, fps, seed)).toEqual([]);
  });
});

describe('the sequence', () => {
  const { curves, truth } = pretendCurves({ discipline: 'overhand', fps: 240, seed: 2 });
  it('gives order, gaps with their ±, gains, and what was handed on', () => {
    const found = sequence(curves);
    expect(found.order.filter((segment) => segment !== 'glove')).toEqual(['pelvis', 'trunk', 'arm', 'hand']);
    expect(found.gaps.map(({ from, to }) => `${from} ${to}`)).toEqual([
      'pelvis trunk',
      'trunk arm',
      'arm hand',
    ]);
    expect(found.gaps[0]!.ms).toBeCloseTo(40, 0);
    for (const { plusMinusMs } of found.gaps) expect(plusMinusMs).toBeGreaterThanOrEqual(500 / 240);
    expect(found.gains['trunk/pelvis']).toBeCloseTo(1105 / 665, 1);
    expect(found.handedOn.pelvis).toBeLessThan(0.5);
    expect(found.release).toBeCloseTo(truth.release, 2);
  });
  it('judges no gap that is smaller than its own ±', () => {
    const together = pretendCurves({
      discipline: 'overhand',
      fps: 120,
      flaws: { 'oh.peaks-together': 0.8 },
      seed: 3,
    });
    const found = sequence(together.curves);
    expect(found.evidence.map(({ flaw }) => flaw)).not.toContain('oh.peaks-together');
    expect(found.notes.join()).toMatch(/less than its own ±/);
  });
  it('names what is missing, and judges neither level nor plant that were not given', () => {
    const { glove: _, ...turning } = curves.turning;
    const found = sequence({ ...curves, turning });
    expect(found.missing).toEqual(['glove']);
    expect(found.notes.join()).toMatch(/level.*plant was not given/);
  });
  it('takes a peak at the edge of the recording for none', () => {
    const cut: SpeedCurves = {
      ...curves,
      time: curves.time.slice(0, 150),
      turning: { pelvis: curves.turning.pelvis!.slice(0, 150) },
      forward: {},
    };
    expect(sequence(cut).missing).toContain('pelvis');
  });
  it.each([
    [{ cutoff: 97 }, /^cutoff/],
    [{ plant: 9 }, /^plant/],
    [{ release: -1 }, /^release/],
  ])('refuses %j', (options, why) => expect(() => sequence(curves, options)).toThrow(why));
  it('gives windmill no overhand evidence', () =>
    expect(sequence(curves, { discipline: 'windmill', level: 'youth', plant: 0.1 }).evidence).toEqual([]));
});

describe('tables', () => {
  const { curves } = pretendCurves({ discipline: 'overhand', fps: 60, noise: 3 });
  it('of curves come back as they were written', () => {
    const again = readCurves(writeCurves(curves));
    again.time.forEach((t, i) => expect(t).toBeCloseTo(curves.time[i]!, 5));
    for (const segment of segments)
      again.turning[segment]!.forEach((v, i) => expect(v).toBeCloseTo(curves.turning[segment]![i]!, 3));
    expect(Object.keys(again.forward)).toEqual(['pelvis', 'trunk']);
  });
  it.each([
    ['', /empty/],
    ['time_s,knee\n0,1', /none of pelvis/],
    ['t,pelvis\n0,1', /time_s is missing/],
    ['time_s,pelvis\n0,fast', /^pelvis: row 2/],
    ['time_s,pelvis\nnan,1', /^time_s: row 2/],
    ['time_s,pelvis\n0,99999', /row 2 is more than a body can do/],
    ['a\0b', /not a text file/],
  ])('of curves refuse %j', (text, why) => expect(() => readCurves(text)).toThrow(why));
  it('of curves refuse times that go backward', () => {
    const rows = Array.from({ length: 12 }, (_, i) => `${i === 6 ? 0.01 : i / 100},${i}`);
    expect(() => sequence(readCurves(`time_s,pelvis\n${rows.join('\n')}`))).toThrow(/^time_s: row 8/);
  });
  it('of throws say what is wrong row by row, and give the good rows', () => {
    const { rows, problems, leftOut } = readThrows(
      [
        'date,velocity_mph,effort,result,side,shirt',
        '2026-05-01,68.2,90,miss,high+arm,4',
        '2026-02-30,68,90,,,',
        '2026-05-01,fast,90,,,',
        '2026-05-01,68,400,,,',
        '2026-05-01,68,90,miss,high+low,',
        '2026-05-01,68,90,hit,low,',
        '2026-05-01,,,hit,,',
        '2026-05-01,68',
      ].join('\n'),
    );
    expect(rows.map(({ row, thrown }) => [row, thrown.sides])).toEqual([
      [2, ['high', 'arm']],
      [8, []],
    ]);
    expect(problems.map(({ row, field }) => [row, field])).toEqual([
      [3, 'date'],
      [4, 'velocity_mph'],
      [5, 'effort'],
      [6, 'side'],
      [7, 'side'],
      [9, 'row'],
    ]);
    expect(leftOut).toEqual(['shirt']);
    expect(readThrows('date,time\n2026-05-01,9:05').rows[0]!.thrown.time).toBe('09:05');
    const spun = readThrows('date,spin_rpm,break_arm_in\n2026-05-01,2100,10\n2026-05-01,9000,\n2026-05-01,,');
    expect(spun.rows.map(({ thrown }) => thrown.flight)).toEqual([{ spinRpm: 2100, armCm: 25.4 }, undefined]);
    expect(spun.problems).toEqual([
      { row: 3, field: 'spin_rpm', message: 'must be a number from 0 to 4500' },
    ]);
  });
  it('of throws refuse a file that is no such table', () => {
    expect(() => readThrows('day,speed\n1,2')).toThrow(/date is missing/);
    expect(() => readThrows('date,pitch\n2026-05-01,"open')).toThrow(/quotation mark/);
  });
  it('of misses take strikes and balls, and misses whose side nobody wrote down', () => {
    const { rows, problems } = readMisses(
      'aim,result,side\na,miss,\nb,maybe,low\nc,hit,\nd,Strike,\ne,ball,arm\nf,hit,low\ng,miss,high+low',
    );
    expect(rows).toEqual([['unknown'], [], [], ['arm']]);
    expect(problems.map(({ row, field }) => [row, field])).toEqual([
      [3, 'result'],
      [7, 'side'],
      [8, 'side'],
    ]);
    expect(missFigures(rows)).toMatchObject({ n: 4, misses: 2, unknown: 1, shares: { arm: 1 } });
  });
  it('defuse formulas', () =>
    expect(
      writeTable(
        ['a', 'b'],
        [
          ['=1+1', -3],
          ['plain, with comma', null],
        ],
      ),
    ).toBe('a,b\r\n\'=1+1,-3\r\n"plain, with comma",'));
});

it('keeps of a reading what is drawn, turning and forward, and no whole curve', () => {
  const { curves } = pretendCurves({ discipline: 'overhand', fps: 240 });
  const kept = keptSequence(sequence(curves));
  expect(JSON.stringify(kept)).not.toContain('smoothed');
  expect(kept.lines.map(({ segment }) => segment)).toContain('hand');
  expect(kept.linear!.lines.map(({ segment }) => segment)).toEqual(['pelvis', 'trunk']);
  expect(kept.linear!.order).toEqual(['pelvis', 'trunk']);
  expect(kept.linear!.gaps).toHaveLength(1);
  expect(keptSequence(sequence({ ...curves, forward: {} })).linear).toBeUndefined();
  expect(sequence({ ...curves, unused: ['knee', 'toe'] }).notes).toContain('columns not used: knee, toe');
});
