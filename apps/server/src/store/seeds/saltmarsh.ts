import { randomBytes } from 'node:crypto';
import {
  addDays,
  buildLadders,
  dosed,
  hardEffort,
  trace,
  usualBall,
  type Approach,
  dayAt,
  venueInstant,
  type Findings,
  type Trace,
} from '@wrightonic/core';
import {
  rng,
  pretendLooks,
  pretendReps,
  pretendThrows,
  saltmarshRoster,
  sessionDays,
  type PretendAthlete,
  type Story,
} from '@wrightonic/core/simulate';
import type { Knex } from 'knex';
import { v7 } from 'uuid';
import { hashPassword } from '../../auth/password';
import { UnscopedStore, type AcademyRow } from '../academies';
import { addAthletes } from '../athletes';
import { bookOf } from '../drills';
import { addPlan, plan } from '../plans';
import { formOf, homeOf, seedMeasured } from './measured';
import { noApproach, zone, type Seeding } from './seeding';
import { everyThing, seedClimb, seedStage } from './planned';
import { seedChoices } from './choices';
import { seedLessons } from './lessons';
import { followed, linksOn, seedLinks, seedStrike } from './tracing';
import { Academy, inBatches } from '../scope';
import { countAthletes, rebuildAthletes } from '../state/refresh';
import { addTrace } from '../traces';

function seededIds(seed: number): (at: Date) => string {
  const random = rng(seed);
  let seq = 0;
  return (at) =>
    v7({
      msecs: at.getTime(),
      seq: seq++,
      random: Uint8Array.from({ length: 16 }, () => random.integer(0, 255)),
    });
}

interface Followed extends ReturnType<typeof followed> {
  lookId: string;
  date: string;
  at: Date;
  by: string;
  result: Trace;
  findings: Findings;
}

/** The trace of a look, and the plan that was made of it. */
async function seedPlan(
  seeding: Seeding,
  { id: athleteId, pretend }: { id: string; pretend: PretendAthlete },
  { lookId, date, at, by, result, findings, chosen, reason }: Followed,
): Promise<void> {
  const { academy, id } = seeding;
  const traceId = id(at);
  await addTrace(
    academy,
    { id: traceId, athleteId, lookId, at: at.toISOString(), result, findings, chosen, reason },
    by,
  );
  const planId = id(at);
  const whom = { discipline: pretend.discipline, age: pretend.age, equipment: everyThing };
  await addPlan(
    academy,
    {
      id: planId,
      athleteId,
      traceId,
      startsOn: date,
      endsOn: addDays(date, 56),
      relookOn: addDays(date, 14),
    },
    buildLadders(chosen, whom, result).map((ladder) => dosed(ladder)),
    at,
    by,
  );
}

async function seedLooks(
  { academy, id, today }: Seeding,
  athlete: { id: string; pretend: PretendAthlete },
  by: string,
  seed: number,
): Promise<void> {
  const { pretend } = athlete;
  const approach: Partial<Approach> = {};
  const looks = pretendLooks(pretend, seed);
  for (const [n, { daysAgo, findings }] of looks.entries()) {
    const date = addDays(today, -daysAgo);
    const at = venueInstant(date, '17:10', zone);
    const lookId = id(at);
    await academy.add('looks', {
      id: lookId,
      athlete_id: athlete.id,
      kind: 'quick',
      zone,
      date,
      place: 'Cage 2',
      view: 'behind',
      thrown: 'bullpen, 20 pitches',
      looked_at: at,
      at,
      by_person: by,
    });
    await academy.add(
      'findings',
      Object.entries(findings).map(([node, severity]) => ({
        id: id(at),
        look_id: lookId,
        node,
        severity,
        at,
        by_person: by,
      })),
    );
    await academy.add('look_ends', { id: id(at), look_id: lookId, at, by_person: by });
    // A look between two plans goes on with the plan that is running; some newest looks wait to be traced.
    const newest = n === looks.length - 1;
    const waits = pretend.story === 'starting' || pretend.story === 'slips-back';
    if (newest ? waits : n % 3 !== 0) continue;
    const tracedAthlete = {
      discipline: pretend.discipline,
      throws: pretend.throws,
      age: pretend.age,
      approach,
    };
    const result = trace({ athlete: tracedAthlete, findings }, linksOn(date, today));
    // Nothing that counts was seen: there is no focus to plan for.
    if (!result.focus.lower && !result.focus.arm) continue;
    const { chosen, reason } = followed(result, !newest && seed % 5 === 2);
    if (newest && seed % 12 === 1)
      await seedStrike({ academy, id, today, instructors: [] }, athlete.id, result, by);
    await seedPlan({ academy, id, today, instructors: [] }, athlete, {
      lookId,
      date,
      at,
      by,
      result,
      findings,
      chosen,
      reason,
    });
  }
}

/** Sessions on the newest plan: its drills of the first stages, then pitches. */
async function seedSessions(
  { academy, id, today }: Seeding,
  athlete: { id: string; pretend: PretendAthlete },
  by: string,
  seed: number,
): Promise<void> {
  const plans: { id: string; starts_on: string }[] = await academy
    .from('plans')
    .where({ athlete_id: athlete.id })
    .orderBy('at', 'desc')
    .select('id', 'starts_on');
  const [newest, ...before] = plans;
  for (const { id: planId, starts_on: date } of before)
    await seedClimb({ academy, id, today, instructors: [] }, planId, date, by);
  const current = newest ? await plan(academy, newest.id) : null;
  if (!current) return;
  const random = rng(seed + 7);
  const worked = current.threads.flatMap((thread) =>
    // In a flat story the delivery is worked too, and what is clean in the drills does not reach it.
    thread.stages.filter(({ stage }) =>
      ['prep', 'feel', 'move', ...(athlete.pretend.story === 'flat' ? ['deliver'] : [])].includes(stage),
    ),
  );
  const drillIds = [
    ...new Set(worked.flatMap(({ drills: each }) => each.slice(0, 1).map(({ drill }) => drill))),
  ];
  const reps: Record<string, unknown>[] = [];
  const throws: Record<string, unknown>[] = [];
  const days = sessionDays(athlete.pretend, seed);
  const choices = await seedChoices({ academy, id, today, instructors: [] }, athlete.id, drillIds, days, by);
  for (const daysAgo of days) {
    const date = addDays(today, -daysAgo);
    const begun = venueInstant(date, '16:30', zone);
    const sessionId = id(begun);
    const event = (seconds: number) => {
      const at = new Date(begun.getTime() + seconds * 1000);
      return { id: id(at), session_id: sessionId, at, by_person: by };
    };
    await academy.add('sessions', {
      id: sessionId,
      athlete_id: athlete.id,
      plan_id: current.startsOn <= date ? current.id : null,
      date,
      zone,
      at: begun,
      by_person: by,
    });
    let clock = 60;
    for (const drill of drillIds)
      for (const outcome of pretendReps(athlete.pretend, drill, daysAgo, random))
        reps.push({ ...event((clock += 8)), drill, outcome, ...choices(drill, daysAgo) });
    for (const { velocity, effort } of pretendThrows(athlete.pretend, daysAgo, seed))
      throws.push({
        ...event((clock += 25)),
        athlete_id: athlete.id,
        date,
        drill: effort >= hardEffort ? 'full-delivery' : null,
        velocity,
        effort,
        pitch: 'fastball',
        ball_g: usualBall[athlete.pretend.discipline],
      });
    await academy.add('session_ends', { ...event(clock + 60), note: '' });
  }
  await inBatches(academy, 'rep_events', reps);
  await inBatches(academy, 'throws', throws);
  await seedStage({ academy, id, today, instructors: [] }, current.id, homeOf(athlete.pretend), by, {
    random: rng(seed + 19),
    share: homeShares[athlete.pretend.story] ?? 0.75,
  });
}

/** How much of what was assigned is done at home; others do three quarters. */
const homeShares: Partial<Record<Story, number>> = { flat: 0.35, returns: 0, improves: 0.9 };

type Athletes = readonly { id: string; pretend: PretendAthlete }[];

/** What was logged at camps comes before the states are made, what hangs on them after. */
export interface SeededCamps {
  logged: (seeding: Seeding, athletes: Athletes) => Promise<void>;
  planned: (seeding: Seeding, athletes: Athletes, academyRow: AcademyRow) => Promise<void>;
}

/**
 * Loads the Saltmarsh Pitching Barn, an invented academy, as it stands on a day.
 *
 * @param password of its people; null: nobody knows it, and the demo is entered by its own door alone
 * @param camps its camps, which are planned as any other is
 */
export async function seedSaltmarsh(
  db: Knex,
  now: Date,
  password: string | null,
  camps: SeededCamps,
): Promise<void> {
  const id = seededIds(20);
  const today = dayAt(now, zone);
  const founded = venueInstant(addDays(today, -200), '09:00', zone);
  const academyId = id(founded);
  const passwordHash = await hashPassword(password ?? randomBytes(24).toString('base64url'));
  const people = (
    [
      ['Marlow Venn', 'marlow', 'owner', 'R'],
      ['Isla Cormorant', 'isla', 'instructor', 'L'],
      ['Jory Tidewell', 'jory', 'assistant', 'R'],
    ] as const
  ).map(([name, mail, role, hand]) => ({
    id: id(founded),
    email: `${mail}@saltmarsh.example`,
    name,
    passwordHash,
    role,
    hand,
    velocityUnit: 'mph' as const,
    approach: noApproach,
  }));
  const athletes = saltmarshRoster.map((pretend) => ({ id: id(founded), pretend }));
  const by = (n: number) => people[n % 2]!.id;
  // All of it or nothing: a start that is killed in the middle begins anew.
  await db.transaction(async (transaction) => {
    await new UnscopedStore(transaction).found(
      { id: academyId, name: 'Saltmarsh Pitching Barn', zone, demo: true, equipment: everyThing },
      people,
    );
    const academy = new Academy(transaction, academyId);
    const seeding: Seeding = { academy, instructors: people.slice(0, 2).map((p) => p.id), today, id };
    for (const [n, athlete] of athletes.entries()) {
      const { pretend } = athlete;
      await addAthletes(academy, [formOf(athlete.id, pretend, today, n)], zone, by(n), founded);
      await seedLooks(seeding, athlete, by(n), 100 + n);
      await seedSessions(seeding, athlete, by(n), 100 + n);
      await seedMeasured(seeding, athlete, by(n), 100 + n);
    }
    await seedLinks(seeding, by(0));
    await seedLessons(seeding, athletes, by);
    await camps.logged(seeding, athletes);
    const academyRow = (await new UnscopedStore(transaction).academy(academyId))!;
    const { carryDays } = academyRow;
    await countAthletes(academy);
    await rebuildAthletes(
      academy,
      athletes.map((athlete) => athlete.id),
      { zone, carryDays, book: () => bookOf(academy) },
    );
    await camps.planned(seeding, athletes, academyRow);
  });
}
