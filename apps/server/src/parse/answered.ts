// The rest of the core is not loaded for it: a thread that has to be started first is waited for.
import { TableError } from '@wrightonic/core/csv';
import type { ParserAnswer } from './parser';

/** What a thread answers: a file that is refused is told in words. */
export async function answered<T>(read: () => T | Promise<T>): Promise<ParserAnswer<T>> {
  try {
    return { read: await read() };
  } catch (error) {
    if (error instanceof TableError) return { refused: error.message };
    throw error;
  }
}
