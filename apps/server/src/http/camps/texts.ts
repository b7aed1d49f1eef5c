/** What people read of this folder; another language is one more table. */
export const texts = {
  lastSlotHasBegun: 'The last slot of this camp has begun. There is nothing left to plan.',
  isNotPartOfThisCamp: 'is not part of this camp',
  isNotSlotOfThisCamp: 'is not a slot of this camp',
  isNotCurrentChange: 'is not a current change',
  wouldThrowTooMuch: (name: string, counted: number, day: string, left: number) =>
    `${name} would throw ${counted} on ${day}; ${left} are left.`,
  /** What happened to somebody or to an area, after the name. */
  change: { away: 'is not here', late: 'comes later', left: 'leaves', sick: 'is away', closed: 'is closed' },
  /** That it is over. */
  changeOver: {
    away: 'is here',
    late: 'is here',
    left: 'stays',
    sick: 'is back',
    closed: 'is open again',
  },
  isBeingPlanned: 'This camp is being planned just now. Stop that plan, or wait for it.',
  noPlanToChange: 'There is no plan to change yet.',
  notLookedAt: 'They have not been looked at yet.',
  notInThisCamp: 'They are not in this camp.',
  nothingToWorkOn: 'The newest look shows nothing to work on.',
  noPlanYet: 'This camp has no plan yet. Plan it, then print.',
  changedMeanwhile: 'Someone else changed this in the meantime. Check it, then make your change again.',
  lastDayIsBefore: 'The last day is before the first.',
  dayOfCamp: 'day of the camp',
  athleteOfCamp: 'athlete of the camp',
  linkWasMade: 'This link was already made, and its address is shown only once. Make another.',
  linkOfAnotherCamp: 'This link is of another camp.',
  addressIsTaken: 'Another account already uses this address. Choose another one.',
  linkNoLongerWorks: 'This link no longer works: it has expired or was revoked. Ask for a new one.',
  backTo: (why: string) => `Back to: ${why}`,
};
