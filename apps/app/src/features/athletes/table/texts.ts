/** Every text of features, athletes, table. */
export const texts = {
  readingTheRoster: 'Reading the roster',
  athletesVelocityAndHome: (rowsCount: number) =>
    `${rowsCount} athletes. Velocity and home work over six months.`,
  ofAthletesVelocity: (shownCount: number, rowsCount: number) =>
    `${shownCount} of ${rowsCount} athletes. Velocity and home work over six months.`,
  roster: 'Roster',
  clearTheFilters: 'Clear the filters',
  noAthleteMatchesThese: 'No athlete matches these filters.',
  any: 'Any',
  focus: 'Focus',
  stage: 'Stage',
  lastSeen: 'Last seen',
  inTheLastTwo: 'In the last two weeks',
  twoWeeksAgoOr: 'Two weeks ago or more',
  fourWeeksAgoOr: 'Four weeks ago or more',
  velocity: 'Velocity',
  faster: 'Faster',
  slower: 'Slower',
  noRealChange: 'No real change',
  notMeasured: 'Not measured',
  pain: 'Pain',
  throwsLocked: 'Throws locked',
  homeWork: 'Home work',
  underHalfDone: 'Under half done',
  sortBy: (name: string) => `Sort by ${name}`,
  notYet: 'not yet',
};
