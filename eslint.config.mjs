import imports from 'eslint-plugin-import';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const app = 'apps/app/src';
const features = [
  'athletes',
  'build',
  'drills',
  'look',
  'office',
  'prove',
  'signIn',
  'today',
  'trace',
  'work',
];

/** Imports point downwards only: app, server, cli → contract → core. */
const downwards = {
  'packages/core': ['@wrightonic/contract', '@wrightonic/server', '@wrightonic/app', '@wrightonic/cli'],
  'packages/contract': ['@wrightonic/server', '@wrightonic/app', '@wrightonic/cli'],
  'apps/server': ['@wrightonic/app', '@wrightonic/cli'],
  'apps/cli': ['@wrightonic/app', '@wrightonic/server'],
  'apps/app': ['@wrightonic/server', '@wrightonic/cli', '@wrightonic/core/simulate'],
};

export default tseslint.config(
  { ignores: ['**/node_modules/', '**/dist/', '.data/', 'apps/app/src/ui/iconPaths.ts', '**/.expo/'] },
  ...tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx,mjs,js}'],
    plugins: { import: imports },
    settings: {
      'import/ignore': ['node_modules'],
      'import/resolver': { node: { extensions: ['.ts', '.tsx', '.js', '.mjs'] } },
    },
    rules: {
      'import/no-cycle': ['error', { maxDepth: 6, ignoreExternal: true }],
      'import/no-restricted-paths': [
        'error',
        {
          zones: [
            ...['core', 'contract'].map((name) => ({ target: `packages/${name}/src`, from: 'apps' })),
            // Within the core a later step of the work may use an earlier one, never the other way round.
            { target: 'packages/core/src/catalogue', from: 'packages/core/src', except: ['./catalogue'] },
            { target: 'packages/core/src/trace', from: 'packages/core/src/build' },
            { target: 'packages/core/src/trace', from: 'packages/core/src/work' },
            { target: 'packages/core/src/build', from: 'packages/core/src/work' },
            ...['trace', 'build', 'work', 'measure'].map((name) => ({
              target: 'packages/core/src/safety',
              from: `packages/core/src/${name}`,
            })),
            { target: 'packages/core/src', from: 'packages/core/src/simulate', except: ['./'] },
            // What two features need moves down to `ui` or to the core.
            ...features.map((name) => ({
              target: `${app}/features/${name}`,
              from: `${app}/features`,
              except: [`./${name}`],
            })),
            { target: [`${app}/ui`, `${app}/charts`, `${app}/theme`], from: `${app}/features` },
            { target: `${app}/offline`, from: `${app}/ui` },
          ],
        },
      ],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      // Rows come from the driver without types; each store function gives them theirs.
      '@typescript-eslint/no-explicit-any': 'off',
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      eqeqeq: 'error',
      'no-console': 'error',
      'max-lines': ['error', { max: 320 }],
    },
  },
  ...Object.entries(downwards).map(([folder, names]) => ({
    files: [`${folder}/src/**/*.{ts,tsx}`],
    rules: {
      'no-restricted-imports': ['error', { paths: names.map((name) => ({ name })) }],
    },
  })),
  {
    files: ['packages/core/src/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [{ regex: '^(node:|react|express|knex|joi|@wrightonic)', message: 'The core is pure.' }],
        },
      ],
      'no-restricted-globals': [
        'error',
        'process',
        'window',
        'document',
        'fetch',
        'performance',
        'setTimeout',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The core has no clock.' },
        { object: 'Math', property: 'random', message: 'The core has no luck without a seed.' },
      ],
    },
  },
  {
    // One door to the tables, so that no query can forget its academy.
    files: ['apps/server/src/**/*.ts'],
    ignores: [
      'apps/server/src/store/{scope,database,migrate,academies}.ts',
      'apps/server/src/store/migrations/*',
      'apps/server/src/store/seeds/*',
      'apps/server/src/http/server.ts',
    ],
    rules: { 'no-restricted-imports': ['error', { paths: [{ name: 'knex' }, { name: 'mysql2' }] }] },
  },
  {
    // The first ten letters of an instant are the day in Greenwich, not at the venue.
    files: ['apps/*/src/**/*.{ts,tsx}', 'packages/*/src/**/*.ts'],
    ignores: ['packages/core/src/units/day.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.property.name='slice'][arguments.0.value=0][arguments.1.value=10]",
          message: 'Ask for the day at the venue: dayAt() of core/units/day.',
        },
        {
          selector: "NewExpression[callee.property.name='DateTimeFormat'][arguments.0.value='en-CA']",
          message: 'Days are written in one place: core/units/day.',
        },
      ],
    },
  },
  {
    files: ['apps/app/**/*.{ts,tsx}'],
    ...hooks.configs.flat.recommended,
  },
  {
    // What the first screens reach must not pull the whole core into the first script.
    files: [
      `${app}/features/{today,signIn}/*.tsx`,
      `${app}/ui/{Shell,AthleteLine,places,days,kindWords}.{ts,tsx}`,
      `${app}/ui/seam/*`,
      `${app}/{store,offline,theme}/**`,
    ],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          paths: ['@wrightonic/core', '@wrightonic/contract', 'date-fns'].map((name) => ({
            name,
            allowTypeImports: true,
            message: 'This is part of the first script: import types only, or a path of its own.',
          })),
        },
      ],
    },
  },
  { files: ['scripts/**', 'e2e/**', '**/*.config.js', '**/*.config.mjs'], rules: { 'no-console': 'off' } },
  {
    files: ['**/*.js', '**/*.cjs'],
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
);
