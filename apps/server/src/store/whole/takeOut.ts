import { createHash, type Hash } from 'node:crypto';
import {
  archiveDescriptor,
  archiveRowSchema,
  writeArchiveRows,
  type ArchiveHead,
  type ArchiveResource,
} from '@wrightonic/core/archive';
import type { AcademyRow, UnscopedStore } from '../academies';
import type { Academy } from '../scope';
import { belongingTo, inPieces, pointersOf, type Belonging } from './belonging';
import { settingsOf } from './settings';
import { archivedTables, movedTables, namedPeople, shapesOf, type Shape } from './shape';

/** A file of an archive, as it comes. */
export interface ArchiveFile {
  name: string;
  content: string | Buffer | AsyncIterable<string>;
}

type Row = Record<string, unknown>;
type Cell = string | number | Date | null;

const rowsAtOnce = 2_000;

/** Pages of a whole table, each from where the one before ended. */
async function* pagesOf(academy: Academy, { name, key }: Shape): AsyncGenerator<Row[]> {
  const [by] = key as [string];
  for (let last: unknown = null; ;) {
    const query = academy.from(name).orderBy(by).limit(rowsAtOnce);
    const rows: Row[] = await (last === null ? query : query.where(by, '>', last as string));
    if (rows.length) yield rows;
    if (rows.length < rowsAtOnce) return;
    last = rows.at(-1)![by];
  }
}

/** Pages of what belongs to an athlete. */
async function* pagesOfAthlete(academy: Academy, shape: Shape, belonging: Belonging): AsyncGenerator<Row[]> {
  const { name } = shape;
  if (name === 'people') return;
  const [column, ids] = belonging.has(name)
    ? ['id', belonging.get(name)!]
    : ['athlete_id', shape.key.includes('id') ? null : belonging.get('athletes')!];
  if (!ids || (column === 'athlete_id' && !pointersOf(shape, belonging).length)) return;
  for (const piece of inPieces([...ids]))
    yield await academy
      .from(name)
      .whereIn(column, piece)
      .orderBy([...shape.key]);
}

/** People of whom something of the athlete is: how they are called, and nothing else. */
async function* peopleNamed(academy: Academy, ids: ReadonlySet<string>): AsyncGenerator<Row[]> {
  for (const piece of inPieces([...ids]))
    yield (await academy.from('people').whereIn('id', piece).orderBy('id')) as Row[];
}

/** Tables that a page of an archive of one athlete points to, beside what is of the athlete. */
const pointsToPeople = (shape: Shape): string[] =>
  shape.foreign.flatMap(({ column, table }) => (table === 'people' ? [column] : []));

/** An archive while it is written: files one after the other, and what each of them holds. */
export class Takeout {
  private readonly resources: ArchiveResource[] = [];

  private constructor(
    private readonly head: ArchiveHead,
    private readonly tables: readonly Shape[],
    private readonly pages: (shape: Shape) => AsyncIterable<Row[]>,
  ) {}

  /** Everything of an academy. */
  static async academy(unscoped: UnscopedStore, academy: Academy, row: AcademyRow): Promise<Takeout> {
    const shapes = await shapesOf(unscoped);
    return new Takeout(headOf('academy', row, shapes.version), archivedTables(shapes), (shape) =>
      pagesOf(academy, shape),
    );
  }

  /** Everything of one athlete, with the names of those who wrote it down. */
  static async athlete(
    unscoped: UnscopedStore,
    academy: Academy,
    row: AcademyRow,
    athleteId: string,
  ): Promise<Takeout> {
    const shapes = await shapesOf(unscoped);
    const tables = movedTables(shapes);
    const belonging = await belongingTo(academy, athleteId, tables);
    const named = new Set<string>();
    const pages = async function* (shape: Shape): AsyncGenerator<Row[]> {
      if (shape.name === 'people') return yield* peopleNamed(academy, named);
      const pointers = pointsToPeople(shape);
      for await (const rows of pagesOfAthlete(academy, shape, belonging)) {
        for (const each of rows)
          for (const column of pointers) if (each[column]) named.add(each[column] as string);
        yield rows;
      }
    };
    // People come last: only then is it known who is named.
    return new Takeout(headOf('athlete', row, shapes.version), [...tables, namedPeople], pages);
  }

  /** All files; `datapackage.json`, which says what the others hold, is the last. */
  async *files(): AsyncGenerator<ArchiveFile> {
    for (const shape of this.tables) yield* this.table(shape);
    yield {
      name: 'datapackage.json',
      content: JSON.stringify(archiveDescriptor(this.head, this.resources), null, 1),
    };
  }

  private async *table(shape: Shape): AsyncGenerator<ArchiveFile> {
    const names = shape.columns.map(({ name }) => name);
    const picture = shape.columns.find(({ type }) => type === 'picture')?.name;
    const pictures: ArchiveFile[] = [];
    const hash: Hash = createHash('sha256');
    const counted = { rows: 0, bytes: 0 };
    const told = (text: string): string => {
      hash.update(text);
      counted.bytes += Buffer.byteLength(text);
      return text;
    };
    const pages = this.pages(shape);
    const cellsOf = (row: Row): Cell[] =>
      names.map((name): Cell => {
        if (name !== picture || row[name] === null) return (row[name] ?? null) as Cell;
        const file = `pictures/${(row['id'] ?? row['athlete_id']) as string}.png`;
        pictures.push({ name: file, content: row[name] as Buffer });
        return file;
      });
    const content = async function* (): AsyncGenerator<string> {
      yield told(writeArchiveRows(names, [], true));
      for await (const rows of pages) {
        counted.rows += rows.length;
        yield told(writeArchiveRows(names, rows.map(cellsOf), false));
      }
    };
    yield { name: `tables/${shape.name}.csv`, content: content() };
    yield* pictures;
    yield { name: `schemas/${shape.name}.json`, content: JSON.stringify(archiveRowSchema(shape), null, 1) };
    this.resources.push({ table: shape, ...counted, sha256: hash.digest('hex') });
  }
}

const headOf = (kind: ArchiveHead['kind'], row: AcademyRow, schema: string): ArchiveHead => ({
  kind,
  academy: row.name,
  academyId: row.id,
  takenAt: new Date().toISOString(),
  schema,
  settings: kind === 'academy' ? settingsOf(row) : {},
});
