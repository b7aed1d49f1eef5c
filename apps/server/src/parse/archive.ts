import {
  archiveHead,
  danglingIn,
  readArchiveTable,
  type ArchiveHead,
  type ArchiveProblem,
  type ArchiveRow,
  type ArchiveTable,
} from '@wrightonic/core/archive';
import { TableError } from '@wrightonic/core/csv';
import { fromBuffer, type Entry, type ZipFile } from 'yauzl';
import type { ArchiveJob, OpenedArchive } from './parser';
import { texts } from './texts';

/** More than any academy has; a file with more is there to fill the disk or the memory. */
const mostFiles = 20_000;
const mostBytes = 400 * 1024 * 1024;
/** A text packs twenty times smaller; what packs far better than that holds nothing. */
const mostRatio = 200;
/** Below this nobody asks how well a file is packed, bytes. */
const smallFile = 1024 * 1024;
const largestPicture = 3 * 1024 * 1024;

const png = Buffer.from([0x89, 0x50, 0x4e, 0x47]);
const known =
  /^(datapackage\.json|tables\/[a-z_]+\.csv|schemas\/[a-z_]+\.json|pictures\/[0-9a-f-]{36}\.png|report\.pdf)$/;

const opened = (zip: Buffer): Promise<ZipFile> =>
  new Promise((done, fail) =>
    // Names with “..” or a drive are refused by the library itself, and sizes that are not true.
    fromBuffer(zip, { lazyEntries: true, strictFileNames: true }, (error, file) =>
      error ? fail(error) : done(file),
    ),
  );

const contentOf = (zip: ZipFile, entry: Entry): Promise<Buffer> =>
  new Promise((done, fail) =>
    zip.openReadStream(entry, (error, stream) => {
      if (error) return fail(error);
      const pieces: Buffer[] = [];
      stream.on('data', (piece: Buffer) => pieces.push(piece));
      stream.once('end', () => done(Buffer.concat(pieces)));
      stream.once('error', fail);
    }),
  );

/** Files of a ZIP, read one after the other, each held against what an archive may be before it is unpacked. */
async function filesOf(zip: ZipFile): Promise<Map<string, Buffer>> {
  const files = new Map<string, Buffer>();
  let bytes = 0;
  return new Promise((done, fail) => {
    const one = async (entry: Entry) => {
      const { fileName, uncompressedSize, compressedSize } = entry;
      bytes += uncompressedSize;
      if (files.size >= mostFiles || bytes > mostBytes) throw new TableError(texts.unpacksToTooMuch);
      if (uncompressedSize > smallFile && uncompressedSize > mostRatio * Math.max(1, compressedSize))
        throw new TableError(texts.unpacksFarTooMuch(fileName.slice(0, 60)));
      if (fileName.endsWith('/')) return;
      if (!known.test(fileName)) throw new TableError(texts.isNoPart(fileName.slice(0, 60)));
      if (files.has(fileName)) throw new TableError(texts.isThereTwice(fileName));
      if (fileName === 'report.pdf' || fileName.startsWith('schemas/')) return;
      files.set(fileName, await contentOf(zip, entry));
    };
    zip.on('entry', (entry: Entry) => void one(entry).then(() => zip.readEntry(), fail));
    zip.once('end', () => done(files));
    zip.once('error', fail);
    zip.readEntry();
  });
}

function picturesOf(files: ReadonlyMap<string, Buffer>): Map<string, Uint8Array> {
  const pictures = [...files].filter(([name]) => name.startsWith('pictures/'));
  for (const [name, bytes] of pictures)
    if (bytes.length > largestPicture || !bytes.subarray(0, 4).equals(png))
      throw new TableError(texts.isNoPicture(name));
  return new Map(pictures);
}

/** Pictures that a table names and the archive does not hold. */
function missingPictures(
  { name, columns }: ArchiveTable,
  rows: readonly ArchiveRow[],
  pictures: ReadonlyMap<string, Uint8Array>,
): ArchiveProblem[] {
  const column = columns.find(({ type }) => type === 'picture')?.name;
  if (!column) return [];
  const row = rows.findIndex((each) => {
    const file = each[column] ?? null;
    return file !== null && !pictures.has(String(file));
  });
  return row < 0 ? [] : [{ table: name, row: row + 2, message: texts.pictureIsMissing }];
}

function headIn(files: ReadonlyMap<string, Buffer>, schema: string): ArchiveHead {
  const file = files.get('datapackage.json');
  if (!file) throw new TableError(texts.isNoArchive);
  const head = archiveHead(file.toString('utf8'));
  if (head.schema > schema) throw new TableError(texts.archiveIsNewer(head.schema.slice(0, 60)));
  return head;
}

/**
 * Opens an archive: a ZIP that may come from anywhere.
 *
 * @throws TableError for what is no archive, or one that is not safe to open
 */
export async function openArchive({ zip, tables, schema }: ArchiveJob): Promise<OpenedArchive> {
  let files: Map<string, Buffer>;
  try {
    files = await filesOf(await opened(Buffer.from(zip)));
  } catch (error) {
    if (error instanceof TableError) throw error;
    throw new TableError(texts.isNoZip((error as Error).message.slice(0, 120)));
  }
  const head = headIn(files, schema);
  const pictures = picturesOf(files);
  const rows = new Map<string, ArchiveRow[]>();
  const problems: ArchiveProblem[] = [];
  const expected = tables[head.kind];
  for (const table of expected) {
    const file = files.get(`tables/${table.name}.csv`);
    if (!file && head.schema < schema) continue;
    if (!file) {
      problems.push({ table: table.name, row: null, message: texts.tableIsMissing });
      continue;
    }
    const read = readArchiveTable(file.toString('utf8'), table, head.schema < schema);
    problems.push(...read.problems, ...missingPictures(table, read.rows, pictures));
    rows.set(table.name, read.rows);
  }
  const foreign = [...files.keys()].find(
    (name) => name.startsWith('tables/') && !expected.some((table) => name === `tables/${table.name}.csv`),
  );
  if (foreign) problems.push({ table: foreign.slice(7, -4), row: null, message: texts.isNoTable });
  // A row that is wrong may be the one that others point to: only whole tables are asked.
  if (problems.length === 0) problems.push(...danglingIn(expected, rows));
  return { head, rows, pictures, problems };
}
