import { fromMph } from '@wrightonic/core';
import { v7 } from 'uuid';
import { fixtures } from './fixtures';
import { form, logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

const read = async (name: string, who = set.owner) => {
  const response = await who.raw(`/tables/${name}.csv`);
  const [header, ...lines] = (await response.text()).trimEnd().split('\r\n');
  const columns = header!.split(',');
  const cell = (line: string, column: string) => line.split(',')[columns.indexOf(column)];
  return { status: response.status, type: response.headers.get('content-type'), columns, lines, cell };
};

it('writes each table with names instead of ids, of this academy alone', async () => {
  for (const name of ['athletes', 'throws', 'reps', 'looks', 'screens']) {
    const { status, type, columns, lines } = await read(name);
    expect([name, status, type]).toEqual([name, 200, 'text/csv; charset=utf-8']);
    expect(columns.slice(0, 2)).toEqual(['given_name', 'family_name']);
    for (const line of lines) expect(line.split(',')).toHaveLength(columns.length);
    expect((await read(name, set.rival)).lines.filter((line) => lines.includes(line) && line)).toEqual([]);
  }
  expect((await read('people')).status).toBe(404);
  expect((await read('athletes', set.assistant)).status).toBe(403);
});

it('writes more than a page, once each, in one’s own unit; what was taken back is left out', async () => {
  const athlete_id = set.theirs['athlete']!;
  const { academy_id, by_person } = (await set.here.db('looks').where({ athlete_id }).first())!;
  const rows = Array.from({ length: 2_001 }, (_, n) => ({
    academy_id,
    id: v7(),
    athlete_id,
    date: '2026-01-05',
    at: new Date(Date.UTC(2026, 0, 5, 12, 0, n)),
    velocity: fromMph(60),
    pitch: 'fastball',
    ball_g: 145,
    kind: 'practice' as const,
    source: 'work' as const,
    by_person,
  }));
  await set.here.db.batchInsert('throws', rows, 500);
  const before = await read('throws');
  const mine = before.lines.filter((line) => before.cell(line, 'date') === '2026-01-05');
  expect(new Set(mine).size).toBe(2_001);
  expect(new Set(mine.map((line) => before.cell(line, 'velocity_mph')))).toEqual(new Set(['60']));
  const { id } = logs.event('undo', {});
  await set.here.db('undone').insert({ academy_id, id, of: rows[0]!.id, at: new Date(), by_person });
  expect((await read('throws')).lines).toHaveLength(before.lines.length - 1);
});

it('writes the grade that stands, and defuses what a spreadsheet would compute', async () => {
  const athlete = form({ givenName: '=cmd()', familyName: 'Quill' });
  await set.owner.post('/athletes', athlete);
  const { id, events } = logs.look(athlete.id as string, { 'oh.wobble': 2 });
  await set.owner.post('/log', { events });
  await set.owner.post('/log', {
    events: [logs.event('finding', { lookId: id, node: 'oh.wobble', severity: 3 })],
  });
  const { lines, cell } = await read('looks');
  const theirs = lines.filter((line) => line.startsWith("'=cmd()"));
  expect(theirs.map((line) => [cell(line, 'checkpoint'), cell(line, 'grade')])).toEqual([['oh.wobble', '3']]);
});
