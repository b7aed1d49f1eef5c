import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '..', '..');
const read = (path: string): string => readFileSync(join(root, path), 'utf8');

const answers = [
  ...read('docs/where-is.md').matchAll(
    /^\| (says|bars|hands|chooses|proposes).*?\| `([^`]+)` \| `([^`]+)` \|$/gm,
  ),
];

it('answers fifteen questions', () => {
  expect(answers).toHaveLength(15);
});

it.each(answers.map(([, , file, name]) => [file!, name!]))('%s holds %s', (file, name) => {
  expect(existsSync(join(root, file))).toBe(true);
  expect(read(file)).toMatch(new RegExp(`^export (function|const) ${name}\\b`, 'm'));
});

it('points to files and pictures that are there', () => {
  for (const page of ['README.md', 'CONTRIBUTING.md', 'ARCHITECTURE.md'])
    for (const [, path] of read(page).matchAll(/\]\(([^)#]+)\)/g)) {
      if (/^https?:/.test(path!)) continue;
      expect([page, path, existsSync(join(root, path!))]).toEqual([page, path, true]);
    }
});

it('names files that are there, by the end of their path', () => {
  const files = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
    cwd: root,
    encoding: 'utf8',
  })
    .split('\n')
    .filter((file) => existsSync(join(root, file)))
    // A package is called by its name alone.
    .flatMap((file) => [`/${file}`, `/${file.replace(/^(packages|apps)\/(\w+)\/src\//, '$2/')}`]);
  for (const [, path] of read('ARCHITECTURE.md').matchAll(/`([\w./]+\.(?:tsx?|mjs))`/g))
    expect([path, files.some((file) => file.endsWith(`/${path}`))]).toEqual([path, true]);
});

it('changes only rules that are there, when it asks whether a test would notice', () => {
  const count = `import('${join(root, 'scripts', 'mutations.mjs')}').then((lists) => {
    const read = require('node:fs').readFileSync;
    const lost = Object.values(lists).flat().filter(({ file, from }) => read(file, 'utf8').split(from).length !== 2);
    console.log(JSON.stringify(lost.map(({ file, from }) => file + ': ' + from)));
  })`;
  const lost = execFileSync('node', ['-e', count], { cwd: root, encoding: 'utf8' });
  expect(JSON.parse(lost)).toEqual([]);
});
