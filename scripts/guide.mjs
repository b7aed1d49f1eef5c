// Writes the guide as data for the app's help, so that both say the same. With `--check` it only says whether they do.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './run.mjs';

const written = join(root, 'apps', 'app', 'src', 'features', 'help', 'guide.ts');

/** The guide by its headings, each with its paragraphs; a block of code is one. */
export function topicsOf(markdown) {
  const [, ...parts] = markdown.split(/^## /m);
  return parts.map((part) => {
    const [title, ...lines] = part.split('\n');
    const blocks = lines
      .join('\n')
      .split(/\n\n(?![^`]*```\n)/)
      .map((block) => (block.includes('```') ? block.trim() : block.trim().replace(/\n/g, ' ')))
      .map((block) => block.replace(/\[([^\]]+)\]\([^)]+\)/g, '$1'))
      .filter(Boolean);
    const id = title
      .toLowerCase()
      .replace(/[^a-z]+/g, '-')
      .replace(/^-|-$/g, '');
    return { id, title, blocks };
  });
}

/** What the file of the app has to hold. */
export const guideSource = () => {
  const topics = topicsOf(readFileSync(join(root, 'docs', 'guide.md'), 'utf8'));
  return `// Made of docs/guide.md by scripts/guide.mjs.
/** The guide: headings with their paragraphs. */
export const topics: readonly { id: string; title: string; blocks: readonly string[] }[] = ${JSON.stringify(topics, null, 2)};
`;
};

if (process.argv[1]?.endsWith('guide.mjs')) {
  const source = guideSource();
  if (!process.argv.includes('--check')) writeFileSync(written, source);
  else if (readFileSync(written, 'utf8') !== source)
    throw new Error('The help of the app is not what docs/guide.md says: run node scripts/guide.mjs');
}
