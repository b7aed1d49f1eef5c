// Writes the paths of just the icons that are used; the whole set is far too large to ship. With `--check` it only says
// whether all that are used are there: a name without a path is an empty button.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './run.mjs';

const app = join(root, 'apps', 'app', 'src');
const written = join(app, 'ui', 'Icon', 'iconPaths.ts');

/** What parts of the component library draw by themselves. */
const ofParts = {
  Checkbox: ['checkbox-marked', 'checkbox-blank-outline', 'minus-box'],
  RadioButton: ['check'],
  Searchbar: ['magnify', 'close'],
  Chip: ['check', 'close'],
  SegmentedButtons: ['check'],
  Appbar: ['arrow-left', 'dots-vertical', 'magnify', 'menu'],
  DataTable: ['arrow-up'],
  Banner: [],
  Menu: ['chevron-right'],
};

function* sources(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* sources(path);
    else if (/\.tsx?$/.test(entry.name) && path !== written) yield path;
  }
}

const all = await import('@mdi/js');
const nameOf = (icon) => `mdi${icon.replace(/(^|-)(.)/g, (_, __, letter) => letter.toUpperCase())}`;

/** Every icon that the sources name, with a file that does. */
export function usedIcons() {
  const used = new Map();
  for (const file of sources(app)) {
    const text = readFileSync(file, 'utf8');
    const add = (icon) => used.set(icon, file);
    for (const [, icon] of text.matchAll(
      /\b(?:icon|leadingIcon|trailingIcon)(?:=|:\s*)["']([a-z0-9-]+)["']/g,
    ))
      add(icon);
    for (const [, icon] of text.matchAll(/<Icon\b[^>]*?\bname=\{?["']([a-z0-9-]+)["']/g)) add(icon);
    for (const [, icon] of text.matchAll(/createElement\(Icon, \{\s*name: '([a-z0-9-]+)'/g)) add(icon);
    // Chosen between: every text in the braces that is the name of an icon.
    for (const [, braces] of text.matchAll(/\b(?:icon|name|left|right)=\{([^{}]*)\}/g))
      for (const [, word] of braces.matchAll(/["']([a-z0-9]+(?:-[a-z0-9]+)*)["']/g))
        if (all[nameOf(word)]) add(word);
    for (const [, names] of text.matchAll(/import \{([^}]*)\} from 'react-native-paper'/g))
      for (const part of names.split(',').map((name) => name.trim()))
        for (const icon of ofParts[part] ?? []) add(icon);
  }
  return used;
}

/** @throws Error for an icon that is used and has no path */
export function checkIcons() {
  const paths = readFileSync(written, 'utf8');
  for (const [icon, file] of usedIcons()) {
    if (!all[nameOf(icon)]) throw new Error(`There is no icon ${icon}, which ${file} uses`);
    if (!new RegExp(`^  '?${icon}'?:`, 'm').test(paths))
      throw new Error(`The icon ${icon}, which ${file} uses, has no path: run node scripts/icons.mjs`);
  }
}

if (process.argv[1]?.endsWith('icons.mjs')) {
  if (process.argv.includes('--check')) checkIcons();
  else {
    const lines = [...usedIcons().keys()].sort().map((icon) => {
      const path = all[nameOf(icon)];
      if (!path) throw new Error(`There is no icon ${icon}`);
      return `  '${icon}': '${path}',`;
    });
    writeFileSync(
      written,
      `// Written by scripts/icons.mjs.\nexport const iconPaths = {\n${lines.join('\n')}\n} as const;\n`,
    );
  }
}
