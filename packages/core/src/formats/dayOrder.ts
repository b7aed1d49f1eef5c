import Papa from 'papaparse';
import { isDay } from '../units/day';

/** Which of two figures of a day stands first where a table does not write `2026-05-01`. */
export type DayOrder = 'month-day' | 'day-month';

const written = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})$/;

/** The place of a column in the header; −1 where there is none. */
const placeOf = (header: readonly string[] | undefined, column: string): number =>
  (header ?? []).findIndex((name) => name.trim().toLowerCase() === column);

const rowsOf = (text: string): string[][] =>
  Papa.parse<string[]>(text, { delimitersToGuess: [',', ';', '\t'] }).data;

/**
 * How a table writes its days: as `2026-05-01`, with the month or the day first, or so that both could be meant.
 *
 * @param column by its name in the header
 * @example dayOrderIn('birthdate\n5/23/2011', 'birthdate') // 'month-day'
 */
export function dayOrderIn(text: string, column: string): DayOrder | 'iso' | 'either' {
  const [header, ...rows] = rowsOf(text);
  const place = placeOf(header, column);
  const days = rows.flatMap((cells) => {
    const found = written.exec((cells[place] ?? '').trim());
    return found ? [[Number(found[1]), Number(found[2])] as const] : [];
  });
  if (days.length === 0) return 'iso';
  if (days.some(([first]) => first > 12)) return 'day-month';
  return days.some(([, second]) => second > 12) ? 'month-day' : 'either';
}

/** The day that a cell means; the cell itself where it means none. */
function dayIn(cell: string, order: DayOrder): string {
  const [, first, second, year] = written.exec(cell.trim()) ?? [];
  if (!first || !second || !year) return cell;
  const [month, day] = order === 'month-day' ? [first, second] : [second, first];
  const iso = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
  return isDay(iso) ? iso : cell;
}

/**
 * The same table with the days of a column as `2026-05-01`; what is no day in that order stays as it is, so that it is
 * told as a problem of its row.
 *
 * @example isoDays('birthdate\n5/23/2011', 'birthdate', 'month-day') // 'birthdate\r\n2011-05-23'
 */
export function isoDays(text: string, column: string, order: DayOrder): string {
  const rows = rowsOf(text);
  const place = placeOf(rows[0], column);
  if (place < 0) return text;
  return Papa.unparse(
    rows.map((cells, n) =>
      n === 0 ? cells : cells.map((cell, at) => (at === place ? dayIn(cell, order) : cell)),
    ),
  );
}
