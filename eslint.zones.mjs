import { readdirSync } from 'node:fs';
import { join } from 'node:path';

const root = import.meta.dirname;
const foldersIn = (path) =>
  readdirSync(join(root, path), { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => name)
    .sort();

const core = 'packages/core/src';
const app = 'apps/app/src';
const server = 'apps/server/src';
const features = foldersIn(`${app}/features`);

/**
 * Which folder must not reach into which, beside what packages forbid; `except` is what of `from` may be used.
 * Folders are read from the disk: a new feature is in the list as soon as it is there.
 */
export const zones = [
  ...['core', 'contract', 'solver'].map((name) => ({ target: `packages/${name}/src`, from: 'apps' })),
  // Within the core a later step of the work may use an earlier one, never the other way round.
  { target: `${core}/catalogue`, from: core, except: ['./catalogue', './units/fieldError.ts'] },
  { target: `${core}/units`, from: core, except: ['./units'] },
  ...['build', 'session', 'prove'].map((later) => ({ target: `${core}/trace`, from: `${core}/${later}` })),
  ...['session', 'prove'].map((later) => ({ target: `${core}/build`, from: `${core}/${later}` })),
  ...['trace', 'build', 'session', 'measure', 'prove'].map((name) => ({
    target: `${core}/safety`,
    from: `${core}/${name}`,
  })),
  // Nothing pretend is part of anything real.
  ...foldersIn(core)
    .filter((name) => name !== 'simulate')
    .map((name) => ({ target: `${core}/${name}`, from: `${core}/simulate` })),
  // What two features need moves down to `ui` or to the core.
  ...features.map((name) => ({
    target: `${app}/features/${name}`,
    from: `${app}/features`,
    except: [`./${name}`],
  })),
  ...['ui', 'charts', 'theme', 'store', 'offline', 'workers'].map((name) => ({
    target: `${app}/${name}`,
    from: `${app}/features`,
  })),
  { target: `${app}/offline`, from: `${app}/ui` },
  // The store knows nothing of requests, and what prints or parses knows nothing of the store.
  { target: `${server}/store`, from: `${server}/http` },
  ...['print', 'parse', 'solver'].flatMap((name) =>
    ['http', 'store'].map((from) => ({ target: `${server}/${name}`, from: `${server}/${from}` })),
  ),
];

const pure = '^(node:|react|express|knex|joi|@wrightonic)';

/**
 * Packages that a folder must not import. Each entry says all that holds for its files, as of two blocks of ESLint for
 * one file the later counts alone.
 */
export const packages = [
  { files: [`${core}/**/*.ts`], patterns: [{ regex: pure, message: 'The core is pure.' }] },
  {
    files: ['packages/contract/src/**/*.ts'],
    names: ['@wrightonic/server', '@wrightonic/app', '@wrightonic/cli', 'knex', 'express', 'react'],
  },
  {
    files: ['packages/solver/src/**/*.ts'],
    names: ['@wrightonic/contract', '@wrightonic/server', '@wrightonic/app', '@wrightonic/cli'],
  },
  {
    files: [`${server}/**/*.ts`],
    names: ['@wrightonic/app', '@wrightonic/cli'],
    // One door to the tables, so that no query can forget its academy.
    unless: {
      files: [
        `${server}/store/{alone,scope,kept,database,migrate,academies,tables}.ts`,
        `${server}/store/migrations/*`,
        `${server}/store/knexDialect.d.ts`,
        `${server}/store/seeds/*`,
        `${server}/store/state/rebuild.ts`,
        `${server}/http/server.ts`,
      ],
      names: ['knex', 'mysql2'],
    },
  },
  { files: ['apps/cli/src/**/*.ts'], names: ['@wrightonic/app', '@wrightonic/server'] },
  {
    files: [`${app}/**/*.{ts,tsx}`],
    names: ['@wrightonic/server', '@wrightonic/cli', '@wrightonic/core/simulate', '@wrightonic/solver'],
  },
];

/** The blocks of ESLint that say it. */
export const packageRules = packages.flatMap(({ files, names = [], patterns = [], unless }) => {
  const block = (of, list) => ({
    files: of,
    rules: {
      'no-restricted-imports': ['error', { paths: list.map((name) => ({ name })), patterns }],
    },
  });
  return unless
    ? [block(files, [...names, ...unless.names]), block(unless.files, names)]
    : [block(files, names)];
});
