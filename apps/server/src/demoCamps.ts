import { campSession, type CheckIn } from '@wrightonic/contract';
import {
  addDays,
  planCamp,
  slotsOf,
  usualBall,
  usualSetup,
  venueInstant,
  type CampPlan,
  type CampSetup,
} from '@wrightonic/core';
import { pretendThrows, type PretendAthlete } from '@wrightonic/core/simulate';
import { loadSolver } from '@wrightonic/solver';
import type { AcademyRow } from './store/academies';
import { wholeCamp } from './http/camps/campRecord';
import { planned, type Planner } from './http/camps/planning';
import { addCamp, addMembers, addPlan } from './store/camps';
import { inBatches, type Academy } from './store/scope';
import type { SeededCamps } from './store/seeds/saltmarsh';
import { zone, type Seeding } from './store/seeds/seeding';

interface Camper {
  id: string;
  pretend: PretendAthlete;
}

const overDaysAgo = 24;
const testThrows = 8;
/** Those of whom the camp that is over tells: older ones, who threw fewer than they might. */
const wasThere = ({ age }: PretendAthlete): boolean => age >= 12 && age <= 17;
const isThere = ({ age }: PretendAthlete): boolean => age <= 17;

const staff = [
  ['Marlow Venn', ['lower half', 'arm action', 'command']],
  ['Isla Cormorant', ['windmill', 'lower half']],
  ['Jory Tidewell', ['testing', 'small children']],
  ['Perrin Holloway', ['arm action']],
  ['Dagny Shoreham', ['windmill', 'command']],
  ['Osric Fenwater', ['testing']],
] as const;

const staffOn = (days: readonly string[], newId: () => string): CampSetup['staff'] =>
  staff.map(([name, skills]) => ({
    id: newId(),
    name,
    skills,
    hours: days.map((day) => ({ day, from: '08:00', to: '17:30' })),
  }));

function autumnCamp(firstDay: string, newId: () => string): CampSetup {
  const head = {
    name: 'Autumn weekend',
    venue: 'Saltmarsh Barn and the Upper Field',
    firstDay,
    lastDay: addDays(firstDay, 1),
  };
  const setup = usualSetup(head, newId);
  return {
    ...setup,
    stations: setup.stations.map((station) => ({ ...station, capacity: 4 })),
    staff: staffOn([firstDay, head.lastDay], newId),
  };
}

/** Today's camp: a morning and an afternoon. */
function winterCamp(firstDay: string, newId: () => string): CampSetup {
  const head = {
    name: 'Winter camp',
    venue: 'Saltmarsh Barn',
    firstDay,
    lastDay: addDays(firstDay, 1),
  };
  const setup = usualSetup(head, newId);
  const afternoon = (day: string) =>
    (
      [
        ['12:15', 45, 'lunch'],
        ['13:00', 25, 'slot'],
        ['13:25', 25, 'slot'],
        ['13:50', 15, 'break'],
        ['14:05', 25, 'slot'],
        ['14:30', 25, 'slot'],
        ['14:55', 15, 'break'],
        ['15:10', 25, 'slot'],
        ['15:35', 25, 'testing'],
      ] as const
    ).map(([start, minutes, kind]) => ({ id: newId(), day, start, minutes, kind }));
  return {
    ...setup,
    ageSpan: 5,
    blocks: [...setup.blocks, ...afternoon(firstDay), ...afternoon(head.lastDay)],
    stations: setup.stations.map((station) => ({ ...station, capacity: 5 })),
    staff: staffOn([firstDay, head.lastDay], newId),
  };
}

const ids =
  ({ id }: Seeding, at: Date) =>
  () =>
    id(at);

/** Throws of both testing blocks of the camp that is over; some gained, most did what they always do. */
async function logTesting(
  seeding: Seeding,
  campId: string,
  firstDay: string,
  athletes: readonly Camper[],
): Promise<void> {
  const { academy, id, instructors } = seeding;
  const throws: Record<string, unknown>[] = [];
  for (const [n, { id: athleteId, pretend }] of athletes.entries())
    for (const day of [0, 1]) {
      const date = addDays(firstDay, day);
      const begins = venueInstant(date, '00:00', zone);
      const session = campSession(campId, athleteId, begins);
      const by = instructors[n % 2]!;
      await academy.add('sessions', {
        id: session.id,
        athlete_id: athleteId,
        plan_id: null,
        date,
        zone,
        at: begins,
        by_person: by,
      });
      await academy.add('session_ends', {
        id: session.endId,
        session_id: session.id,
        note: 'Camp',
        at: begins,
        by_person: by,
      });
      const gained = day === 1 && n % 3 === 0 ? 1.045 : 1;
      const thrown = pretendThrows(pretend, overDaysAgo - day, 400 + n).slice(0, testThrows);
      const tested = venueInstant(date, '12:00', zone).getTime();
      thrown.forEach(({ velocity }, t) => {
        const at = new Date(tested + (n * testThrows + t) * 20_000);
        throws.push({
          id: id(at),
          at,
          by_person: by,
          athlete_id: athleteId,
          session_id: session.id,
          date,
          drill: null,
          velocity: velocity * gained,
          effort: 75,
          pitch: 'fastball',
          ball_g: usualBall[pretend.discipline],
        });
      });
    }
  await inBatches(academy, 'throws', throws);
}

async function checkIn(
  { academy, id, instructors }: Seeding,
  campId: string,
  date: string,
  said: readonly { athlete: string; state: CheckIn['state']; restriction?: string; pickedUpBy?: string }[],
): Promise<void> {
  const at = venueInstant(date, '08:40', zone);
  await inBatches(
    academy,
    'camp_check_ins',
    said.map(({ athlete, state, restriction = '', pickedUpBy = '' }) => ({
      id: id(at),
      at,
      by_person: instructors[0]!,
      camp_id: campId,
      athlete_id: athlete,
      date,
      state,
      restriction,
      picked_up_by: pickedUpBy,
    })),
  );
}

/** Plans in this process: the demo is made before anybody is served. */
async function planner(): Promise<Planner> {
  const solve = await loadSolver();
  return async (_, inputs) => {
    let last: CampPlan | null = null;
    for (let input = inputs(null); input; input = inputs(last)) last = planCamp(input, solve);
    return last!;
  };
}

/** Plans a camp as it was planned on the evening before. */
async function planOf(
  { academy, id, instructors }: Seeding,
  academyRow: AcademyRow,
  campId: string,
  now: Date,
): Promise<void> {
  const camp = await wholeCamp({ academy, academyRow }, campId);
  const wish = { id: id(now), before: null, anew: true, seconds: 0.4, pinned: [], change: null };
  const record = await planned(await planner(), { camp, zone, by: 'Marlow Venn', now }, wish);
  await addPlan(academy, campId, record, null, instructors[0]!);
}

async function member(
  academy: Academy,
  seeding: Seeding,
  campId: string,
  at: Date,
  rows: readonly Partial<Row>[],
): Promise<void> {
  await addMembers(
    academy,
    campId,
    rows.map((row) => ({
      id: seeding.id(at),
      athleteId: row.athleteId!,
      coming: true,
      from: row.from ?? null,
      to: row.to ?? null,
      barred: row.barred ?? [],
      restriction: row.restriction ?? '',
    })),
    seeding.instructors[0]!,
    at,
  );
}
type Row = Parameters<typeof addMembers>[2][number];

/** Two camps of the Saltmarsh Pitching Barn: one that is over, with its testing, and one that runs today. */
export function demoCamps(): SeededCamps {
  let over = '';
  return {
    logged: async (seeding, athletes) => {
      const { academy, id, today, instructors } = seeding;
      const firstDay = addDays(today, -overDaysAgo);
      const made = venueInstant(addDays(firstDay, -20), '19:00', zone);
      over = id(made);
      await addCamp(
        academy,
        { id: over, setupId: id(made) },
        autumnCamp(firstDay, ids(seeding, made)),
        instructors[0]!,
        made,
      );
      const there = athletes.filter(({ pretend }) => wasThere(pretend));
      await member(
        academy,
        seeding,
        over,
        made,
        there.map((each) => ({ athleteId: each.id })),
      );
      await logTesting(seeding, over, firstDay, there);
      for (const day of [0, 1])
        await checkIn(
          seeding,
          over,
          addDays(firstDay, day),
          there.map((each) => ({ athlete: each.id, state: 'left' as const, pickedUpBy: 'a parent' })),
        );
    },
    planned: async (seeding, athletes, academyRow) => {
      const { academy, id, today, instructors } = seeding;
      const eveBefore = venueInstant(addDays(today, -overDaysAgo - 1), '20:00', zone);
      await planOf(seeding, academyRow, over, eveBefore);
      const made = venueInstant(addDays(today, -12), '19:00', zone);
      const campId = id(made);
      const there = athletes.filter(({ pretend }) => isThere(pretend));
      const named = (given: string) => there.find(({ pretend }) => pretend.givenName === given)!.id;
      const setup = winterCamp(today, ids(seeding, made));
      const slots = slotsOf(setup);
      const mound = setup.stations.find(({ name }) => name === 'Mound with radar')!.id;
      await addCamp(
        academy,
        { id: campId, setupId: id(made) },
        {
          ...setup,
          together: [[named('Otis'), named('Bram')]],
          apart: [[named('Rufus'), named('Corin')]],
        },
        instructors[0]!,
        made,
      );
      const rows: Partial<Row>[] = there.map(({ id: athleteId, pretend }) => ({
        athleteId,
        ...(pretend.givenName === 'Pia' ? { barred: [mound], restriction: 'No mound: a sore hip' } : {}),
        ...(pretend.givenName === 'Maren' ? { to: slots.findLast(({ day }) => day === today)!.id } : {}),
        ...(pretend.givenName === 'Harriet' ? { from: slots[2]!.id } : {}),
      }));
      await member(academy, seeding, campId, made, rows);
      await planOf(seeding, academyRow, campId, venueInstant(addDays(today, -1), '20:00', zone));
      const late = new Set([named('Harriet'), named('Fenn'), named('Gideon')]);
      await checkIn(
        seeding,
        campId,
        today,
        there.flatMap((each) => (late.has(each.id) ? [] : [{ athlete: each.id, state: 'present' as const }])),
      );
    },
  };
}
