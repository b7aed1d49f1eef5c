import { gradeMeasured, normFor, type Severity, type Whom } from '../catalogue';
import { severityNames } from '../catalogue/checkpoints';
import { measurableOf } from '../catalogue/measures';
import type { MotionGrade, MotionMeasure, MotionUnit } from './measureTable';

/** What a film says of a checkpoint. */
export interface MotionEvidence {
  checkpoint: string;
  /** Of both grades the lower one, where a threshold lies within the ±. */
  severity: Severity;
  between?: readonly [Severity, Severity];
  /** The measure that it comes from. */
  measure: string;
  why: string;
}

function gradeOf(grade: MotionGrade, value: number, whom: Whom): Severity | null {
  if ('norm' in grade) return gradeMeasured(grade.checkpoint, value, whom)?.severity ?? null;
  const { worse, steps } = grade;
  const passes = (step: number) =>
    worse === 'below' ? value < step : worse === 'above' ? value > step : Math.abs(value) > step;
  return steps.filter(passes).length as Severity;
}

/** The value of a span that is graded the best: a span around a range holds a clean one. */
function within(grade: MotionGrade, value: number, off: number, whom: Whom): number[] {
  const ends = [value - off, value, value + off];
  const clean = 'norm' in grade ? normOf(grade.checkpoint, whom) : grade.worse === 'outside' ? 0 : null;
  return clean === null ? ends : [...ends, Math.max(value - off, Math.min(value + off, clean))];
}
const normOf = (checkpoint: string, whom: Whom): number | null => {
  const measurable = measurableOf(checkpoint);
  const norm = measurable && normFor(measurable.measure, whom);
  return norm ? (norm.low + norm.high) / 2 : null;
};

/** Digits with a minus sign that is one; no minus before nothing. */
const digits = (value: number, unit: MotionUnit): string =>
  value
    .toFixed(unit.startsWith('%') ? 1 : 0)
    .replace(/^-(?=0(\.0)?$)/, '')
    .replace('-', '−');
const unitWords = (unit: MotionUnit): string => (unit === 'deg' ? '°' : ` ${unit}`);

/**
 * A figure of a film as it is written.
 *
 * @param off the ±, where there is one
 * @example motionWords(-1.84, 8.2, '% of trunk length') // '−1.8 ± 8.2 % of trunk length'
 */
export const motionWords = (value: number, off: number | null, unit: MotionUnit): string =>
  `${digits(value, unit)}${off === null ? '' : ` ± ${digits(off, unit)}`}${unitWords(unit)}`;

/**
 * A figure of one film and of another.
 *
 * @example motionChangeWords(70.1, 74.3, '% of height') // '70.1 → 74.3 % of height'
 */
export const motionChangeWords = (from: number, to: number, unit: MotionUnit): string =>
  `${digits(from, unit)} → ${digits(to, unit)}${unitWords(unit)}`;

/**
 * How far a figure differs from another one, with its sign.
 *
 * @param off the ±
 * @example differenceWords(4.2, 10, '% of height') // '+4.2 ± 10.0 % of height'
 */
export const differenceWords = (value: number, off: number, unit: MotionUnit): string =>
  `${/^−|^0(\.0)?$/.test(digits(value, unit)) ? '' : '+'}${motionWords(value, off, unit)}`;

/**
 * What a figure with its ± says of checkpoints of the discipline. Where a threshold lies within the ±, the grade is
 * between two, and the lower one is offered.
 *
 * @param off the ±, in the unit of the measure
 * @returns `ungraded` names the checkpoints whose usual range hangs on a level that is not known
 * @example gradesOf(motionMeasureOf('hip-rise'), { value: 5, off: 1.5 }, { discipline: 'overhand', level: 'youth' }).evidence[0].between // [ 2, 3 ]
 */
export function gradesOf(
  measure: MotionMeasure,
  { value, off }: { value: number; off: number },
  whom: Whom,
): { evidence: MotionEvidence[]; ungraded: string[] } {
  const evidence: MotionEvidence[] = [];
  const ungraded: string[] = [];
  for (const grade of measure.grades) {
    const { checkpoint } = grade;
    if (!checkpoint.startsWith(whom.discipline === 'overhand' ? 'oh.' : 'wm.')) continue;
    const grades = within(grade, value, off, whom).map((each) => gradeOf(grade, each, whom));
    if (grades.some((each) => each === null)) {
      ungraded.push(checkpoint);
      continue;
    }
    const own = grades[1]!;
    const [least, most] = [Math.min(...(grades as number[])), Math.max(...(grades as number[]))];
    // Two neighbours: the lower one where it is possible, else the next.
    const between = (least < own ? [own - 1, own] : most > own ? [own, own + 1] : [own, own]) as [
      Severity,
      Severity,
    ];
    const [low, high] = between;
    const said = `${measure.name}: ${motionWords(value, off, measure.unit)}`;
    evidence.push({
      checkpoint,
      severity: low,
      ...(low === high ? {} : { between }),
      measure: measure.id,
      why: low === high ? said : `${said}, between ${severityNames[low]} and ${severityNames[high]}`,
    });
  }
  return { evidence, ungraded };
}
