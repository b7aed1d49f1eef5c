import Papa from 'papaparse';
import { segments, type Segment, type SpeedCurves } from '../measure/curves';
import { TableError, writeTable } from './csv';
import { texts } from './texts';

/** Faster than any body turns, deg/s, and goes forward, m/s. */
const fastest = { turning: 12_000, forward: 60 };

/** A decimal number, without a pattern for each of a hundred thousand cells; null for anything else. */
function plainNumber(cell: string): number | null {
  const value = Number(cell);
  // After a leading nought a letter means another base.
  const based = cell.length > 1 && cell.charCodeAt(0) === 48 && cell.charCodeAt(1) > 57;
  return Number.isFinite(value) && !based ? value : null;
}

/**
 * Speed curves from CSV: `time_s` and any of pelvis, trunk, glove, arm, hand in deg/s, each also as `*_lin` in m/s.
 * An empty cell or `NaN` is a moment without a reading.
 *
 * @throws TableError that names column and row
 * @example readCurves('time_s,pelvis\n0,10\n0.01,20').time.length // 2
 */
export function readCurves(text: string): SpeedCurves {
  if (text.trim() === '') throw new TableError(texts.inputFileIsEmpty);
  if (text.includes('\0')) throw new TableError(texts.inputIsNoText);
  // Long recordings: cells stay in arrays, without an object for each row.
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const header = (data[0] ?? []).map((name) => name.trim().toLowerCase());
  const column = (name: string) => header.indexOf(name);
  if (column('time_s') < 0) throw new TableError(texts.timeIsMissing(header.join(', ').slice(0, 200)));
  const rows = data.slice(1);
  const read = (name: string, atMost: number): Float64Array | undefined => {
    const at = column(name);
    if (at < 0) return undefined;
    const values = new Float64Array(rows.length);
    for (let i = 0; i < rows.length; i++) {
      const cell = rows[i]![at]?.trim() ?? '';
      const value = cell === '' || (cell.length === 3 && /^nan$/i.test(cell)) ? NaN : plainNumber(cell);
      if (value === null) throw new TableError(texts.rowIsNotNumber(name, i));
      if (Math.abs(value) > atMost) throw new TableError(texts.rowIsTooFast(name, i, atMost));
      values[i] = value;
    }
    return values;
  };
  const time = read('time_s', 1e9)!;
  const lost = time.findIndex((value) => Number.isNaN(value));
  if (lost >= 0) throw new TableError(texts.rowHasNoTimeNumber(lost));
  const turning: SpeedCurves['turning'] = {};
  const forward: SpeedCurves['forward'] = {};
  for (const segment of segments) {
    const speeds = read(segment, fastest.turning);
    if (speeds) turning[segment] = speeds;
    const line = read(`${segment}_lin`, fastest.forward);
    if (line) forward[segment] = line;
  }
  if (Object.keys(turning).length === 0)
    throw new TableError(texts.noneOfTheColumns(segments, header.join(', ').slice(0, 200)));
  const known = new Set(['time_s', ...segments.flatMap((segment) => [segment, `${segment}_lin`])]);
  const unused = header.filter((name) => name !== '' && !known.has(name)).map((name) => name.slice(0, 40));
  return { time, turning, forward, ...(unused.length ? { unused } : {}) };
}

/**
 * Speed curves as CSV, as `readCurves` reads them.
 *
 * @example writeCurves({ time: Float64Array.of(0), turning: { pelvis: Float64Array.of(12) }, forward: {} }) // "time_s,pelvis\r\n0.000000,12.000\n"
 */
export function writeCurves({ time, turning, forward }: SpeedCurves): string {
  const named = (curves: SpeedCurves['turning'], end: string, digits: number) =>
    (Object.entries(curves) as [Segment, Float64Array][]).map(([segment, values]) => ({
      name: `${segment}${end}`,
      cell: (i: number) => (Number.isNaN(values[i]!) ? '' : values[i]!.toFixed(digits)),
    }));
  const columns = [...named(turning, '', 3), ...named(forward, '_lin', 4)];
  return `${writeTable(
    ['time_s', ...columns.map(({ name }) => name)],
    Array.from(time, (t, i) => [t.toFixed(6), ...columns.map(({ cell }) => cell(i))]),
  )}\n`;
}
