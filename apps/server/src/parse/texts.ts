/** What people read of this folder; another language is one more table. */
export const texts = {
  fileTakesTooLong: 'This file takes too long to read. Export fewer events, and without endless repeats.',
  archiveTakesTooLong: 'This archive takes too long to read. Export fewer athletes at once.',
  unpacksToTooMuch: 'input: the archive unpacks to more than any academy holds',
  unpacksFarTooMuch: (fileName: string) => `input: ${fileName} unpacks to far more than its size`,
  isNoPart: (fileName: string) => `input: ${fileName} is not part of an archive`,
  isThereTwice: (fileName: string) => `input: ${fileName} is there twice`,
  isNoPicture: (name: string) => `${name}: this is not a PNG picture of at most 3 MB`,
  pictureIsMissing: 'its picture is not in the archive',
  isNoArchive: 'input: there is no datapackage.json, so this is not an archive',
  archiveIsNewer: (schema: string) =>
    `datapackage.json: this archive comes from a newer version of Wrightonic (${schema}). Update this server first.`,
  isNoZip: (message: string) => `input: this is not a ZIP that can be opened (${message})`,
  tableIsMissing: 'the table is missing',
  isNoTable: 'is no table of an archive',
};
