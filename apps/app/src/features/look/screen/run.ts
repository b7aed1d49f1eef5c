import type { LookPage, ScreenRecord, ScreenTryRecord } from '@wrightonic/contract';
import {
  strengthJudgedFrom,
  marginWords,
  readingsOf,
  screen,
  screenTests,
  shownUnit,
  type Hand,
  type ScreenedLimit,
  type ScreenResult,
  type ScreenTest,
  type SizeUnit,
  type Whom,
} from '@wrightonic/core';
import { severityNames } from '../../../ui/seam/words';
import { texts } from './texts';

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
  return texts.side(handWords[right], side);
}

/** Which of both sides counted because it is the worse: “turning left is the short way”. */
export function shortWords({ test, side }: Pick<ScreenedLimit, 'test' | 'side'>, hand: Hand): string {
  if (side !== 'lead' && side !== 'trail') return '';
  const word = handWords[side === 'trail' ? hand : other[hand]];
  return test === 'seated-rotation' ? texts.turningIsTheShort(word) : texts.theSide(word);
}

/** What a stretch right after the tries brought: “44 deg after a stretch”. */
export function retestWords(
  record: ScreenRecord,
  { test, side }: { test: string; side: string },
  say: (value: number) => string,
): string {
  const again = record.tries.find((each) => each.test === test && each.side === side && each.retest);
  return typeof again?.value === 'number' ? texts.afterAStretch(say(again.value)) : '';
}

/** The tests in order, each side by itself; strength is for adults. */
export const screenSteps = (hand: Hand, age: number): ScreenStep[] =>
  screenTests
    .filter(({ id }) => id !== 'squat-ratio' || age >= strengthJudgedFrom)
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
export const resultOf = (
  record: ScreenRecord,
  athlete: LookPage['athlete'],
  { level, sex, norms }: Whom,
): ScreenResult =>
  screen({
    athlete,
    tests: readingsOf(record.tries),
    massKg: athlete.massKg ?? undefined,
    level,
    sex,
    norms,
  });

export function gradeWords({ id, severity, margin }: ScreenedLimit, unit: string, liked: SizeUnit): string {
  if (severity === null) return texts.recordedNotJudged;
  if (unit === 'grade') return severityNames[severity];
  if (id === 'lim.power') return `${severityNames[severity]}, ${marginWords(margin!, '')}`;
  const shown = shownUnit(unit, liked);
  return `${severityNames[severity]}, ${marginWords(shown.show(margin!), shown.unit)}`;
}
