import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import * as core from '../src';
import * as simulate from '../src/simulate';
import { patientSolver } from './patient';
import * as samples from './samples';

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

let solve: core.Solve;
beforeAll(async () => {
  solve = await patientSolver();
});

/** An example may name what its own file exports, what the core does, and the samples. */
function valueOf(code: string, file: string): unknown {
  const own = jest.requireActual<Record<string, unknown>>(join(src, file));
  const names: Record<string, unknown> = { ...core, ...simulate, ...samples, solve, ...own };
  return (new Function(...Object.keys(names), `return (${code});`) as (...all: unknown[]) => unknown)(
    ...Object.values(names),
  );
}
/** As exact as it is written. */
const rounded = (value: unknown): unknown =>
  typeof value === 'number' ? Math.round(value * 1e6) / 1e6 : value;

it.each(examples)('%s: %s', (file, code, gives) => {
  expect(rounded(valueOf(code, file))).toEqual(rounded(valueOf(gives, file)));
});

const isFunction = (node: ts.Node | undefined): boolean =>
  node !== undefined && (ts.isArrowFunction(node) || ts.isFunctionExpression(node));

/** Exported functions of a file whose docstring has no example. */
function withoutExample(file: string): string[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(join(src, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  return source.statements.flatMap((statement) => {
    const exported =
      ts.canHaveModifiers(statement) &&
      ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);
    if (!exported) return [];
    const named = ts.isFunctionDeclaration(statement)
      ? [statement.name?.text ?? '']
      : ts.isVariableStatement(statement)
        ? statement.declarationList.declarations
            .filter(({ initializer }) => isFunction(initializer))
            .map(({ name }) => name.getText())
        : [];
    const told = ts.getJSDocCommentsAndTags(statement).some((doc) => doc.getText().includes('@example'));
    return told ? [] : named;
  });
}

it('shows every exported function by an example', () =>
  expect(files.flatMap((file) => withoutExample(file).map((name) => `${file}: ${name}`))).toEqual([]));
