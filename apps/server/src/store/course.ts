import type { Target } from '@wrightonic/contract';
import {
  assignedLast,
  dayAt,
  firstStage,
  type AssignedSets,
  type PainSite,
  type PlannedDay,
  type Stage,
  type StageStep,
  type Thread,
} from '@wrightonic/core';
import { loggedBy } from './loggedBy';
import { parsed, type Academy } from './scope';
import type { VelocityTargetsRow } from './tables';

/** Where the threads of an athlete's plans were moved to, oldest step first. */
export async function stageSteps(academy: Academy, athleteId: string, zone: string): Promise<StageStep[]> {
  const threadsQuery = academy.from('plans', 'p').where({ 'p.athlete_id': athleteId });
  academy.join(threadsQuery, 'plan_threads', 't', 'plan_id', 'p.id');
  academy.join(threadsQuery, 'plan_stages', 's', 'plan_thread_id', 't.id');
  const movesQuery = academy.from('plans', 'p').where({ 'p.athlete_id': athleteId });
  academy.join(movesQuery, 'plan_threads', 't', 'plan_id', 'p.id');
  academy.join(movesQuery, 'stage_moves', 'm', 'plan_thread_id', 't.id');
  type Rung = { id: string; thread: Thread; focus: string; stage: Stage; date: string; at: Date };
  type Move = { id: string; thread: Thread; focus: string; stage: Stage; at: Date };
  const [rungs, moves]: [Rung[], Move[]] = await Promise.all([
    threadsQuery
      // A thread begins at its first stage or, where that is prep, at its second.
      .where('s.position', '<=', 1)
      .orderBy(['p.at', 'p.id', 't.thread', 't.id', 's.position'])
      .select('t.id', 't.thread', 't.focus', 's.stage', 'p.starts_on as date', 'p.at'),
    movesQuery
      .where({ 'm.stays': false })
      .orderBy(['m.at', 'm.id'])
      .select('t.id', 't.thread', 't.focus', 'm.stage', 'm.at'),
  ]);
  const threads = new Map<string, Rung[]>();
  for (const rung of rungs) threads.set(rung.id, [...(threads.get(rung.id) ?? []), rung]);
  const begun = [...threads.values()].map((of): StageStep & { at: Date } => {
    const { thread, focus, date, at } = of[0]!;
    return { thread, focus, stage: firstStage(of), on: date, planned: true, at };
  });
  const moved = moves.map(({ thread, focus, stage, at }) => ({
    thread,
    focus,
    stage,
    on: dayAt(at, zone),
    planned: false,
    at,
  }));
  return [...begun, ...moved]
    .sort((a, b) => a.on.localeCompare(b.on) || a.at.getTime() - b.at.getTime())
    .map(({ at: _, ...step }) => step);
}

/** Camps to which an athlete comes or came, by their first day. */
export async function campsWith(
  academy: Academy,
  athleteId: string,
): Promise<{ id: string; name: string; from: string; to: string }[]> {
  const rows: { camp_id: string; coming: number }[] = await academy
    .from('camp_members')
    .where({ athlete_id: athleteId })
    .orderBy(['at', 'id'])
    .select('camp_id', 'coming');
  const coming = new Map(rows.map((row) => [row.camp_id, Boolean(row.coming)]));
  const ids = [...coming].flatMap(([id, comes]) => (comes ? [id] : []));
  if (ids.length === 0) return [];
  const setups: { camp_id: string; body: string }[] = await academy
    .from('camp_setups')
    .whereIn('camp_id', ids)
    .orderBy(['at', 'id'])
    .select('camp_id', 'body');
  const newest = new Map(setups.map(({ camp_id, body }) => [camp_id, body]));
  return [...newest]
    .map(([id, body]) => {
      const { name, firstDay, lastDay } = parsed<{ name: string; firstDay: string; lastDay: string }>(body);
      return { id, name, from: firstDay, to: lastDay };
    })
    .sort((a, b) => a.from.localeCompare(b.from));
}

/**
 * What is assigned to an athlete for each day at home.
 *
 * @param since of weeks that begin on this day or later; all of them when left out
 */
export async function assignedSets(
  academy: Academy,
  athleteId: string,
  since?: string,
): Promise<AssignedSets[]> {
  const query = academy.from('assignments').where({ athlete_id: athleteId });
  if (since) query.where('from_date', '>=', since);
  const weeks: { id: string; week_days: string }[] = await query
    .orderBy(['at', 'id'])
    .select('id', 'week_days');
  const items: (AssignedSets & { assignment_id: string })[] = await academy
    .from('assignment_items')
    .whereIn(
      'assignment_id',
      weeks.map(({ id }) => id),
    )
    .select('assignment_id', 'date', 'drill', 'sets');
  const byWeek = new Map<string, AssignedSets[]>();
  for (const { assignment_id, ...item } of items) {
    const of = byWeek.get(assignment_id) ?? [];
    byWeek.set(assignment_id, of);
    of.push(item);
  }
  return assignedLast(
    weeks.map(({ id, week_days }) => ({
      days: parsed<PlannedDay[]>(week_days),
      items: byWeek.get(id) ?? [],
    })),
  );
}

/** Days on which pain was marked, in sessions and at home. */
export async function painDays(
  academy: Academy,
  athleteId: string,
): Promise<{ date: string; site: PainSite | null }[]> {
  const query = academy.from('pain_reports', 'p').where({ 'p.level': 'pain' });
  academy.join(query, 'sessions', 's', 'id', 'p.session_id').where({ 's.athlete_id': athleteId });
  const [inSessions, atHome] = await Promise.all([
    query.select('s.date', 'p.site'),
    academy.from('home_pain').where({ athlete_id: athleteId, level: 'pain' }).select('date', 'site'),
  ]);
  return [...inSessions, ...atHome].sort((a, b) => a.date.localeCompare(b.date));
}

/** Days on which something was worked, thrown, done at home or looked at to the end. */
export async function activeDays(academy: Academy, athleteId: string): Promise<string[]> {
  const of = (table: 'sessions' | 'throw_days' | 'home_sets', day: string) =>
    academy.from(table).where({ athlete_id: athleteId }).select(`${day} as date`);
  const looked = academy.from('looks', 'l').where({ 'l.athlete_id': athleteId });
  const rows: { date: string }[] = await of('sessions', 'date').union([
    of('throw_days', 'date'),
    of('home_sets', 'done_on'),
    academy.join(looked, 'look_ends', 'e', 'look_id', 'l.id').select('l.date'),
  ]);
  return rows.map(({ date }) => date);
}

export const addTarget = (
  academy: Academy,
  athleteId: string,
  { id, velocity, by }: { id: string; velocity: number | null; by: string | null },
  person: string,
): Promise<void> =>
  academy.add('velocity_targets', {
    ...loggedBy({ id, at: new Date().toISOString() }, person),
    athlete_id: athleteId,
    velocity,
    by_date: by,
  });

/** Where the velocity should go, as it was said last. */
export async function targetOf(academy: Academy, athleteId: string): Promise<Target | null> {
  const row: VelocityTargetsRow | undefined = await academy
    .from('velocity_targets')
    .where({ athlete_id: athleteId })
    .orderBy([
      { column: 'at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .first();
  return row && row.velocity !== null ? { velocity: row.velocity, by: row.by_date } : null;
}
