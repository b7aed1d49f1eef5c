import type { StageMove } from '@wrightonic/contract';
import { presentStage, type Ladder, type Stage, type Thread } from '@wrightonic/core';
import { v7 } from 'uuid';
import type { Academy } from './scope';
import { wholePlans } from './storedPlans';
import type { PlansRow } from './tables';

export interface StoredDrill {
  id: string;
  drill: string;
  dose: string;
  locked: boolean;
}

export interface StoredThread {
  id: string;
  thread: Thread;
  focus: string;
  share: number;
  /** Where the thread was moved to last; null when it never was. */
  movedTo: Stage | null;
  /** When somebody last decided to stay there; null when the last word was to go there. */
  stayedAt: string | null;
  skipped: Stage[];
  held: string[];
  stages: { id: string; stage: Stage; drills: StoredDrill[] }[];
}

export interface StoredPlan {
  id: string;
  athleteId: string;
  traceId: string;
  startsOn: string;
  endsOn: string;
  relookOn: string;
  threads: StoredThread[];
}

export type PlanState = Omit<StoredPlan, 'threads'>;

/** A drill that goes along from one plan into the next, on its stage of its thread. */
export interface Locked {
  thread: Thread;
  stage: Stage;
  drill: string;
  dose: string;
}

export const lockedIn = ({ threads }: StoredPlan): Locked[] =>
  threads.flatMap(({ thread, stages }) =>
    stages.flatMap(({ stage, drills }) =>
      drills.filter(({ locked }) => locked).map(({ drill, dose }) => ({ thread, stage, drill, dose })),
    ),
  );

/** Where a drill of a plan stands, whether it is locked, and whether it is still there. */
export const drillState = (
  planDrill: string,
  position: number,
  by: string,
  { id = v7(), locked = false, removed = false } = {},
  at = new Date(),
) => ({ id, plan_drill_id: planDrill, position, locked, removed, at, by_person: by });

export async function addPlan(
  academy: Academy,
  plan: PlanState,
  ladders: readonly (Ladder & { doses: Readonly<Record<string, string>> })[],
  at: Date,
  by: string,
  locked: readonly Locked[] = [],
): Promise<void> {
  await academy.transaction(async (trx) => {
    if (await planState(trx, plan.id)) return;
    await trx.add('plans', {
      id: plan.id,
      athlete_id: plan.athleteId,
      trace_id: plan.traceId,
      starts_on: plan.startsOn,
      ends_on: plan.endsOn,
      relook_on: plan.relookOn,
      at,
      by_person: by,
    });
    for (const ladder of ladders) {
      const threadId = v7();
      await trx.add('plan_threads', {
        id: threadId,
        plan_id: plan.id,
        thread: ladder.thread,
        focus: ladder.focus,
        share: ladder.share,
        skipped: JSON.stringify(ladder.skipped),
        held: JSON.stringify(ladder.limitedBy),
      });
      const kept = locked.filter(({ thread }) => thread === ladder.thread);
      const rungs = ladder.stages.map((rung, position) => ({
        ...rung,
        id: v7(),
        position,
        locked: kept.filter(({ stage }) => stage === rung.stage),
      }));
      await trx.add(
        'plan_stages',
        rungs.map(({ id, stage, position }) => ({ id, plan_thread_id: threadId, stage, position })),
      );
      const drills = rungs.flatMap((rung) => {
        const taken = new Set(rung.locked.map(({ drill }) => drill));
        const fresh = rung.drills
          .filter((drill) => !taken.has(drill))
          .map((drill) => ({ drill, dose: ladder.doses[drill]!, locked: false }));
        return [...rung.locked.map(({ drill, dose }) => ({ drill, dose, locked: true })), ...fresh].map(
          (each, position) => ({ ...each, id: v7(), stage: rung.id, position }),
        );
      });
      await trx.add(
        'plan_drills',
        drills.map(({ id, stage, drill, dose, position }) => ({
          id,
          plan_stage_id: stage,
          drill,
          dose,
          position,
          at,
          by_person: by,
        })),
      );
      await trx.add(
        'plan_drill_states',
        drills
          .filter((drill) => drill.locked)
          .map(({ id, position }) => drillState(id, position, by, { locked: true }, at)),
      );
    }
  });
}

const stateOf = (row: PlansRow): PlanState => ({
  id: row.id,
  athleteId: row.athlete_id,
  traceId: row.trace_id,
  startsOn: row.starts_on,
  endsOn: row.ends_on,
  relookOn: row.relook_on,
});

export async function planState(academy: Academy, id: string): Promise<PlanState | null> {
  const row = await academy.from('plans').where({ id }).first();
  return row ? stateOf(row) : null;
}

/** The plan that an athlete was given last. */
export async function newestPlanState(academy: Academy, athleteId: string): Promise<PlanState | null> {
  const row = await academy
    .from('plans')
    .where({ athlete_id: athleteId })
    .orderBy([
      { column: 'at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .first();
  return row ? stateOf(row) : null;
}

/** Athletes whose newest plan holds, or once held, one of these drills. */
export const athletesWorking = (academy: Academy, drills: readonly string[]): Promise<string[]> => {
  const query = academy.from('athlete_states', 'a');
  academy.join(query, 'plan_threads', 't', 'plan_id', 'a.plan_id');
  academy.join(query, 'plan_stages', 's', 'plan_thread_id', 't.id');
  academy.join(query, 'plan_drills', 'd', 'plan_stage_id', 's.id');
  return query
    .whereIn('d.drill', drills as string[])
    .distinct()
    .pluck('a.athlete_id');
};

/** Plans with everything in them, by id. */
export async function plansOf(academy: Academy, ids: readonly string[]): Promise<StoredPlan[]> {
  const rows: PlansRow[] = await academy.from('plans').whereIn('id', ids as string[]);
  return wholePlans(academy, rows.map(stateOf));
}

export const plan = async (academy: Academy, id: string): Promise<StoredPlan | null> =>
  (await plansOf(academy, [id]))[0] ?? null;

/** A ladder as it was worked last, with the stage on which it ended. */
export interface LastLadder extends Pick<StoredThread, 'thread' | 'focus' | 'stages'> {
  stage: Stage;
}

/** The newest ladder of an athlete for a focus; null where there was none. */
export async function lastLadder(
  academy: Academy,
  athleteId: string,
  focus: string,
): Promise<LastLadder | null> {
  const query = academy.from('plans', 'p').where({ 'p.athlete_id': athleteId });
  const row: { id: string } | undefined = await academy
    .join(query, 'plan_threads', 't', 'plan_id', 'p.id')
    .where({ 't.focus': focus })
    .orderBy([
      { column: 'p.at', order: 'desc' },
      { column: 'p.id', order: 'desc' },
    ])
    .first('p.id');
  const found = row && (await plan(academy, row.id))?.threads.find((each) => each.focus === focus);
  return found ? { ...found, stage: presentStage(found) } : null;
}

export const isMoved = async (academy: Academy, id: string): Promise<boolean> =>
  (await academy.from('stage_moves').where({ id }).first('id')) !== undefined;

/** @param stays the thread stays where it is, against what was proposed */
export const moveStage = (
  academy: Academy,
  threadId: string,
  move: StageMove,
  stays: boolean,
  by: string,
  at = new Date(),
): Promise<void> =>
  academy.add('stage_moves', {
    id: move.id,
    plan_thread_id: threadId,
    stage: move.to,
    stays,
    reason: move.reason,
    at,
    by_person: by,
  });
