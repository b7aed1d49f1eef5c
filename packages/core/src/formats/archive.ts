import Papa from 'papaparse';
import { isDay } from '../units/day';
import { TableError } from './csv';
import { texts } from './texts';

/** How a column of an archive is written. */
export type ArchiveType = 'id' | 'text' | 'integer' | 'number' | 'date' | 'instant' | 'picture';

export interface ArchiveColumn {
  name: string;
  type: ArchiveType;
  nullable: boolean;
  /** Of a text: the most characters. */
  atMost?: number;
  /** Of a text: all that it may be. */
  oneOf?: readonly string[];
}

export interface ArchiveTable {
  name: string;
  columns: readonly ArchiveColumn[];
  /** The columns by which a row is known. */
  key: readonly string[];
  /** Columns that point to the id of a row of another table. */
  foreign: readonly { column: string; table: string }[];
}

export type ArchiveValue = string | number | null;
export type ArchiveRow = Readonly<Record<string, ArchiveValue>>;

export interface ArchiveProblem {
  table: string;
  /** As a spreadsheet counts, the header being row 1; null for what is wrong with the whole table. */
  row: number | null;
  message: string;
}

/** A newer version of the product may write what this one cannot read. */
export const archiveVersion = 1;
/** What stands for no value; an empty cell is an empty text. */
const nothing = '\\N';
/** So many problems of a table are told; whoever has more has another file than this one. */
const mostProblems = 20;

/** Texts that a spreadsheet would take for a formula, and those that look as if one had been made harmless. */
const guarded = /^(?:[=+\-@\t\r']|\\N$)/;

/**
 * A value as a cell: nothing is told from an empty text, and no text is a formula for a spreadsheet.
 *
 * @param value as it is stored; an instant as a Date
 * @example [archiveCell('=1+1'), archiveCell(61.5)] // [ "'=1+1", '61.5' ]
 */
export function archiveCell(value: string | number | Date | null): string {
  if (value === null) return nothing;
  if (value instanceof Date) return value.toISOString();
  return typeof value === 'string' && guarded.test(value) && !/^-?[\d.]+$/.test(value)
    ? `'${value}`
    : String(value);
}

const patterns: Partial<Record<ArchiveType, RegExp>> = {
  id: /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/,
  date: /^\d{4}-\d\d-\d\d$/,
  instant: /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/,
  integer: /^-?\d{1,15}$/,
  number: /^-?\d+(\.\d+)?(e[+-]?\d+)?$/i,
  picture: /^pictures\/[0-9a-f-]{36}\.png$/,
};
const shapes: Record<ArchiveType, string> = {
  id: 'an id',
  text: 'a text',
  integer: 'a whole number',
  number: 'a number',
  date: texts.aDay,
  instant: texts.anInstant,
  picture: texts.aPicture,
};

/** What a cell holds, or what is wrong with it. */
function valueOf(cell: string, column: ArchiveColumn): { value: ArchiveValue } | { wrong: string } {
  const { type, nullable, atMost, oneOf } = column;
  if (cell === nothing) return nullable ? { value: null } : { wrong: texts.mustNotBeEmpty };
  const text = type === 'text' && cell.startsWith("'") ? cell.slice(1) : cell;
  const pattern = patterns[type];
  const real = type === 'date' || type === 'instant' ? isDay(text.split('T')[0]!) : true;
  if ((pattern && !pattern.test(text)) || !real) return { wrong: texts.mustBe(shapes[type]) };
  if (oneOf && !oneOf.includes(text)) return { wrong: texts.mustBeOneOf(oneOf) };
  if (atMost !== undefined && text.length > atMost) return { wrong: texts.hasMoreThanCharacters(atMost) };
  return { value: type === 'integer' || type === 'number' ? Number(text) : text };
}

/**
 * Writes rows of a table of an archive, without or with its header.
 *
 * @example writeArchiveRows(['id', 'n'], [['a', 1]], true) // 'id,n\r\na,1\r\n'
 */
export const writeArchiveRows = (
  names: readonly string[],
  rows: readonly (readonly (string | number | Date | null)[])[],
  header: boolean,
): string => {
  const body = rows.length ? `${Papa.unparse(rows.map((row) => row.map(archiveCell)))}\r\n` : '';
  return header ? `${names.join(',')}\r\n${body}` : body;
};

/**
 * Reads a table of an archive back: every cell is held against its column.
 *
 * @param older the archive is of an earlier version: columns that came later may be missing
 * @returns the rows that are right in every cell, and what is wrong with the others
 * @example readArchiveTable('id,n\r\n1,2\r\n', { name: 't', key: ['id'], foreign: [], columns: [{ name: 'id', type: 'text', nullable: false }, { name: 'n', type: 'integer', nullable: false }] }).rows // [ { id: '1', n: 2 } ]
 */
export function readArchiveTable(
  text: string,
  table: ArchiveTable,
  older = false,
): { rows: ArchiveRow[]; problems: ArchiveProblem[] } {
  const problems: ArchiveProblem[] = [];
  const wrong = (row: number | null, message: string) => problems.push({ table: table.name, row, message });
  const { data, errors } = Papa.parse<string[]>(text, { delimiter: ',', skipEmptyLines: true });
  const quote = errors.find(({ type }) => type === 'Quotes');
  if (quote) {
    wrong((quote.row ?? 0) + 1, texts.openQuote);
    return { rows: [], problems };
  }
  const [header = [], ...lines] = data;
  const names = table.columns.map(({ name }) => name);
  const lacking = names.filter((name) => !header.includes(name));
  const more = header.filter((name) => !names.includes(name));
  if (lacking.length && !older) wrong(1, texts.columnIsMissing(lacking));
  if (more.length) wrong(1, texts.columnTooMany(more.join(', ').slice(0, 100)));
  if (new Set(header).size !== header.length) wrong(1, texts.columnAppearsTwice);
  if (problems.length) return { rows: [], problems };
  const columns = header.map((name) => table.columns.find((column) => column.name === name)!);
  const rows: ArchiveRow[] = [];
  lines.forEach((cells, n) => {
    if (problems.length >= mostProblems) return;
    if (cells.length !== columns.length) return void wrong(n + 2, texts.hasMoreOrFewerCells);
    const row: Record<string, ArchiveValue> = {};
    for (const [c, column] of columns.entries()) {
      const read = valueOf(cells[c]!, column);
      if ('wrong' in read) return void wrong(n + 2, `${column.name} ${read.wrong}`);
      row[column.name] = read.value;
    }
    rows.push(row);
  });
  return { rows, problems };
}

/**
 * Rows that point to nobody: each reference must lead to a row of the archive.
 *
 * @returns the first such row of each reference
 * @example danglingIn([{ name: 'looks', key: ['id'], columns: [], foreign: [{ column: 'of', table: 'athletes' }] }], new Map([['looks', [{ id: 'l', of: 'nobody' }]]])).length // 1
 */
export function danglingIn(
  tables: readonly ArchiveTable[],
  rows: ReadonlyMap<string, readonly ArchiveRow[]>,
): ArchiveProblem[] {
  const ids = new Map<string, Set<ArchiveValue>>();
  const idsOf = (table: string) => {
    const known = ids.get(table) ?? new Set((rows.get(table) ?? []).map(({ id }) => id ?? null));
    ids.set(table, known);
    return known;
  };
  return tables.flatMap(({ name, foreign }) =>
    foreign.flatMap(({ column, table }) => {
      const row = (rows.get(name) ?? []).findIndex((each) => {
        const to = each[column] ?? null;
        return to !== null && !idsOf(table).has(to);
      });
      return row < 0 ? [] : [{ table: name, row: row + 2, message: texts.pointsNowhere(column, table) }];
    }),
  );
}

const frictionless: Record<ArchiveType, { type: string; format?: string }> = {
  id: { type: 'string', format: 'uuid' },
  text: { type: 'string' },
  integer: { type: 'integer' },
  number: { type: 'number' },
  date: { type: 'date' },
  instant: { type: 'datetime' },
  picture: { type: 'string' },
};

/**
 * The JSON Schema (draft 7) of a row, by which others can check a table.
 *
 * @example archiveRowSchema({ name: 'looks', key: [], foreign: [], columns: [] }).title // 'looks'
 */
export const archiveRowSchema = ({ name, columns }: ArchiveTable): Record<string, unknown> => ({
  $schema: 'http://json-schema.org/draft-07/schema#',
  title: name,
  type: 'object',
  additionalProperties: false,
  required: columns.map((column) => column.name),
  properties: Object.fromEntries(
    columns.map(({ name: column, type, nullable, atMost, oneOf }) => {
      const numeric = type === 'integer' || type === 'number';
      const plain = {
        type: nullable ? [numeric ? type : 'string', 'null'] : numeric ? type : 'string',
        ...(numeric || !patterns[type] ? {} : { pattern: patterns[type]!.source }),
        ...(atMost === undefined ? {} : { maxLength: atMost }),
        ...(oneOf ? { enum: nullable ? [...oneOf, null] : [...oneOf] } : {}),
      };
      return [column, plain];
    }),
  ),
});

/** What an archive says of itself. */
export interface ArchiveHead {
  kind: 'athlete' | 'academy';
  academy: string;
  academyId: string;
  /** When it was taken out, as an instant. */
  takenAt: string;
  /** Migration up to which the tables stand. */
  schema: string;
  /** What holds for the academy beside its tables; empty for one athlete. */
  settings: Readonly<Record<string, string | number | null>>;
}

export interface ArchiveResource {
  table: ArchiveTable;
  rows: number;
  bytes: number;
  /** Of the file, hexadecimal. */
  sha256: string;
}

/** References to tables of the archive; a descriptor without any does not mention them. */
function foreignKeysOf({ name, foreign }: ArchiveTable, resources: readonly ArchiveResource[]): object {
  const foreignKeys = foreign
    .filter(({ table: to }) => resources.some((each) => each.table.name === to))
    .map(({ column, table: to }) => ({
      fields: column,
      reference: { resource: to === name ? '' : to.replace(/_/g, '-'), fields: 'id' },
    }));
  return foreignKeys.length ? { foreignKeys } : {};
}

/**
 * The descriptor of an archive: a Data Package whose resources are tables with their schema.
 *
 * @returns the content of `datapackage.json`
 * @example archiveDescriptor({ kind: 'academy', academy: 'Barn', academyId: '', takenAt: '', schema: '', settings: {} }, []).title // 'Barn'
 */
export const archiveDescriptor = (
  head: ArchiveHead,
  resources: readonly ArchiveResource[],
): Record<string, unknown> => ({
  profile: 'tabular-data-package',
  name: `wrightonic-${head.kind}`,
  title: head.kind === 'athlete' ? texts.athleteOf(head.academy) : head.academy,
  description: texts.howToReadIt,
  created: head.takenAt,
  wrightonic: { version: archiveVersion, ...head },
  resources: resources.map(({ table, rows, bytes, sha256 }) => ({
    profile: 'tabular-data-resource',
    name: table.name.replace(/_/g, '-'),
    path: `tables/${table.name}.csv`,
    mediatype: 'text/csv',
    encoding: 'utf-8',
    bytes,
    hash: `sha256:${sha256}`,
    wrightonic: { rows, rowSchema: `schemas/${table.name}.json` },
    schema: {
      missingValues: [nothing],
      primaryKey: [...table.key],
      ...foreignKeysOf(table, resources),
      fields: table.columns.map(({ name, type, nullable, atMost, oneOf }) => ({
        name,
        ...frictionless[type],
        constraints: {
          required: !nullable,
          ...(atMost === undefined ? {} : { maxLength: atMost + 1 }),
          ...(oneOf ? { enum: [...oneOf] } : {}),
        },
      })),
    },
  })),
});

/**
 * Reads the descriptor of an archive.
 *
 * @throws TableError for a file of something else, or of a newer version
 * @example archiveHead('{"wrightonic":{"version":1,"kind":"academy","academy":"Barn","academyId":"00000000-0000-7000-8000-000000000000","takenAt":"","schema":"0020","settings":{}}}').academy // 'Barn'
 */
export function archiveHead(text: string): ArchiveHead {
  let read: { wrightonic?: Partial<ArchiveHead> & { version?: unknown } } | null;
  try {
    read = JSON.parse(text);
  } catch {
    throw new TableError(texts.isNoJson);
  }
  const { version, kind, academy, academyId, takenAt, schema, settings } = read?.wrightonic ?? {};
  if (typeof version !== 'number') throw new TableError(texts.isNoArchive);
  if (version > archiveVersion) throw new TableError(texts.archiveIsNewer(version, archiveVersion));
  if (
    (kind !== 'athlete' && kind !== 'academy') ||
    typeof academy !== 'string' ||
    typeof takenAt !== 'string' ||
    typeof schema !== 'string' ||
    typeof settings !== 'object' ||
    settings === null ||
    !patterns.id!.test(String(academyId))
  )
    throw new TableError(texts.archiveIsIncomplete);
  return { kind, academy: academy.slice(0, 120), academyId: academyId!, takenAt, schema, settings };
}
