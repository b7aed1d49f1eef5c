const { readFileSync } = require('node:fs');
const { join } = require('node:path');
const babel = require('babel-jest').default ?? require('babel-jest');

const root = join(__dirname, '..');
const change = JSON.parse(process.env.MUTANT ?? 'null');

/** What stands in the file with one rule changed; every other file as it is. */
const changed = (source, path) =>
  change && path === join(root, change.file) ? source.replace(change.from, () => change.to) : source;

/** Translates as the tests do, but with one rule changed: no file of the project is ever touched. */
module.exports = {
  createTransformer(options) {
    const plain = babel.createTransformer(options);
    return {
      ...plain,
      process: (source, path, more) => plain.process(changed(source, path), path, more),
      getCacheKey: (source, path, more) => plain.getCacheKey(changed(source, path), path, more),
    };
  },
  /** Whether the words to be changed stand there exactly once. */
  standsOnce: ({ file, from }) => readFileSync(join(root, file), 'utf8').split(from).length === 2,
};
