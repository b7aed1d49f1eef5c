import { once } from 'node:events';
import { Readable, type Writable } from 'node:stream';
import archiver from 'archiver';

export interface ZipFile {
  name: string;
  content: string | Buffer | AsyncIterable<string>;
}

/**
 * Writes files into a ZIP, one after the other as they come, so that no more than a page of any is in memory.
 *
 * @throws whatever the files throw; what was written until then is no whole ZIP, and the stream is destroyed
 */
export async function writeZip(to: Writable, files: AsyncIterable<ZipFile>): Promise<void> {
  const zip = archiver('zip', { zlib: { level: 6 } });
  const failed = new Promise<never>((_, fail) => {
    zip.once('error', fail);
    to.once('error', fail);
    to.once('close', () => fail(new Error('whoever asked is gone')));
  });
  failed.catch(() => undefined);
  zip.pipe(to);
  try {
    for await (const { name, content } of files) {
      const entered = once(zip, 'entry');
      if (typeof content === 'string' || Buffer.isBuffer(content)) zip.append(content, { name });
      else {
        const source = Readable.from(content);
        source.once('error', (error) => zip.destroy(error));
        zip.append(source, { name });
      }
      await Promise.race([entered, failed]);
    }
    await Promise.race([zip.finalize(), failed]);
  } catch (error) {
    to.destroy();
    throw error;
  }
}
