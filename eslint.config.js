import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import { importX } from 'eslint-plugin-import-x';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Layers point one way: core ← wording ← db ← server ← app, ui, workers. Each may import what stands before it. */
const barred = (patterns) => ({ 'no-restricted-imports': ['error', { patterns }] });
const group = (names, message, allowTypeImports = false) => ({
  group: names,
  message,
  allowTypeImports,
});
const typed = (patterns) => ({
  '@typescript-eslint/no-restricted-imports': ['error', { patterns }],
});

const SERVER_BY_API = group(
  ['@/db/*', '@/server/*', '@/app/*', 'pg'],
  'the interface reaches the server through api.ts; types only',
  true,
);

/** Folders of the core, each of which knows only those before it. Types may be named across: they are gone at run time. */
const CORE = [
  'units',
  'working',
  'rope',
  'inspection',
  'knot',
  'gear',
  'exchange',
  'tackle',
  'line',
  'meter',
  'securement',
  'log',
  'span',
  'rigs',
  'bench',
  'cutting',
  'training',
];
/** Rooms of the interface, likewise. */
const UI = [
  'diagrams',
  'kit',
  'offline',
  'outbox',
  'frame',
  'live',
  'revisions',
  'knots',
  'working',
  'rigs',
  'meter',
  'locker',
  'bench',
  'deck',
  'drills',
  'talk',
  'road',
  'drive',
  'kept',
  'log',
  'today',
  'planner',
];
const arrows = (root, order, more = []) =>
  order.map((folder, i) => ({
    files: [`${root}/${folder}/**/*.{ts,tsx}`],
    ignores: ['**/*.test.ts'],
    rules: typed([
      ...more,
      ...(order.slice(i + 1).length > 0
        ? [
            group(
              order.slice(i + 1).flatMap((later) => [`../${later}/**`, `../../${later}/**`]),
              `${folder} stands before it: the arrow would point back up`,
              true,
            ),
          ]
        : []),
    ]),
  }));

export default tseslint.config(
  {
    ignores: [
      '.next/',
      'node_modules/',
      '.data/',
      'next-env.d.ts',
      'public/offline-worker.js',
      'dist/',
    ],
  },
  ...tseslint.configs.recommended,
  {
    rules: {
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      'no-warning-comments': ['error', { terms: ['todo', 'fixme', 'xxx'] }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      eqeqeq: 'error',
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      ...barred([
        {
          regex:
            '^(?!\\.{1,2}/|zod$|date-fns/|fastest-levenshtein$|ts-fsrs$|pure-rand/|ml-matrix$)',
          message:
            'core imports nothing but itself, zod, date-fns, fastest-levenshtein, ts-fsrs, pure-rand and ml-matrix',
        },
      ]),
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'localStorage',
        'setTimeout',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'time is an argument' },
        { object: 'Math', property: 'random', message: 'the seed is an argument' },
      ],
      'max-lines-per-function': ['error', { max: 45, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 18],
    },
  },
  {
    files: ['src/wording/**/*.ts'],
    rules: typed([
      group(
        ['@/db/*', '@/server/*', '@/ui/*', '@/app/*', '@/workers/*', 'react*', 'next*', 'pg'],
        'wording knows core only',
      ),
    ]),
  },
  {
    files: ['src/db/**/*.ts'],
    rules: typed([
      group(
        ['@/server/*', '@/ui/*', '@/app/*', '@/workers/*', 'react*', 'next*'],
        'db knows core and wording only',
      ),
    ]),
  },
  {
    files: ['src/server/**/*.ts'],
    rules: typed([
      group(
        ['@/ui/*', '@/app/*', '@/workers/*', 'react*'],
        'server knows core, wording and db only',
      ),
    ]),
  },
  {
    files: ['src/workers/**/*.ts'],
    rules: typed([group(['@/db/*', '@/server/*', '@/ui/*', '@/app/*'], 'workers know core only')]),
  },
  {
    files: ['src/ui/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: {
      ...typed([SERVER_BY_API]),
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
    },
  },
  {
    files: ['src/ui/**/*.tsx', 'src/app/**/*.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "JSXAttribute[name.name='style'] Property:not([key.value=/^--/])",
          message:
            'a look stands in a styled component; only a custom property (--x) is set in place',
        },
      ],
    },
  },
  {
    files: ['src/ui/**/*.tsx'],
    rules: {
      'no-restricted-properties': [
        'error',
        {
          object: 'document',
          property: 'querySelector',
          message: 'a component looks inside itself: take a ref',
        },
      ],
    },
  },
  ...arrows('src/core', CORE),
  ...arrows('src/ui', UI, [SERVER_BY_API]),
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'import-x': importX },
    settings: {
      ...importX.flatConfigs.typescript.settings,
      'import-x/resolver-next': [createTypeScriptImportResolver({ project: 'tsconfig.json' })],
    },
    rules: { 'import-x/no-cycle': ['error', { ignoreExternal: true }] },
  },
);
