import type { Norm, Severity } from '../catalogue';
import type { Segment } from './curves';
import type { Evidence, Gap, Peak } from './sequence';
import { texts } from './texts';

export interface MeasuredSequence {
  peaks: readonly Peak[];
  gaps: readonly Gap[];
  /** Full front-foot contact, s; null when nobody said. */
  plant: number | null;
  /** Speed of a segment at plant, deg/s; null where it is not known. */
  at: (segment: Segment) => number | null;
}

/** How many of three steps are passed. */
const passed = (steps: readonly boolean[]): Severity => steps.filter(Boolean).length as Severity;
const ms = (value: number): string => `${value.toFixed(0)} ms`;

/**
 * What an overhand sequence says about flaws. A gap that is smaller than its own ± is not judged.
 *
 * @param pelvis the usual range of the pelvis peak for the level; left out where no level is known
 * @example sequenceEvidence(reading, undefined).evidence.map(({ severity }) => severity) // []
 */
export function sequenceEvidence(
  { peaks, gaps, plant, at }: MeasuredSequence,
  pelvis: Norm | undefined,
): { evidence: Evidence[]; notes: string[] } {
  const evidence: Evidence[] = [];
  const notes: string[] = [];
  const add = (flaw: string, severity: Severity, why: string) => {
    if (severity > 0) evidence.push({ flaw, severity, why });
  };
  const peak = (segment: Segment) => peaks.find((each) => each.segment === segment);
  const [hips, trunk, glove] = [peak('pelvis'), peak('trunk'), peak('glove')];

  const gap = gaps.find(({ from, to }) => from === 'pelvis' && to === 'trunk');
  if (gap && Math.abs(gap.ms) < gap.plusMinusMs)
    notes.push(texts.gapTooSmallToJudge(gap.ms, gap.plusMinusMs));
  else if (gap)
    add(
      'oh.peaks-together',
      passed([gap.ms < 15, gap.ms < 8, gap.ms < 0]),
      gap.ms < 0 ? texts.trunkPeaksBefore(ms(-gap.ms)) : texts.onlyFromPelvisPeak(ms(gap.ms)),
    );

  if (hips && pelvis)
    add(
      'oh.weak-hips',
      passed([1, 0.85, 0.7].map((share) => hips.value < share * pelvis.low)),
      texts.pelvisPeaksAt(hips.value, pelvis.low, pelvis.high),
    );
  else if (hips) notes.push(texts.pelvisNeedsLevel);

  if (hips && glove) {
    const above = passed([1, 1.15, 1.3].map((share) => glove.value > share * hips.value));
    const first = glove.time < hips.time;
    add(
      'oh.glove-pull',
      above === 0 ? 0 : (Math.min(3, above + (first ? 1 : 0)) as Severity),
      texts.glovePeaksAt(glove.value, hips.value, first),
    );
  }

  if (plant === null) {
    notes.push(texts.plantWasNotGiven);
    return { evidence, notes };
  }
  const [hipsThen, trunkThen] = [at('pelvis'), at('trunk')];
  if (hips && hipsThen !== null && hipsThen < 0.1 * hips.value) {
    const after = (hips.time - plant) * 1000;
    add(
      'oh.hips-late',
      passed([true, after > 60, after > 90]),
      texts.pelvisAtPlant(hipsThen, hips.value, ms(after)),
    );
  }
  if (trunk && trunkThen !== null) {
    const share = trunkThen / trunk.value;
    add(
      'oh.shoulders-early',
      passed([0.25, 0.5, 0.75].map((step) => share > step)),
      texts.trunkAtPlant(share),
    );
  }
  return { evidence, notes };
}
