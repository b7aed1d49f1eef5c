import imports from 'eslint-plugin-import';
import tseslint from 'typescript-eslint';
import { packageRules, zones } from './eslint.zones.mjs';

const app = 'apps/app/src';
const fieldsAre = 'Fields are in ui/form: TextField, FigureField, DateField, TimeField, or bound to a form.';
/** The first ten letters of an instant are the day in Greenwich, not at the venue. */
const venueDays = [
  {
    selector: "CallExpression[callee.property.name='slice'][arguments.0.value=0][arguments.1.value=10]",
    message: 'Ask for the day at the venue: dayAt() of core/units/day.',
  },
  {
    selector: "NewExpression[callee.property.name='DateTimeFormat'][arguments.0.value='en-CA']",
    message: 'Days are written in one place: core/units/day.',
  },
];

/** Places in which a literal is read by people. */
const shown = '/^(label|title|accessibilityLabel|aria-label|placeholder|hint|told|words|what|empty|alt)$/';
const message = 'Texts are in texts.ts of the feature.';
const textsApart = [
  { selector: 'JSXText[value=/[A-Za-z]{2}/]', message },
  { selector: `JSXAttribute[name.name=${shown}] > Literal[value=/[A-Za-z]{2}/]`, message },
  {
    selector: `JSXAttribute[name.name=${shown}] TemplateElement[value.raw=/[A-Za-z]{2}/]`,
    message,
  },
  { selector: 'JSXElement > JSXExpressionContainer > Literal[value=/[A-Za-z]{2}/]', message },
  {
    selector: 'JSXElement > JSXExpressionContainer > ConditionalExpression > Literal[value=/[A-Za-z]{2}/]',
    message,
  },
  {
    selector:
      'JSXElement > JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=/[A-Za-z]{2}/]',
    message,
  },
  { selector: 'Property[key.name=/^(text|label|title)$/] > Literal[value=/[A-Za-z]{2}/]', message },
];

/** Three words in a row, or two within a sentence that something goes into; not a type, a key or a constant. */
const sentences = [
  ':not(TSLiteralType, MemberExpression, TSAsExpression) > Literal[value=/[A-Za-z]{2,}[,:]? [a-z’]+[,:]? [A-Za-z’]+/]',
  'TemplateElement[value.raw=/[a-z]{2,}[,:]? [a-z]{2,}/]:not([value.raw=/px solid /])',
].map((selector) => ({ selector, message: 'Sentences are in texts.ts of the folder.' }));
/** Tables of texts under another name, and what is pretend. */
const tablesOfTexts = [
  '**/texts.ts',
  '**/*[wW]ords.ts',
  '**/words/*',
  `${app}/features/help/guide.ts`,
  `${app}/features/office/parts.ts`,
  'apps/server/src/auth/routeActs.ts',
  // For whoever runs the server.
  'apps/server/src/{http/observed,mail/mailer,print/zip}.ts',
  'packages/core/src/catalogue/**',
  'packages/core/src/simulate/**',
  'packages/core/src/camp/usualSetup.ts',
  'packages/core/src/measure/clip.ts',
  'packages/core/src/motion/{errors,measure*}.ts',
  'packages/core/src/prove/report.ts',
  'packages/core/src/roles/permissions.ts',
  'packages/core/src/session/{constraints,spots}.ts',
];

export default tseslint.config(
  // What is no matter of this house alone stands in .oxlintrc.json, for these too.
  {
    ignores: [
      '**/node_modules/',
      '**/dist/',
      '.data/',
      '**/.expo/',
      '**/test/',
      'e2e/',
      'scripts/',
      '**/*.{js,cjs,mjs}',
    ],
  },
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parser: tseslint.parser, parserOptions: { ecmaFeatures: { jsx: true } } },
    plugins: { import: imports, '@typescript-eslint': tseslint.plugin },
    settings: {
      'import/ignore': ['node_modules'],
      'import/resolver': { node: { extensions: ['.ts', '.tsx', '.js', '.mjs'] } },
    },
    rules: {
      'import/no-restricted-paths': ['error', { zones }],
    },
  },
  ...packageRules,
  {
    files: ['packages/core/src/**/*.ts'],
    rules: {
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
    files: ['apps/*/src/**/*.{ts,tsx}', 'packages/*/src/**/*.ts'],
    ignores: ['packages/core/src/units/day.ts'],
    rules: { 'no-restricted-syntax': ['error', ...venueDays] },
  },
  {
    files: [
      'packages/core/src/**/*.ts',
      `${app}/{features,ui,screens,workers}/**/*.ts`,
      'apps/server/src/{auth,http,mail,parse,print}/**/*.ts',
    ],
    ignores: [...tablesOfTexts, 'packages/core/src/units/day.ts'],
    rules: { 'no-restricted-syntax': ['error', ...venueDays, ...sentences] },
  },
  {
    // Whatever people read stands in one table of each feature, so that another language is one more table.
    files: [`${app}/{features,ui,screens}/**/*.tsx`],
    rules: { 'no-restricted-syntax': ['error', ...venueDays, ...textsApart, ...sentences] },
  },
  {
    // One field of each kind for the whole app.
    files: [`${app}/**/*.tsx`],
    ignores: [`${app}/ui/form/*.tsx`, `${app}/ui/{Button,Dialog}/*.tsx`],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          name: 'react-native',
          importNames: ['TextInput'],
          message: fieldsAre,
        },
        {
          name: 'react-native-paper',
          importNames: ['TextInput', 'Button', 'IconButton', 'Dialog'],
          message: `${fieldsAre} Buttons are in ui/Button, dialogues in ui/Dialog.`,
        },
      ],
    },
  },
  {
    // What the first screens reach must not pull the whole core into the first script.
    files: [
      `${app}/features/{today,signIn}/*.tsx`,
      `${app}/ui/{Shell,AthleteLine}/*`,
      `${app}/ui/words/{days,kindWords}.ts`,
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
);
