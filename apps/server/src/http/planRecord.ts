import { LRUCache } from 'lru-cache';
import type { PlanRecord } from '@wrightonic/contract';
import {
  hasStayed,
  jumpsOver,
  jumpWords,
  presentStage,
  reachesDelivery,
  standingOf,
  type DrillBook,
} from '@wrightonic/core';
import { newestPlanState, type StoredPlan } from '../store/plans';
import type { Academy } from '../store/scope';
import type { DrillCount } from '../store/state/counts';
import { newestAssignment } from '../store/weeks';
import { wholePlans } from '../store/storedPlans';

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
  const threads = plan.threads.map((thread) => ({
    thread: thread.thread,
    focus: thread.focus,
    share: thread.share,
    stage: presentStage(thread),
    stayed: hasStayed(thread, counts),
    jumps: jumpsOver(
      thread.stages.map((rung) => ({ stage: rung.stage, drills: rung.drills.map(({ drill }) => drill) })),
      book,
    ).map((jump) => jumpWords(jump, book)),
    skipped: thread.skipped,
    limitedBy: thread.held,
    reachesDelivery: reachesDelivery(thread.stages),
    stages: standingOf(thread.stages, counts, levels, book),
  }));
  return { id, traceId, startsOn, endsOn, relookOn, threads, assignment };
}

/** The plan that holds now, with its newest week. */
export async function newestPlan(academy: Academy, athleteId: string, book: DrillBook) {
  const newest = await newestPlanState(academy, athleteId);
  const [plan = null] = newest ? await wholePlans(academy, [newest]) : [];
  return { plan, assignment: plan && (await newestAssignment(academy, plan, book)) };
}

type NewestPlan = Awaited<ReturnType<typeof newestPlan>>;

/** Plans as they were read last, by athlete: every change of one, or of a drill in it, is a new version of the state. */
const known = new LRUCache<string, { version: number; newest: NewestPlan }>({ max: 100 });

/**
 * The same, read anew only where the state of the athlete has changed since.
 *
 * @param version of the state, read before this is asked
 */
export async function planAt(
  academy: Academy,
  athleteId: string,
  version: number,
  book: DrillBook,
): Promise<NewestPlan> {
  const key = `${academy.id} ${athleteId}`;
  const last = known.get(key);
  if (last?.version === version) return last.newest;
  const newest = await newestPlan(academy, athleteId, book);
  known.set(key, { version, newest });
  return newest;
}
