import { TableError } from '@wrightonic/core';
import { Command, CommanderError } from 'commander';
import type Joi from 'joi';
import { InputError, readAs, textOf, type Streams } from './input';
import type { Task } from './task';
import { tasks } from './tasks';

/** The core names the field in every refusal of its own. */
async function refusing<T>(work: () => T | Promise<T>, where = ''): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof RangeError || error instanceof TableError || error instanceof InputError)
      // A link that is left out is called as the input calls it.
      throw new InputError(`${where}${error.message.replace(/^removedLinks\b/, 'struck')}`);
    throw error;
  }
}

/** One answer for each line that is not empty. */
async function linesOf<T>(
  schema: Joi.Schema<T>,
  run: (input: T) => unknown,
  source: string,
): Promise<string> {
  let answers = '';
  for (const [n, line] of source.split('\n').entries())
    if (line.trim())
      answers += await refusing(
        async () => `${JSON.stringify(await run(readAs(schema, line)))}\n`,
        `line ${n + 1}: `,
      );
  return answers;
}

async function perform<T>(
  task: Task<T>,
  file: string | undefined,
  flags: object,
  streams: Streams,
): Promise<void> {
  const source = await textOf(file, streams.in);
  const result = await refusing(() => {
    if (task.reads !== 'json') return task.run(source, flags);
    const { batch } = flags as { batch?: boolean };
    if (task.line && batch) return linesOf(task.line, (input) => task.run(input, flags), source);
    return task.run(readAs(task.schema, source), flags);
  });
  streams.out.write(typeof result === 'string' ? result : `${JSON.stringify(result, null, 2)}\n`);
}

/** Runs one command; answers with the exit code: 0, or 2 for input that cannot be used. */
export async function main(
  args: readonly string[],
  streams: Streams = { in: process.stdin, out: process.stdout, err: process.stderr },
): Promise<number> {
  const program = new Command('wright')
    .description('The core of Wrightonic without a screen: JSON or CSV in, one JSON document out.')
    .configureOutput({ writeOut: (text) => streams.out.write(text), outputError: () => undefined })
    .exitOverride();
  for (const each of tasks as unknown as Task<unknown>[]) {
    const command = program
      .command(each.name)
      .argument(
        '[file]',
        `${each.reads === 'text' ? 'file' : `${each.reads.toUpperCase()} file`}; standard input when left out`,
      )
      .description(each.about)
      .addHelpText('after', `\nExample input:\n  ${each.example.replaceAll('\n', '\n  ')}`)
      .configureOutput({ writeOut: (text) => streams.out.write(text), outputError: () => undefined })
      .exitOverride();
    for (const [flag, about] of each.flags ?? []) command.option(flag, about);
    command.action((file: string | undefined, flags: object) => perform(each, file, flags, streams));
  }
  try {
    if (args.length === 0) throw new InputError('command: none given; see wright --help');
    await program.parseAsync([...args], { from: 'user' });
    return 0;
  } catch (error) {
    if (error instanceof CommanderError && error.exitCode === 0) return 0;
    if (!(error instanceof InputError || error instanceof CommanderError)) throw error;
    streams.err.write(`${error.message.replace(/^error: /, 'command: ').replaceAll('\n', ' ')}\n`);
    return 2;
  }
}
