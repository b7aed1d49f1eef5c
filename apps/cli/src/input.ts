import { check } from '@wrightonic/contract';
import type Joi from 'joi';
import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';

/** Input that cannot be used; the message names the field. */
export class InputError extends Error {}

/** Where a command reads and writes. */
export interface Streams {
  in: NodeJS.ReadableStream;
  out: { write: (text: string) => unknown };
  err: { write: (text: string) => unknown };
}

/** A file, or standard input. */
export async function textOf(file: string | undefined, input: Streams['in']): Promise<string> {
  try {
    return file === undefined || file === '-' ? await text(input) : await readFile(file, 'utf8');
  } catch (error) {
    throw new InputError(
      `file: cannot be read (${(error as NodeJS.ErrnoException).code ?? 'unknown reason'})`,
    );
  }
}

function parsedJson(source: string): unknown {
  try {
    return JSON.parse(source);
  } catch (error) {
    throw new InputError(`input: not a JSON document (${(error as Error).message})`);
  }
}

/** What is wanted of a value, or the first thing that is wrong with it. */
export function checkedAs<T>(schema: Joi.Schema<T>, value: unknown): T {
  const checked = check(schema, value);
  if (!checked.problems) return checked.value;
  const { field, message } = checked.problems[0]!;
  throw new InputError(message.startsWith(field) ? message : `${field}: ${message}`);
}

export const readAs = <T>(schema: Joi.Schema<T>, source: string): T => checkedAs(schema, parsedJson(source));
