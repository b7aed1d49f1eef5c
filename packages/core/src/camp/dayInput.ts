import type { Discipline, Hand } from '../catalogue';
import { placesAt, slotsOf, type CampSetup } from './setup';
import { slotsOfChange, staffed, type CampChange, type Staffing } from './staffing';
import type { Camper, CampGroup, CampInput, CampPin, CampRoute } from './types';

/** Somebody who comes to a camp. */
export interface CampMember {
  id: string;
  /** Whole years, on the first day. */
  age: number;
  discipline: Discipline;
  throws: Hand;
  /** How much each station is needed, 1 to 3; what is left out is not needed. */
  needs: Readonly<Record<string, number>>;
  /** Slots in which they arrive and leave; null for the first and the last. */
  from: string | null;
  to: string | null;
  /** Stations that are none for them, whatever the reason. */
  barred: readonly string[];
  /** Throw-heavy slots a day at most, by age and by the throws that they have left. */
  heavyADay: number;
}

export interface CampFacts {
  setup: CampSetup;
  members: readonly CampMember[];
  changes: readonly CampChange[];
  pinned: readonly CampPin[];
  /** What was planned before, and the slots that are over; null for a plan from nothing. */
  before: {
    routes: readonly CampRoute[];
    groups?: readonly Pick<CampGroup, 'athletes'>[];
    fixedBefore: string | null;
  } | null;
  /** To plan in, s. */
  seconds: number;
}

export interface CampToPlan {
  input: CampInput;
  staffing: Staffing;
}

/**
 * A camp as the planner takes it: its stations with as many places as their things go round for, closed where nobody can
 * lead them or their area is closed; everybody with what they need, what their throws allow, and when they are there.
 *
 * @example campToPlan({ setup: campSetup, members: [], changes: [], pinned: [], before: null, seconds: 1 }).input.slots // []
 */
export function campToPlan({ setup, members, changes, pinned, before, seconds }: CampFacts): CampToPlan {
  const slots = slotsOf(setup);
  const of = (kinds: readonly CampChange['kind'][], subject: string): Set<string> =>
    new Set(
      changes
        .filter((change) => kinds.includes(change.kind) && change.subject === subject)
        .flatMap((change) => slotsOfChange(change, slots)),
    );
  const staffing = staffed(setup, new Map(setup.staff.map(({ id }) => [id, of(['sick'], id)])));
  // What is over was as it was: no change closes it.
  const over = new Set(
    before?.fixedBefore
      ? slots
          .slice(
            0,
            slots.findIndex(({ id }) => id === before.fixedBefore),
          )
          .map(({ id }) => id)
      : [],
  );
  const later = (ids: Iterable<string>): string[] => [...ids].filter((id) => !over.has(id));
  const stations = setup.stations.map(({ id, treats, minimum, throwHeavy, areaId, ...station }) => ({
    id,
    treats,
    capacity: placesAt(station),
    minimum,
    throwHeavy,
    closed: later(
      new Set([
        ...of(['closed'], areaId),
        ...slots.flatMap((slot) => (staffing.without[slot.id]!.includes(id) ? [slot.id] : [])),
      ]),
    ),
  }));
  const athletes = members.map((member): Camper => ({
    id: member.id,
    age: member.age,
    discipline: member.discipline,
    throws: member.throws,
    needs: member.needs,
    from: member.from ?? undefined,
    to: member.to ?? undefined,
    absent: later(of(['away', 'late', 'left'], member.id)),
    heavyADay: member.heavyADay,
    barred: member.barred,
  }));
  const here = new Set(members.map(({ id }) => id));
  const camperOf = new Map(athletes.map((camper) => [camper.id, camper]));
  const stationOf = new Map(stations.map((station) => [station.id, station]));
  // What happens on the day is stronger than a pin; a pin that nobody could ever keep is still refused.
  const mayHold = ({ athlete, slot, station }: CampPin): boolean => {
    const [camper, at] = [camperOf.get(athlete), stationOf.get(station)];
    const there = slots.some(({ id }) => id === slot) && camper && at;
    return Boolean(there && !camper.absent?.includes(slot) && !at.closed.includes(slot));
  };
  const company = (lists: CampSetup['together']) =>
    lists.map((ids) => ids.filter((id) => here.has(id))).filter((ids) => ids.length > 1);
  return {
    staffing,
    input: {
      mode: setup.mode,
      seed: setup.seed,
      slots: slots.map(({ id, day, start, minutes }) => ({ id, day, start, minutes })),
      stations,
      athletes,
      rules: {
        ageSpan: setup.ageSpan,
        groups: setup.groups,
        together: company(setup.together),
        apart: company(setup.apart),
      },
      pinned: pinned.filter(mayHold),
      previous: before?.routes,
      previousGroups: before?.groups,
      fixedBefore: before?.fixedBefore ?? undefined,
      seconds,
    },
  };
}
