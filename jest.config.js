/**
 * What a test looks up in its sandbox goes through a proxy each time: arithmetic takes three times as long
 * there as in the product. These are handed in; a package that declares one of these names itself cannot be.
 */
const everywhere = ['Math', 'Object', 'Array', 'Map', 'JSON'];
const computing = [...everywhere, 'Number', 'Set', 'Float64Array'];

/** Logic of every part of the house; what a browser shows is tested in e2e. */
const part = (name, handedIn = everywhere) => ({
  displayName: name,
  sandboxInjectedGlobals: handedIn,
  roots: [`<rootDir>/${name}`],
  testMatch: ['**/test/**/*.test.ts'],
  setupFiles: ['<rootDir>/scripts/clock.cjs'],
  transform: { '^.+\\.[jt]sx?$': ['@swc/jest', { jsc: { target: 'es2022' } }] },
});

/** What draws charts comes as modules, which Jest does not read; beside them lie the same as scripts. */
const asScripts = {
  '^(d3-[a-z-]+|internmap)$': [
    '<rootDir>/node_modules/$1/dist/$1.js',
    '<rootDir>/node_modules/$1/dist/$1.min.js',
  ],
};

module.exports = {
  // The first run on a new machine translates everything while a database is made.
  testTimeout: 120_000,
  maxWorkers: 2,
  projects: [
    // What measures how a text reads comes as modules.
    {
      ...part('packages/core', computing),
      transformIgnorePatterns: ['/node_modules/(?!(syllable|flesch-kincaid)/)'],
    },
    part('packages/contract'),
    part('packages/solver', computing),
    part('apps/cli', computing),
    { ...part('apps/app'), preset: 'jest-expo/node', transform: undefined, moduleNameMapper: asScripts },
    {
      ...part('apps/server'),
      // Loading the server anew for each of its suites is a third of their time: they share what a process has loaded.
      runner: 'jest-light-runner/child-process',
      setupFiles: ['<rootDir>/scripts/clock.cjs', '<rootDir>/scripts/typed.mjs'],
      transform: {},
    },
    part('scripts'),
  ],
};
