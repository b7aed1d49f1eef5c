import {
  addDays,
  checkWords,
  displayStep,
  effortCurve,
  highOutliers,
  gate,
  movedRoots,
  mph,
  resultsOf,
  screenOffers,
  throwOffers,
  velocityTrend,
  type Missed,
  type ScreenResult,
  type SessionVelocity,
  type TimedThrow,
} from '../src';
import { withoutSpikes } from '../src/measure/filter';
import { sequenceEvidence, type MeasuredSequence } from '../src/measure/sequenceEvidence';
import { changeBetween, smallestRealChange } from '../src/prove/realChange';

const start = '2026-03-02';
const thrown = (day: number, velocity: number, effort = 90): TimedThrow => ({
  date: addDays(start, day),
  velocity: velocity * mph,
  effort,
  pitch: 'fastball',
  ball: 145,
});

it('calls a change real only beyond what is needed, not at it', () => {
  const session = (date: string, usual: number): SessionVelocity => ({
    date,
    n: 12,
    usual,
    top: usual + 1,
    robustSd: 0.4,
    step: 0,
    simulated: 0,
    like: { effort: 90, pitch: 'fastball', ball: 145 },
  });
  const from = session(start, 0);
  const needed = smallestRealChange(from, from, 0.8 * mph);
  const to = (usual: number) => changeBetween(from, session(addDays(start, 7), usual), [])!;
  expect(to(needed)).toMatchObject({ change: needed, needed, real: false });
  expect(to(needed * 1.001).real).toBe(true);
  expect(to(-needed * 1.001).real).toBe(true);
});

it('sends a step back only with ten reps', () => {
  expect(gate([{ clean: 0, missed: 9, pain: false }]).decision).toBe('stay');
  expect(gate([{ clean: 0, missed: 10, pain: false }]).decision).toBe('back');
});

it('needs three throws at each of three efforts', () => {
  const curve = (n: number) =>
    effortCurve(
      [60, 75, 90].flatMap((effort) => Array.from({ length: n }, (_, i) => thrown(0, 50 + i / 10, effort))),
    );
  expect(curve(2)).toBeNull();
  expect(curve(3)).not.toBeNull();
});

it('calls a trend real from three weeks on', () => {
  const over = (days: number) =>
    velocityTrend(
      Array.from({ length: 8 }, (_, n) =>
        [-1, -0.5, 0, 0.5, 1].map((off) => thrown(Math.round((n * days) / 7), 60 + n + off / 10)),
      ).flat(),
    )!;
  expect(over(20)).toMatchObject({ days: 20, real: false });
  expect(over(21)).toMatchObject({ days: 21, real: true });
});

describe('what is offered to the next look', () => {
  const missed = (day: number, n: number) =>
    Array.from({ length: n }, () => ({ ...thrown(day, 60), sides: ['high'] as Missed[] }));
  const misses = (day: number, n: number, on: number) =>
    throwOffers(missed(day, n), addDays(start, on)).filter(({ node }) => node === 'sym.miss-high');
  it('comes from throws of six weeks', () => {
    expect(misses(0, 6, 42)).toHaveLength(1);
    expect(misses(0, 6, 43)).toEqual([]);
  });
  it('needs six misses on a line', () => expect(misses(0, 5, 0)).toEqual([]));
  it('comes from screens of half a year', () => {
    const result = {
      limits: [
        { id: 'lim.balance', test: 'single-leg-hold', severity: 1, value: 18, margin: 2, error: null },
      ],
    } as unknown as ScreenResult;
    expect(screenOffers(result, start, addDays(start, 180))).toHaveLength(1);
    expect(screenOffers(result, start, addDays(start, 181))).toEqual([]);
  });
});

it('says how an athlete does from twenty charted pitches on', () => {
  const charted = (n: number) =>
    resultsOf(
      Array.from({ length: n }, () => ({ ...thrown(0, 60), arrived: [0, 0] as const })),
      start,
    );
  expect(charted(19)).toBeNull();
  expect(charted(20)).toMatchObject({ strikes: 1 });
});

it('looks for throws that stand out among ten', () => {
  const throws = (n: number) => Array.from({ length: n }, (_, i) => (i ? 26 + i / 100 : 32));
  expect(highOutliers(throws(9))).toBeNull();
  expect(highOutliers(throws(10))).toMatchObject({ count: 1 });
});

describe('the sequence', () => {
  const measured = (gapMs: number, after: number, then: number): MeasuredSequence =>
    ({
      peaks: [{ segment: 'pelvis', value: 600, time: 1 + after / 1000, plusMinusMs: 1 }],
      gaps: [{ from: 'pelvis', to: 'trunk', ms: gapMs, plusMinusMs: 1 }],
      plant: 1,
      at: (segment: string) => (segment === 'pelvis' ? 600 * then : null),
    }) as unknown as MeasuredSequence;
  const severity = (flaw: string, ...of: Parameters<typeof measured>) =>
    sequenceEvidence(measured(...of), undefined).evidence.find((each) => each.flaw === flaw)?.severity ?? 0;
  it.each([
    [15, 0],
    [14.9, 1],
    [8, 1],
    [7.9, 2],
    [-1.5, 3],
  ])('with %d ms between hips and trunk: %d', (ms, expected) =>
    expect(severity('oh.peaks-together', ms, 10, 1)).toBe(expected),
  );
  it.each([
    [0.1, 95, 0],
    [0.099, 59, 1],
    [0.099, 61, 2],
    [0.099, 91, 3],
  ])('with %d of the hips’ speed at plant and the peak %d ms after: %d', (then, after, expected) =>
    expect(severity('oh.hips-late', 30, after, then)).toBe(expected),
  );
});

it('hints at “push” until thirteen', () => {
  const hints = (age: number) =>
    checkWords({
      approach: { leave: 'fall' },
      notes: [{ by: 'A coach', text: 'Push off!' }],
      drills: [],
      age,
    }).hints;
  expect(hints(12)).toHaveLength(1);
  expect(hints(13)).toEqual([]);
});

it('shows a root that moved by what one decimal shows', () => {
  const roots = (score: number) =>
    ({ roots: [{ id: 'oh.wobble', score }] }) as unknown as Parameters<typeof movedRoots>[0];
  expect(movedRoots(roots(1), roots(1.049))).toEqual([]);
  expect(movedRoots(roots(1), roots(1.051))).toHaveLength(1);
});

it('sees on which display a velocity was read, rounding put by', () => {
  expect(displayStep([31 * mph + 0.0029, 33 * mph])).toBe(mph);
  expect(displayStep([31 * mph + 0.0031, 33 * mph])).toBe(mph / 10);
});

it('takes a spike of three samples out of seven, and not one of four', () => {
  const at = (wide: number) =>
    Float64Array.from({ length: 21 }, (_, i) => (i >= 9 && i < 9 + wide ? 50 : i % 2));
  expect(Math.max(...withoutSpikes(at(3)))).toBeLessThan(50);
  expect(Math.max(...withoutSpikes(at(4)))).toBe(50);
});
