import { flightRanges, type Flight } from '../measure/flight';
import { missSides, type Missed, type MissSide } from '../measure/misses';
import { fromMph, isDay } from '../units';
import { numberIn, readTable, type RowProblem, type TableRow } from './csv';
import { texts } from './texts';

/** A throw as a table tells of it. */
export interface TableThrow {
  date: string;
  /** Time of day, HH:MM or HH:MM:SS; empty when not said. */
  time: string;
  /** m/s */
  velocity: number | null;
  effort: number | null;
  pitch: string;
  /** Grams; null when not said. */
  ball: number | null;
  kind: 'game' | 'practice';
  /** Name of the aimed spot; empty when not said. */
  aim: string;
  /** Null when nobody charted it. */
  sides: Missed[] | null;
  /** Spin and movement; left out where the table has none. */
  flight?: Flight;
}

export interface ThrowsTable {
  rows: { row: number; thrown: TableThrow }[];
  problems: RowProblem[];
  leftOut: string[];
}

const cmPerInch = 2.54;
export const fastestMph = 123;
const slowestMph = 5;

/** What a throw came to, as it is written: a strike is on target, a ball is a miss. */
const results: Readonly<Record<string, 'hit' | 'miss'>> = {
  hit: 'hit',
  strike: 'hit',
  miss: 'miss',
  ball: 'miss',
};

/**
 * The side of a miss as it is written: one, or two with a plus between; a miss without one is of unknown side. Null for
 * what makes no sense.
 */
function sidesIn(result: 'hit' | 'miss', side: string): Missed[] | null {
  if (result === 'hit') return side === '' ? [] : null;
  if (side === '') return ['unknown'];
  const sides = side.split('+').map((each) => each.trim()) as MissSide[];
  const known = sides.every((each) => missSides.includes(each));
  const both = (a: MissSide, b: MissSide) => sides.includes(a) && sides.includes(b);
  return sides.length <= 2 && known && !both('high', 'low') && !both('arm', 'glove') ? sides : null;
}

const resultHelp = texts.resultMustBe;
const sideHelp = texts.missMustBe;

/** Reads the cells of one row; every problem by its column. */
function throwIn({ row, cells }: TableRow, problems: RowProblem[]): TableThrow {
  const wrong = (field: string, message: string) => problems.push({ row, field, message });
  const { date = '', result = '', side = '', aim = '', kind = '' } = cells;
  // Spreadsheets drop the nought of the small hours.
  const time = (cells['time'] ?? '').replace(/^\d:/, '0$&');
  if (!isDay(date)) wrong('date', texts.mustBeRealDay);
  if (time && !/^([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d+)?)?$/.test(time))
    wrong('time', texts.mustBeATimeOfDay);
  const number = (field: string, from: number, to: number): number | null => {
    const value = numberIn(cells[field]);
    if (value !== null && !(value >= from && value <= to)) wrong(field, texts.mustBeWithin(from, to));
    return value;
  };
  const mphRead = number('velocity_mph', slowestMph, fastestMph);
  const kmh = number('velocity_kmh', 8, 198);
  const effort = number('effort', 10, 100);
  const ball = number('ball_g', 50, 2000);
  if (kind.length > 30) wrong('kind', texts.kindIsTooLong);
  let sides: Missed[] | null = null;
  if (result || side) {
    const read = results[result.toLowerCase()];
    if (!read) wrong('result', resultHelp);
    else {
      sides = sidesIn(read, side);
      if (!sides) wrong('side', sideHelp);
    }
  }
  const flight: Flight = {};
  const figure = (column: string, field: keyof Flight, scale: number) => {
    const [from, to] = flightRanges[field];
    const value = number(column, Math.ceil(from / scale), Math.floor(to / scale));
    if (value !== null) flight[field] = value * scale;
  };
  figure('spin_rpm', 'spinRpm', 1);
  figure('spin_axis', 'spinAxis', 1);
  figure('break_arm_in', 'armCm', cmPerInch);
  figure('break_up_in', 'upCm', cmPerInch);
  if (cells['pitch'] && cells['pitch'].length > 30) wrong('pitch', texts.pitchIsTooLong);
  return {
    date,
    time,
    velocity: mphRead !== null ? fromMph(mphRead) : kmh !== null ? kmh / 3.6 : null,
    effort: effort === null ? null : Math.round(effort),
    pitch: cells['pitch'] ?? '',
    ball,
    kind: kind.toLowerCase() === 'game' ? 'game' : 'practice',
    aim,
    sides,
    ...(Object.keys(flight).length ? { flight } : {}),
  };
}

const optional = [
  'time',
  'velocity_mph',
  'velocity_kmh',
  'effort',
  'pitch',
  'ball_g',
  'kind',
  'aim',
  'result',
  'side',
  'spin_rpm',
  'spin_axis',
  'break_arm_in',
  'break_up_in',
];

/**
 * A table of throws: `date` and any of time, velocity_mph or velocity_kmh, effort, pitch, ball_g, kind, aim, result, side,
 * spin_rpm, spin_axis, break_arm_in (toward the arm side) and break_up_in.
 *
 * @param required columns that must be there beside the date
 * @throws TableError for a file that is no such table
 * @example readThrows('date,velocity_mph\n2026-05-01,61').rows.length // 1
 */
export function readThrows(text: string, required: readonly string[] = []): ThrowsTable {
  const table = readTable(text, { required: ['date', ...required], optional });
  const problems = [...table.problems];
  const rows = table.rows.map((row) => ({ row: row.row, thrown: throwIn(row, problems) }));
  const bad = new Set(problems.map(({ row }) => row));
  return {
    rows: rows.filter(({ row }) => !bad.has(row)),
    problems: problems.sort((a, b) => a.row - b.row),
    leftOut: table.leftOut,
  };
}

/**
 * A table of aimed throws without days: `aim,result,side`.
 *
 * @throws TableError for a file that is no such table
 * @example readMisses('aim,result,side\nlow middle,miss,high').problems // []
 */
export function readMisses(text: string): { rows: Missed[][]; problems: RowProblem[] } {
  const table = readTable(text, { required: ['result', 'side'], optional: ['aim'] });
  const problems = [...table.problems];
  const rows = table.rows.flatMap(({ row, cells }) => {
    const { result = '', side = '' } = cells;
    const read = results[result.toLowerCase()];
    if (!read) {
      problems.push({ row, field: 'result', message: resultHelp });
      return [];
    }
    const sides = sidesIn(read, side);
    if (!sides) problems.push({ row, field: 'side', message: sideHelp });
    return sides ? [sides] : [];
  });
  return { rows, problems: problems.sort((a, b) => a.row - b.row) };
}
