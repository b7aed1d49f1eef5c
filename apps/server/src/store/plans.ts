import type { StageMove } from '@wrightonic/contract';
import { drillOf, type Ladder, type Stage, type Thread } from '@wrightonic/core';
import { v7 } from 'uuid';
import { parsed, type Academy } from './scope';

export interface StoredDrill {
  id: string;
  drill: string;
  dose: string;
}

export interface StoredThread {
  id: string;
  thread: Thread;
  focus: string;
  share: number;
  /** Where the thread was moved to last; null when it never was. */
  movedTo: Stage | null;
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

export async function addPlan(
  academy: Academy,
  plan: PlanState,
  ladders: readonly Ladder[],
  at: Date,
  by: string,
): Promise<void> {
  await academy.whole(async (whole) => {
    if (await planState(whole, plan.id)) return;
    await whole.add('plans', {
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
      await whole.add('plan_threads', {
        id: threadId,
        plan_id: plan.id,
        thread: ladder.thread,
        focus: ladder.focus,
        share: ladder.share,
        skipped: JSON.stringify(ladder.skipped),
        held: JSON.stringify(ladder.held),
      });
      const rungs = ladder.stages.map((rung, position) => ({ ...rung, id: v7(), position }));
      await whole.add(
        'plan_stages',
        rungs.map(({ id, stage, position }) => ({ id, plan_thread_id: threadId, stage, position })),
      );
      await whole.add(
        'plan_drills',
        rungs.flatMap((rung) =>
          rung.drills.map((drill, position) => ({
            id: v7(),
            plan_stage_id: rung.id,
            drill,
            dose: drillOf(drill)!.dose,
            position,
            at,
            by_person: by,
          })),
        ),
      );
    }
  });
}

const stateOf = (row: Record<string, any>): PlanState => ({
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

/** Of every athlete, or of one, oldest first. */
export async function planStates(academy: Academy, athleteId?: string): Promise<PlanState[]> {
  const query = academy.from('plans').orderBy(['at', 'id']);
  if (athleteId) query.where({ athlete_id: athleteId });
  return (await query).map(stateOf);
}

async function drillsOf(academy: Academy, stages: readonly string[]): Promise<Map<string, StoredDrill[]>> {
  const rows = await academy
    .from('plan_drills', 'd')
    .whereIn('d.plan_stage_id', stages as string[])
    .leftJoin({ next: 'plan_drills' }, (join) =>
      join.on('next.academy_id', 'd.academy_id').andOn('next.replaces', 'd.id'),
    )
    .whereNull('next.id')
    .orderBy(['d.position', 'd.id'])
    .select('d.id', 'd.plan_stage_id', 'd.drill', 'd.dose');
  const byStage = new Map<string, StoredDrill[]>(stages.map((id) => [id, []]));
  for (const { id, plan_stage_id, drill, dose } of rows)
    byStage.get(plan_stage_id)!.push({ id, drill, dose });
  return byStage;
}

export async function plan(academy: Academy, id: string): Promise<StoredPlan | null> {
  const state = await planState(academy, id);
  if (!state) return null;
  const threads = await academy.from('plan_threads').where({ plan_id: id }).orderBy('thread');
  const ids = threads.map((row: { id: string }) => row.id);
  const [stages, moves] = await Promise.all([
    academy.from('plan_stages').whereIn('plan_thread_id', ids).orderBy('position'),
    academy.from('stage_moves').whereIn('plan_thread_id', ids).orderBy(['at', 'id']),
  ]);
  const drills = await drillsOf(
    academy,
    stages.map((row: { id: string }) => row.id),
  );
  return {
    ...state,
    threads: threads.map((row: Record<string, any>) => ({
      id: row.id,
      thread: row.thread,
      focus: row.focus,
      share: row.share,
      movedTo: moves.findLast((move: Record<string, any>) => move.plan_thread_id === row.id)?.stage ?? null,
      skipped: parsed(row.skipped),
      held: parsed(row.held),
      stages: stages
        .filter((stage: Record<string, any>) => stage.plan_thread_id === row.id)
        .map((stage: Record<string, any>) => ({
          id: stage.id,
          stage: stage.stage,
          drills: drills.get(stage.id)!,
        })),
    })),
  };
}

/** Puts one drill in the place of another; false when that one is not in the plan any more. */
export function swapDrill(
  academy: Academy,
  planId: string,
  old: string,
  fresh: StoredDrill,
  by: string,
): Promise<boolean> {
  return academy.whole(async (whole) => {
    const query = whole.from('plan_drills', 'd').where({ 'd.id': old });
    whole.join(query, 'plan_stages', 's', 'id', 'd.plan_stage_id');
    whole.join(query, 'plan_threads', 't', 'id', 's.plan_thread_id');
    const row = await query.where({ 't.plan_id': planId }).first('d.plan_stage_id', 'd.position');
    if (!row) return false;
    const next = await whole.from('plan_drills').where({ replaces: old }).first('id');
    if (next) return next.id === fresh.id;
    await whole.add('plan_drills', {
      ...fresh,
      plan_stage_id: row.plan_stage_id,
      position: row.position,
      replaces: old,
      at: new Date(),
      by_person: by,
    });
    return true;
  });
}

export const moveStage = (academy: Academy, threadId: string, move: StageMove, by: string): Promise<void> =>
  academy.add('stage_moves', {
    id: move.id,
    plan_thread_id: threadId,
    stage: move.to,
    reason: move.reason,
    at: new Date(),
    by_person: by,
  });
