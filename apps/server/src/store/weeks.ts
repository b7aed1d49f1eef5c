import type { AssignedItem, AssignmentRecord, NewAssignment } from '@wrightonic/contract';
import { withSets, type DrillBook, type PlannedDay } from '@wrightonic/core';
import { v7 } from 'uuid';
import type { StoredDrill, StoredPlan } from './plans';
import { parsed, type Academy } from './scope';
import type { AssignmentItemsRow } from './tables';

/** Every drill of a plan with its id in it; one that stands in both threads by its first place. */
export const drillsOfPlan = ({ threads }: Pick<StoredPlan, 'threads'>): Map<string, StoredDrill> => {
  const all = threads.flatMap(({ stages }) => stages.flatMap((rung) => rung.drills));
  return new Map([...all].reverse().map((drill) => [drill.drill, drill]));
};

export async function addAssignment(
  academy: Academy,
  plan: Pick<StoredPlan, 'id' | 'athleteId' | 'threads'>,
  { id, from, days, items, reason }: NewAssignment,
  by: string,
  at = new Date(),
): Promise<void> {
  const drills = drillsOfPlan(plan);
  await academy.transaction(async (trx) => {
    if (await trx.from('assignments').where({ id }).first('id')) return;
    await trx.add('assignments', {
      id,
      athlete_id: plan.athleteId,
      plan_id: plan.id,
      from_date: from,
      days: JSON.stringify([...new Set(items.map(({ date }) => date))].sort()),
      week_days: JSON.stringify(days),
      reason,
      at,
      by_person: by,
    });
    await trx.add(
      'assignment_items',
      items.map(({ date, drill, sets }, position) => ({
        id: v7(),
        assignment_id: id,
        date,
        drill,
        plan_drill_id: drills.get(drill)?.id ?? null,
        sets,
        position,
      })),
    );
  });
}

/** The newest week of a plan, its drills as they stand in the plan now. */
export async function newestAssignment(
  academy: Academy,
  plan: Pick<StoredPlan, 'id' | 'threads'>,
  book: DrillBook,
): Promise<AssignmentRecord | null> {
  const row = await academy
    .from('assignments')
    .where({ plan_id: plan.id })
    .orderBy([
      { column: 'at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .first();
  if (!row) return null;
  const swapsQuery = academy.from('plan_drills', 'd').whereNotNull('d.replaces');
  academy.join(swapsQuery, 'plan_stages', 's', 'id', 'd.plan_stage_id');
  academy.join(swapsQuery, 'plan_threads', 't', 'id', 's.plan_thread_id');
  const [items, swaps] = await Promise.all([
    academy.from('assignment_items').where({ assignment_id: row.id }).orderBy(['date', 'position']),
    swapsQuery.where({ 't.plan_id': plan.id }).select('d.id', 'd.replaces'),
  ]);
  const next = new Map<string, string>(
    swaps.map((swap: Record<string, string>) => [swap['replaces']!, swap['id']!]),
  );
  const newest = (id: string): string => (next.has(id) ? newest(next.get(id)!) : id);
  const all = plan.threads.flatMap(({ stages }) => stages.flatMap((rung) => rung.drills));
  const byId = new Map(all.map((drill) => [drill.id, drill]));
  return {
    id: row.id,
    from: row.from_date,
    days: parsed<PlannedDay[]>(row.week_days),
    items: items.map((item: AssignmentItemsRow): AssignedItem => {
      const planned = item.plan_drill_id ? byId.get(newest(item.plan_drill_id)) : undefined;
      const drill = planned?.drill ?? item.drill;
      const dose = planned?.dose ?? book.drill(drill)?.dose ?? '1x1';
      return {
        date: item.date,
        drill,
        sets: item.sets,
        planned: planned?.id ?? null,
        dose: withSets(dose, item.sets),
      };
    }),
    reason: row.reason,
    at: row.at.toISOString(),
  };
}
