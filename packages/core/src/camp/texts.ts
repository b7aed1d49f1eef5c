/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  isThereTwice: (id: string) => `${id} is there twice`,
  thereIsNoInThisCamp: (id: string) => `there is no ${id} in this camp`,
  slotsOutOfOrder: (id: string, lastId: string) => `${id} is before ${lastId}; slots must be in order`,
  beginsBeforeHasEnded: (id: string, lastId: string) => `${id} begins before ${lastId} has ended`,
  areToBeTogetherAndApart: (both: string) => `${both} are to be together and apart`,
  isNotThereIn: (athlete: string, slot: string) => `${athlete} is not there in ${slot}`,
  mayNotBeAt: (athlete: string, station: string) => `${athlete} may not be at ${station}`,
  isClosedIn: (station: string, slot: string) => `${station} is closed in ${slot}`,
  isNotWhereFixed: (who: string, slot: string | undefined) => `${who} is not where it was fixed in ${slot}`,
  notThereThen: (where: string) => `${where}: not there then`,
  cannotBeThere: (where: string) => `${where}: cannot be there`,
  throwsTwoSlots: (where: string) => `${where}: throws two slots in a row`,
  throwsTooOften: (who: string, n: number, heavyLimit: number | undefined) =>
    `${who} throws in ${n} slots of a day, at most ${heavyLimit}`,
  tooFewToOpen: (where: string, count: number, minimum: number | undefined) =>
    `${where}: ${count}, at least ${minimum} open it`,
  tooFarApart: (where: string, span: number, ageSpan: number) =>
    `${where}: ${span} years apart, at most ${ageSpan}`,
  togetherInSome: (names: string, count: number, sharedCount: number) =>
    `${names}: together in ${count} of ${sharedCount} slots`,
  bothAtOneStation: (names: string, slot: string) => `${names}: both at one station in ${slot}`,
  isMoreThanAtMost: (min: number, max: number) => `${min} is more than ${max} at most`,
  groupsHold: (count: number, min: number, max: number, people: number) =>
    `${count} groups of ${min} to ${max} hold ${count * min} to ${count * max} athletes; there are ${people}`,
  noStationIsOpenThen: 'no station is open then',
  noOpenStationTakes: (count: number) => `no open station takes ${count}`,
  everyOpenStation: (count: number) => `every open station needs more than ${count}`,
  somebodyIsBarred: 'someone in it is barred from each station that fits',
  otherGroupsAreUsing: 'other groups are using every station that fits',
  tooManyThrows: 'the stations that are free would add too many throws',
  noGroupsKeepSizes:
    'no groups keep the sizes, the span of ages, and who is together and apart; loosen one of them',
  noStationCanHold: 'no station can hold these groups; give larger stations or smaller groups',
  wouldBeThrowsTwoSlots: (name: string) => `${name} would be throws two slots in a row`,
  wouldBeMoreThrowsThanDay: (name: string) => `${name} would be more throws than the day allows`,
  athleteToBeKeptApart: (name: string) => `an athlete to be kept apart is at ${name}`,
  tooFewOrTooFar: (name: string) => `too few, or too far apart in age, for ${name}`,
  hasNoStationFor: (who: string | undefined, slot: string | undefined) => `${who} has no station for ${slot}`,
  noRoom: 'none that is open has room for them',
  noneIsPossible: 'none is possible',
  needsNothingHere: (athlete: string) =>
    `${athlete} needs nothing that this camp has, and is left out of the floor.`,
  sayHowManyGroups: 'say how many groups, and how large',
  groupHasNoStation: (group: number, slot: string, why: string) =>
    `Group ${group} has no station for ${slot}: ${why}.`,
  barredWithTheirGroup: (athlete: string | undefined, slot: string, station: string | undefined) =>
    `${athlete} has no station for ${slot}: they are barred from ${station}, where their group is.`,
  boundHoldsForRotation: 'The bound holds for the rotation of these groups; other groups might do better.',
  inTheHeat:
    'In the heat: water and shade at every break, hats, and shorter blocks. Anyone with dizziness, a headache or nausea stops for the day; call for help at once. Local and venue rules come first.',
  lastDayIsBefore: 'The last day is before the first.',
  campLastsDays: (longestCamp: number, days: number) =>
    `A camp lasts ${longestCamp} days at most; this one has ${days}.`,
  blockOnNoDay: (when: string) => `The block at ${when} is on no day of the camp.`,
  blockEndsAfterMidnight: (when: string) => `The block at ${when} ends after midnight.`,
  blocksOverlap: (when: string, start: string) =>
    `The block at ${when} begins before the one at ${start} has ended.`,
  noBreakBy: (day: string, longestWithoutBreak: number, by: string, nextDay: string | undefined) =>
    `${day}: more than ${longestWithoutBreak} minutes without a break for water and shade by ${by}${nextDay === day ? '' : ', the end of the day'}.`,
  noSlotYet: 'No slot yet: add at least one block in which the stations run.',
  hasNoArea: (name: string) => `${name} has no area.`,
  thereAreTwoStations: (name: string) => `There are two stations ${name}.`,
  neverOpens: (name: string, places: number, minimum: number) =>
    `${name} has ${places} places and opens for ${minimum} or more: it would never open.`,
  noOneCanLead: (name: string, skill: string) =>
    `No one on the staff can lead ${name}, which needs ${skill}.`,
  worksOnNothing: (name: string) =>
    `${name} works on nothing, so no one needs it. Choose its drills or flaws.`,
  areaIsTooSmall: (name: string, places: number, capacity: number) =>
    `The stations in ${name} have ${places} places together; the area holds ${capacity}.`,
  noStationYet: 'No station yet: add at least one.',
  clocksChange: (hours: number, day: string) =>
    `The clocks go ${hours < 24 ? 'forward' : 'back'} in the night to ${day}. Times are local clock times. Remind everyone.`,
  tooFewPlaces: (when: string, places: number, there: number, closed: string) =>
    `${when}: ${places} places for ${there} athletes${closed ? `, as nobody can lead ${closed} then` : ''}. Add places, staff or a station.`,
  staysClosed: (when: string, closed: string) => `${when}: nobody can lead ${closed}, so it stays closed.`,
  tooFewAdults: (when: string, adults: number, there: number, athletesPerAdult: number) =>
    `${when}: ${adults} ${adults === 1 ? 'adult' : 'adults'} for ${there} athletes; you asked for one for each ${athletesPerAdult}. Follow the venue’s and the law’s rules.`,
  mayBeNowhere: (id: string) => `${id} may be at no station that is open while they are there.`,
  friendsTooFarApart: (both: string, years: number, ageSpan: number) =>
    `${both} are to be together and are ${years} years apart; those at a station may be ${ageSpan} apart at most. They cannot be together.`,
  tooManyAthletes: (largestCamp: number, count: number) =>
    `A camp has ${largestCamp} athletes at most; this one has ${count}.`,
  noAthletesYet: 'No athletes yet. Add some.',
  isFull: (name: string) => `${name} is full`,
};
