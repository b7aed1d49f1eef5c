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
import { moveStage, plan } from '../plans';
import { addAssignment } from '../weeks';
import { zone, type Seeding } from './seeding';

/** What a well-kept barn has. */
export const everyThing = [...new Set(drills.flatMap((drill) => drill.equipment.flat()))].sort();

/** The newest plan stands at its second stage, and most athletes have work for this week. */
export async function seedStage(
  { academy, id, today }: Seeding,
  planId: string,
  home: string[],
  by: string,
): Promise<void> {
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
      );
  }
  const chosen = current.threads.flatMap(({ stages }) =>
    stages.slice(0, 3).flatMap(({ drills: each }) => each.slice(0, 1)),
  );
  const from = addDays(today, -1);
  const worked = [...new Set(['warm-up-flow', ...chosen.map(({ drill }) => drill)])].map((drill) =>
    drillOf(drill)!,
  );
  // Throws on the first day and the fourth, and no drills on the last.
  const days = [0, 1, 2, 3, 4, 5, 6].map((n): PlannedDay => ({
    date: addDays(from, n),
    kind: n === 6 ? 'off' : n % 3 === 0 ? 'lesson' : 'home',
    minutes: n === 6 ? 0 : n % 3 === 0 ? 45 : 25,
    equipment: n % 3 === 0 ? everyThing : home,
    places: n % 3 === 0 ? ['cage', 'mound', 'field'] : ['home', 'field'],
    pitches: null,
  }));
  const items = days.flatMap(({ date, kind, equipment }) =>
    kind === 'off'
      ? []
      : worked
          .filter(
            (drill) => (drill.throws === 0 || kind === 'lesson') && missingFor(drill, equipment).length === 0,
          )
          .map(({ id: drill, dose }) => ({ date, drill, sets: Math.min(2, parseDose(dose).sets) })),
  );
  await addAssignment(academy, current, { id: id(at), from, days, items, reason: '' }, by, at);
}
