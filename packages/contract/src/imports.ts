import {
  inLikedUnit,
  missSides,
  readLength,
  readMass,
  readTable,
  saySize,
  type Flight,
  type Level,
  type Missed,
  type ReadSize,
  type RowProblem,
  type SizeKind,
  type SizeUnit,
  type Weekday,
} from '@wrightonic/core';
import Joi from 'joi';
import { newAthlete, type Guardian, type NewAthlete } from './athletes';
import { check } from './check';
import { flight } from './flight';
import { day, id, line } from './shared';

export interface AthletesImport {
  athletes: NewAthlete[];
}
/** A whole table at once: all of its rows or none. */
export const athletesImport = Joi.object<AthletesImport>({
  athletes: Joi.array().items(newAthlete).min(1).max(500).unique('id').required(),
}).required();

export interface ImportedThrow {
  id: string;
  date: string;
  /** HH:MM or HH:MM:SS; empty when nobody said. */
  time: string;
  /** m/s */
  velocity: number | null;
  effort: number | null;
  pitch: string;
  ballG: number;
  kind: 'game' | 'practice';
  /** Null when nobody charted it. */
  sides: Missed[] | null;
  flight?: Flight;
}
export interface ThrowsImport {
  throws: ImportedThrow[];
}
export const throwsImport = Joi.object<ThrowsImport>({
  throws: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        date: day.required(),
        time: Joi.string()
          .allow('')
          .pattern(/^([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d+)?)?$/, 'time of day')
          .required(),
        velocity: Joi.number().min(2).max(55).allow(null).required(),
        effort: Joi.number().integer().min(10).max(100).allow(null).required(),
        pitch: line(30).required(),
        ballG: Joi.number().min(50).max(2000).required(),
        kind: Joi.valid('game', 'practice').required(),
        sides: Joi.array()
          .items(Joi.valid(...missSides, 'unknown'))
          .max(2)
          .unique()
          .allow(null)
          .required(),
        flight,
      }),
    )
    .min(1)
    .max(10_000)
    .required(),
}).required();

/** A roster as a table: what must be there, and what may. */
export const rosterColumns = {
  required: ['given_name', 'family_name', 'discipline', 'throws', 'birthdate'],
  optional: [
    'height',
    'weight',
    'height_cm',
    'mass_kg',
    'level',
    'sex',
    'teams',
    'days',
    'equipment',
    'voice',
    'guardian',
    'guardian_phone',
    'guardian_email',
    'allergies',
    'note',
  ],
} as const;

export interface RosterRow {
  row: number;
  athlete: NewAthlete;
}

const words: Readonly<Record<string, string>> = {
  right: 'R',
  left: 'L',
  baseball: 'overhand',
  softball: 'windmill',
};
const columnOf: Readonly<Record<string, string>> = {
  givenName: 'given_name',
  familyName: 'family_name',
  guardians: 'guardian',
};

const word = (cell: string | undefined): string => {
  const plain = (cell ?? '').trim();
  return words[plain.toLowerCase()] ?? plain;
};
/** Several things in one cell stand apart by semicolons. */
const several = (cell: string | undefined): string[] => [
  ...new Set(
    (cell ?? '')
      .split(';')
      .map((each) => each.trim())
      .filter(Boolean),
  ),
];

type SizeReader = (cell: string, unit: SizeUnit) => ReadSize;
/** The columns in which a size may stand: the first takes any unit, the second names its own. */
const sizeColumns: Readonly<Record<SizeKind, readonly (readonly [column: string, read: SizeReader])[]>> = {
  length: [
    ['height', readLength],
    ['height_cm', (cell) => readLength(cell, 'metric')],
  ],
  mass: [
    ['weight', readMass],
    ['mass_kg', (cell) => readMass(cell, 'metric')],
  ],
};

interface SizeCell {
  kind: SizeKind;
  column: string;
  cell: string;
  value: number | null;
  wrong?: string;
}

/** A size of a row, in cm or kg, with the column that it was read from. */
function sizeIn(cells: Readonly<Record<string, string>>, kind: SizeKind, unit: SizeUnit): SizeCell {
  const filled = sizeColumns[kind].filter(([column]) => cells[column]);
  const [column, read] = filled[0] ?? sizeColumns[kind][0]!;
  const cell = cells[column] ?? '';
  if (filled.length > 1)
    return {
      kind,
      column,
      cell,
      value: null,
      wrong: `is in ${filled[1]![0]} too; fill in only one of them`,
    };
  const { value, wrong } = read(cell, unit);
  return { kind, column, cell, value: value ?? null, ...(wrong === undefined ? {} : { wrong }) };
}

/** What is wrong with a size that was read: without a unit of its own it may have been meant in another one. */
const outOfRange = ({ kind, column, cell, value }: SizeCell, text: string, unit: SizeUnit): string => {
  const own = column === sizeColumns[kind][1]![0] ? 'metric' : unit;
  const said = inLikedUnit(text, kind, own);
  return /^[\d.,]+$/.test(cell) && value !== null
    ? `${said}; ${cell} was read as ${saySize(value, kind, own)}`
    : said;
};

/**
 * Reads a roster. Good rows come with new ids; of each bad row every problem is named by its column.
 *
 * @param newId makes an id
 * @param unit what a height or a weight without a unit is in, in the columns that take any
 * @throws TableError for a file that is no roster
 */
export function readRoster(
  text: string,
  newId: () => string,
  unit: SizeUnit,
): { rows: RosterRow[]; problems: RowProblem[]; leftOut: string[] } {
  const table = readTable(text, rosterColumns);
  const problems = [...table.problems];
  const rows: RosterRow[] = [];
  const seen = new Map<string, number>();
  for (const { row, cells } of table.rows) {
    const guardian: Guardian[] = cells['guardian']
      ? [
          {
            name: cells['guardian'],
            phone: cells['guardian_phone'] ?? '',
            email: cells['guardian_email'] ?? '',
          },
        ]
      : [];
    const throws = word(cells['throws']);
    const sizes = { heightCm: sizeIn(cells, 'length', unit), massKg: sizeIn(cells, 'mass', unit) };
    const form = {
      id: newId(),
      givenName: cells['given_name'],
      familyName: cells['family_name'],
      discipline: word(cells['discipline']).toLowerCase(),
      throws: throws.toUpperCase(),
      birthdate: cells['birthdate'],
      heightCm: sizes.heightCm.value,
      massKg: sizes.massKg.value,
      level: (cells['level'] || null) as Level | null,
      sex: cells['sex']?.toLowerCase() || null,
      teams: several(cells['teams']),
      days: several(cells['days']).map((each) => each.slice(0, 3).toLowerCase()) as Weekday[],
      equipment: several(cells['equipment']),
      voice: cells['voice'] || 'plain',
      guardians: guardian,
      allergies: cells['allergies'] ?? '',
      league: { maxPerDay: null, maxPerGame: null },
      note: cells['note'] ?? '',
      approach: { leave: null, lift: null, teach: null, hips: null },
    };
    const checked = check(newAthlete, form);
    for (const { field, text } of checked.problems ?? []) {
      const name = field.split('.')[0]!;
      const size = name === 'heightCm' || name === 'massKg' ? sizes[name] : null;
      problems.push({
        row,
        field: size?.column ?? columnOf[name] ?? name,
        message: size ? outOfRange(size, text, unit) : text,
      });
    }
    const unread = Object.values(sizes).filter(({ wrong }) => wrong !== undefined);
    for (const { column, wrong } of unread) problems.push({ row, field: column, message: wrong! });
    if (!checked.value || unread.length) continue;
    const identity = `${form.givenName} ${form.familyName} ${form.birthdate}`.toLowerCase();
    const before = seen.get(identity);
    if (before) problems.push({ row, field: 'row', message: `says the same athlete as row ${before}` });
    else {
      seen.set(identity, row);
      rows.push({ row, athlete: checked.value });
    }
  }
  return { rows, problems: problems.sort((a, b) => a.row - b.row), leftOut: table.leftOut };
}
