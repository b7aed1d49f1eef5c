import type { AthletePage, ScreenRecord, ScreenTryRecord } from '@wrightonic/contract';
import { levelOf } from '@wrightonic/contract';
import {
  marginWords,
  readingsOf,
  screen,
  screenTests,
  type Hand,
  type ScreenedLimit,
  type ScreenResult,
  type ScreenTest,
} from '@wrightonic/core';
import { severityNames } from '../../../ui/seam/words';

type Side = ScreenTryRecord['side'];

/** One side of one test, as it is done. */
export interface ScreenStep {
  test: ScreenTest;
  side: Side;
  /** “left hip, lead side”; empty where there are no sides. */
  sideWords: string;
}

const other: Record<Hand, Hand> = { R: 'L', L: 'R' };
const handWords: Record<Hand, string> = { R: 'right', L: 'left' };

/** Left or right, from the throwing hand: a right-hander leads with the left side. */
export function sideWords(side: Side, hand: Hand): string {
  if (side === 'none') return '';
  const right = side === 'trail' || side === 'throwing' ? hand : other[hand];
  return `${handWords[right]} side (${side})`;
}

const strengthFrom = 18;

/** The tests in order, each side by itself; strength is for adults. */
export const screenSteps = (hand: Hand, age: number): ScreenStep[] =>
  screenTests
    .filter(({ id }) => id !== 'squat-ratio' || age >= strengthFrom)
    .flatMap((test) =>
      test.sides.map((side) => ({
        test,
        side: side as Side,
        sideWords: sideWords(side as Side, hand),
      })),
    );

export const triesOf = (record: ScreenRecord, { test, side }: ScreenStep): ScreenTryRecord[] =>
  record.tries.filter((each) => each.test === test.id && each.side === side);

/** What a screen says, for this athlete. */
export const resultOf = (record: ScreenRecord, athlete: AthletePage['athlete']): ScreenResult =>
  screen({
    athlete,
    tests: readingsOf(record.tries),
    massKg: athlete.massKg ?? undefined,
    level: levelOf(athlete),
    sex: athlete.sex ?? undefined,
  });

export function gradeWords({ id, severity, margin }: ScreenedLimit, unit: string): string {
  if (severity === null) return 'recorded, not judged';
  if (unit === 'grade') return severityNames[severity];
  return `${severityNames[severity]}, ${marginWords(margin!, id === 'lim.power' ? '' : unit)}`;
}
