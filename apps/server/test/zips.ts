import { createRequire } from 'node:module';
import archiver from 'archiver';
import { fromBufferPromise } from 'yauzl';
import type { Browser } from './testServer';

/** Files of a ZIP. */
export async function filesIn(zip: Buffer): Promise<Map<string, Buffer>> {
  const files = new Map<string, Buffer>();
  const opened = await fromBufferPromise(zip);
  for await (const entry of opened.eachEntry()) {
    const pieces: Buffer[] = [];
    for await (const piece of await opened.openReadStreamPromise(entry)) pieces.push(piece as Buffer);
    files.set(entry.fileName, Buffer.concat(pieces));
  }
  return files;
}

/** A ZIP of some files. */
export async function packed(files: Iterable<[string, Buffer | string]>): Promise<Buffer> {
  const zip = archiver('zip', { zlib: { level: 1 } });
  for (const [name, content] of files) zip.append(content, { name });
  void zip.finalize();
  const pieces: Buffer[] = [];
  for await (const piece of zip) pieces.push(piece as Buffer);
  return Buffer.concat(pieces);
}

/** A ZIP as the server gives it. */
export const zipOf = async (who: Browser, path: string): Promise<Buffer> => {
  const response = await who.raw(path);
  expect([response.status, response.headers.get('content-type')]).toEqual([200, 'application/zip']);
  return Buffer.from(await response.arrayBuffer());
};
export const send = (who: Browser, path: string, zip: Buffer) => who.upload(path, zip, 'application/zip');

const dataPackages = createRequire(__filename)('datapackage') as {
  validate: (descriptor: unknown) => Promise<{ valid: boolean; errors: Error[] }>;
};
/** What the profile of Data Packages finds wrong with a descriptor. */
export const wrongIn = async (descriptor: unknown): Promise<string[]> =>
  (await dataPackages.validate(descriptor)).errors.map(({ message }) => message);
