import type { Knex } from 'knex';
import { v7 } from 'uuid';

/** What somebody had who used the first landed version: a look, a trace, and a week of its plan. */
export async function firstRows(db: Knex): Promise<{ athlete: string; drill: string }> {
  const [academy, person, athlete, look, finding] = [v7(), v7(), v7(), v7(), v7()];
  const written = { academy_id: academy, at: new Date(), by_person: person };
  await db('academies').insert({ id: academy, name: 'A', zone: 'Europe/London', equipment: '[]' });
  await db('people').insert({
    academy_id: academy,
    id: person,
    email: 'a@b.example',
    name: 'P',
    password_hash: 'x',
    role: 'owner',
    approach: '{}',
  });
  await db('athletes').insert({
    academy_id: academy,
    id: athlete,
    given_name: 'Wren',
    family_name: 'A',
    discipline: 'overhand',
    throws: 'R',
    birthdate: '2011-05-23',
    height_cm: '178',
    equipment: '[]',
    approach: '{}',
  });
  const of = { zone: 'Europe/London', date: '2026-05-01', athlete_id: athlete };
  await db('looks').insert({ ...written, ...of, id: look, kind: 'quick', place: '' });
  await db('findings').insert({ ...written, id: finding, look_id: look, node: 'oh.wobble', severity: 2 });
  await db('traces').insert({
    ...written,
    id: v7(),
    athlete_id: athlete,
    look_id: look,
    catalogue: '1',
    result: JSON.stringify({ focus: { lower: 'oh.wobble', arm: null } }),
    chosen_lower: 'oh.wobble',
    reason: '',
  });

  // A week from before days had drills of their own.
  const [plan, thread, stage, drill, assignment] = [v7(), v7(), v7(), v7(), v7()];
  const trace = (await db('traces').first('id'))!.id;
  const dates = { starts_on: '2026-05-01', ends_on: '2026-06-01', relook_on: '2026-05-15' };
  await db('plans').insert({ ...written, ...dates, id: plan, athlete_id: athlete, trace_id: trace });
  const owned = { academy_id: academy };
  await db('plan_threads').insert({
    ...owned,
    id: thread,
    plan_id: plan,
    thread: 'lower',
    focus: 'oh.wobble',
    share: 1,
    skipped: '[]',
    held: '[]',
  });
  await db('plan_stages').insert({ ...owned, id: stage, plan_thread_id: thread, stage: 'feel', position: 0 });
  await db('plan_drills').insert({
    ...written,
    id: drill,
    plan_stage_id: stage,
    drill: 'cross-tap',
    dose: '2x8 each way',
    position: 0,
  });
  await db('assignments').insert({
    ...written,
    id: assignment,
    athlete_id: athlete,
    plan_id: plan,
    from_date: '2026-05-01',
    days: '["2026-05-01","2026-05-03"]',
    throws_a_day: 0,
    reason: '',
    // As the table was then.
  } as object);
  await db('assignment_drills').insert({ ...owned, assignment_id: assignment, plan_drill_id: drill });
  return { athlete, drill };
}
