import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './run.mjs';

const passedOver = new Set(['node_modules', '.expo', 'expo-env.d.ts', 'dist', 'test']);

/** Every file below a path, in the order of their names, but what is no source. */
export function* filesIn(path) {
  if (!statSync(path).isDirectory()) return yield path;
  for (const entry of readdirSync(path).sort()) if (!passedOver.has(entry)) yield* filesIn(join(path, entry));
}

/**
 * Changes when anything changes in the sources, paths from the root.
 *
 * @param more what else is built in
 */
export function fingerprint(sources, more = '') {
  const hash = createHash('sha256').update(more);
  for (const source of sources)
    for (const file of filesIn(join(root, source)))
      hash.update(file.slice(root.length)).update(readFileSync(file));
  return hash.digest('hex').slice(0, 16);
}

/** Whoever still runs may ask for a part of the build before: the newest three stay. */
export function keepNewest(builds) {
  const old = readdirSync(builds)
    .map((name) => ({ name, at: statSync(join(builds, name)).mtimeMs }))
    .sort((a, b) => b.at - a.at)
    .slice(3);
  for (const { name } of old)
    rmSync(join(builds, name), { recursive: true, force: true, maxRetries: 3, retryDelay: 500 });
}
