import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as core from '../src';
import * as simulate from '../src/simulate';

const src = join(__dirname, '..', 'src');
const files = readdirSync(src, { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.ts'));

/** Every `@example` of a docstring: an expression, and what it gives behind two slashes. */
const examples = files.flatMap((file) =>
  [
    ...readFileSync(join(src, file), 'utf8').matchAll(
      /@example\s+([^\n]+?)\s+\/\/\s+([^\n]+?)\s*(?:\*\/)?$/gm,
    ),
  ].map(([, code, gives]) => [file, code!, gives!] as const),
);

const names = { ...core, ...simulate } as Record<string, unknown>;
const valueOf = (code: string): unknown =>
  (new Function(...Object.keys(names), `return (${code});`) as (...all: unknown[]) => unknown)(
    ...Object.values(names),
  );
/** As exact as it is written. */
const rounded = (value: unknown): unknown =>
  typeof value === 'number' ? Math.round(value * 1e6) / 1e6 : value;

it('finds examples', () => expect(examples.length).toBeGreaterThan(40));

it.each(examples)('%s: %s', (_file, code, gives) => {
  expect(rounded(valueOf(code))).toEqual(rounded(valueOf(gives)));
});
