// Lints an import that must not be, for every zone: a rule that forbids nothing is worse than none.
import { readdirSync, statSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { ESLint } from 'eslint';
import { packages, zones } from '../eslint.zones.mjs';
import { main, root, say } from './run.mjs';

const eslint = new ESLint({ cwd: root });
const isSource = (name) => /\.tsx?$/.test(name) && !/\.(d|worker)\.ts$/.test(name);

/** A source file in a folder or below it, outside of some folders. */
function sourceIn(folder, except = []) {
  const walk = (at) => {
    for (const name of readdirSync(join(root, at)).sort()) {
      const path = join(at, name);
      if (name === 'node_modules' || except.includes(path)) continue;
      const found = statSync(join(root, path)).isDirectory() ? walk(path) : isSource(name) ? path : undefined;
      if (found) return found;
    }
    return undefined;
  };
  const found = walk(folder);
  if (!found) throw new Error(`There is no source in ${folder}.`);
  return found;
}

async function forbidden(file, specifier, rule) {
  const [{ messages }] = await eslint.lintText(`import '${specifier}';\n`, { filePath: join(root, file) });
  return messages.some(({ ruleId }) => ruleId === rule);
}

async function openZones() {
  const open = [];
  for (const { target, from, except = [] } of zones) {
    const file = sourceIn(target);
    const other = sourceIn(from, [target, ...except.map((each) => join(from, each))]);
    const way = relative(dirname(file), other.replace(/\.tsx?$/, ''));
    const specifier = way.startsWith('.') ? way : `./${way}`;
    if (!(await forbidden(file, specifier, 'import/no-restricted-paths')))
      open.push(`${target} may import ${from}`);
  }
  return open;
}

async function openPackages() {
  const open = [];
  for (const { files, names = [], patterns = [], unless } of packages) {
    const file = sourceIn(files[0].replace(/\/\*\*.*$/, ''));
    const all = [
      ...names,
      ...(unless?.names ?? []),
      ...(patterns.length ? ['react', 'node:fs', 'knex'] : []),
    ];
    for (const name of all)
      if (!(await forbidden(file, name, 'no-restricted-imports'))) open.push(`${file} may import ${name}`);
  }
  return open;
}

await main(async () => {
  const open = [...(await openZones()), ...(await openPackages())];
  for (const each of open) say(each);
  say(`${zones.length} zones and ${packages.length} folders looked at, ${open.length} open.`);
  return open.length ? 1 : 0;
});
