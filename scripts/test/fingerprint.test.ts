import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const script = join(__dirname, '..', 'fingerprint.mjs');

it('counts as sources what is written by hand, and not what a build writes among it', () => {
  const folder = mkdtempSync(join(tmpdir(), 'sources-'));
  for (const file of ['app/page.tsx', 'expo-env.d.ts', '.expo/types.ts', 'node_modules/a.js', 'dist/a.js']) {
    mkdirSync(join(folder, file, '..'), { recursive: true });
    writeFileSync(join(folder, file), '');
  }
  const found = execFileSync(
    'node',
    [
      '--input-type=module',
      '-e',
      `import { filesIn } from ${JSON.stringify(script)}; console.log(...filesIn(${JSON.stringify(folder)}));`,
    ],
    { encoding: 'utf8' },
  );
  rmSync(folder, { recursive: true });
  expect(found.trim()).toBe(join(folder, 'app', 'page.tsx'));
});
