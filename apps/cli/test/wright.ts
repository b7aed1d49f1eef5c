import { Readable } from 'node:stream';
import { main } from '../src/main';

/** The command line in this process: what it answers, and how it ends. */
export async function wright(args: string[], input = '') {
  const said = { out: '', err: '' };
  const status = await main(args, {
    in: Readable.from([input]),
    out: { write: (text) => (said.out += text) },
    err: { write: (text) => (said.err += text) },
  });
  return { status, stdout: said.out, stderr: said.err };
}
export const json = (value: unknown) => JSON.stringify(value);
export const athlete = { discipline: 'overhand', throws: 'R', age: 15 };
