import { velocityIn, writeTable, type VelocityUnit } from '@wrightonic/core';
import { notUndone, type Academy, type TableName } from '../scope';

/** Tables that people read in a spreadsheet: one line each, with names instead of ids. */
export const flatTables = ['athletes', 'throws', 'reps', 'looks', 'screens'] as const;
export type FlatTable = (typeof flatTables)[number];

type Row = Record<string, unknown>;
type Rows = ReturnType<Academy['from']>;
type Cell = string | number | null;

interface Flat {
  table: TableName;
  /** Joins what the columns are taken from; rows of the table itself are `r`, athletes `a`. */
  from: (academy: Academy, rows: Rows) => void;
  /** Name in the header, and what stands under it. */
  columns: Record<string, string>;
}

const rowsAtOnce = 2_000;

const ofAthlete = { given_name: 'a.given_name', family_name: 'a.family_name' };
const flat: Record<FlatTable, Flat> = {
  athletes: {
    table: 'athletes',
    from: () => undefined,
    columns: {
      given_name: 'r.given_name',
      family_name: 'r.family_name',
      birthdate: 'r.birthdate',
      discipline: 'r.discipline',
      throws: 'r.throws',
      height_cm: 'r.height_cm',
      mass_kg: 'r.mass_kg',
      level: 'r.level',
      archived: 'r.archived_at',
    },
  },
  throws: {
    table: 'throws',
    from: (academy, rows) => {
      academy.join(rows, 'athletes', 'a', 'id', 'r.athlete_id');
      notUndone(rows, 'r');
    },
    columns: {
      ...ofAthlete,
      date: 'r.date',
      at: 'r.at',
      kind: 'r.kind',
      pitch: 'r.pitch',
      drill: 'r.drill',
      velocity: 'r.velocity',
      effort: 'r.effort',
      ball_g: 'r.ball_g',
      distance_m: 'r.distance_m',
      source: 'r.source',
    },
  },
  reps: {
    table: 'rep_events',
    from: (academy, rows) => {
      academy.join(rows, 'sessions', 's', 'id', 'r.session_id');
      academy.join(rows, 'athletes', 'a', 'id', 's.athlete_id');
      notUndone(rows, 'r');
    },
    columns: {
      ...ofAthlete,
      date: 's.date',
      at: 'r.at',
      drill: 'r.drill',
      outcome: 'r.outcome',
      reason: 'r.reason',
      side: 'r.side',
    },
  },
  looks: {
    table: 'findings',
    from: (academy, rows) => {
      academy.join(rows, 'looks', 'l', 'id', 'r.look_id');
      academy.join(rows, 'athletes', 'a', 'id', 'l.athlete_id');
      // A grade as it stands: one that was put right or taken back is not in it.
      rows
        .whereNotNull('r.severity')
        .whereNotExists((later: Rows) =>
          later
            .from({ n: 'findings' })
            .select('n.id')
            .whereRaw(
              'n.academy_id = r.academy_id and n.look_id = r.look_id and n.node = r.node and n.id > r.id',
            ),
        );
    },
    columns: {
      ...ofAthlete,
      date: 'l.date',
      look: 'l.kind',
      place: 'l.place',
      checkpoint: 'r.node',
      grade: 'r.severity',
      measured: 'r.value',
      note: 'r.note',
    },
  },
  screens: {
    table: 'screen_tries',
    from: (academy, rows) => {
      academy.join(rows, 'screens', 's', 'id', 'r.screen_id');
      academy.join(rows, 'athletes', 'a', 'id', 's.athlete_id');
    },
    columns: {
      ...ofAthlete,
      date: 's.date',
      test: 'r.test',
      side: 'r.side',
      try: 'r.n',
      value: 'r.value',
      pain: 'r.pain',
      tool: 'r.tool',
    },
  },
};

function cellOf(name: string, value: unknown, unit: VelocityUnit): Cell {
  if (value === null || value === undefined) return null;
  if (value instanceof Date) return value.toISOString();
  if (name === 'velocity') return Number(velocityIn(Number(value), unit).toFixed(1));
  return typeof value === 'number' ? value : String(value);
}

/**
 * One of the flat tables as CSV, as it comes; velocities in a person's unit, which the header names.
 *
 * @returns pieces of the text
 */
export async function* flatCsv(
  academy: Academy,
  name: FlatTable,
  unit: VelocityUnit,
): AsyncGenerator<string> {
  const { table, from, columns } = flat[name];
  const names = Object.keys(columns);
  const header = names.map((each) => (each === 'velocity' ? `velocity_${unit.replace('/', '')}` : each));
  yield `${writeTable(null, [header])}\r\n`;
  for (let last: string | null = null; ;) {
    const query = academy.from(table, 'r').orderBy('r.id').limit(rowsAtOnce);
    from(academy, query);
    if (last !== null) query.where('r.id', '>', last);
    const rows: (Row & { row_id: string })[] = await query.select({ row_id: 'r.id', ...columns });
    const cells = rows.map((row) => names.map((each) => cellOf(each, row[each], unit)));
    if (cells.length) yield `${writeTable(null, cells)}\r\n`;
    if (rows.length < rowsAtOnce) return;
    last = rows.at(-1)!.row_id;
  }
}
