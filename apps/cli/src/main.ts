import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import { check, gateInput, timingInput, traceInput } from '@wrightonic/contract';
import { gate, timing, trace } from '@wrightonic/core';
import { Command, CommanderError } from 'commander';
import type Joi from 'joi';

/** Input that cannot be used; the message names the field. */
class InputError extends Error {}

interface Task<T> {
  name: string;
  about: string;
  example: string;
  schema: Joi.Schema<T>;
  run: (input: T) => unknown;
}

const task = <T>(written: Task<T>): Task<T> => written;

const tasks = [
  task({
    name: 'trace',
    about:
      'From findings to causes: roots with shares, focus, what to look at next, what to leave alone, how sure.\n' +
      'Findings are graded 0 clean, 1 slight, 2 clear, 3 severe; an id that is absent was not looked at.',
    example:
      '{ "athlete": { "discipline": "overhand", "throws": "R", "age": 15 }, "findings": { "oh.lift-stall": 2, "oh.lead-leg-opens": 3 }, "struck": [["oh.lift-stall", "oh.jump"]], "results": { "strikes": 0.55, "velocityFalling": false }, "seed": 1 }',
    schema: traceInput,
    run: (input) => trace(input),
  }),
  task({
    name: 'gate',
    about: 'Is it learned? Clean and missed reps of one drill, session by session, newest last.',
    example: '{ "sessions": [{ "clean": 8, "missed": 2, "pain": false }] }',
    schema: gateInput,
    run: ({ sessions, threshold }) => gate(sessions, threshold),
  }),
  task({
    name: 'timing',
    about: 'Frame numbers of events to intervals in ms, each with its ± from the frame rate.',
    example: '{ "fps": 240, "events": { "plant": 100, "release": 136 } }',
    schema: timingInput,
    run: ({ fps, events }) => timing(fps, events),
  }),
];

async function read(file: string | undefined): Promise<unknown> {
  let source: string;
  try {
    source = file === undefined || file === '-' ? await text(process.stdin) : await readFile(file, 'utf8');
  } catch (error) {
    throw new InputError(
      `file: cannot be read (${(error as NodeJS.ErrnoException).code ?? 'unknown reason'})`,
    );
  }
  try {
    return JSON.parse(source);
  } catch (error) {
    throw new InputError(`input: not a JSON document (${(error as Error).message})`);
  }
}

async function perform<T>({ schema, run }: Task<T>, file: string | undefined): Promise<void> {
  const checked = check(schema, await read(file));
  if (checked.problems) {
    const [first] = checked.problems;
    const { field, message } = first!;
    throw new InputError(message.startsWith(field) ? message : `${field}: ${message}`);
  }
  let result: unknown;
  try {
    result = run(checked.value as T);
  } catch (error) {
    // The core names the field in every refusal of its own.
    throw error instanceof RangeError ? new InputError(error.message) : error;
  }
  process.stdout.write(`${JSON.stringify(result, null, 2)}\n`);
}

/** Runs one command; answers with the exit code: 0, or 2 for input that cannot be used. */
export async function main(args: readonly string[]): Promise<number> {
  const program = new Command('wright')
    .description('The core of Wrightonic without a screen: JSON in, one JSON document out.')
    .configureOutput({ outputError: () => undefined })
    .exitOverride();
  for (const each of tasks as Task<unknown>[])
    program
      .command(each.name)
      .argument('[file]', 'JSON file; standard input when left out')
      .description(each.about)
      .addHelpText('after', `\nExample input:\n  ${each.example}`)
      .configureOutput({ outputError: () => undefined })
      .exitOverride()
      .action((file?: string) => perform(each, file));
  try {
    if (args.length === 0) throw new InputError('command: none given; see wright --help');
    await program.parseAsync([...args], { from: 'user' });
    return 0;
  } catch (error) {
    if (error instanceof CommanderError && error.exitCode === 0) return 0;
    if (!(error instanceof InputError || error instanceof CommanderError)) throw error;
    process.stderr.write(`${error.message.replace(/^error: /, 'command: ').replaceAll('\n', ' ')}\n`);
    return 2;
  }
}
