import { normFor, type Discipline, type Norm, type Sex } from '../catalogue';

/** Who jumps, as far as it is known. */
export interface Jumper {
  athlete: { discipline: Discipline };
  massKg?: number | undefined;
  level?: string | undefined;
  sex?: Sex | undefined;
  norms?: readonly Norm[] | undefined;
}

export interface Power {
  /** Peak power, W. */
  watts: number;
  /** The same for the middle of the reference jump and mass. */
  reference: number;
  ratio: number;
  /** The jump that was measured, and the kind of source of its reference. */
  from: JumpTest;
  basis: string;
}

/** Jumps that say something of power, the one that counts first. */
export const jumpTests = ['vertical-jump', 'broad-jump'] as const;
export type JumpTest = (typeof jumpTests)[number];

/**
 * Peak power of a jump (published regression for jumps with a counter-movement), W.
 *
 * @param jumpCm height of the jump, cm
 * @param massKg body mass, kg
 * @example jumpPower(50, 70) // 4151
 */
export const jumpPower = (jumpCm: number, massKg: number): number => 60.7 * jumpCm + 45.3 * massKg - 2055;

const middle = ({ low, high }: Norm): number => (low + high) / 2;

/**
 * Power against the middle of the reference of level and sex; null where either is not known. A broad jump stands in
 * for a vertical one as far up or down its own reference.
 *
 * @example powerOf({ athlete, massKg: null }, { cm: 45, test: 'jump.vertical' }) // null
 */
export function powerOf(
  { athlete, massKg, level, sex, norms }: Jumper,
  jump: { cm: number; test: JumpTest },
): Power | null {
  if (massKg === undefined || level === undefined || sex === undefined) return null;
  const whom = { discipline: athlete.discipline, level, sex, norms };
  const vertical = normFor('vertical-jump', whom);
  const own = normFor(jump.test, whom);
  const mass = normFor('body-mass', whom);
  if (!vertical || !own || !mass) return null;
  const jumpCm = jump.test === 'vertical-jump' ? jump.cm : middle(vertical) * (jump.cm / middle(own));
  const watts = jumpPower(jumpCm, massKg);
  const reference = jumpPower(middle(vertical), middle(mass));
  return { watts, reference, ratio: watts / reference, from: jump.test, basis: own.basis };
}

/**
 * A value that is worked out of what was read: both turns of an arm together, or the most that could be lifted once
 * (published estimate: load times one plus a thirtieth of the reps) over body mass.
 *
 * @param parts as the test names them: deg, or kg and reps
 * @param massKg body mass; without it a lift says nothing
 * @returns null where something is missing
 * @example sumOfParts('no-such-test', [40, 50], 70) // null
 */
export function sumOfParts(
  test: string,
  [first, second]: readonly [number, number],
  massKg: number | null,
): number | null {
  if (test === 'shoulder-arc') return first + second;
  if (test !== 'squat-ratio' || massKg === null) return null;
  const once = second <= 1 ? first : first * (1 + second / 30);
  return Math.round((100 * once) / massKg) / 100;
}
