import { randomBytes } from 'node:crypto';
import { v7 } from 'uuid';
import { connect } from '../src/store/database';
import { migrate } from '../src/store/migrate';

it('go up from the first landed version without loss', async () => {
  const given = new URL(process.env['DATABASE_URL']!);
  const first = connect(given.href);
  const name = `wrightonic_${randomBytes(6).toString('hex')}`;
  await first.raw(`create database ${name}`);
  given.pathname = `/${name}`;
  const db = connect(given.href);
  await db.migrate.up();
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
    height_cm: 178,
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
  });
  await db('assignment_drills').insert({ ...owned, assignment_id: assignment, plan_drill_id: drill });

  await migrate(db);
  // Each day has the drills that it had, in their whole dose.
  expect(
    await db('assignment_items').orderBy('date').select('date', 'drill', 'plan_drill_id', 'sets'),
  ).toEqual(
    ['2026-05-01', '2026-05-03'].map((date) => ({ date, drill: 'cross-tap', plan_drill_id: drill, sets: 2 })),
  );
  const week = await db('assignments').first('week_days');
  expect(JSON.parse(week!.week_days).map(({ date, kind }: Record<string, string>) => [date, kind])).toEqual([
    ['2026-05-01', 'home'],
    ['2026-05-03', 'home'],
  ]);
  // What the tool had proposed stands beside what was chosen.
  expect(await db('traces').first('proposed_lower', 'proposed_arm', 'findings')).toEqual({
    proposed_lower: 'oh.wobble',
    proposed_arm: null,
    findings: null,
  });
  expect(await db('findings').first('node', 'severity', 'value')).toEqual({
    node: 'oh.wobble',
    severity: 2,
    value: null,
  });
  expect(await db('athletes').first('voice', 'teams', 'level')).toEqual({
    voice: 'plain',
    teams: '[]',
    level: null,
  });
  // What was measured once is the first line of the growth.
  expect(await db('body_sizes').first('athlete_id', 'height_cm')).toEqual({
    athlete_id: athlete,
    height_cm: '178.0',
  });
  await db.raw(`drop database ${name}`);
  await db.destroy();
  await first.destroy();
});
