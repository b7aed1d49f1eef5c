import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const root = join(__dirname, '..', '..');
const screens = 'apps/app/src/features/planted';
const lines = (count: number, line: string) => `${line}\n`.repeat(count);
const component = (body: string, props = '') => `export function Planted(${props}) {\n${body}\n}\n`;
const using = (hook: string, body: string, props?: string) =>
  `import { ${hook} } from 'react';\n${component(body, props)}`;
const ofState = 'const [n, setN] = useState(0);';

/** What must not be, by the rule that sees it. */
const planted: readonly (readonly [rule: string, file: string, text: string])[] = [
  ['eqeqeq', 'packages/core/src/a.ts', 'export const same = (a: unknown) => a == 1;'],
  ['no-console', 'packages/core/src/b.ts', 'console.log(1);'],
  ['no-unused-vars', 'packages/core/src/c.ts', 'const unused = 1;'],
  ['no-explicit-any', 'packages/core/src/d.ts', 'export const any = (a: any) => a;'],
  ['consistent-type-imports', 'packages/core/src/e.ts', "import { A } from './f';\nexport type B = A;"],
  ['no-cycle', 'packages/core/src/g.ts', "import { h } from './h';\nexport const g = () => h();"],
  ['no-cycle', 'packages/core/src/h.ts', "import { g } from './g';\nexport const h = (): void => g();"],
  ['max-lines', 'packages/core/src/i.ts', lines(321, 'export {};')],
  ['max-lines-per-function', 'packages/core/src/j.ts', `export function j() {\n${lines(79, 'j();')}}`],
  ['max-lines-per-function', `${screens}/K.tsx`, component(lines(118, 'Planted();'))],
  [
    'rules-of-hooks',
    `${screens}/L.tsx`,
    using('useState', 'if (on) useState(1);\nreturn null;', '{ on }: { on: boolean }'),
  ],
  [
    'exhaustive-deps',
    `${screens}/M.tsx`,
    using(
      'useEffect',
      'useEffect(() => tell(n), [tell]);\nreturn null;',
      '{ tell, n }: { tell: (n: number) => void; n: number }',
    ),
  ],
  ['static-components', `${screens}/N.tsx`, component('const B = () => null;\nreturn <B />;')],
  ['refs', `${screens}/O.tsx`, using('useRef', 'const seen = useRef(0);\nreturn <p>{seen.current}</p>;')],
  ['purity', `${screens}/P.tsx`, component('const n = Math.random();\nreturn <p>{n}</p>;')],
  [
    'set-state-in-effect',
    `${screens}/Q.tsx`,
    using('useEffect, useState', `${ofState}\nuseEffect(() => {\nsetN(1);\n}, []);\nreturn <p>{n}</p>;`),
  ],
  ['set-state-in-render', `${screens}/R.tsx`, using('useState', `${ofState}\nsetN(1);\nreturn <p>{n}</p>;`)],
  [
    'immutability',
    `${screens}/S.tsx`,
    component('list[0] = 1;\nreturn <p>{list.length}</p>;', '{ list }: { list: number[] }'),
  ],
  ['globals', `${screens}/T.tsx`, `let seen = 0;\n${component('seen = 1;\nreturn <p>{seen}</p>;')}`],
  [
    'use-memo',
    `${screens}/U.tsx`,
    using(
      'useMemo',
      'const x = useMemo((m: number) => m + n, [n]);\nreturn <p>{x}</p>;',
      '{ n }: { n: number }',
    ),
  ],
  ['error-boundaries', `${screens}/V.tsx`, component('try {\nreturn <B />;\n} catch {\nreturn null;\n}')],
  ['unsupported-syntax', `${screens}/W.tsx`, component("const n = eval('1');\nreturn <p>{n}</p>;")],
];

/** What may be, at the edge of what may not. */
const allowed: readonly (readonly [file: string, text: string])[] = [
  ['packages/core/src/x.ts', lines(320, 'export {};')],
  ['packages/core/src/y.ts', `export function y() {\n${lines(78, 'y();')}}`],
  [`${screens}/Z.tsx`, component(lines(117, 'Planted();'))],
  ['packages/core/test/a.test.ts', 'export const any = (a: any) => a;'],
  ['scripts/a.mjs', 'console.log(1);'],
];

describe('the rules of the linter', () => {
  let found: [rule: string, file: string][] = [];
  beforeAll(() => {
    const folder = mkdtempSync(join(tmpdir(), 'planted-'));
    copyFileSync(join(root, '.oxlintrc.json'), join(folder, '.oxlintrc.json'));
    for (const [file, text] of [...planted.map(([, ...rest]) => rest), ...allowed]) {
      mkdirSync(dirname(join(folder, file)), { recursive: true });
      writeFileSync(join(folder, file), `${text.trimEnd()}\n`);
    }
    const said = () => {
      try {
        return execFileSync(join(root, 'node_modules', '.bin', 'oxlint'), ['-f', 'json'], {
          cwd: folder,
          encoding: 'utf8',
        });
      } catch (error) {
        return (error as { stdout: string }).stdout;
      }
    };
    const { diagnostics } = JSON.parse(said()) as { diagnostics: { code?: string; filename: string }[] };
    found = diagnostics.map(({ code, filename }) => [/\((.*)\)/.exec(code ?? '')?.[1] ?? '', filename]);
    rmSync(folder, { recursive: true });
  });

  it.each(planted)('%s is found in %s', (rule, file) => {
    expect(found.filter(([, where]) => where === file)).toContainEqual([rule, file]);
  });
  it.each(allowed)('%s is left alone', (file) => {
    expect(found.filter(([, where]) => where === file)).toEqual([]);
  });
});
