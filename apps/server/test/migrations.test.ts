import { randomBytes } from 'node:crypto';
import { v7 } from 'uuid';
import { connect, migrate } from '../src/store/database';

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

  await migrate(db);
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
