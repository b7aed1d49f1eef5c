import type { Stage, Thread } from '@wrightonic/core';
import type { PlanState, StoredPlan, StoredThread } from './plans';
import { parsed, type Academy } from './scope';

interface StandingRow {
  plan_id: string;
  thread_id: string;
  thread: Thread;
  focus: string;
  share: number;
  skipped: string;
  held: string;
  /** Null for a thread without stages, as are all below. */
  stage_id: string | null;
  stage: Stage;
  /** Of the stage among those of its thread. */
  stage_at: number;
  id: string | null;
  drill: string;
  dose: string;
  /** As it was written down; where it was put later stands in its states. */
  position: number;
}

interface DrillStateRow {
  plan_drill_id: string;
  position: number;
  locked: number;
  removed: number;
}

interface MoveRow {
  plan_thread_id: string;
  stage: Stage;
  stays: number;
  at: Date;
}

/** Threads, stages and drills of plans in one go: swaps are followed, what was swapped is not there. */
function standing(academy: Academy, plans: readonly string[]): Promise<StandingRow[]> {
  return academy
    .from('plan_threads', 't')
    .whereIn('t.plan_id', plans as string[])
    .leftJoin({ s: 'plan_stages' }, (join) =>
      join.on('s.academy_id', 't.academy_id').andOn('s.plan_thread_id', 't.id'),
    )
    .leftJoin({ d: 'plan_drills' }, (join) =>
      join.on('d.academy_id', 's.academy_id').andOn('d.plan_stage_id', 's.id'),
    )
    .leftJoin({ next: 'plan_drills' }, (join) =>
      join.on('next.academy_id', 'd.academy_id').andOn('next.replaces', 'd.id'),
    )
    .whereNull('next.id')
    .select('t.plan_id', 't.id as thread_id', 't.thread', 't.focus', 't.share', 't.skipped', 't.held')
    .select('s.id as stage_id', 's.stage', 's.position as stage_at')
    .select('d.id', 'd.drill', 'd.dose', 'd.position');
}

function drillStatesOf(academy: Academy, plans: readonly string[]): Promise<DrillStateRow[]> {
  const query = academy.from('plan_threads', 't').whereIn('t.plan_id', plans as string[]);
  academy.join(query, 'plan_stages', 's', 'plan_thread_id', 't.id');
  academy.join(query, 'plan_drills', 'd', 'plan_stage_id', 's.id');
  return academy
    .join(query, 'plan_drill_states', 'p', 'plan_drill_id', 'd.id')
    .orderBy(['p.at', 'p.id'])
    .select('p.plan_drill_id', 'p.position', 'p.locked', 'p.removed');
}

function stageMovesOf(academy: Academy, plans: readonly string[]): Promise<MoveRow[]> {
  const query = academy.from('plan_threads', 't').whereIn('t.plan_id', plans as string[]);
  return academy
    .join(query, 'stage_moves', 'm', 'plan_thread_id', 't.id')
    .orderBy(['m.at', 'm.id'])
    .select('m.plan_thread_id', 'm.stage', 'm.stays', 'm.at');
}

/** Rows of one thread as it stands: its stages in order, its drills where they were put, without what was taken out. */
function threadOf(
  rows: readonly StandingRow[],
  states: ReadonlyMap<string, DrillStateRow>,
  move: MoveRow | undefined,
): StoredThread {
  const [first] = rows as [StandingRow];
  const placed = rows
    .flatMap(({ stage_id, id, ...row }) =>
      stage_id === null || id === null ? [] : [{ stage_id, id, ...row, ...states.get(id) }],
    )
    .filter(({ removed }) => !removed)
    .sort((a, b) => a.stage_at - b.stage_at || a.position - b.position);
  const stages = new Map<string, StoredThread['stages'][number]>();
  for (const { stage_id, stage, id, drill, dose, locked } of placed) {
    const rung = stages.get(stage_id) ?? { id: stage_id, stage, drills: [] };
    rung.drills.push({ id, drill, dose, locked: Boolean(locked) });
    stages.set(stage_id, rung);
  }
  return {
    id: first.thread_id,
    thread: first.thread,
    focus: first.focus,
    share: first.share,
    movedTo: move?.stage ?? null,
    stayedAt: move?.stays ? move.at.toISOString() : null,
    skipped: parsed(first.skipped),
    held: parsed(first.held),
    stages: [...stages.values()],
  };
}

/** Plans with everything in them. */
export async function wholePlans(academy: Academy, plans: readonly PlanState[]): Promise<StoredPlan[]> {
  if (plans.length === 0) return [];
  const ids = plans.map(({ id }) => id);
  const [rows, states, moves] = await Promise.all([
    standing(academy, ids),
    drillStatesOf(academy, ids),
    stageMovesOf(academy, ids),
  ]);
  const newest = new Map(states.map((state) => [state.plan_drill_id, state]));
  const moved = new Map(moves.map((move) => [move.plan_thread_id, move]));
  const byThread = new Map<string, StandingRow[]>();
  for (const row of rows) byThread.set(row.thread_id, [...(byThread.get(row.thread_id) ?? []), row]);
  const threads = [...byThread.values()].map((of) => ({
    planId: of[0]!.plan_id,
    thread: threadOf(of, newest, moved.get(of[0]!.thread_id)),
  }));
  const order: Record<Thread, number> = { lower: 0, arm: 1 };
  return plans.map((plan) => ({
    ...plan,
    threads: threads
      .filter(({ planId }) => planId === plan.id)
      .map(({ thread }) => thread)
      .sort((a, b) => order[a.thread] - order[b.thread]),
  }));
}
