import {
  addDays,
  effortCurve,
  gate,
  mph,
  velocityTrend,
  type SessionVelocity,
  type TimedThrow,
} from '../src';
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
    scatter: 0.4,
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
