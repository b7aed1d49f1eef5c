import { daysBetween, FieldError, minutesOf, timeOfMinutes, venueInstant } from '../units';
import type { CampMember } from './dayInput';
import { blocksInOrder, placesAt, slotsOf, type CampBlock, type CampSetup } from './setup';
import { daysOf, isThere, longestCamp } from './staffing';
import { campToPlan } from './dayInput';
import { campTable, sideBySide } from './table';
import { texts } from './texts';

/** What is wrong with a camp, or to be thought of. */
export interface CampProblem {
  field: string;
  words: string;
  /** It cannot be planned like this; else it is a caution. */
  stops: boolean;
}

/** Athletes of a camp at most. */
export const largestCamp = 400;
/** Minutes of work after which a break for water and shade is due. */
export const longestWithoutBreak = 75;

export const heatNote = texts.inTheHeat;

const endOf = ({ start, minutes }: Pick<CampBlock, 'start' | 'minutes'>): number =>
  minutesOf(start) + minutes;
const spoken = ({ day, start }: Pick<CampBlock, 'day' | 'start'>): string => `${day}, ${start}`;

function problemsOfDays(setup: CampSetup): CampProblem[] {
  const days = daysBetween(setup.firstDay, setup.lastDay) + 1;
  if (days < 1) return [{ field: 'lastDay', words: texts.lastDayIsBefore, stops: true }];
  if (days > longestCamp)
    return [
      {
        field: 'lastDay',
        words: texts.campLastsDays(longestCamp, days),
        stops: true,
      },
    ];
  return [];
}

function problemsOfBlocks(setup: CampSetup): CampProblem[] {
  const days = new Set(daysOf(setup));
  const order = blocksInOrder(setup.blocks);
  const problems: CampProblem[] = [];
  let working = 0;
  order.forEach((block, n) => {
    const field = `blocks.${setup.blocks.indexOf(block)}`;
    const last = order[n - 1]?.day === block.day ? order[n - 1]! : null;
    const stop = (words: string) => problems.push({ field, words, stops: true });
    if (!days.has(block.day)) stop(texts.blockOnNoDay(spoken(block)));
    if (endOf(block) > 24 * 60) stop(texts.blockEndsAfterMidnight(spoken(block)));
    if (last && endOf(last) > minutesOf(block.start)) stop(texts.blocksOverlap(spoken(block), last.start));
    const rests = block.kind === 'break' || block.kind === 'lunch';
    working = rests || !last ? 0 : working;
    if (!rests) working += block.minutes;
    const next = order[n + 1];
    if (!rests && working > longestWithoutBreak && working - block.minutes <= longestWithoutBreak)
      problems.push({
        field,
        words: texts.noBreakBy(
          block.day,
          longestWithoutBreak,
          timeOfMinutes(Math.min(endOf(block), 24 * 60 - 1)),
          next?.day,
        ),
        stops: false,
      });
  });
  if (slotsOf(setup).length === 0)
    problems.push({
      field: 'blocks',
      words: texts.noSlotYet,
      stops: true,
    });
  return problems;
}

function problemsOfStations(setup: CampSetup): CampProblem[] {
  const problems: CampProblem[] = [];
  const areas = new Map(setup.areas.map((area) => [area.id, area]));
  const taken = new Map<string, number>();
  const names = new Set<string>();
  setup.stations.forEach((station, n) => {
    const field = `stations.${n}`;
    const places = placesAt(station);
    taken.set(station.areaId, (taken.get(station.areaId) ?? 0) + places);
    if (!areas.has(station.areaId))
      problems.push({ field: `${field}.areaId`, words: texts.hasNoArea(station.name), stops: true });
    if (names.has(station.name.toLowerCase()))
      problems.push({
        field: `${field}.name`,
        words: texts.thereAreTwoStations(station.name),
        stops: true,
      });
    names.add(station.name.toLowerCase());
    if (places < station.minimum)
      problems.push({
        field: `${field}.minimum`,
        words: texts.neverOpens(station.name, places, station.minimum),
        stops: true,
      });
    if (
      station.skill &&
      setup.staff.length &&
      !setup.staff.some(({ skills }) => skills.includes(station.skill!))
    )
      problems.push({
        field: `${field}.skill`,
        words: texts.noOneCanLead(station.name, station.skill),
        stops: true,
      });
    if (station.treats.length === 0)
      problems.push({
        field: `${field}.treats`,
        words: texts.worksOnNothing(station.name),
        stops: false,
      });
  });
  setup.areas.forEach((area, n) => {
    const places = taken.get(area.id) ?? 0;
    if (places > area.capacity)
      problems.push({
        field: `areas.${n}.capacity`,
        words: texts.areaIsTooSmall(area.name, places, area.capacity),
        stops: true,
      });
  });
  if (setup.stations.length === 0)
    problems.push({ field: 'stations', words: texts.noStationYet, stops: true });
  return problems;
}

/** Nights in the camp on which the clocks change, by the length of the day after them. */
function problemsOfClocks(setup: CampSetup, zone: string): CampProblem[] {
  const days = daysOf(setup);
  return days.slice(1).flatMap((day, n) => {
    const hours =
      (venueInstant(day, '12:00', zone).getTime() - venueInstant(days[n]!, '12:00', zone).getTime()) / 3.6e6;
    return hours === 24
      ? []
      : [
          {
            field: 'blocks',
            words: texts.clocksChange(hours, day),
            stops: false,
          },
        ];
  });
}

function problemsOfPlaces(setup: CampSetup, members: readonly CampMember[]): CampProblem[] {
  const { input, staffing } = campToPlan({
    setup,
    members,
    changes: [],
    pinned: [],
    before: null,
    seconds: 1,
  });
  const table = campTable(input);
  const problems: CampProblem[] = [];
  const stationName = new Map(setup.stations.map(({ id, name }) => [id, name]));
  slotsOf(setup).forEach((slot, t) => {
    const there = table.present.filter((present) => present[t]).length;
    const places = table.capacity.reduce((sum, n, s) => sum + (table.open[s]![t] ? n : 0), 0);
    const adults = setup.staff.filter((each) => isThere(each, slot)).length;
    const without = staffing.without[slot.id]!;
    if (places < there)
      problems.push({
        field: 'stations',
        words: texts.tooFewPlaces(
          spoken(slot),
          places,
          there,
          without.map((id) => stationName.get(id)).join(', '),
        ),
        stops: true,
      });
    else if (without.length)
      problems.push({
        field: 'staff',
        words: texts.staysClosed(spoken(slot), without.map((id) => stationName.get(id)).join(', ')),
        stops: false,
      });
    if (setup.staff.length && there > adults * setup.athletesPerAdult)
      problems.push({
        field: 'staff',
        words: texts.tooFewAdults(spoken(slot), adults, there, setup.athletesPerAdult),
        stops: false,
      });
  });
  const near = sideBySide(table);
  for (const ids of table.together.filter((each) => !near.includes(each))) {
    const ages = ids.map((a) => table.ages[a]!);
    problems.push({
      field: 'together',
      words: texts.friendsTooFarApart(
        ids.map((a) => table.athletes[a]).join(' and '),
        Math.max(...ages) - Math.min(...ages),
        table.ageSpan!,
      ),
      stops: false,
    });
  }
  table.may.forEach((may, a) => {
    if (!may.some((each, s) => each && table.open[s]!.some((open, t) => open && table.present[a]![t])))
      problems.push({
        field: 'members',
        words: texts.mayBeNowhere(members[a]!.id),
        stops: true,
      });
  });
  return problems;
}

/**
 * Everything that is wrong with a camp as it stands, and what to think of before it runs.
 *
 * @param zone of the venue
 * @returns those that stop a plan first; ids of athletes stand in the words where they clash
 * @example campProblems({ ...campSetup, lastDay: '2031-07-13' }, [], 'Europe/London')[0].words // 'The last day is before the first.'
 */
export function campProblems(setup: CampSetup, members: readonly CampMember[], zone: string): CampProblem[] {
  const problems = [...problemsOfDays(setup), ...problemsOfBlocks(setup), ...problemsOfStations(setup)];
  if (members.length > largestCamp)
    problems.push({
      field: 'members',
      words: texts.tooManyAthletes(largestCamp, members.length),
      stops: true,
    });
  if (problems.some(({ stops }) => stops)) return problems.sort((a, b) => Number(b.stops) - Number(a.stops));
  problems.push(...problemsOfClocks(setup, zone));
  if (members.length === 0) problems.push({ field: 'members', words: texts.noAthletesYet, stops: true });
  else
    try {
      problems.push(...problemsOfPlaces(setup, members));
    } catch (error) {
      if (!(error instanceof FieldError)) throw error;
      problems.push({ field: error.field, words: `${error.text}.`, stops: true });
    }
  return problems.sort((a, b) => Number(b.stops) - Number(a.stops));
}
