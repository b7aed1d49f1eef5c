import { athleteParts } from '@wrightonic/contract';
import { isDeepStrictEqual } from 'node:util';
import Ajv from 'ajv';
import Papa from 'papaparse';
import { demoCamps } from '../src/demoCamps';
import { movedId } from '../src/store/whole/bringIn';
import { archivedTables, movedTables, shapesOf } from '../src/store/whole/shape';
import { seedSaltmarsh } from '../src/store/seeds/saltmarsh';
import {
  academy,
  browser,
  form,
  logs,
  password,
  testServer,
  type Browser,
  type TestServer,
} from './testServer';
import { filesIn, packed, send, wrongIn, zipOf } from './zips';

const marlow = 'marlow@saltmarsh.example';
const code = '1a2b-3c4d-5e6f';

let demo: TestServer;
let other: TestServer;
let from: Browser;
let to: Browser;
let whole: Buffer;
/** An academy with one athlete and one look, which is quick to spoil. */
let small: Buffer;
let athletes: { id: string; givenName: string }[];

/** The small archive with a file of it changed. */
async function changed(name: string, change: (text: string) => string): Promise<Buffer> {
  const files = await filesIn(small);
  files.set(name, Buffer.from(change(files.get(name)!.toString())));
  return packed(files);
}

beforeAll(async () => {
  demo = await testServer();
  await seedSaltmarsh(demo.db, new Date(), password, demoCamps());
  from = browser(demo);
  await from.signIn(marlow);
  athletes = (await from.get('/athletes')).body;
  other = await testServer({ founding: { code, loadDemo: async () => undefined } });
  to = browser(other);
  const founded = await to.enter('/founding', {
    code,
    academy: 'A new yard',
    zone: 'America/New_York',
    velocityUnit: 'km/h',
    sizeUnit: 'metric',
    name: 'Marlow Venn',
    email: marlow,
    password,
  });
  expect(founded.status).toBe(201);
  whole = await zipOf(from, '/archive.zip');
  const tiny = await academy(demo, 'tiny');
  const boss = browser(demo);
  await boss.signIn(tiny.email('owner'));
  const athlete = form();
  await boss.post('/athletes', athlete);
  await boss.post('/log', { events: logs.look(athlete.id as string, { 'oh.wobble': 2 }).events });
  small = await zipOf(boss, '/archive.zip');
}, 240_000);
afterAll(() => Promise.all([demo.end(), other.end()]));

/** What every screen asks for. */
async function answers(who: Browser): Promise<Record<string, unknown>> {
  const camps: { id: string; setup?: unknown; firstDay: string }[] = (await who.get('/camps')).body;
  const perAthlete = [
    ...Object.keys(athleteParts).map((part) => (part === 'head' ? '' : `/${part}`)),
    ...['/shares', '/traces', '/offers', '/screens', '/throws', '/clips', '/curves', '/profile', '/reports'],
  ];
  const paths = [
    ...[
      '/athletes',
      '/lessons?days=7',
      '/day',
      '/drills',
      '/stage-proposals',
      '/calls',
      '/links',
      '/planning',
    ],
    ...['/lexicon', '/norms', '/marker-sheets', '/templates', '/camps', '/devices', '/worth', '/retention'],
    ...athletes.slice(0, 4).flatMap(({ id }) => perAthlete.map((part) => `/athletes/${id}${part}`)),
    ...camps.flatMap(({ id, firstDay }) =>
      ['', '/after', `/days/${firstDay}`].map((part) => `/camps/${id}${part}`),
    ),
  ];
  const read: Record<string, unknown> = {};
  for (const path of paths) {
    const { status, body } = await who.get(path);
    expect([path, status]).toEqual([path, 200]);
    read[path] = body;
  }
  return read;
}

it('is a data package whose tables fit their own schema, and holds no way in', async () => {
  const files = await filesIn(whole);
  const descriptor = JSON.parse(files.get('datapackage.json')!.toString());
  expect(await wrongIn(descriptor)).toEqual([]);
  const { resources, wrightonic } = descriptor;
  expect(wrightonic).toMatchObject({ kind: 'academy', academy: 'Saltmarsh Pitching Barn' });
  const ajv = new Ajv({ strict: false });
  for (const { path, schema, wrightonic: own, bytes } of resources) {
    const text = files.get(path)!.toString();
    expect([path, Buffer.byteLength(text)]).toEqual([path, bytes]);
    const [header, ...rows] = Papa.parse<string[]>(text.trimEnd(), {}).data;
    expect([path, header]).toEqual([path, schema.fields.map(({ name }: { name: string }) => name)]);
    expect([path, rows.length]).toEqual([path, own.rows]);
    const fits = ajv.compile(JSON.parse(files.get(own.rowSchema)!.toString()));
    for (const row of rows.slice(0, 50)) {
      const values = Object.fromEntries(
        row.map((cell, n) => {
          const { name, type } = schema.fields[n];
          const plain = cell.startsWith("'") ? cell.slice(1) : cell;
          return [
            name,
            cell === '\\N' ? null : type === 'integer' || type === 'number' ? Number(cell) : plain,
          ];
        }),
      );
      expect([path, fits(values), fits.errors]).toEqual([path, true, null]);
    }
  }
  expect(resources.length).toBeGreaterThan(60);
  const everything = [...files].filter(([name]) => name.endsWith('.csv')).map(([, text]) => text.toString());
  const hash = (await demo.db('people').first('password_hash'))!.password_hash;
  expect(everything.some((text) => text.includes(hash))).toBe(false);
}, 120_000);

it('shows what it would bring before anything is kept', async () => {
  const { status, body } = await send(to, '/archives/preview', whole);
  expect(status).toBe(200);
  expect(body).toMatchObject({ kind: 'academy', academy: 'Saltmarsh Pitching Barn', problems: [] });
  expect(body.athletes).toHaveLength(athletes.length);
  expect(await other.db('athletes').count({ n: '*' })).toEqual([{ n: 0 }]);
});

const row = (text: string, n: number) => text.split('\r\n')[n]!;
it.each([
  [
    'a column too many',
    'tables/looks.csv',
    (text: string) => text.replace('id,', 'id,more,'),
    /column too many: more/,
  ],
  [
    'a column that is missing',
    'tables/looks.csv',
    (text: string) => text.replace('id,', 'ident,'),
    /column id is missing/,
  ],
  [
    'a cell that is no day',
    'tables/looks.csv',
    (text: string) => text.replace(/\d{4}-\d\d-\d\d(?=,)/, '2026-02-31x'),
    /must be a day/,
  ],
  [
    'a row cut short',
    'tables/looks.csv',
    (text: string) => text.replace(row(text, 1), row(text, 1).split(',')[0]!),
    /more or fewer cells/,
  ],
  [
    'a row that points to nobody',
    'tables/athletes.csv',
    (text: string) => `${row(text, 0)}\r\n`,
    /points to a row that is not in/,
  ],
  [
    'a newer version',
    'datapackage.json',
    (text: string) => text.replace('"version": 1', '"version": 2'),
    /newer version/,
  ],
  [
    'newer tables',
    'datapackage.json',
    (text: string) => text.replace(/"schema": "\d{4}/, '"schema": "9999'),
    /newer version/,
  ],
  ['no description', 'datapackage.json', () => '{}', /not an archive of Wrightonic/],
])('with %s is refused, and nothing is kept', async (_, name, change, words) => {
  const zip = await changed(name, change);
  const preview = await send(to, '/archives/preview', zip);
  const told =
    preview.status === 200 ? preview.body.problems.map((p: any) => p.message).join() : preview.body.error;
  expect(told).toMatch(words);
  expect((await send(to, '/archives', zip)).status).toBe(422);
  expect(await other.db('athletes').count({ n: '*' })).toEqual([{ n: 0 }]);
});

it('refuses what is no ZIP, leads out of its folder, or unpacks to far more than its size', async () => {
  const head = ['datapackage.json', '{}'] as [string, string];
  const files: [Buffer, RegExp][] = [
    [Buffer.from('no zip at all'), /not a ZIP/],
    [Buffer.concat([whole.subarray(0, whole.length - 4_000)]), /not a ZIP/],
    [
      await packed([
        ['tables/looks.csv', 'id\r\n'],
        ['datapackagx.json', ''],
      ]),
      /not part of an archive/,
    ],
    [await packed([['tables/looks.csv', 'id\r\n']]), /no datapackage.json/],
    [await packed([head, ['tables/looks.csv', '0'.repeat(30_000_000)]]), /far more than its size/],
  ];
  // A library that packs does not write such a name: it is put in afterwards.
  const climbing = await packed([head, ['aa/tables/looks.csv', 'id\r\n']]);
  files.push([
    Buffer.from(climbing.toString('latin1').replaceAll('aa/tables', '../tables'), 'latin1'),
    /not a ZIP that can be opened/,
  ]);
  for (const [zip, words] of files) {
    const { status, body } = await send(to, '/archives/preview', zip);
    expect([status, body.error]).toEqual([422, expect.stringMatching(words)]);
  }
});

it('gives the same answers on every screen after it was taken out, wiped and brought in', async () => {
  const before = await answers(from);
  const { status, body } = await send(to, '/archives', whole);
  expect([status, body.athletes?.length]).toEqual([201, athletes.length]);
  const after = await answers(to);
  // Whoever founded the new academy is the person of the archive with their address.
  const ids = async (server: TestServer) =>
    (await server.db('people').where({ email: marlow }).first('id'))!.id;
  const [was, is] = [await ids(demo), await ids(other)];
  const known = (answer: unknown) => JSON.parse(JSON.stringify(answer).replaceAll(was, is));
  const unlike = Object.keys(before).filter((path) => !isDeepStrictEqual(after[path], known(before[path])));
  expect(unlike).toEqual([]);
  expect((await to.get('/session')).body.me).toMatchObject({
    academy: { name: 'Saltmarsh Pitching Barn', zone: 'Europe/London' },
    person: { velocityUnit: 'mph' },
  });
  // Nobody comes in by an archive: passwords stay where they were.
  expect((await browser(other).signIn('isla@saltmarsh.example')).status).toBe(401);
  const people: { email: string; active: boolean }[] = (await to.get('/people')).body;
  expect(people.filter(({ active }) => active).map(({ email }) => email)).toEqual([marlow]);
  expect((await send(to, '/archives', whole)).status).toBe(409);
}, 240_000);

it('takes one athlete along to another academy, under new ids, once', async () => {
  const home = await academy(other, 'elsewhere');
  const taker = browser(other);
  await taker.signIn(home.email('instructor'));
  const moving = athletes.find(({ givenName }) => givenName === 'Wren') ?? athletes[0]!;
  const zip = await zipOf(from, `/athletes/${moving.id}/archive.zip`);
  expect((await filesIn(zip)).get('report.pdf')!.subarray(0, 4).toString()).toBe('%PDF');
  const preview = await send(taker, '/archives/preview', zip);
  expect(preview.body).toMatchObject({
    kind: 'athlete',
    problems: [],
    athletes: [expect.stringContaining(moving.givenName)],
  });
  const { status, body } = await send(taker, '/archives', zip);
  const id = movedId(moving.id, home.id);
  expect([status, body.athletes]).toEqual([201, [id]]);
  const [there, here] = [(await from.whole(moving.id)).body, (await taker.whole(id)).body];
  const grades = (page: any) => page.looks.map(({ date, findings }: any) => [date, findings]);
  expect(grades(here)).toEqual(grades(there));
  expect(here.velocities).toEqual(there.velocities);
  expect(here.plan.threads.map(({ focus }: any) => focus)).toEqual(
    there.plan.threads.map(({ focus }: any) => focus),
  );
  expect(here.athlete.guardians).toEqual(there.athlete.guardians);
  expect((await send(taker, '/archives', zip)).status).toBe(409);
  // Others of the first academy are not in it, by name or by address.
  const text = [...(await filesIn(zip)).values()].map((file) => file.toString('latin1')).join('\n');
  for (const { id: them } of athletes.filter((each) => each.id !== moving.id))
    expect(text).not.toContain(them);
  expect(text).not.toContain('isla@');
}, 120_000);

it('defuses formulas, and gives them back as they were', async () => {
  const home = await academy(other, 'formulas');
  const boss = browser(other);
  await boss.signIn(home.email('owner'));
  const athlete = form({ note: '=HYPERLINK("http://x")', allergies: "'quoted", teams: [] });
  await boss.post('/athletes', athlete);
  const zip = await zipOf(boss, `/athletes/${athlete.id}/archive.zip`);
  const table = (await filesIn(zip)).get('tables/athletes.csv')!.toString();
  expect(table).toContain(`"'=HYPERLINK(""http://x"")"`);
  const far = await academy(other, 'far');
  const taker = browser(other);
  await taker.signIn(far.email('owner'));
  await send(taker, '/archives', zip);
  const { body } = await taker.whole(movedId(athlete.id as string, far.id));
  expect([body.athlete.note, body.athlete.allergies]).toEqual([athlete.note, athlete.allergies]);
});

it('knows every table: each is in an archive, made anew, or of the server alone', async () => {
  const shapes = await shapesOf(demo.unscoped);
  const inside = new Set<string>(archivedTables(shapes).map(({ name }) => name));
  const outside = shapes.all.map(({ name }) => name as string).filter((name) => !inside.has(name));
  expect(outside.sort()).toEqual(
    [
      ...['athlete_states', 'rep_counts', 'throw_days', 'velocity_days', 'velocity_wander', 'home_days'],
      ...['trace_calls', 'flaw_cases', 'invitations', 'invitation_ends', 'password_resets', 'recovery_codes'],
      ...['mails', 'audit', 'audit_events', 'deletions', 'deletion_confirms', 'deletion_ends', 'removals'],
      ...['feeds', 'feed_ends'],
    ].sort(),
  );
  for (const { name, key } of archivedTables(shapes)) expect([name, key.length]).toEqual([name, 1]);
  // What is of one athlete points to nothing that does not come along.
  const moved = new Set<string>([...movedTables(shapes).map(({ name }) => name), 'people']);
  for (const { name, foreign } of movedTables(shapes))
    for (const { table } of foreign) expect([name, moved.has(table)]).toEqual([name, true]);
});
