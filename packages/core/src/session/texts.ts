/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  painReported: (counts: string) => `${counts}, pain reported: hold and check.`,
  passedOnce: (counts: string) => `${counts}: passed once; one more session like it.`,
  wouldPass: (repsNeeded: number) =>
    `${repsNeeded} more clean ${repsNeeded === 1 ? 'one' : 'ones'} would pass`,
  tooHardForNow: (counts: string) => `${counts}: too hard for now, step back.`,
  noRepsYet: (further: string) => `No reps yet: ${further}.`,
  stayAfterPain: (counts: string) => `${counts}: stay, after pain in an earlier session.`,
  finishLookThatWasBegun: 'Finish the look you began',
  takeAFirstLook: 'Take a first quick look',
  traceNewestLook: 'Trace the newest look',
  allClean: 'All clean: look again in a while',
  buildPlanFromTrace: 'Build a plan from the trace',
  planIsOver: 'The plan is over: prove it, then look again',
  secondLookIsDue: 'The second look is due',
  assignComingWeek: 'Assign the coming week',
  workPlan: 'Work the plan',
  noRepsYetShort: 'no reps yet',
  cleanOfAll: (clean: number, missed: number, percent: number, low: number, high: number) =>
    `${clean} of ${clean + missed} clean (${percent} %, ${low} to ${high})`,
  oldWay: 'the old way',
  setUpWasOff: 'set-up was off',
  thinkingTooMuch: 'thinking too much',
  lockedIn: (counts: string) => `${counts}: locked in.`,
  notYet: (counts: string, further: string) => `${counts}: not yet; ${further}.`,
  toTheSide: (word: string) => `to the ${word}`,
};
