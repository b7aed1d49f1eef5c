/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  fromAgeOn: (minAge: number) => `from age ${minAge} on`,
  isNotCleared: (what: string, site: string) => `${what} (${site}) is not cleared`,
  noConstraintOrTetherDrills: (injury: string) => `${injury}: no constraint or tether drills`,
  noThrowsAbove: (injury: string, unclearedEffort: number) =>
    `${injury}: no throws above ${unclearedEffort} %`,
  throwsAreLockedBy: (since: string, site: string, saidBy: string) =>
    `Throws are locked since ${since}: pain in the ${site}, marked by ${saidBy}. An instructor unlocks them by name, with a reason.`,
  lockedSince: (since: string, site: string) => `throws are locked since ${since}: pain in the ${site}`,
  painForbids: (site: string | null) => `not with pain in the ${site}`,
  throwsAreLocked: (since: string, site: string) => `Throws are locked since ${since}: pain in the ${site}.`,
  notWithPain: (site: string) => `Not with pain in the ${site}.`,
  restAfterHardThrows: (days: number, hard: number, date: string) =>
    `${days} ${days === 1 ? 'day' : 'days'} of rest after ${hard} hard throws on ${date}`,
  neverOnThreeDays: (first: string, second: string) =>
    `never on three days in a row, after ${first} and ${second}`,
  leagueAllows: (maxToday: number) => `the league allows ${maxToday} a day`,
  atMostOnThirdDay: (maxToday: number) => `at most ${maxToday} on a third day in a row`,
  atMostAtAge: (maxToday: number, age: number) => `at most ${maxToday} a day at age ${age}`,
  painInSince: (site: string, since: string) => `pain in the ${site} since ${since}`,
  easyThrowsOnly: 'easy throws only: the first day after throws were locked',
  noHardThrowsUntil: (restUntil: string, because: string) => `no hard throws until ${restUntil}: ${because}`,
  moreThanUsualWeek: (week: number, last: string, usualWeek: number) =>
    `${week} throws in the week to ${last} against ${Math.round(usualWeek)} in a usual one of the four before. The science on such ratios is disputed; look at the athlete.`,
  thrownCountAs: (thrown: number, counted: number) => `${thrown} thrown (count as ${counted})`,
  isAfter: (birthdate: string, on: string) => `${birthdate} is after ${on}`,
  noThrows: (because: string) => `no throws: ${because}`,
  throwsCounted: (counted: number, because: string) => `${counted} throws counted: ${because}`,
};
