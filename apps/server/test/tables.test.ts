import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { testServer, type TestServer } from './testServer';

let here: TestServer;
beforeAll(async () => {
  here = await testServer();
}, 120_000);
afterAll(() => here.end());

const file = join(__dirname, '..', 'src', 'store', 'tables.ts');

/** How the driver gives the values of a column. */
const typeOf: Readonly<Record<string, string>> = {
  int: 'number',
  smallint: 'number',
  tinyint: 'number',
  float: 'number',
  double: 'number',
  datetime: 'Date',
  mediumblob: 'Buffer',
  longblob: 'Buffer',
  bigint: 'number',
  decimal: 'Decimal',
};
/** What a text or a figure stands for, by column, or by table and column where one name means two things. */
const meanings: Readonly<Record<string, string>> = {
  discipline: 'Discipline',
  'athletes.throws': 'Hand',
  hand: 'Hand',
  level: 'string',
  'athletes.level': 'Level',
  'pain_reports.level': "'none' | 'soreness' | 'pain'",
  'home_pain.level': "'none' | 'soreness' | 'pain'",
  'athletes.sex': 'Sex',
  voice: 'Voice',
  thread: 'Thread',
  stage: 'Stage',
  from_stage: 'Stage',
  to_stage: 'Stage',
  severity: 'Severity',
  derived: 'Severity',
  'findings.source': 'FindingSource',
  'screens.source': 'string',
  outcome: "'clean' | 'missed'",
  'rep_events.side': 'RepSide',
  'rep_counts.side': 'RepSide',
  'screen_tries.side': 'ScreenSide',
  'looks.kind': "'quick' | 'full'",
  'looks.view': 'ClipView',
  'look_tellings.view': 'ClipView',
  'clips.view': 'ClipView',
  'clip_settings.view': 'ClipView',
  moment: "'before' | 'after'",
  site: 'PainSite',
  spot: 'CalledSpot',
  whose: 'CueOwner',
  'clip_drawings.kind': 'DrawingKind',
  role: 'Role',
  velocity_unit: "'mph' | 'km/h'",
  size_unit: "'us' | 'metric'",
  date_order: "'auto' | 'month-day' | 'day-month'",
  hours: "'auto' | '12' | '24'",
  stage_lower: 'Stage',
  stage_arm: 'Stage',
  zone_view: 'ZoneView',
  'lesson_changes.state': 'LessonState',
};
const fromCore = [
  'CalledSpot',
  'ClipView',
  'CueOwner',
  'Discipline',
  'Hand',
  'LessonState',
  'Level',
  'PainSite',
  'RepSide',
  'Role',
  'ScreenSide',
  'Severity',
  'Sex',
  'Stage',
  'Thread',
  'Voice',
  'ZoneView',
];
const fromContract = ['DrawingKind', 'FindingSource'];
const imported = (names: readonly string[], text: string, from: string): string => {
  const used = names.filter((name) => new RegExp(`\\b${name}\\b`).test(text));
  return used.length
    ? `import type {\n${used.map((name) => `  ${name},\n`).join('')}} from '${from}';\n`
    : '';
};

/** Of libraries, not of the store. */
const foreign = /^(knex_migrations|web_sessions)/;
const named = (table: string): string =>
  `${table.replace(/(^|_)(\w)/g, (_, _gap: string, letter: string) => letter.toUpperCase())}Row`;

/** The types of all tables, as the migrations leave them. */
async function described(): Promise<string> {
  const [columns] = await here.db.raw(
    `select table_name as t, column_name as c, data_type as type, is_nullable as nullable
     from information_schema.columns where table_schema = database() order by table_name, ordinal_position`,
  );
  const tables = new Map<string, string[]>();
  for (const { t, c, type, nullable } of columns as Record<'t' | 'c' | 'type' | 'nullable', string>[]) {
    if (foreign.test(t)) continue;
    const meant = meanings[`${t}.${c}`] ?? meanings[c] ?? typeOf[type] ?? 'string';
    const line = `  ${c}: ${meant}${nullable === 'YES' ? ' | null' : ''};`;
    tables.set(t, [...(tables.get(t) ?? []), line]);
  }
  const rows = [...tables].map(([t, lines]) => `export interface ${named(t)} {\n${lines.join('\n')}\n}\n`);
  const names = [...tables.keys()].map((t) => `    ${t}: Table<${named(t)}>;`);
  const text = rows.join('\n');
  return [
    `/* oxlint-disable max-lines */\n${imported(fromContract, text, '@wrightonic/contract')}${imported(fromCore, text, '@wrightonic/core')}import type { Knex } from 'knex';\n`,
    '/*\n * Rows of all tables, as the migrations leave them. Written by `npm run tables`; a test holds it against the database.\n */\n',
    ...rows,
    '/** A figure of fixed places, which the driver gives as text. */\nexport type Decimal = `${number}`;\n\n/** What may be written into a row: a flag as what it is, and what the database works out. */\nexport type Written<R> = {\n  [K in keyof R]?: R[K] | (NonNullable<R[K]> extends number ? boolean : NonNullable<R[K]> extends Decimal ? number : never) | Knex.Raw | Knex.Ref<string, object>;\n};\ntype Table<R> = Knex.CompositeTableType<R, Written<R>, Written<R>>;\n',
    `declare module 'knex/types/tables' {\n  interface Tables {\n${names.join('\n')}\n  }\n}\n`,
  ].join('\n');
}

/** Without what the formatter may change. */
const plain = (text: string): string => text.replace(/[\s,;|]+/g, '');

it('says of every table what the database says of it', async () => {
  const now = await described();
  if (process.env['WRITE_TABLES']) writeFileSync(file, now);
  expect(plain(readFileSync(file, 'utf8'))).toBe(plain(now));
});
