/** Logic of every part of the house; what a browser shows is tested in e2e. */
const part = (name) => ({
  displayName: name,
  preset: 'jest-expo/node',
  roots: [`<rootDir>/${name}`],
  testMatch: ['**/test/**/*.test.ts'],
  setupFiles: ['<rootDir>/scripts/clock.cjs'],
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
    { ...part('packages/core'), transformIgnorePatterns: ['/node_modules/(?!(syllable|flesch-kincaid)/)'] },
    part('packages/contract'),
    part('packages/solver'),
    part('apps/cli'),
    { ...part('apps/app'), moduleNameMapper: asScripts },
    { ...part('apps/server'), moduleNameMapper: asScripts },
    part('scripts'),
  ],
};
