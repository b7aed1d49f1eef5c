import {
  effortCurve,
  fade,
  gate,
  missFigures,
  mph,
  sessionVelocities,
  velocityChange,
  velocityTrend,
  wilson,
  addDays,
  type MissSide,
  type TimedThrow,
} from '@wrightonic/core';
import { rng, type Rng } from '@wrightonic/core/simulate';
import { median } from 'simple-statistics';
import { slopeInterval } from '../packages/core/src/measure/theilSen';

/** How often something is found that is not there, before a rule was made stricter and with it, percent. */
export interface FalseAlarms {
  what: string;
  before: number;
  after: number;
}

const rounds = 2_000;
const start = '2026-03-02';

function share(seed: number, one: (random: Rng) => { before: boolean; after: boolean }) {
  const random = rng(seed);
  const found = { before: 0, after: 0 };
  for (let n = 0; n < rounds; n++) {
    const { before, after } = one(random);
    found.before += Number(before);
    found.after += Number(after);
  }
  return { before: (100 * found.before) / rounds, after: (100 * found.after) / rounds };
}

interface Sessions {
  /** Scatter of a throw and of what is usual from session to session, mph. */
  scatter: number;
  between: number;
  sessions?: number;
  /** How much of the last session's wander stays in the next, 0..1. */
  stays?: number;
  /** Step of the display, mph. */
  step?: number;
}

/** Sessions of twelve throws, ten where nothing else is said, of somebody who does not change. */
function unchanged(
  random: Rng,
  { scatter, between, sessions = 10, stays = 0, step = 0.1 }: Sessions,
): TimedThrow[] {
  let wander = random.normal();
  return Array.from({ length: sessions }, (_, session) => {
    wander = session ? stays * wander + Math.sqrt(1 - stays ** 2) * random.normal() : wander;
    const usual = 62 + between * wander;
    return Array.from({ length: 12 }, (): TimedThrow => {
      const shown = Math.round((usual + scatter * random.normal()) / step) * step;
      return {
        date: addDays(start, 4 * session),
        velocity: shown * mph,
        effort: 90,
        pitch: 'fastball',
        ball: 145,
      };
    });
  }).flat();
}

function realChange(throws: readonly TimedThrow[]): { before: boolean; after: boolean } {
  const sessions = sessionVelocities(throws);
  const change = velocityChange(sessions)!;
  const error = ({ robustSd, n }: (typeof sessions)[number]) => (1.2533 * robustSd) / Math.sqrt(n);
  const { from, to } = change;
  return {
    before: Math.abs(to.usual - from.usual) >= 1.645 * Math.hypot(error(from), error(to)),
    after: change.real,
  };
}

/** @param gains a rise counts alone */
function trend(throws: readonly TimedThrow[], gains = false): { before: boolean; after: boolean } {
  const days = [...new Set(throws.map(({ date }) => date))];
  const interval = slopeInterval(
    days.map((date, n) => [
      4 * n,
      median(throws.filter((each) => each.date === date).map((each) => each.velocity!)),
    ]),
  )!;
  const found = velocityTrend(throws)!;
  return {
    before: interval.low > 0 || (!gains && interval.high < 0),
    after: found.real && (!gains || found.perMonth > 0),
  };
}

/** Whether a drill that is done clean six times of ten is called learned in one of eight sessions of ten reps. */
function promoted(random: Rng): { before: boolean; after: boolean } {
  const sessions: { clean: number; missed: number; pain: boolean }[] = [];
  const found = { before: false, after: false };
  for (let n = 0; n < 8; n++) {
    const clean = Array.from({ length: 10 }, () => random.chance(0.6)).filter(Boolean).length;
    sessions.push({ clean, missed: 10 - clean, pain: false });
    const now = gate(sessions);
    found.before ||= now.passes;
    found.after ||= now.decision === 'up';
  }
  return found;
}

function misses(random: Rng): { before: boolean; after: boolean } {
  const thrown = Array.from({ length: 40 }, (): MissSide[] =>
    random.chance(0.3)
      ? []
      : [
          ...(random.chance(0.6) ? [random.chance(0.5) ? ('high' as const) : ('low' as const)] : []),
          ...(random.chance(0.6) ? [random.chance(0.5) ? ('arm' as const) : ('glove' as const)] : []),
        ],
  );
  const on = (side: MissSide) => thrown.filter((sides) => sides.includes(side)).length;
  const opposite = { high: 'low', low: 'high', arm: 'glove', glove: 'arm' } as const;
  const called = (side: MissSide) => {
    const all = on(side) + on(opposite[side]);
    return on(side) >= 5 && all >= 6 && wilson(on(side), all, 1.6449).lower > 0.5;
  };
  return {
    before: (['high', 'low', 'arm', 'glove'] as const).some(called),
    after: Object.values(missFigures(thrown).symptoms).some((severity) => severity > 0),
  };
}

function fading(random: Rng): { before: boolean; after: boolean } {
  const found = fade(Array.from({ length: 30 }, () => 45 + 2.5 * random.normal()))!;
  return { before: found.ratio < 0.98, after: found.severity > 0 };
}

/** Throws of 45 mph whose velocity follows effort as it should, three at each of five efforts. */
function flat(random: Rng): { before: boolean; after: boolean } {
  const throws = [60, 70, 80, 90, 100].flatMap((effort) =>
    Array.from({ length: 3 }, (): TimedThrow => ({
      date: start,
      velocity: 45 * mph * (1 - 0.005 * (100 - effort)) + 2.5 * mph * random.normal(),
      effort,
      pitch: 'fastball',
      ball: 145,
    })),
  );
  const curve = effortCurve(throws);
  return { before: (curve?.d ?? 1) < 0.03, after: (curve?.severity ?? 0) > 0 };
}

/** The rules that were made stricter, each on athletes in whom there is nothing to find. */
export const falseAlarms = (): FalseAlarms[] => [
  ...[0.3, 0.5, 0.8].map((between, n) => ({
    what: `real change of velocity, sessions ${between} mph apart of themselves`,
    ...share(11 + n, (random) => realChange(unchanged(random, { scatter: 1.2, between }))),
  })),
  ...[2, 3, 4, 5, 6, 20, 40].flatMap((sessions) =>
    [0.5, 0.8].map((between) => ({
      what: `the same, ${between} mph and ${sessions} sessions`,
      ...share(100 * sessions + 10 * between, (random) =>
        realChange(unchanged(random, { scatter: 1.2, between, sessions })),
      ),
    })),
  ),
  {
    what: 'the same at 0.5 mph, a display in whole mph and a scatter of 0.3 mph',
    ...share(21, (random) => realChange(unchanged(random, { scatter: 0.3, between: 0.5, step: 1 }))),
  },
  ...[4, 10, 20].flatMap((sessions) =>
    [0.5, 0.8].map((between) => ({
      what: `a rising trend of ${sessions} sessions, ${between} mph`,
      ...share(500 * sessions + 10 * between, (random) =>
        trend(unchanged(random, { scatter: 1.2, between, sessions }), true),
      ),
    })),
  ),
  {
    what: 'trend of ten sessions, each close to the one before (0.6)',
    ...share(31, (random) => trend(unchanged(random, { scatter: 1.2, between: 0.8, stays: 0.6 }))),
  },
  { what: 'a drill learned at a true 60 %, eight sessions of ten reps', ...share(41, promoted) },
  { what: 'misses to one of four sides, none meant', ...share(51, misses) },
  { what: 'fade over 30 throws of 45 mph, scatter 2.5 mph', ...share(61, fading) },
  { what: 'flat effort, 45 mph with scatter 2.5 mph, three throws each', ...share(71, flat) },
];
