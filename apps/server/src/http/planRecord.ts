import type { PlanRecord } from '@wrightonic/contract';
import {
  drillStanding,
  firstStage,
  jumpsOver,
  jumpWords,
  levelCounts,
  reachesDelivery,
  recentCounts,
  type DrillBook,
  type Stage,
} from '@wrightonic/core';
import type { DrillCount } from '../store/log';
import { plan as storedPlan, planStates, type StoredPlan } from '../store/plans';
import type { Academy } from '../store/scope';
import { newestAssignment } from '../store/weeks';

/** Where a thread was moved to last; the first of its climb when it never was. */
export const presentStage = ({ movedTo, stages }: StoredPlan['threads'][number]): Stage =>
  movedTo ?? firstStage(stages);

/**
 * A stored plan as it is read: how far each thread is, what its gates say, where it jumps.
 *
 * @param levels the level that was chosen last, by drill
 */
export function planRecord(
  plan: StoredPlan,
  counts: readonly DrillCount[],
  levels: Readonly<Record<string, string>>,
  assignment: PlanRecord['assignment'],
  book: DrillBook,
): PlanRecord {
  const { id, traceId, startsOn, endsOn, relookOn } = plan;
  const threads = plan.threads.map((thread) => {
    const stage = presentStage(thread);
    const worked = thread.stages
      .filter((rung) => rung.stage === stage)
      .flatMap(({ drills }) => drills.map(({ drill }) => drill));
    const { stayedAt } = thread;
    return {
      thread: thread.thread,
      focus: thread.focus,
      share: thread.share,
      stage,
      stayed: stayedAt !== null && !counts.some(({ drill, at }) => at > stayedAt && worked.includes(drill)),
      jumps: jumpsOver(
        thread.stages.map((rung) => ({ stage: rung.stage, drills: rung.drills.map(({ drill }) => drill) })),
        book,
      ).map((jump) => jumpWords(jump, book)),
      skipped: thread.skipped,
      held: thread.held,
      reachesDelivery: reachesDelivery(thread.stages),
      stages: thread.stages.map(({ stage, drills }) => ({
        stage,
        drills: drills.map((drill) => {
          const recent = recentCounts(levelCounts(counts.filter((count) => count.drill === drill.drill)));
          const standing = drillStanding(book.drill(drill.drill) ?? {}, levels[drill.drill], recent);
          return { ...drill, ...standing, recent };
        }),
      })),
    };
  });
  return { id, traceId, startsOn, endsOn, relookOn, threads, assignment };
}

/** The plan that holds now, with its newest week. */
export async function newestPlan(academy: Academy, athleteId: string, book: DrillBook) {
  const newest = (await planStates(academy, athleteId)).at(-1);
  const plan = newest ? await storedPlan(academy, newest.id) : null;
  return { plan, assignment: plan && (await newestAssignment(academy, plan, book)) };
}
