const { join } = require('node:path');
const { projects, ...rest } = require('../jest.config');

const rootDir = join(__dirname, '..');
const { transform } = require('jest-expo/node/jest-preset');

/** The tests of the rules, with one rule changed. */
module.exports = {
  ...rest,
  rootDir,
  maxWorkers: 1,
  projects: projects
    .filter(({ displayName }) => /core|contract|solver/.test(displayName))
    .map((project) => ({
      ...project,
      rootDir,
      transform: Object.fromEntries(
        Object.entries(transform).map(([files, by]) => [
          files,
          Array.isArray(by) && by[0] === 'babel-jest' ? [join(__dirname, 'mutant.cjs'), by[1]] : by,
        ]),
      ),
    })),
};
