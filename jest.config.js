/** Logic of every part of the house; what a browser shows is tested in e2e. */
const part = (name) => ({
  displayName: name,
  preset: 'jest-expo/node',
  roots: [`<rootDir>/${name}`],
  testMatch: ['**/test/**/*.test.ts'],
  setupFiles: ['<rootDir>/scripts/clock.cjs'],
});

module.exports = {
  // The first run on a new machine translates everything while a database is made.
  testTimeout: 120_000,
  maxWorkers: 2,
  projects: [
    part('packages/core'),
    part('packages/contract'),
    part('packages/solver'),
    part('apps/cli'),
    part('apps/app'),
    part('apps/server'),
    part('scripts'),
  ],
};
