/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  buildUpWeek: (week: number, of: number, layOff: number, effort: number) =>
    `Build-up, week ${week} of ${of} after ${layOff} days without throws: up to ${Math.round(effort)} % effort, easy catch first.`,
  noDrillOfItsLadder: (name: string) => `${name}: no drill of its ladder can be done this week.`,
  bodyComesFirst: 'the body comes first',
  noDayAllows: (stage: string) => `no day of this week allows a ${stage} drill`,
  ladderHasNoDrill: (stage: string) => `the ladder has no ${stage} drill`,
  soThisWeekWorksOn: (name: string, why: string, stands: string) =>
    `${name}: ${why}, so this week works on ${stands}.`,
  andNoDrillBefore: (name: string, why: string) =>
    `${name}: ${why}, and it has no drill to work on before it.`,
  thereIsNo: (missing: string) => `there is no ${missing}`,
  dayIsOff: 'the day is off',
  easyThrowsOnly: 'easy throws only on the first day after throws were locked',
  nextStageInLessonsOnly: 'it is of the next stage, for lessons only',
  prepOnlyOnGameDay: 'on a game day there is prep without throws only',
  noDrillsOnDayBefore: (stage: string) => `no ${stage} drills on the day before a game`,
  noStrengthOn: (beforeGame: boolean) =>
    `no strength on ${beforeGame ? 'the day before a game' : 'a game day'}`,
  moreThanBuildUp: (effort: number) => `it asks for more than the ${Math.round(effort)} % of the build-up`,
  isPinnedTo: (name: string, date: string, sets: number) =>
    `${name} is pinned to ${date}, ${sets} ${sets === 1 ? 'set' : 'sets'}`,
  isKeptOff: (name: string, date: string) => `${name} is kept off ${date}`,
  onTwoDaysAtLeast: (name: string) => `${name}: on two days at least, where it is chosen`,
  strengthAtMost: (name: string, mostStrengthDays: number) =>
    `${name}: strength on ${mostStrengthDays} days a week at most`,
  atMostDrills: (name: string, mostDrill: number) => `${name}: at most ${mostDrill} drills`,
  atMostDrillsBesides: (name: string, besides: number) =>
    `${name}: at most ${besides} drills besides prep at this age`,
  atMostThrowingDrills: (name: string, mostThrowing: number) =>
    `${name}: at most ${mostThrowing} throwing drills in a lesson`,
  warmUpFirst: (date: string) => `${date}: warm-up before any other work`,
  dayAfterUnknownGame: 'the day after a game whose pitches are not known yet',
  warmUpBeforeThrowing: (name: string) => `${name}: warm-up before throwing`,
  armCareWithThrowing: (name: string) => `${name}: arm care with throwing`,
  restAfterThrows: (date: string, later: string) => `rest after the throws of ${date}: none on ${later}`,
  neverOnThreeDays: (named: string) => `never on three days in a row: ${named}`,
  atMostOnThirdDay: (atMost: number | null, named: string) =>
    `at most ${atMost} throws on a third day in a row: ${named}`,
  atMostThrowsInWeek: (atMost: number) => `at most ${atMost} throws in the week`,
  daysWithoutThrows: (freeDays: number) =>
    `${freeDays} ${freeDays === 1 ? 'day' : 'days'} of the week without throws`,
  isNotInThisWeek: (date: string) => `${date} is not in this week`,
  onlyPreparation: 'This week holds nothing but preparation.',
  noDrillFor: (id: string, why: readonly string[]) =>
    `No drill for “${id}” in this week. ${why.join(' ') || 'Its days are too short or already full.'}`,
  gamePitchesUnknown: (name: string) =>
    `No throwing ${name}: the number of game pitches is not known yet. Re-plan when it is.`,
  isDayBeforeGame: (name: string) => `${name} is the day before a game: no constrain or connect drills.`,
  itsMinutesAreFull: (name: string, minutes: number) => `${name}: its ${minutes} minutes are full.`,
  throwsAreFull: (name: string, counted: number, leftToday: number) =>
    `${name}: ${counted} of ${leftToday} throws, the easy ones counted half.`,
  restAfterThrowsOf: (named: string, rests: number, planned: number, name: string) =>
    `No throwing ${named}: ${rests} ${rests === 1 ? 'day' : 'days'} of rest after the ${planned} throws of ${name}.`,
  theseCannotHold: (rules: string) => `these cannot hold together: ${rules}`,
  noDayIsOpen: 'No day of this week is open for drills.',
  noWeekWasFound: 'no week was found in the time; take drills or days out',
  noDayHasThePlace: 'no day of this week has the place and the things for it',
  thereIsNoDrill: (drill: string) => `there is no drill “${drill}”`,
  isNotAmongDrills: (drill: string) => `${drill} is not among the drills of this week`,
  isNotInDays: (date: string) => `${date} is not in days`,
  nothingNeedsAPlan: 'Nothing that was found needs a plan: no focus in either thread.',
  isOutsideSevenDays: (last: string, first: string) => `${last} is outside the seven days from ${first}`,
  itNeeds: (places: readonly string[]) => `it needs ${places.join(' or ')}`,
  noThrowing: (name: string, why: string) => `no throwing ${name}: ${why}`,
  staysOut: (name: string, words: string) => `${name} stays out: ${words}.`,
};
