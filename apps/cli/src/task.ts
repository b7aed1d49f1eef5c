import type { RowProblem } from '@wrightonic/core';
import type Joi from 'joi';
import { InputError } from './input';

/** What a command says of itself. */
interface CommandHelp {
  name: string;
  about: string;
  example: string;
  flags?: readonly (readonly [flag: string, about: string])[];
}

export type Task<T> = CommandHelp &
  (
    | {
        reads: 'json';
        schema: Joi.Schema<T>;
        run: (input: T, flags: object) => unknown;
        /** How one line of a batch is read, where the command takes JSON lines. */
        line?: Joi.Schema<T>;
      }
    | { reads: 'csv' | 'text'; run: (input: string, flags: object) => unknown }
  );

export const task = <T>(written: Task<T>): Task<T> => written;

/** The first bad row of a table, in one line; a script wants all of a file or nothing. */
export function refuseRows([first]: readonly RowProblem[]): void {
  if (first) throw new InputError(`${first.field}: row ${first.row} ${first.message}`);
}
