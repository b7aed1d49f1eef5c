import {
  addDays,
  drillOf,
  drills,
  firstStage,
  missingFor,
  parseDose,
  venueInstant,
  type PlannedDay,
} from '@wrightonic/core';
import type { Rng } from '@wrightonic/core/simulate';
import { inBatches } from '../scope';
import { moveStage, plan } from '../plans';
import { addAssignment } from '../weeks';
import { zone, type Seeding } from './seeding';

/** What a well-kept barn has. */
export const everyThing = [...new Set(drills.flatMap((drill) => drill.equipment.flat()))].sort();

/** Weeks before this one that were assigned too, by the days on which they began. */
const earlierWeeks = [15, 8];

/** What was ticked at home of an assigned week: most of it, some of it late, little by somebody who is away. */
async function seedTicks(
  { academy, id, today }: Seeding,
  { athleteId, shareId, share }: { athleteId: string; shareId: string; share: number },
  items: readonly { date: string; drill: string; sets: number }[],
  random: Rng,
): Promise<void> {
  const rows = items
    .filter(({ date, drill }) => date < today && drillOf(drill)!.throws === 0)
    .flatMap(({ date, drill, sets }) =>
      Array.from({ length: sets }, (_, n) => ({ date, drill, set: n + 1, done: random.chance(share) })),
    )
    .filter(({ done }) => done)
    .map(({ date, drill, set }) => {
      const late = random.chance(0.15) && addDays(date, 1) < today;
      const doneOn = late ? addDays(date, 1) : date;
      const at = venueInstant(doneOn, '18:20', zone);
      const counted = random.chance(0.6);
      const clean = random.integer(4, 8);
      return {
        id: id(at),
        athlete_id: athleteId,
        share_id: shareId,
        at,
        received: at,
        date,
        drill,
        set_n: set,
        done: true,
        clean: counted ? clean : null,
        missed: counted ? 8 - clean : null,
        done_on: doneOn,
        throws: 0,
        effort: null,
      };
    });
  await inBatches(academy, 'home_sets', rows);
}

/** The newest plan stands at its second stage, and most athletes have work for this week and had some before. */
export async function seedStage(
  seeding: Seeding,
  planId: string,
  home: string[],
  by: string,
  { random, share }: { random: Rng; share: number },
): Promise<void> {
  const { academy, id, today } = seeding;
  const current = (await plan(academy, planId))!;
  const at = venueInstant(addDays(today, -2), '19:00', zone);
  for (const thread of current.threads) {
    const start = thread.stages.findIndex(({ stage }) => stage === firstStage(thread.stages));
    const next = thread.stages[start + 1];
    if (next)
      await moveStage(
        academy,
        thread.id,
        { id: id(at), thread: thread.thread, to: next.stage, reason: '' },
        false,
        by,
        at,
      );
  }
  const chosen = current.threads.flatMap(({ stages }) =>
    stages.slice(0, 3).flatMap(({ drills: each }) => each.slice(0, 1)),
  );
  const worked = [...new Set(['warm-up-flow', ...chosen.map(({ drill }) => drill)])].map((drill) =>
    drillOf(drill)!,
  );
  // Throws on the first day and the fourth, and no drills on the last.
  const weekFrom = (from: string) =>
    [0, 1, 2, 3, 4, 5, 6].map((n): PlannedDay => ({
      date: addDays(from, n),
      kind: n === 6 ? 'off' : n % 3 === 0 ? 'lesson' : 'home',
      minutes: n === 6 ? 0 : n % 3 === 0 ? 45 : 25,
      equipment: n % 3 === 0 ? everyThing : home,
      places: n % 3 === 0 ? ['cage', 'mound', 'field'] : ['home', 'field'],
      pitches: null,
    }));
  const itemsOf = (days: readonly PlannedDay[]) =>
    days.flatMap(({ date, kind, equipment }) =>
      kind === 'off'
        ? []
        : worked
            .filter(
              (drill) =>
                (drill.throws === 0 || kind === 'lesson') && missingFor(drill, equipment).length === 0,
            )
            .map(({ id: drill, dose }) => ({ date, drill, sets: Math.min(2, parseDose(dose).sets) })),
    );
  const shared = venueInstant(addDays(today, -16), '19:00', zone);
  const shareId = id(shared);
  // Nobody knows this address; it ran out before the demo began.
  await academy.add('shares', {
    id: shareId,
    athlete_id: current.athleteId,
    token_hash: shareId.replaceAll('-', '').padEnd(64, '0'),
    expires_at: venueInstant(addDays(today, -1), '12:00', zone),
    at: shared,
    by_person: by,
  });
  const athlete = { athleteId: current.athleteId, shareId, share };
  for (const daysAgo of [...earlierWeeks, 1]) {
    const from = addDays(today, -daysAgo);
    const days = weekFrom(from);
    const items = itemsOf(days);
    const when = daysAgo === 1 ? at : venueInstant(addDays(from, -1), '19:00', zone);
    if (from < current.startsOn && daysAgo !== 1) continue;
    await addAssignment(academy, current, { id: id(when), from, days, items, reason: '' }, by, when);
    const atHome = days.filter(({ kind }) => kind === 'home').map(({ date }) => date);
    const homeItems = items.filter(({ date }) => atHome.includes(date));
    await seedTicks(seeding, athlete, homeItems, random);
  }
}

/** Before a newer plan the threads of the ones before climbed a stage, some days in. */
export async function seedClimb(
  { academy, id }: Seeding,
  planId: string,
  date: string,
  by: string,
): Promise<void> {
  const { threads } = (await plan(academy, planId))!;
  for (const [n, thread] of threads.entries()) {
    const rungs = thread.stages.map(({ stage }) => stage).filter((stage) => stage !== 'prep');
    for (const [step, days] of [9 + 3 * n, 18 + 4 * n].entries()) {
      const to = rungs[step + 1];
      const at = venueInstant(addDays(date, days), '18:00', zone);
      if (to)
        await moveStage(
          academy,
          thread.id,
          { id: id(at), thread: thread.thread, to, reason: '' },
          false,
          by,
          at,
        );
    }
  }
}
