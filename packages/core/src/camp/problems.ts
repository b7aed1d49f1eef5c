import { daysBetween, FieldError, minutesOf, timeOfMinutes, venueInstant } from '../units';
import type { CampMember } from './dayInput';
import { blocksInOrder, placesAt, slotsOf, type CampBlock, type CampSetup } from './setup';
import { daysOf, isThere, longestCamp } from './staffing';
import { campToPlan } from './dayInput';
import { campTable } from './table';

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

export const heatNote =
  'In the heat: water and shade at every break, hats, and shorter blocks. Anyone with dizziness, a headache or nausea stops for the day; call for help at once. Local and venue rules come first.';

const endOf = ({ start, minutes }: Pick<CampBlock, 'start' | 'minutes'>): number =>
  minutesOf(start) + minutes;
const spoken = ({ day, start }: Pick<CampBlock, 'day' | 'start'>): string => `${day}, ${start}`;

function problemsOfDays(setup: CampSetup): CampProblem[] {
  const days = daysBetween(setup.firstDay, setup.lastDay) + 1;
  if (days < 1) return [{ field: 'lastDay', words: 'The last day is before the first.', stops: true }];
  if (days > longestCamp)
    return [
      {
        field: 'lastDay',
        words: `A camp lasts ${longestCamp} days at most; this one has ${days}.`,
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
    if (!days.has(block.day)) stop(`The block at ${spoken(block)} is on no day of the camp.`);
    if (endOf(block) > 24 * 60) stop(`The block at ${spoken(block)} ends after midnight.`);
    if (last && endOf(last) > minutesOf(block.start))
      stop(`The block at ${spoken(block)} begins before the one at ${last.start} has ended.`);
    const rests = block.kind === 'break' || block.kind === 'lunch';
    working = rests || !last ? 0 : working;
    if (!rests) working += block.minutes;
    const next = order[n + 1];
    if (!rests && working > longestWithoutBreak && working - block.minutes <= longestWithoutBreak)
      problems.push({
        field,
        words: `${block.day}: more than ${longestWithoutBreak} minutes without a break for water and shade by ${timeOfMinutes(Math.min(endOf(block), 24 * 60 - 1))}${next?.day === block.day ? '' : ', the end of the day'}.`,
        stops: false,
      });
  });
  if (slotsOf(setup).length === 0)
    problems.push({
      field: 'blocks',
      words: 'No slot yet: add at least one block in which the stations run.',
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
      problems.push({ field: `${field}.areaId`, words: `${station.name} has no area.`, stops: true });
    if (names.has(station.name.toLowerCase()))
      problems.push({
        field: `${field}.name`,
        words: `There are two stations ${station.name}.`,
        stops: true,
      });
    names.add(station.name.toLowerCase());
    if (places < station.minimum)
      problems.push({
        field: `${field}.minimum`,
        words: `${station.name} has ${places} places and opens for ${station.minimum} or more: it would never open.`,
        stops: true,
      });
    if (
      station.skill &&
      setup.staff.length &&
      !setup.staff.some(({ skills }) => skills.includes(station.skill!))
    )
      problems.push({
        field: `${field}.skill`,
        words: `No one on the staff can lead ${station.name}, which needs ${station.skill}.`,
        stops: true,
      });
    if (station.treats.length === 0)
      problems.push({
        field: `${field}.treats`,
        words: `${station.name} works on nothing, so no one needs it. Choose its drills or flaws.`,
        stops: false,
      });
  });
  setup.areas.forEach((area, n) => {
    const places = taken.get(area.id) ?? 0;
    if (places > area.capacity)
      problems.push({
        field: `areas.${n}.capacity`,
        words: `The stations in ${area.name} have ${places} places together; the area holds ${area.capacity}.`,
        stops: true,
      });
  });
  if (setup.stations.length === 0)
    problems.push({ field: 'stations', words: 'No station yet: add at least one.', stops: true });
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
            words: `The clocks go ${hours < 24 ? 'forward' : 'back'} in the night to ${day}. Times are local clock times. Remind everyone.`,
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
        words: `${spoken(slot)}: ${places} places for ${there} athletes${without.length ? `, as nobody can lead ${without.map((id) => stationName.get(id)).join(', ')} then` : ''}. Add places, staff or a station.`,
        stops: true,
      });
    else if (without.length)
      problems.push({
        field: 'staff',
        words: `${spoken(slot)}: nobody can lead ${without.map((id) => stationName.get(id)).join(', ')}, so it stays closed.`,
        stops: false,
      });
    if (setup.staff.length && there > adults * setup.athletesPerAdult)
      problems.push({
        field: 'staff',
        words: `${spoken(slot)}: ${adults} ${adults === 1 ? 'adult' : 'adults'} for ${there} athletes; you asked for one for each ${setup.athletesPerAdult}. Follow the venue’s and the law’s rules.`,
        stops: false,
      });
  });
  table.may.forEach((may, a) => {
    if (!may.some((each, s) => each && table.open[s]!.some((open, t) => open && table.present[a]![t])))
      problems.push({
        field: 'members',
        words: `${members[a]!.id} may be at no station that is open while they are there.`,
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
      words: `A camp has ${largestCamp} athletes at most; this one has ${members.length}.`,
      stops: true,
    });
  if (problems.some(({ stops }) => stops)) return problems.sort((a, b) => Number(b.stops) - Number(a.stops));
  problems.push(...problemsOfClocks(setup, zone));
  if (members.length === 0)
    problems.push({ field: 'members', words: 'No athletes yet. Add some.', stops: true });
  else
    try {
      problems.push(...problemsOfPlaces(setup, members));
    } catch (error) {
      if (!(error instanceof FieldError)) throw error;
      problems.push({ field: error.field, words: `${error.text}.`, stops: true });
    }
  return problems.sort((a, b) => Number(b.stops) - Number(a.stops));
}
