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
