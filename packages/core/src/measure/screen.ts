import {
  limitGrade,
  limits,
  normFor,
  screenTestOf,
  type Discipline,
  type Limit,
  type ScreenSide,
  type Severity,
  type Sex,
} from '../catalogue';

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
}

export interface SideDifference {
  test: string;
  difference: number;
  /** Up to here it is usual. */
  usual: number;
}

export interface Power {
  /** Peak power, W. */
  watts: number;
  /** The same for the middle of the reference jump and mass. */
  reference: number;
  ratio: number;
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
}

/** Test of a limit that is computed from both arms, where the arms were measured one by one. */
const arcDeficit = 'shoulder-arc-deficit';
/** What two arms can differ by, deg. */
const deficitRange = [-150, 150] as const;

const differenceNorms: Readonly<Record<string, string>> = {
  'hip-ir': 'hip-rotation-side-to-side-difference',
  'hip-er': 'hip-rotation-side-to-side-difference',
  'seated-rotation': 'upper-back-rotation-side-to-side-difference',
};

/** Below this age power is only recorded, and strength below the other: never a verdict on a child. */
const powerFrom = 13;
const strengthFrom = 18;
const powerSteps = [0.9, 0.8, 0.7];

/** Whether the larger of two tries is the better one. */
function moreIsBetter(test: string): boolean {
  const limit = limits.find((each) => each.test === test);
  return limit ? limit.worseWhen === 'below' : screenTestOf(test)?.better !== 'less';
}

function bestOf(reading: ScreenReading): Best | null {
  if (reading.tries.length === 0) return null;
  const sorted = [...reading.tries].sort((a, b) => (moreIsBetter(reading.test) ? b - a : a - b));
  return { value: sorted[0]!, error: sorted.length > 1 ? Math.abs(sorted[0]! - sorted[1]!) : null };
}

function graded(limit: Limit, value: number): { severity: Severity; margin: number } | null {
  const severity = limitGrade(limit, value);
  if (severity === null) return null;
  const steps = [limit.slight!, limit.clear!, limit.severe!];
  return { severity, margin: Math.min(...steps.map((step) => Math.abs(value - step))) };
}

/**
 * Peak power of a jump (published regression for jumps with a counter-movement), W.
 *
 * @param jumpCm height of the jump, cm
 * @param massKg body mass, kg
 */
export const jumpPower = (jumpCm: number, massKg: number): number => 60.7 * jumpCm + 45.3 * massKg - 2055;

/** Power against the middle of the reference of level and sex; null where either is not known. */
function powerOf({ athlete, massKg, level, sex }: Screened, jumpCm: number): Power | null {
  if (massKg === undefined || level === undefined || sex === undefined) return null;
  const whom = { discipline: athlete.discipline, level, sex };
  const jump = normFor('vertical-jump', whom);
  const mass = normFor('body-mass', whom);
  if (!jump || !mass) return null;
  const watts = jumpPower(jumpCm, massKg);
  const reference = jumpPower((jump.low + jump.high) / 2, (mass.low + mass.high) / 2);
  return { watts, reference, ratio: watts / reference };
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
    };
  }
  const sides = sidesOf(limit);
  const own = ofTest.filter(({ side }) => sides.length === 0 || side === limit.side || sides.includes(side));
  // A figure for the side itself goes before one that stands for both.
  const exact = limit.side === 'both' ? [] : own.filter(({ side }) => side === limit.side);
  const counted = (exact.length ? exact : own).map(({ best }) => best);
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
    if (!power || screened.athlete.age < powerFrom) return unjudged;
    const severity = powerSteps.filter((step) => power.ratio < step).length as Severity;
    return { severity, margin: Math.min(...powerSteps.map((step) => Math.abs(power.ratio - step))) };
  }
  if (limit.id === 'lim.strength' && screened.athlete.age < strengthFrom) return unjudged;
  return graded(limit, value) ?? unjudged;
}

/**
 * The physical screen: what the readings say about each limit, what is to be referred to a licensed clinician, and
 * the power of the jump. Values are in the unit of their test.
 *
 * @throws RangeError when a test is unknown or a value is none that a body can show; the message names the field
 */
export function screen(screened: Screened): ScreenResult {
  screened.tests.forEach(({ test, tries }, n) => {
    const known = screenTestOf(test);
    if (!known && test !== arcDeficit) throw new RangeError(`tests.${n}.test: there is no test “${test}”`);
    const [low, high] = known?.range ?? deficitRange;
    tries.forEach((value, i) => {
      if (!(value >= low && value <= high))
        throw new RangeError(
          `tests.${n}.tries.${i}: ${test} must be ${low} to ${high} ${known?.unit ?? 'deg'}`,
        );
    });
  });
  const bests = screened.tests.flatMap((reading) => {
    const best = bestOf(reading);
    return best ? [{ ...reading, best }] : [];
  });
  const jump = bests.find(({ test }) => test === 'vertical-jump')?.best.value;
  const power = jump === undefined ? null : powerOf(screened, jump);
  const found = limits.flatMap((limit): ScreenedLimit[] => {
    const best = readingFor(limit, bests);
    if (!best) return [];
    return [{ id: limit.id, test: limit.test, ...best, ...judged(limit, best.value, screened, power) }];
  });
  const differences = Object.entries(differenceNorms).flatMap(([test, measure]): SideDifference[] => {
    const of = (side: ScreenSide) =>
      bests.find((each) => each.test === test && each.side === side)?.best.value;
    const [lead, trail] = [of('lead'), of('trail')];
    if (lead === undefined || trail === undefined) return [];
    const usual = normFor(measure, { discipline: screened.athlete.discipline, level: 'all' })!.high;
    return [{ test, difference: Math.abs(lead - trail), usual }];
  });
  const whys = new Map<string, string[]>();
  const refer = (test: string, why: string) => whys.set(test, [...(whys.get(test) ?? []), why]);
  for (const { test, pain } of screened.tests) if (pain) refer(test, 'pain on the test');
  for (const { id, test, severity } of found) {
    const { name } = limits.find((limit) => limit.id === id)!;
    if (severity === 3) refer(test, `${name}: severe`);
    else if (severity === 2 && id === 'lim.shoulder-arc') refer(test, `${name}: obvious`);
  }
  for (const { test, difference, usual } of differences)
    if (difference > 2 * usual)
      refer(test, `side-to-side difference of ${Math.round(difference)}, more than twice the usual ${usual}`);
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
 */
export function marginWords(margin: number, unit: string): string {
  const rounded = Number(margin.toFixed(unit === '' ? 2 : 1));
  return rounded === 0 ? 'borderline' : `by ${rounded}${unit === 'deg' ? '°' : unit && ` ${unit}`}`;
}

/** The tries of a screen, one by one, as readings of a side. */
export function readingsOf(
  tries: readonly { test: string; side: ScreenSide; value: number | null; pain: boolean }[],
): ScreenReading[] {
  const readings = new Map<string, { test: string; side: ScreenSide; tries: number[]; pain: boolean }>();
  for (const { test, side, value, pain } of tries) {
    const key = `${test} ${side}`;
    const reading = readings.get(key) ?? { test, side, tries: [], pain: false };
    readings.set(key, reading);
    if (value !== null) reading.tries.push(value);
    reading.pain ||= pain;
  }
  return [...readings.values()];
}
