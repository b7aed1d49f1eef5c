import { FieldError, minutesOf } from '../units';
import { needsOf } from './needs';
import type { CampInput } from './types';
import { texts } from './texts';

/** Of a second visit to a station, over the first; a third is worth nothing. */
export const secondVisit = 0.5;
/** A station opens for so many where it does not say otherwise. */
const usualMinimum = 3;
/** Throw-heavy slots a day: below ten years, below fourteen, and from then on. */
const heavyADay = [
  { below: 10, atMost: 2 },
  { below: 14, atMost: 3 },
] as const;
const heavyFromThenOn = 4;

/**
 * Throw-heavy slots that an athlete may have on one day.
 *
 * @param age whole years
 * @example [heavySlotsADay(9), heavySlotsADay(10), heavySlotsADay(14)] // [ 2, 3, 4 ]
 */
export const heavySlotsADay = (age: number): number =>
  heavyADay.find(({ below }) => age < below)?.atMost ?? heavyFromThenOn;

/** Nowhere: at no station in a slot. */
export const nowhere = -1;

/** A camp by position: athletes, stations and slots in the order of the input. */
export interface CampTable {
  athletes: readonly string[];
  stations: readonly string[];
  slots: readonly string[];
  ages: readonly number[];
  /** By athlete and station, 0..3. */
  need: readonly (readonly number[])[];
  /** By athlete: whether a station may be theirs at all. */
  may: readonly (readonly boolean[])[];
  /** By athlete: whether they are there in a slot. */
  present: readonly (readonly boolean[])[];
  /** By station: whether it is open in a slot. */
  open: readonly (readonly boolean[])[];
  capacity: readonly number[];
  minimum: readonly number[];
  heavy: readonly boolean[];
  /** By slot, the position of its day. */
  day: readonly number[];
  /** By athlete, throw-heavy slots a day. */
  heavyLimit: readonly number[];
  ageSpan: number | null;
  together: readonly (readonly number[])[];
  apart: readonly (readonly number[])[];
  /** Slots that are over. */
  over: number;
  /** By athlete and slot: the station that is settled, or null. */
  settled: readonly (readonly (number | null)[])[];
  /** By athlete and slot: where they were before; null where nothing was planned. */
  before: readonly (readonly number[] | null)[];
}

function positions(ids: readonly { id: string }[], field: string): Map<string, number> {
  const at = new Map<string, number>();
  ids.forEach(({ id }, n) => {
    if (at.has(id)) throw new FieldError(`${field}.${n}.id`, texts.isThereTwice(id));
    at.set(id, n);
  });
  return at;
}

const known = (at: ReadonlyMap<string, number>, id: string, field: string): number => {
  const found = at.get(id);
  if (found === undefined) throw new FieldError(field, texts.thereIsNoInThisCamp(id));
  return found;
};

function lists(
  of: readonly (readonly string[])[] | undefined,
  at: ReadonlyMap<string, number>,
  field: string,
): number[][] {
  return (of ?? []).map((ids, n) => ids.map((id, m) => known(at, id, `rules.${field}.${n}.${m}`)));
}

/** Slots are in order, and none begins before the one before it has ended. */
function mustFollow(slots: CampInput['slots']): void {
  slots.forEach((slot, n) => {
    const last = slots[n - 1];
    if (!last || slot.day > last.day) return;
    if (slot.day < last.day) throw new FieldError(`slots.${n}.day`, texts.slotsOutOfOrder(slot.id, last.id));
    if (minutesOf(slot.start) < minutesOf(last.start) + last.minutes)
      throw new FieldError(`slots.${n}.start`, texts.beginsBeforeHasEnded(slot.id, last.id));
  });
}

/** Two who must be together cannot be kept apart. */
function mustAgree(table: Pick<CampTable, 'athletes' | 'together' | 'apart'>): void {
  table.apart.forEach((apart, n) => {
    for (const together of table.together) {
      const both = apart.filter((athlete) => together.includes(athlete));
      if (both.length > 1)
        throw new FieldError(
          `rules.apart.${n}`,
          texts.areToBeTogetherAndApart(both.map((athlete) => table.athletes[athlete]).join(' and ')),
        );
    }
  });
}

/**
 * A camp by position, for planning and checking.
 *
 * @throws FieldError for an id that is twice or not there, a pin that breaks a rule, and friends to be kept apart
 * @example campTable({ mode: 'routes', seed: 1, slots: [], stations: [], athletes: [], rules: { ageSpan: null }, seconds: 1 }).athletes // []
 */
export function campTable(input: CampInput): CampTable {
  const { slots, stations, athletes, rules } = input;
  mustFollow(slots);
  const slotAt = positions(slots, 'slots');
  const stationAt = positions(stations, 'stations');
  const athleteAt = positions(athletes, 'athletes');
  const days = [...new Set(slots.map(({ day }) => day))];
  const open = stations.map(({ closed = [] }, n) => {
    const shut = new Set(closed.map((id, m) => known(slotAt, id, `stations.${n}.closed.${m}`)));
    return slots.map((_, t) => !shut.has(t));
  });
  const present = athletes.map(({ from, to, absent = [] }, n) => {
    const away = new Set(absent.map((id, m) => known(slotAt, id, `athletes.${n}.absent.${m}`)));
    const first = from === undefined ? 0 : known(slotAt, from, `athletes.${n}.from`);
    const last = to === undefined ? slots.length - 1 : known(slotAt, to, `athletes.${n}.to`);
    return slots.map((_, t) => t >= first && t <= last && !away.has(t));
  });
  const may = athletes.map(({ barred = [] }, n) => {
    const not = new Set(barred.map((id, m) => known(stationAt, id, `athletes.${n}.barred.${m}`)));
    return stations.map((_, s) => !not.has(s));
  });
  const before: (number[] | null)[] = athletes.map(() => null);
  input.previous?.forEach(({ athlete, stations: were }, n) => {
    const a = athleteAt.get(athlete);
    // Who does not come any more has no route.
    if (a === undefined) return;
    before[a] = slots.map((_, t) => {
      const station = were[t] ?? null;
      return station === null ? nowhere : known(stationAt, station, `previous.${n}.stations.${t}`);
    });
  });
  const settled: (number | null)[][] = athletes.map(() => slots.map(() => null));
  const over = input.fixedBefore === undefined ? 0 : known(slotAt, input.fixedBefore, 'fixedBefore');
  before.forEach((route, a) => route?.forEach((station, t) => t < over && (settled[a]![t] = station)));
  input.pinned?.forEach(({ athlete, slot, station }, n) => {
    const a = known(athleteAt, athlete, `pinned.${n}.athlete`);
    const t = known(slotAt, slot, `pinned.${n}.slot`);
    const s = known(stationAt, station, `pinned.${n}.station`);
    const why = !present[a]![t]
      ? texts.isNotThereIn(athlete, slot)
      : !may[a]![s]
        ? texts.mayNotBeAt(athlete, station)
        : !open[s]![t]
          ? texts.isClosedIn(station, slot)
          : null;
    if (why) throw new FieldError(`pinned.${n}`, why);
    settled[a]![t] = s;
  });
  const table: CampTable = {
    athletes: athletes.map(({ id }) => id),
    stations: stations.map(({ id }) => id),
    slots: slots.map(({ id }) => id),
    ages: athletes.map(({ age }) => age),
    need: athletes.map((camper) => needsOf(camper, stations)),
    may,
    present,
    open,
    capacity: stations.map(({ capacity }) => capacity),
    minimum: stations.map(({ minimum }) => minimum ?? usualMinimum),
    heavy: stations.map(({ throwHeavy }) => throwHeavy),
    day: slots.map(({ day }) => days.indexOf(day)),
    heavyLimit: athletes.map(({ age, heavyADay = Infinity }) => Math.min(heavySlotsADay(age), heavyADay)),
    ageSpan: rules.ageSpan,
    together: lists(rules.together, athleteAt, 'together'),
    apart: lists(rules.apart, athleteAt, 'apart'),
    over,
    settled,
    before,
  };
  mustAgree(table);
  return table;
}

/**
 * Whether two slots follow one another on one day.
 *
 * @example [follows(camp, 0), follows(camp, 1)] // [ false, true ]
 */
export const follows = ({ day }: Pick<CampTable, 'day'>, t: number): boolean =>
  t > 0 && day[t] === day[t - 1];

/**
 * Whether anybody of some may be at a station with anybody of them, for all that ages say.
 *
 * @example [4, 5].map((ageSpan) => agesAreNear({ ages: [9, 12, 14], ageSpan })) // [ false, true ]
 */
export const agesAreNear = ({ ages, ageSpan }: Pick<CampTable, 'ages' | 'ageSpan'>): boolean =>
  ageSpan === null || Math.max(...ages) - Math.min(...ages) <= ageSpan;

/**
 * Friends whom their ages let be at one station; of the others it can only be said that they are not together.
 *
 * @example sideBySide({ together: [[0, 1], [0, 2]], ages: [9, 10, 15], ageSpan: 5 }) // [ [ 0, 1 ] ]
 */
export const sideBySide = ({
  together,
  ages,
  ageSpan,
}: Pick<CampTable, 'together' | 'ages' | 'ageSpan'>): readonly (readonly number[])[] =>
  together.filter((ids) => agesAreNear({ ages: ids.map((a) => ages[a]!), ageSpan }));

/**
 * The slots in which all of some friends are there, and in how many of them they have to be side by side: in half.
 *
 * @param ids positions of the friends
 * @example sharedSlots({ slots: ['t0', 't1', 't2'], present: [[true, true, true], [true, true, true]] }, [0, 1]) // { shared: [ 0, 1, 2 ], together: 2 }
 */
export function sharedSlots(
  { slots, present }: Pick<CampTable, 'slots' | 'present'>,
  ids: readonly number[],
): { shared: number[]; together: number } {
  const shared = slots.flatMap((_, t) => (ids.every((a) => present[a]![t]) ? [t] : []));
  return { shared, together: Math.ceil(shared.length / 2) };
}
