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

async function finds(file, text, rule) {
  const [{ messages }] = await eslint.lintText(`${text}\n`, { filePath: join(root, file) });
  return messages.some(({ ruleId }) => ruleId === rule);
}
const forbidden = (file, specifier, rule) => finds(file, `import '${specifier}';`, rule);

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

/** Where people read what is said, and three ways to say it away from its table. */
const spoken = [
  'packages/core/src/safety',
  'apps/server/src/http',
  'apps/app/src/features',
  'apps/app/src/workers',
];
const sayings = [
  "export const said = 'Take a short break.';",
  'export const said = (n: number) => `${n} throws are left.`;',
  "export const said = { why: 'it is too early' };",
];

async function openTables() {
  const open = [];
  for (const folder of spoken)
    for (const saying of sayings)
      if (!(await finds(join(folder, 'rule.ts'), saying, 'no-restricted-syntax')))
        open.push(`${folder} may say: ${saying}`);
  return open;
}

await main(async () => {
  const open = [...(await openZones()), ...(await openPackages()), ...(await openTables())];
  for (const each of open) say(each);
  say(
    `${zones.length} zones and ${packages.length} folders looked at, ${spoken.length} for sentences, ${open.length} open.`,
  );
  return open.length ? 1 : 0;
});
