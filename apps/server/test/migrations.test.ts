import { randomBytes } from 'node:crypto';
import { connect } from '../src/store/database';
import { migrate } from '../src/store/migrate';
import * as surerWander from '../src/store/migrations/0023_surer_wander';
import { firstRows } from './firstRows';

it('go up from the first landed version without loss', async () => {
  const given = new URL(process.env['DATABASE_URL']!);
  const first = connect(given.href);
  const name = `wrightonic_${randomBytes(6).toString('hex')}`;
  await first.raw(`create database ${name}`);
  given.pathname = `/${name}`;
  const db = connect(given.href);
  await db.migrate.up();
  const { athlete, drill } = await firstRows(db);

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
  // What is kept of how far sessions wander is made anew, and nothing of whoever has none.
  const academy = (await db('academies').first('id'))!.id;
  const own = { academy_id: academy, athlete_id: athlete };
  await db('athlete_states').where(own).delete();
  await db('athlete_states').insert({ ...own, incomplete: false });
  const incomplete = async () => {
    await surerWander.up(db);
    return Boolean((await db('athlete_states').where(own).first('incomplete'))!.incomplete);
  };
  expect(await incomplete()).toBe(false);
  await db('velocity_wander').insert({ ...own, like_key: '90 fastball 145', between_sessions: 0.2 });
  expect(await incomplete()).toBe(true);
  await db.raw(`drop database ${name}`);
  await db.destroy();
  await first.destroy();
});
