import {
  createCipheriv,
  createDecipheriv,
  createHash,
  randomBytes,
  scrypt,
  type DecipherGCM,
} from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { open, rename, rm, stat } from 'node:fs/promises';
import { Readable, Transform, type Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { promisify } from 'node:util';
import { createGunzip, createGzip } from 'node:zlib';

/*
 * A backup is one file: a line that says what it is, a line of JSON, the dump of the database packed and, with a
 * passphrase, encrypted (AES-256-GCM, whose tag follows it), and at the end the SHA-256 of all before it.
 */

const magic = 'wrightonic-backup 1\n';
const cipherName = 'aes-256-gcm';
const tagBytes = 16;
const hashBytes = 32;
const longestHead = 4_096;
/** The last line of a dump that came to its end. */
const dumpEnd = /-- Dump completed[^\n]*\n?\s*$/;

export interface BackupHead {
  madeAt: string;
  /** The migration up to which the database stood. */
  schema: string;
  /** Null: not encrypted. */
  secret: { salt: string; iv: string } | null;
}

/** A file that is no backup, or not a whole one, or one that this passphrase does not open. */
export class BadBackup extends Error {}

const derive = promisify(scrypt) as (secret: string, salt: Buffer, bytes: number) => Promise<Buffer>;
const keyOf = (passphrase: string, salt: string): Promise<Buffer> =>
  derive(passphrase, Buffer.from(salt, 'hex'), 32);

/** Passes on what comes, and knows the hash of it. */
function hashing(hash: ReturnType<typeof createHash>): Transform {
  return new Transform({
    transform(piece: Buffer, _encoding, done) {
      hash.update(piece);
      done(null, piece);
    },
  });
}

/**
 * Writes a backup, whole or not at all.
 *
 * @param dump SQL as it comes; `ended` rejects when it did not come to its end
 */
export async function writeBackup(
  file: string,
  { dump, ended }: { dump: Readable; ended: Promise<void> },
  { schema, passphrase, now }: { schema: string; passphrase: string | null; now: Date },
): Promise<void> {
  const secret = passphrase
    ? { salt: randomBytes(16).toString('hex'), iv: randomBytes(12).toString('hex') }
    : null;
  const head: BackupHead = { madeAt: now.toISOString(), schema, secret };
  const part = `${file}.part-${process.pid}`;
  const hash = createHash('sha256');
  const cipher = secret
    ? createCipheriv(cipherName, await keyOf(passphrase!, secret.salt), Buffer.from(secret.iv, 'hex'))
    : null;
  const content = async function* (): AsyncGenerator<Buffer> {
    yield Buffer.from(`${magic}${JSON.stringify(head)}\n`);
    const packed = dump.pipe(createGzip());
    dump.once('error', (error) => packed.destroy(error));
    for await (const piece of cipher ? packed.pipe(cipher) : packed) yield piece as Buffer;
    // A dump that broke off ends like any other: whether it did is only known here.
    await ended;
    if (cipher) yield cipher.getAuthTag();
  };
  try {
    await pipeline(
      Readable.from(content()),
      hashing(hash),
      createWriteStream(part, { mode: 0o600, flags: 'wx' }),
    );
    const handle = await open(part, 'a');
    await handle.write(hash.digest());
    await handle.sync();
    await handle.close();
    await rename(part, file);
  } catch (error) {
    await rm(part, { force: true });
    throw error;
  }
}

interface Layout {
  head: BackupHead;
  /** Where the packed dump begins and ends, bytes. */
  from: number;
  to: number;
  tag: Buffer | null;
  hash: Buffer;
}

async function layoutOf(file: string): Promise<Layout> {
  const { size } = await stat(file);
  const handle = await open(file, 'r');
  try {
    const start = Buffer.alloc(Math.min(size, longestHead));
    await handle.read(start, 0, start.length, 0);
    if (!start.subarray(0, magic.length).equals(Buffer.from(magic)))
      throw new BadBackup('This file is no backup of Wrightonic, or one of a newer version.');
    const end = start.indexOf('\n', magic.length);
    const head = readHead(end < 0 ? '' : start.subarray(magic.length, end).toString());
    const tail = hashBytes + (head.secret ? tagBytes : 0);
    const from = end + 1;
    const to = size - tail;
    if (to <= from) throw new BadBackup('This backup was cut short.');
    const last = Buffer.alloc(tail);
    await handle.read(last, 0, tail, to);
    return {
      head,
      from,
      to,
      tag: head.secret ? last.subarray(0, tagBytes) : null,
      hash: last.subarray(tail - hashBytes),
    };
  } finally {
    await handle.close();
  }
}

function readHead(text: string): BackupHead {
  try {
    const { madeAt, schema, secret } = JSON.parse(text) as BackupHead;
    if (typeof madeAt === 'string' && typeof schema === 'string')
      return { madeAt, schema, secret: secret ?? null };
  } catch {
    // Told below.
  }
  throw new BadBackup('This backup was cut short or changed.');
}

/** Streams the SQL of a backup into something. */
async function unpack(
  file: string,
  layout: Layout,
  passphrase: string | null,
  into: Writable,
): Promise<void> {
  const { head, from, to, tag } = layout;
  const source = createReadStream(file, { start: from, end: to - 1 });
  if (!head.secret) return pipeline(source, createGunzip(), into);
  if (!passphrase) throw new BadBackup('This backup is encrypted. Say its passphrase in BACKUP_PASSPHRASE.');
  const key = await keyOf(passphrase, head.secret.salt);
  const decipher: DecipherGCM = createDecipheriv(cipherName, key, Buffer.from(head.secret.iv, 'hex'));
  decipher.setAuthTag(tag!);
  return pipeline(source, decipher, createGunzip(), into);
}

/** Keeps the last bytes of what is written into it. */
function tail(): Writable & { text: () => string } {
  let last = Buffer.alloc(0);
  const sink = new Transform({
    transform(piece: Buffer, _encoding, done) {
      last = Buffer.concat([last, piece]).subarray(-200);
      done();
    },
    flush: (done) => done(),
  });
  return Object.assign(sink.resume(), { text: () => last.toString() });
}

/**
 * Reads a backup from end to end before anything is done with it.
 *
 * @throws BadBackup in words, for whatever is wrong with it
 */
export async function verifiedBackup(file: string, passphrase: string | null): Promise<BackupHead> {
  const layout = await layoutOf(file).catch((error: NodeJS.ErrnoException) => {
    if (error.code === 'ENOENT') throw new BadBackup(`There is no file ${file}.`);
    throw error;
  });
  const hash = createHash('sha256');
  const { size } = await stat(file);
  for await (const piece of createReadStream(file, { end: size - hashBytes - 1 }))
    hash.update(piece as Buffer);
  if (!hash.digest().equals(layout.hash)) throw new BadBackup('This backup was cut short or changed.');
  const end = tail();
  try {
    await unpack(file, layout, passphrase, end);
  } catch (error) {
    if (error instanceof BadBackup) throw error;
    throw new BadBackup(
      layout.head.secret
        ? 'The passphrase does not open this backup.'
        : 'This backup was cut short or changed.',
    );
  }
  if (!dumpEnd.test(end.text())) throw new BadBackup('The dump in this backup did not come to its end.');
  return layout.head;
}

/** Streams the SQL of a backup that was verified. */
export const readBackup = async (file: string, passphrase: string | null, into: Writable): Promise<void> =>
  unpack(file, await layoutOf(file), passphrase, into);
