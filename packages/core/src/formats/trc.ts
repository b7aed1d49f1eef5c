import { FieldError } from '../units/fieldError';
import { texts } from './texts';

/** Markers of a motion lab over time. */
export interface Markers {
  /** Frames a second. */
  rate: number;
  /** Seconds. */
  times: readonly number[];
  /** mm; a marker that was not seen is NaN. */
  markers: ReadonlyMap<string, readonly (readonly [x: number, y: number, z: number])[]>;
}

/** A lab's units, in mm. */
const units: Readonly<Record<string, number>> = { mm: 1, cm: 10, m: 1000 };
const cells = (line: string): string[] =>
  line
    .replace(/\r$/, '')
    .split('\t')
    .map((cell) => cell.trim());

/** A place of three cells; nothing written, or all zero, is a marker that was not seen. */
function placeOf(row: readonly string[], at: number, scale: number): [number, number, number] {
  const three = [row[at], row[at + 1], row[at + 2]].map((cell) => (cell ? Number(cell) : NaN));
  const unseen = three.every((each) => each === 0);
  return three.map((each) => (unseen ? NaN : each * scale)) as [number, number, number];
}

/**
 * Reads markers from TRC text: three lines of header, names, axes, then a row a frame, with tabs between.
 *
 * @throws FieldError with the line or the column that cannot be used
 * @example readTrc(trc).rate // 200
 */
export function readTrc(text: string): Markers {
  const lines = text.split('\n');
  if (!/^PathFileType/.test(lines[0] ?? '') || lines.length < 7) throw new FieldError('file', texts.isNotTrc);
  const [names, values] = [cells(lines[1]!), cells(lines[2]!)];
  const header = (name: string) => values[names.indexOf(name)];
  const rate = Number(header('DataRate'));
  if (!(rate > 0)) throw new FieldError('DataRate', texts.rateMustBe);
  const scale = units[(header('Units') ?? '').toLowerCase()];
  if (!scale) throw new FieldError('Units', texts.mustBeOneOf(Object.keys(units)));
  const columns = cells(lines[3]!).flatMap((name, at) => (at > 1 && name ? [{ name, at }] : []));
  if (columns.length === 0) throw new FieldError('markers', texts.noMarkerIsNamed);
  const rows = lines
    .slice(5)
    .map(cells)
    .filter((row) => row[0]);
  const times = rows.map((row, n) => {
    const t = Number(row[1]);
    if (!row[1] || !Number.isFinite(t)) throw new FieldError('Time', texts.rowHasNoTime(n));
    return t;
  });
  const back = times.findIndex((t, n) => n > 0 && t <= times[n - 1]!);
  if (back > 0) throw new FieldError('Time', texts.rowMustComeAfter(back));
  const markers = new Map(
    columns.map(({ name, at }) => [name, rows.map((row) => placeOf(row, at, scale))] as const),
  );
  return { rate, times, markers };
}
