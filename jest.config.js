/** Logic of every part of the house; what a browser shows is tested in e2e. */
const part = (name) => ({
  displayName: name,
  preset: 'jest-expo/node',
  roots: [`<rootDir>/${name}`],
  testMatch: ['**/test/**/*.test.ts'],
});

module.exports = {
  projects: [
    part('packages/core'),
    part('packages/contract'),
    part('apps/cli'),
    part('apps/app'),
    part('apps/server'),
  ],
};
