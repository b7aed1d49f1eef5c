import { limits, screenTests, type Limit, type ScreenSide, type ScreenTest } from '../catalogue';
import type { Flight } from '../measure/flight';
import type { CurveFlaw } from './curves';
import { curveFlaws } from './curves';
import { rng, type Rng } from '../units/rng';
import type { PretendAthlete } from './roster';

export interface PretendTry {
  test: string;
  side: ScreenSide;
  n: 1 | 2;
  value: number;
}

/** A value that a limit of this severity would show: halfway between its threshold and the next. */
function valueFor(limit: Limit, severity: number, random: Rng): number {
  const steps = [limit.expected!, limit.slight!, limit.clear!, limit.severe!];
  if (limit.unit === 'grade') return severity;
  const next = steps[severity + 1] ?? steps[severity]! + (steps[severity]! - steps[severity - 1]!) * 0.5;
  const at = steps[severity]! + (next - steps[severity]!) * (0.15 + 0.5 * random.unit());
  return severity === 0 ? steps[0]! + (steps[0]! - steps[1]!) * (random.unit() - 0.5) : at;
}

const wholeUnits = new Set(['deg', 's', 'grade']);
const rounded = (value: number, unit: string): number =>
  wholeUnits.has(unit) ? Math.round(value) : Math.round(value * 10) / 10;

const shown = (value: number, { range: [low, high] }: ScreenTest): number =>
  Math.min(high, Math.max(low, 0, value));

/** How much a second try falls behind, of tests whose unit is no degree and no second. */
const tiring: Readonly<Record<string, number>> = { grade: 0, cm: 0.5, 'x body mass': 0.05 };

/**
 * The tries of a physical screen, two each; what the athlete's story limits is limited.
 *
 * @example pretendScreen(wren, 1).length > 10 // true
 */
export function pretendScreen(athlete: PretendAthlete, seed: number): PretendTry[] {
  const random = rng(seed + 31);
  const tries: PretendTry[] = [];
  for (const test of screenTests) {
    if (test.id === 'broad-jump' || (test.id === 'squat-ratio' && athlete.age < 18)) continue;
    for (const side of test.sides) {
      const limit = limits.find(
        (each) =>
          each.test === test.id && (each.side === side || each.side === 'both' || each.side === 'none'),
      );
      const severity = limit ? Math.round(athlete.roots[limit.id] ?? 0) : 0;
      let value: number;
      if (test.id === 'shoulder-arc') value = 172 + 8 * random.normal();
      else if (test.id === 'vertical-jump') value = athlete.mph * 0.62 + 3 * random.normal();
      else if (limit && limit.expected !== null) value = valueFor(limit, severity, random);
      else
        value = valueFor(
          limits.find((each) => each.test === test.id)!,
          0,
          random,
        );
      for (const n of [1, 2] as const) {
        const off = n === 1 ? 0 : -Math.abs(random.normal()) * (tiring[test.unit] ?? 2);
        tries.push({ test: test.id, side, n, value: shown(rounded(value + off, test.unit), test) });
      }
    }
  }
  return tries;
}

export interface PretendPitch {
  aim: [number, number];
  arrived: [number, number];
}

/**
 * Aimed pitches; who opens early misses high to the arm side, who pulls the glove to the glove side.
 *
 * @example pretendPitches(wren, 1, 12).length // 12
 */
export function pretendPitches(athlete: PretendAthlete, seed: number, n: number): PretendPitch[] {
  const random = rng(seed + 57);
  const arm = athlete.throws === 'R' ? 1 : -1;
  const strength = (ids: readonly string[]) => ids.reduce((sum, id) => sum + (athlete.roots[id] ?? 0), 0);
  const up = strength([
    'oh.lift-stall',
    'oh.shoulders-early',
    'oh.late-hand',
    'wm.upper-leads',
    'wm.pull-up',
  ]);
  const out =
    strength(['oh.shoulders-early', 'oh.arm-drag', 'wm.shoulder-pull', 'oh.lift-stall']) -
    strength(['oh.glove-pull', 'oh.spin-off']);
  const spots = [-2 / 3, 0, 2 / 3];
  return Array.from({ length: n }, () => {
    const aim: [number, number] = [spots[random.integer(0, 2)]!, spots[random.integer(0, 2)]!];
    return {
      aim,
      arrived: [
        aim[0] + arm * 0.05 * out + 0.38 * random.normal(),
        aim[1] + 0.055 * up + 0.4 * random.normal(),
      ],
    };
  });
}

/**
 * Spin and movement of a fastball; whoever gets beside the ball makes it run.
 *
 * @example typeof pretendFlight(wren, rng(1)).spinRpm // 'number'
 */
export function pretendFlight({ discipline, roots }: PretendAthlete, random: Rng): Flight {
  const run = roots['oh.side-of-ball'] ?? 0;
  const near = (middle: number, by: number) => Math.round((middle + by * random.normal()) * 10) / 10;
  return discipline === 'overhand'
    ? { spinRpm: Math.round(near(2050, 70)), armCm: near(19 + 6 * run, 4), upCm: near(36 - 3 * run, 4) }
    : { spinRpm: Math.round(near(1150, 60)), armCm: near(6, 3), upCm: near(-8, 4) };
}

/**
 * The flaws of an athlete that show in speed curves, with a strength.
 *
 * @example Object.keys(curveStrengths(wren)) // [ 'oh.glove-pull' ]
 */
export const curveStrengths = (athlete: PretendAthlete): Partial<Record<CurveFlaw, number>> =>
  Object.fromEntries(
    curveFlaws.flatMap((flaw) => {
      const severity = athlete.roots[flaw];
      return severity ? [[flaw, Math.min(1, 0.25 + severity * 0.25)]] : [];
    }),
  );
