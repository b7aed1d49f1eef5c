import type { ArchiveColumn, ArchiveTable, ArchiveType } from '@wrightonic/core/archive';
import type { UnscopedStore } from '../academies';
import type { TableName } from '../scope';

/** A table as the database has it. */
export type Shape = ArchiveTable & { readonly name: TableName };

/** The tables of an academy, each after those that it points to. */
export interface Shapes {
  all: readonly Shape[];
  /** The migration up to which they stand. */
  version: string;
}

/** Made of the rest of the history, and made again from it. */
const derived = new Set<string>([
  'athlete_states',
  'rep_counts',
  'throw_days',
  'velocity_days',
  'velocity_wander',
  'home_days',
  'trace_calls',
  'flaw_cases',
]);
/** Of this server alone: ways in, mail, who did what, and what is being deleted. */
const ofTheServer = new Set<string>([
  'invitations',
  'invitation_ends',
  'password_resets',
  'recovery_codes',
  'mails',
  'audit',
  'audit_events',
  'deletions',
  'deletion_confirms',
  'deletion_ends',
  'removals',
  'feeds',
  'feed_ends',
]);
/** Never leaves the server. */
const secretColumns: Readonly<Record<string, readonly string[]>> = {
  people: ['password_hash', 'totp_secret', 'totp_step', 'deactivated_at'],
};

const types: Readonly<Record<string, ArchiveType>> = {
  uuid: 'id',
  int: 'integer',
  smallint: 'integer',
  tinyint: 'integer',
  bigint: 'integer',
  float: 'number',
  double: 'number',
  decimal: 'number',
  datetime: 'instant',
  date: 'date',
  mediumblob: 'picture',
  longblob: 'picture',
};

interface ColumnRow {
  t: string;
  c: string;
  type: string;
  full: string;
  nullable: 'YES' | 'NO';
  most: number | null;
}

interface KeyRow {
  t: string;
  c: string;
  name: string;
  to_table: string | null;
}

function columnOf({ c, type, full, nullable, most }: ColumnRow): ArchiveColumn {
  const kind = types[type] ?? 'text';
  const oneOf = type === 'enum' ? [...full.matchAll(/'([^']*)'/g)].map(([, value]) => value!) : null;
  return {
    name: c,
    type: kind,
    nullable: nullable === 'YES',
    ...(oneOf ? { oneOf } : type === 'varchar' ? { atMost: Number(most) } : {}),
  };
}

/** Tables with those first that others point to. */
function inOrder(tables: readonly Shape[]): Shape[] {
  const done = new Map<string, Shape>();
  const visit = (shape: Shape, above: ReadonlySet<string>) => {
    if (done.has(shape.name) || above.has(shape.name)) return;
    // A helper of a camp points to it, and the camp to people: people come first.
    for (const { table } of shape.name === 'people' ? [] : shape.foreign) {
      const to = tables.find(({ name }) => name === table);
      if (to) visit(to, new Set([...above, shape.name]));
    }
    done.set(shape.name, shape);
  };
  tables.forEach((shape) => visit(shape, new Set()));
  return [...done.values()];
}

const rowsOf = <T>(answer: unknown): T[] => (answer as [T[]])[0];

async function read({ db }: UnscopedStore): Promise<Shapes> {
  const columns = rowsOf<ColumnRow>(
    await db.raw(
      `select c.table_name as t, c.column_name as c, c.data_type as type, c.column_type as full,
       c.is_nullable as nullable, c.character_maximum_length as most
     from information_schema.columns c
     join information_schema.columns a on a.table_schema = c.table_schema and a.table_name = c.table_name
       and a.column_name = 'academy_id'
     where c.table_schema = database() order by c.table_name, c.ordinal_position`,
    ),
  );
  const keys = rowsOf<KeyRow>(
    await db.raw(
      `select table_name as t, column_name as c, constraint_name as name, referenced_table_name as to_table
     from information_schema.key_column_usage
     where table_schema = database() and column_name <> 'academy_id'
       and (constraint_name = 'PRIMARY' or referenced_table_name is not null)
     order by table_name, ordinal_position`,
    ),
  );
  const names = [...new Set(columns.map(({ t }) => t))] as TableName[];
  const [{ name: version }] = await db('knex_migrations').orderBy('id', 'desc').limit(1).select('name');
  return {
    version,
    all: inOrder(
      names.map((name) => ({
        name,
        columns: columns.filter(({ t, c }) => t === name && c !== 'academy_id').map(columnOf),
        key: keys.filter((key) => key.t === name && key.name === 'PRIMARY').map(({ c }) => c),
        foreign: keys.flatMap(({ t, c, to_table }) =>
          t === name && to_table && to_table !== 'academies' ? [{ column: c, table: to_table }] : [],
        ),
      })),
    ),
  };
}

const known = new WeakMap<object, Promise<Shapes>>();

/** The tables of this database; asked once. */
export function shapesOf(unscoped: UnscopedStore): Promise<Shapes> {
  const found = known.get(unscoped.db) ?? read(unscoped);
  known.set(unscoped.db, found);
  return found;
}

const told = (shape: Shape): Shape => ({
  ...shape,
  columns: shape.columns.filter(({ name }) => !(secretColumns[shape.name] ?? []).includes(name)),
});

/** Tables that an archive of an academy holds. */
export const archivedTables = ({ all }: Shapes): Shape[] =>
  all.filter(({ name }) => !derived.has(name) && !ofTheServer.has(name)).map(told);

/** Tables that an archive of one athlete holds beside people: camps are of many, and links are of this server. */
const ofOthers = /^(camp|devices?|device_ends|readings|own_drills|templates|people|link_edits|lexicon|norm)/;

/** Tables whose rows may belong to one athlete, and what they are of: `athletes` first. */
export function athleteTables(shapes: Shapes, tables: readonly Shape[]): Shape[] {
  const of = new Set<string>(['athletes']);
  for (const { name, foreign } of shapes.all) if (foreign.some(({ table }) => of.has(table))) of.add(name);
  return tables.filter(({ name }) => of.has(name));
}

/** People in an archive of one athlete: how those are called who wrote it down. */
export const namedPeople: Shape = {
  name: 'people',
  key: ['id'],
  foreign: [],
  columns: [
    { name: 'id', type: 'id', nullable: false },
    { name: 'name', type: 'text', nullable: false, atMost: 120 },
  ],
};

/** Tables that an archive of one athlete holds, `people` not among them. */
export const movedTables = (shapes: Shapes): Shape[] =>
  athleteTables(shapes, archivedTables(shapes)).filter(({ name }) => !ofOthers.test(name));

/** What an archive of either kind holds. */
export const expectedTables = (shapes: Shapes): Record<'athlete' | 'academy', Shape[]> => ({
  athlete: [...movedTables(shapes), namedPeople],
  academy: archivedTables(shapes),
});
