/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  moreThanFramesSecond: (judgeableAboveFps: number) =>
    `more than ${Math.round(judgeableAboveFps)} frames a second`,
  tooFewFrames: (from: string, to: string, fps: number, above: string) =>
    `${from} to ${to} cannot be judged at ${fps} frames a second; it needs ${above}`,
  cutOffMustBe: (mostOfRate: number, rate: number) =>
    `must be above 0 and at most ${mostOfRate} of the sampling rate, ${(mostOfRate * rate).toFixed(1)} Hz here`,
  gapTooSmallToJudge: (ms: number, plusMinusMs: number) =>
    `pelvis to trunk: ${ms.toFixed(1)} ms is less than its own ± of ${plusMinusMs.toFixed(1)} ms and cannot be judged at this sampling rate`,
  trunkPeaksBefore: (time: string) => `the trunk peaks ${time} before the pelvis`,
  onlyFromPelvisPeak: (time: string) => `only ${time} from the pelvis peak to the trunk peak`,
  pelvisPeaksAt: (value: number, low: number, high: number) =>
    `the pelvis peaks at ${value.toFixed(0)} deg/s; usual is ${low} to ${high}`,
  pelvisNeedsLevel: 'pelvis: how fast it should be depends on the level, which was not given',
  glovePeaksAt: (value: number, hipsValue: number, first: boolean) =>
    `the glove peaks at ${(value / hipsValue).toFixed(2)} of the pelvis${first ? ', and before it' : ''}`,
  plantWasNotGiven: 'plant was not given: late hips and early shoulders cannot be judged',
  pelvisAtPlant: (hipsThen: number, value: number, time: string) =>
    `at plant the pelvis has ${((100 * hipsThen) / value).toFixed(0)} % of its peak, which comes ${time} after`,
  trunkAtPlant: (share: number) => `at plant the trunk has ${(100 * share).toFixed(0)} % of its peak already`,
  gapsFilled: (segment: string, filled: number) =>
    `${segment}: ${filled} ${filled === 1 ? 'gap' : 'gaps'} of up to 50 ms filled`,
  rowsAreTooFew: (count: number, fewestSamples: number) =>
    `${count} rows are too few; at least ${fewestSamples} are needed`,
  rowIsNotNumber: (i: number) => `row ${i + 2} is not a number`,
  rowIsNotLater: (i: number) => `row ${i + 2} is not later than the row before it`,
  mustLieWithinRecording: (from: number, to: number) => `must lie within the recording, ${from} to ${to} s`,
  noPeakWithinRecording: (segment: string, end: string) =>
    `${segment}${end}: no peak within the recording can be read`,
  shareAtReleaseCannotBeRead: (segment: string) => `${segment}_lin: its share at release cannot be read`,
  thereIsNoTest: (test: string) => `there is no test “${test}”`,
  testMustLieBetween: (test: string, low: number, high: number, unit: string | undefined) =>
    `${test} must be ${low} to ${high} ${unit ?? 'deg'}`,
  painOnTest: 'pain on the test',
  sideToSideDifference: (difference: number, usual: number) =>
    `side-to-side difference of ${Math.round(difference)}, more than twice the usual ${usual}`,
  missesWent: (count: number, of: number, side: string) =>
    `${count} of ${of} misses on this line went ${side === 'arm' || side === 'glove' ? `to the ${side} side` : side}`,
  throwsStandOut: (count: number, velocitiesCount: number) =>
    `${count} of ${velocitiesCount} throws stand out`,
  lastThirdKept: (ratio: number) => `the last third kept ${(100 * ratio).toFixed(0)} % of the first`,
  fullEffortGivesMore: (d: number) => `100 gives ${(100 * d).toFixed(1)} % more than 80`,
  outsideTheUsual: (checkpoint: string, value: number, unit: string, low: number, high: number) =>
    `${checkpoint}: ${value.toFixed(0)} ${unit}; usual is ${low} to ${high}`,
  moreThanCanBeExpected: 'more than can be expected; a bat, or another ball?',
  sameBallTwice: 'the same ball twice?',
  slowerThanAnyThrow: 'slower than any throw; someone walking by?',
  notUsed: (count: number, unused: readonly string[]) =>
    `${count === 1 ? 'column' : 'columns'} not used: ${unused.join(', ')}`,
};
