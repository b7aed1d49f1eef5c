import { createHash, randomBytes } from 'node:crypto';
import type { ArchiveHead, ArchiveRow, ArchiveValue } from '@wrightonic/core/archive';
import type { PersonRow, UnscopedStore } from '../academies';
import { inBatches, type Academy } from '../scope';
import { settingsFrom } from './settings';
import { archivedTables, movedTables, shapesOf, type Shape } from './shape';

/** An archive that was read and found whole. */
export interface ReadArchive {
  head: ArchiveHead;
  rows: ReadonlyMap<string, readonly ArchiveRow[]>;
  pictures: ReadonlyMap<string, Uint8Array>;
}

/** Why an archive cannot be brought in, in words for whoever tried. */
export class CannotBringIn extends Error {}

type Values = Record<string, ArchiveValue | Date | Buffer>;
type Ids = ReadonlyMap<string, string>;

const uuids = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;

/** Another id at the same time: bringing the same in again gives the same ids, and no others. */
export function movedId(id: string, academyId: string): string {
  const hash = createHash('sha256').update(`${academyId} ${id}`).digest('hex');
  const variant = '89ab'[parseInt(hash[3]!, 16) % 4];
  return `${id.slice(0, 13)}-7${hash.slice(0, 3)}-${variant}${hash.slice(4, 7)}-${hash.slice(7, 19)}`;
}

const randomHash = (): string => createHash('sha256').update(randomBytes(24)).digest('hex');

/** Rows with those first to which others of the table point. */
function parentsFirst({ name, foreign }: Shape, rows: readonly ArchiveRow[]): ArchiveRow[] {
  const own = foreign.filter(({ table }) => table === name).map(({ column }) => column);
  if (own.length === 0) return [...rows];
  const left = new Map(rows.map((row) => [row['id'], row]));
  const sorted: ArchiveRow[] = [];
  const place = (row: ArchiveRow): void => {
    if (!left.delete(row['id'])) return;
    for (const column of own) {
      const parent = left.get(row[column] ?? null);
      if (parent) place(parent);
    }
    sorted.push(row);
  };
  rows.forEach(place);
  return sorted;
}

/** Columns that point to tables which come later: they are filled in when everything is there. */
function laterColumns(shape: Shape, order: readonly Shape[]): string[] {
  const at = order.findIndex(({ name }) => name === shape.name);
  return shape.foreign
    .filter(({ table }) => order.findIndex(({ name }) => name === table) > at)
    .map(({ column }) => column);
}

interface Plan {
  tables: readonly Shape[];
  ids: Ids;
  /** Puts right what is of the server and not of the archive; null leaves the row out. */
  changed: (shape: Shape, values: Values) => Values | null;
}

function stored(shape: Shape, row: ArchiveRow, ids: Ids, pictures: ReadArchive['pictures']): Values {
  const values: Values = {};
  for (const { name, type } of shape.columns) {
    const value = row[name];
    if (value === undefined) continue;
    if (value === null) values[name] = null;
    else if (type === 'instant') values[name] = new Date(value);
    else if (type === 'picture') values[name] = Buffer.from(pictures.get(String(value))!);
    else if (type === 'id') values[name] = ids.get(String(value)) ?? value;
    else if (type === 'text' && ids.size)
      values[name] = String(value).replace(uuids, (id) => ids.get(id) ?? id);
    else values[name] = value;
  }
  return values;
}

async function insert(academy: Academy, { rows, pictures }: ReadArchive, plan: Plan): Promise<void> {
  const later: { shape: Shape; id: string; values: Values }[] = [];
  for (const shape of plan.tables) {
    const waits = laterColumns(shape, plan.tables);
    const ready = parentsFirst(shape, rows.get(shape.name) ?? []).flatMap((row): Values[] => {
      const values = plan.changed(shape, stored(shape, row, plan.ids, pictures));
      if (!values) return [];
      const waiting = waits.filter((column) => (values[column] ?? null) !== null);
      if (waiting.length === 0) return [values];
      const put = Object.fromEntries(waiting.map((column) => [column, values[column]!]));
      later.push({ shape, id: values['id'] as string, values: put });
      return [{ ...values, ...Object.fromEntries(waiting.map((column) => [column, null])) }];
    });
    await inBatches(academy, shape.name, ready);
  }
  for (const { shape, id, values } of later) await academy.change(shape.name, id, values as never);
}

/** Columns of a person that are theirs, wherever they sign in. */
const ownColumns = [
  'hand',
  'velocity_unit',
  'size_unit',
  'zone_view',
  'date_order',
  'hours',
  'good_strikes',
  'approach',
] as const;

/** Everything of an academy into one in which nothing is yet. */
async function bringAcademy(unscoped: UnscopedStore, academy: Academy, archive: ReadArchive): Promise<void> {
  const tables = archivedTables(await shapesOf(unscoped));
  const people = archive.rows.get('people') ?? [];
  const used = await unscoped.peopleByEmail(people.map(({ email }) => String(email)));
  const here = new Map(
    used.filter(({ academyId }) => academyId === academy.id).map(({ email, id }) => [email, id] as const),
  );
  const elsewhere = new Set(
    used.filter(({ academyId }) => academyId !== academy.id).map(({ email }) => email),
  );
  const hashes = await unscoped.takenHashes(
    ['shares', 'reports', 'camp_links', 'devices'].flatMap((table) =>
      (archive.rows.get(table) ?? []).map((row) => String(row['token_hash'] ?? row['key_hash'])),
    ),
  );
  const ids = new Map(
    people.flatMap(({ id, email }) => {
      const known = here.get(String(email).toLowerCase());
      return known && known !== id ? [[String(id), known] as const] : [];
    }),
  );
  await academy.transaction(async (trx) => {
    if (await trx.from('athletes').first('id'))
      throw new CannotBringIn(
        'An academy comes back only into one without athletes. Found a new one for it.',
      );
    await insert(trx, archive, {
      tables,
      ids,
      changed: ({ name }, values) => {
        if (name === 'people') {
          const email = String(values['email']).toLowerCase();
          if (here.has(email)) return null;
          return {
            ...values,
            email: elsewhere.has(email) ? `${values['id'] as string}@moved.invalid` : email,
            // Whoever an archive names comes in when somebody here says so.
            deactivated_at: new Date(),
            password_hash: '',
          };
        }
        if (hashes.has(String(values['token_hash']))) return { ...values, token_hash: randomHash() };
        if (hashes.has(String(values['key_hash']))) return { ...values, key_hash: randomHash() };
        return values;
      },
    });
    for (const row of people) {
      const known = here.get(String(row['email']).toLowerCase());
      const own = Object.fromEntries(ownColumns.map((name) => [name, row[name]]));
      if (known) await trx.change('people', known, { ...own, camp_id: row['camp_id'] ?? null } as never);
    }
    await trx.settle(settingsFrom(archive.head.settings));
  });
}

/** One athlete, with ids of this academy. */
async function bringAthlete(
  unscoped: UnscopedStore,
  academy: Academy,
  person: PersonRow,
  archive: ReadArchive,
): Promise<string> {
  const tables = movedTables(await shapesOf(unscoped));
  const [athlete, ...others] = archive.rows.get('athletes') ?? [];
  if (!athlete || others.length)
    throw new CannotBringIn('This archive should hold one athlete, and does not.');
  const ids = new Map<string, string>();
  for (const { name } of tables)
    for (const { id } of archive.rows.get(name) ?? [])
      if (typeof id === 'string' && !ids.has(id)) ids.set(id, movedId(id, academy.id));
  for (const { id } of archive.rows.get('people') ?? []) ids.set(String(id), person.id);
  const id = ids.get(String(athlete['id']))!;
  const now = new Date();
  await academy.transaction(async (trx) => {
    if (await trx.from('athletes').where({ id }).first('id'))
      throw new CannotBringIn('This athlete was brought in before, and is here.');
    await insert(trx, archive, {
      tables,
      ids,
      // Links of another academy open nothing here.
      changed: (_, values) =>
        'token_hash' in values ? { ...values, token_hash: randomHash(), expires_at: now } : values,
    });
  });
  return id;
}

/**
 * Brings in what an archive holds, whole or not at all.
 *
 * @returns the athletes that came
 * @throws CannotBringIn in words; nothing was changed then
 */
export async function bringIn(
  unscoped: UnscopedStore,
  academy: Academy,
  person: PersonRow,
  archive: ReadArchive,
): Promise<string[]> {
  if (archive.head.kind === 'athlete') return [await bringAthlete(unscoped, academy, person, archive)];
  await bringAcademy(unscoped, academy, archive);
  return (archive.rows.get('athletes') ?? []).map(({ id }) => String(id));
}
