/** Every text of features, camps, after. */
export const texts = {
  comparingTheDays: 'Comparing the days',
  withinChance: 'within chance',
  tooFewThrows: 'too few throws to say',
  firstDayAgainstLast: 'First day against last day',
  thisCampHasOne: 'This camp has one day: nothing to compare.',
  against: (day: string, day2: string) => `${day} against ${day2}`,
  testedOnBothDays: (tested: number, count: number, count2: number, count3: number) =>
    `${tested} tested on both days: ${count} faster, ${count2} slower, ${count3} within chance.`,
  nobodyHasFiveComparable:
    'Nobody has five comparable throws on both days yet. Test on the first and the last day, at the same effort.',
  theGroupsMedianChange: (signed: string, signed2: string, signed3: string) =>
    `The group’s median change is ${signed}, between ${signed2} and ${signed3} with 90 % confidence. It does not show the cause.`,
  tooFewAthletesWere: 'Too few athletes were tested for a group figure.',
  toMoreThan: (velocity: string, velocity2: string, velocity3: string) =>
    `${velocity} to ${velocity2}; more than ${velocity3} is real`,
  needsFiveComparableThrows: 'needs five comparable throws on each day',
  resultsAsCsv: 'Results as CSV',
  plansForHome: 'Plans for home',
  wereNeverLookedAt: (noLook: number) => `, ${noLook} were never looked at`,
  haveAPlan: (plansCount: number, openCount: number, part: string) =>
    `${plansCount} have a plan from their newest look, ${openCount} do not${part}.`,
  plansMadeFromEach: (madeCount: number) =>
    `${madeCount} plans made, from each one’s focus. Weeks are assigned on the roster.`,
  reportCards: 'Report cards',
  allAsOnePdf: 'All as one PDF',
  theCard: (name: string, cardDays: number) =>
    `The card of ${name}, for ${cardDays} days. It shows nobody else.`,
  copyLink: 'Copy link',
  athleteForALink: 'Athlete for a link',
  archive: 'Archive',
  anArchivedCampLeaves: 'An archived camp leaves the list. It stays as it is and can still be copied.',
  restoreFromTheArchive: 'Restore from the archive',
  archiveCamp: 'Archive camp',
  makePlan: (openCount: number) => `Make ${openCount} ${openCount === 1 ? 'plan' : 'plans'}`,
};
