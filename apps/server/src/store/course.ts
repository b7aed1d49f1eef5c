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
      .orderBy(['p.at', 'p.id', 's.position'])
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

/** What is assigned for each day from a day on, by athlete; of one athlete or of all. */
export async function assignedSets(
  academy: Academy,
  since: string,
  athleteId?: string,
): Promise<Map<string, AssignedSets[]>> {
  const weeksQuery = academy.from('assignments').where('from_date', '>=', since);
  const itemsQuery = academy.from('assignment_items', 'i');
  academy.join(itemsQuery, 'assignments', 'a', 'id', 'i.assignment_id').where('a.from_date', '>=', since);
  if (athleteId) {
    weeksQuery.where({ athlete_id: athleteId });
    itemsQuery.where({ 'a.athlete_id': athleteId });
  }
  const [weeks, items]: [
    { id: string; athlete_id: string; week_days: string }[],
    (AssignedSets & { assignment_id: string })[],
  ] = await Promise.all([
    weeksQuery.orderBy(['at', 'id']).select('id', 'athlete_id', 'week_days'),
    itemsQuery.select('i.assignment_id', 'i.date', 'i.drill', 'i.sets'),
  ]);
  const byWeek = new Map<string, AssignedSets[]>();
  for (const { assignment_id, ...item } of items)
    byWeek.set(assignment_id, [...(byWeek.get(assignment_id) ?? []), item]);
  const byAthlete = new Map<string, { days: PlannedDay[]; items: AssignedSets[] }[]>();
  for (const { id, athlete_id, week_days } of weeks) {
    const week = { days: parsed<PlannedDay[]>(week_days), items: byWeek.get(id) ?? [] };
    byAthlete.set(athlete_id, [...(byAthlete.get(athlete_id) ?? []), week]);
  }
  return new Map([...byAthlete].map(([id, of]) => [id, assignedLast(of)]));
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
  const own = { athlete_id: athleteId };
  const looked = academy.from('looks', 'l').where({ 'l.athlete_id': athleteId });
  const days: string[][] = await Promise.all([
    academy.join(looked, 'look_ends', 'e', 'look_id', 'l.id').distinct().pluck('l.date'),
    academy.from('sessions').where(own).distinct().pluck('date'),
    academy.from('throw_days').where(own).distinct().pluck('date'),
    academy.from('home_sets').where(own).distinct().pluck('done_on'),
  ]);
  return days.flat();
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
