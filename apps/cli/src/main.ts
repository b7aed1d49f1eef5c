import { check } from '@wrightonic/contract';
import { TableError } from '@wrightonic/core';
import { Command, CommanderError } from 'commander';
import { InputError, parsedJson, textOf } from './input';
import { tasks, type Task } from './tasks';

async function perform<T>(task: Task<T>, file: string | undefined, flags: object): Promise<void> {
  const source = await textOf(file);
  let result: unknown;
  try {
    if (task.reads === 'csv') result = task.run(source, flags);
    else {
      const checked = check(task.schema, parsedJson(source));
      if (checked.problems) {
        const { field, message } = checked.problems[0]!;
        throw new InputError(message.startsWith(field) ? message : `${field}: ${message}`);
      }
      result = task.run(checked.value, flags);
    }
  } catch (error) {
    // The core names the field in every refusal of its own.
    throw error instanceof RangeError || error instanceof TableError ? new InputError(error.message) : error;
  }
  process.stdout.write(typeof result === 'string' ? result : `${JSON.stringify(result, null, 2)}\n`);
}

/** Runs one command; answers with the exit code: 0, or 2 for input that cannot be used. */
export async function main(args: readonly string[]): Promise<number> {
  const program = new Command('wright')
    .description('The core of Wrightonic without a screen: JSON or CSV in, one JSON document out.')
    .configureOutput({ outputError: () => undefined })
    .exitOverride();
  for (const each of tasks as unknown as Task<unknown>[]) {
    const command = program
      .command(each.name)
      .argument('[file]', `${each.reads.toUpperCase()} file; standard input when left out`)
      .description(each.about)
      .addHelpText('after', `\nExample input:\n  ${each.example.replaceAll('\n', '\n  ')}`)
      .configureOutput({ outputError: () => undefined })
      .exitOverride();
    for (const [flag, about] of each.flags ?? []) command.option(flag, about);
    command.action((file: string | undefined, flags: object) => perform(each, file, flags));
  }
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
