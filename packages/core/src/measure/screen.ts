import { FieldError } from '../units/fieldError';
import {
  limitGrade,
  limits,
  normFor,
  screenTestOf,
  type Discipline,
  type Limit,
  type Norm,
  type ScreenSide,
  type Severity,
  type Sex,
} from '../catalogue';
import { powerJudgedFrom, strengthJudgedFrom } from '../safety';
import { jumpTests, powerOf, type Power } from './jump';
import { texts } from './texts';

/** What was measured on one side in one test; two tries are usual and the better one counts. */
export interface ScreenReading {
  test: string;
  /** `both` where one figure stands for both sides. */
  side: ScreenSide | 'both';
  tries: readonly number[];
  pain?: boolean | undefined;
}

export interface Screened {
  athlete: { discipline: Discipline; age: number };
  tests: readonly ScreenReading[];
  heightCm?: number | undefined;
  massKg?: number | undefined;
  level?: string | undefined;
  sex?: Sex | undefined;
  /** What is usual, where the academy has its own; else as in the catalogue. */
  norms?: readonly Norm[] | undefined;
}

export interface ScreenedLimit {
  id: string;
  test: string;
  value: number;
  /** Null where the value is recorded and not judged. */
  severity: Severity | null;
  /** Distance to the nearest threshold, in the unit of the thresholds; null where the value is not judged. */
  margin: number | null;
  /** Difference between the two tries that counted; null with one try. */
  error: number | null;
  /** Of a test that is done on both sides, the one that counted because it is the worse; null else. */
  side: ScreenSide | null;
}

export interface SideDifference {
  test: string;
  difference: number;
  /** Up to here it is usual. */
  usual: number;
}

export interface ScreenResult {
  limits: ScreenedLimit[];
  refer: { test: string; why: string }[];
  power: Power | null;
  differences: SideDifference[];
}

interface Best {
  value: number;
  error: number | null;
  side: ScreenSide | null;
}

/** Limits of how far a joint goes; a weak one is trained and not referred. */
const mobility: ReadonlySet<string> = new Set([
  'lim.hip-ir.lead',
  'lim.hip-ir.trail',
  'lim.hip-er.lead',
  'lim.hip-er.trail',
  'lim.hip-abduction',
  'lim.hip-extension',
  'lim.ankle-df',
  'lim.thoracic-rotation',
  'lim.adductors',
  'lim.shoulder-arc',
]);

/** Test of a limit that is computed from both arms, where the arms were measured one by one. */
const arcDeficit = 'shoulder-arc-deficit';
/** What two arms can differ by, deg. */
const deficitRange = [-150, 150] as const;

const differenceNorms: Readonly<Record<string, string>> = {
  'hip-ir': 'hip-rotation-side-to-side-difference',
  'hip-er': 'hip-rotation-side-to-side-difference',
  'seated-rotation': 'upper-back-rotation-side-to-side-difference',
};

const powerSteps = [0.9, 0.8, 0.7];

/** Whether the larger of two tries is the better one. */
function moreIsBetter(test: string): boolean {
  const limit = limits.find((each) => each.test === test);
  return limit ? limit.worseWhen === 'below' : screenTestOf(test)?.better !== 'less';
}

function bestOf(reading: ScreenReading): Best | null {
  if (reading.tries.length === 0) return null;
  const sorted = [...reading.tries].sort((a, b) => (moreIsBetter(reading.test) ? b - a : a - b));
  return {
    value: sorted[0]!,
    error: sorted.length > 1 ? Math.abs(sorted[0]! - sorted[1]!) : null,
    side: null,
  };
}

function graded(limit: Limit, value: number): { severity: Severity; margin: number } | null {
  const severity = limitGrade(limit, value);
  if (severity === null) return null;
  const steps = [limit.slight!, limit.clear!, limit.severe!];
  return { severity, margin: Math.min(...steps.map((step) => Math.abs(value - step))) };
}

/** The sides that a limit is read from, as they can be written down. */
const sidesOf = ({ side }: Limit): readonly string[] =>
  side === 'both' ? ['lead', 'trail', 'both', 'none'] : side === 'throwing' ? [] : [side, 'both'];

/** The reading that counts for a limit: of several sides the worse one. */
function readingFor(limit: Limit, bests: readonly (ScreenReading & { best: Best })[]): Best | null {
  const ofTest = bests.filter(({ test }) => test === limit.test);
  if (limit.test === arcDeficit && ofTest.length === 0) {
    const arc = (side: ScreenSide) =>
      bests.find((each) => each.test === 'shoulder-arc' && each.side === side)?.best;
    const [glove, throwing] = [arc('glove'), arc('throwing')];
    if (!glove || !throwing) return null;
    const errors = [glove.error, throwing.error].filter((error) => error !== null);
    return {
      value: glove.value - throwing.value,
      error: errors.length ? Math.hypot(...errors) : null,
      side: null,
    };
  }
  const sides = sidesOf(limit);
  const own = ofTest.filter(({ side }) => sides.length === 0 || side === limit.side || sides.includes(side));
  // A figure for the side itself goes before one that stands for both.
  const exact = limit.side === 'both' ? [] : own.filter(({ side }) => side === limit.side);
  const counted = (exact.length ? exact : own).map(({ best, side }) => ({
    ...best,
    side: limit.side === 'both' && side !== 'both' && side !== 'none' ? side : null,
  }));
  const sign = limit.worseWhen === 'below' ? 1 : -1;
  return counted.sort((a, b) => sign * (a.value - b.value))[0] ?? null;
}

function judged(
  limit: Limit,
  value: number,
  screened: Screened,
  power: Power | null,
): Pick<ScreenedLimit, 'severity' | 'margin'> {
  const unjudged = { severity: null, margin: null };
  if (limit.id === 'lim.power') {
    if (!power || screened.athlete.age < powerJudgedFrom) return unjudged;
    const severity = powerSteps.filter((step) => power.ratio < step).length as Severity;
    return { severity, margin: Math.min(...powerSteps.map((step) => Math.abs(power.ratio - step))) };
  }
  if (limit.id === 'lim.strength' && screened.athlete.age < strengthJudgedFrom) return unjudged;
  return graded(limit, value) ?? unjudged;
}

/**
 * The physical screen: what the readings say about each limit, what is to be referred to a licensed clinician, and
 * the power of the jump. Values are in the unit of their test.
 *
 * @throws RangeError when a test is unknown or a value is none that a body can show; the message names the field
 * @example screen({ athlete, tests: [] }).limits // []
 */
export function screen(screened: Screened): ScreenResult {
  screened.tests.forEach(({ test, tries }, n) => {
    const known = screenTestOf(test);
    if (!known && test !== arcDeficit) throw new FieldError(`tests.${n}.test`, texts.thereIsNoTest(test));
    const [low, high] = known?.range ?? deficitRange;
    tries.forEach((value, i) => {
      if (!(value >= low && value <= high))
        throw new FieldError(`tests.${n}.tries.${i}`, texts.testMustLieBetween(test, low, high, known?.unit));
    });
  });
  const bests = screened.tests.flatMap((reading) => {
    const best = bestOf(reading);
    return best ? [{ ...reading, best }] : [];
  });
  const jump = jumpTests.flatMap((test) => {
    const best = bests.find((each) => each.test === test)?.best;
    return best ? [{ test, cm: best.value, best }] : [];
  })[0];
  const power = jump ? powerOf(screened, jump) : null;
  const found = limits.flatMap((limit): ScreenedLimit[] => {
    const best = limit.id === 'lim.power' ? jump?.best : readingFor(limit, bests);
    if (!best) return [];
    const test = limit.id === 'lim.power' ? jump!.test : limit.test;
    return [{ id: limit.id, test, ...best, ...judged(limit, best.value, screened, power) }];
  });
  const differences = Object.entries(differenceNorms).flatMap(([test, measure]): SideDifference[] => {
    const of = (side: ScreenSide) =>
      bests.find((each) => each.test === test && each.side === side)?.best.value;
    const [lead, trail] = [of('lead'), of('trail')];
    if (lead === undefined || trail === undefined) return [];
    const { norms } = screened;
    const usual = normFor(measure, { discipline: screened.athlete.discipline, level: 'all', norms })!.high;
    return [{ test, difference: Math.abs(lead - trail), usual }];
  });
  const whys = new Map<string, string[]>();
  const refer = (test: string, why: string) => whys.set(test, [...(whys.get(test) ?? []), why]);
  for (const { test, pain } of screened.tests) if (pain) refer(test, texts.painOnTest);
  for (const { id, test, severity } of found) {
    const { name } = limits.find((limit) => limit.id === id)!;
    if (severity === 3 && mobility.has(id)) refer(test, `${name}: severe`);
    else if (severity === 2 && id === 'lim.shoulder-arc') refer(test, `${name}: obvious`);
  }
  for (const { test, difference, usual } of differences)
    if (difference > 2 * usual) refer(test, texts.sideToSideDifference(difference, usual));
  return {
    limits: found,
    refer: [...whys].map(([test, why]) => ({ test, why: [...new Set(why)].join('; ') })),
    power,
    differences,
  };
}

/**
 * How far a value lies from the nearest threshold, after its grade: “by 2°”, or “borderline”.
 *
 * @param margin in `unit`, 0 or more
 * @param unit empty for a ratio
 * @example [marginWords(2, '°'), marginWords(0, '°')] // [ 'by 2 °', 'borderline' ]
 */
export function marginWords(margin: number, unit: string): string {
  const rounded = Number(margin.toFixed(unit === '' ? 2 : 1));
  return rounded === 0 ? 'borderline' : `by ${rounded}${unit === 'deg' ? '°' : unit && ` ${unit}`}`;
}

/**
 * The tries of a screen, one by one, as readings of a side; a retest after a stretch is no try.
 *
 * @example readingsOf([{ test: 'balance', side: 'lead', value: 12, pain: false }]) // [ { test: 'balance', side: 'lead', tries: [ 12 ], pain: false } ]
 */
export function readingsOf(
  tries: readonly {
    test: string;
    side: ScreenSide;
    value: number | null;
    pain: boolean;
    retest?: boolean;
  }[],
): ScreenReading[] {
  const readings = new Map<string, { test: string; side: ScreenSide; tries: number[]; pain: boolean }>();
  for (const { test, side, value, pain, retest } of tries) {
    const key = `${test} ${side}`;
    const reading = readings.get(key) ?? { test, side, tries: [], pain: false };
    readings.set(key, reading);
    if (value !== null && !retest) reading.tries.push(value);
    reading.pain ||= pain;
  }
  return [...readings.values()];
}
