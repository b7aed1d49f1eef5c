import Papa from 'papaparse';
import { texts } from './texts';

/** What is wrong in one row of a table; rows are counted as a spreadsheet does, the header being row 1. */
export interface RowProblem {
  row: number;
  field: string;
  message: string;
}

export interface TableRow {
  row: number;
  cells: Record<string, string>;
}

/** A file that cannot be read as the table that it should be; the message names what is wrong. */
export class TableError extends RangeError {}

interface Columns {
  required: readonly string[];
  optional: readonly string[];
}

/**
 * Reads a CSV table (RFC 4180, UTF-8, a header in English). Columns of other names are left out and named.
 *
 * @throws TableError for an empty file, one that is no text, or one in which a required column is missing
 * @example readTable('date,mph\n2026-05-01,61', { required: ['date'], optional: [] }).leftOut // [ 'mph' ]
 */
export function readTable(
  text: string,
  { required, optional }: Columns,
): { rows: TableRow[]; problems: RowProblem[]; columns: string[]; leftOut: string[] } {
  if (text.trim() === '') throw new TableError(texts.inputFileIsEmpty);
  if (text.includes('\0')) throw new TableError(texts.inputIsNoText);
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t'],
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const quote = errors.find(({ type }) => type === 'Quotes');
  if (quote) throw new TableError(texts.rowHasOpenQuote(quote.row));
  const fields = meta.fields ?? [];
  const lacking = required.filter((name) => !fields.includes(name));
  if (lacking.length)
    throw new TableError(texts.columnsAreMissing(lacking, lacking.length, fields.join(', ').slice(0, 200)));
  const twice = Object.keys(meta.renamedHeaders ?? {}).map((name) => meta.renamedHeaders![name]);
  if (twice.length) throw new TableError(texts.columnTwice(twice[0]));
  const known = new Set([...required, ...optional]);
  const broken = new Set<number>();
  const problems = errors.flatMap(({ type, row }): RowProblem[] => {
    if (type !== 'FieldMismatch' || row === undefined || broken.has(row)) return [];
    broken.add(row);
    return [{ row: row + 2, field: 'row', message: texts.hasMoreOrFewerCells }];
  });
  return {
    rows: data
      .map((cells, i) => ({ row: i + 2, cells }))
      .filter((_, i) => !broken.has(i))
      .map(({ row, cells }) => ({
        row,
        cells: Object.fromEntries(Object.entries(cells).map(([name, cell]) => [name, cell.trim()])),
      })),
    problems,
    columns: fields.filter((name) => known.has(name)),
    leftOut: fields.filter((name) => !known.has(name)),
  };
}

/**
 * A plain decimal number; null for an empty cell, NaN for anything else.
 *
 * @example [numberIn('61.5'), numberIn(''), numberIn('fast')] // [ 61.5, null, NaN ]
 */
export function numberIn(cell: string | undefined): number | null {
  if (cell === undefined || cell === '') return null;
  return /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(cell) ? Number(cell) : NaN;
}

/** Cells that a spreadsheet would take for a formula get a quotation mark before them. */
const defused = (cell: string): string =>
  /^[=+\-@\t\r]/.test(cell) && !/^[+-]?[\d.]+$/.test(cell) ? `'${cell}` : cell;

/**
 * Writes a table; formulas are defused. Without a header where it is null.
 *
 * @example writeTable(['name', 'mph'], [['=1+1', 61]]) // "name,mph\r\n'=1+1,61"
 */
export function writeTable(
  header: readonly string[] | null,
  rows: readonly (readonly (string | number | null)[])[],
): string {
  const data = rows.map((row) =>
    row.map((cell) => (cell === null ? '' : typeof cell === 'number' ? String(cell) : defused(cell))),
  );
  return header === null ? Papa.unparse(data) : Papa.unparse({ fields: [...header], data });
}
