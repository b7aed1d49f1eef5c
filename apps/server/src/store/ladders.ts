import type { DrillAddition, DrillPlace, DrillSwap } from '@wrightonic/contract';
import { positionOfStage, type Approach, type Stage } from '@wrightonic/core';
import { v7 } from 'uuid';
import { drillState, type StoredPlan } from './plans';
import type { Academy } from './scope';
import type { PlanDrillStatesRow } from './tables';

const placeOf = (academy: Academy, planDrill: string): Promise<PlanDrillStatesRow | undefined> =>
  academy
    .from('plan_drill_states')
    .where({ plan_drill_id: planDrill })
    .orderBy([
      { column: 'at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .first();

/** Where a drill stands among those of its stage. */
async function positionOf(academy: Academy, planDrill: string): Promise<number> {
  const moved = await placeOf(academy, planDrill);
  if (moved) return moved['position'];
  return (await academy.from('plan_drills').where({ id: planDrill }).first('position')).position;
}

/** Puts one drill in the place of another; false when that one is not in the plan any more. */
export function swapDrill(
  academy: Academy,
  planId: string,
  old: string,
  { id, drill, dose }: DrillSwap,
  by: string,
): Promise<boolean> {
  return academy.transaction(async (trx) => {
    const query = trx.from('plan_drills', 'd').where({ 'd.id': old });
    trx.join(query, 'plan_stages', 's', 'id', 'd.plan_stage_id');
    trx.join(query, 'plan_threads', 't', 'id', 's.plan_thread_id');
    const row = await query.where({ 't.plan_id': planId }).first('d.plan_stage_id');
    if (!row) return false;
    const next = await trx.from('plan_drills').where({ replaces: old }).first('id');
    if (next) return next.id === id;
    await trx.add('plan_drills', {
      id,
      drill,
      dose,
      plan_stage_id: row.plan_stage_id,
      // Positions are whole here; where it was put by hand is kept beside.
      position: 0,
      replaces: old,
      at: new Date(),
      by_person: by,
    });
    const position = await positionOf(trx, old);
    await trx.add('plan_drill_states', drillState(id, position, by));
    return true;
  });
}

/** A position behind a drill of a stage, or before all of them. */
async function placeAfter(
  academy: Academy,
  after: string | null,
  others: readonly string[],
): Promise<number> {
  const at = after === null ? 0 : others.indexOf(after) + 1;
  const of = (other: string | undefined) => (other === undefined ? null : positionOf(academy, other));
  const [before, behind] = await Promise.all([of(others[at - 1]), of(others[at])]);
  if (before === null) return (behind ?? 0) - 1;
  return behind === null ? before + 1 : (before + behind) / 2;
}

/** Keeps where a drill stands, whether it is locked, and whether it is still there. */
export async function placeDrill(
  academy: Academy,
  drill: string,
  others: readonly string[],
  { id, after, locked, removed }: DrillPlace,
  by: string,
): Promise<void> {
  await academy.transaction(async (trx) => {
    const position =
      after === undefined
        ? await positionOf(trx, drill)
        : await placeAfter(
            trx,
            after,
            others.filter((other) => other !== drill),
          );
    await trx.add('plan_drill_states', drillState(drill, position, by, { id, locked, removed }));
  });
}

/** A stage of a thread, opened when the ladder had none. */
async function stageOf(
  academy: Academy,
  threadId: string,
  stage: Stage,
  teach: Approach['teach'],
): Promise<string> {
  const stored: { id: string; stage: Stage; position: number }[] = await academy
    .from('plan_stages')
    .where({ plan_thread_id: threadId })
    .select('id', 'stage', 'position');
  const there = stored.find((each) => each.stage === stage);
  if (there) return there.id;
  const id = v7();
  const position = positionOfStage(stored, stage, teach);
  await academy.add('plan_stages', { id, plan_thread_id: threadId, stage, position });
  return id;
}

export async function addDrill(
  academy: Academy,
  { threads }: Pick<StoredPlan, 'threads'>,
  { id, thread, stage, drill, dose }: DrillAddition,
  teach: Approach['teach'],
  by: string,
): Promise<void> {
  const ladder = threads.find((each) => each.thread === thread)!;
  const last = ladder.stages.find((each) => each.stage === stage)?.drills.at(-1);
  await academy.transaction(async (trx) => {
    const position = last ? (await positionOf(trx, last.id)) + 1 : 0;
    await trx.add('plan_drills', {
      id,
      plan_stage_id: await stageOf(trx, ladder.id, stage, teach),
      drill,
      dose,
      position: 0,
      at: new Date(),
      by_person: by,
    });
    await trx.add('plan_drill_states', drillState(id, position, by));
  });
}
