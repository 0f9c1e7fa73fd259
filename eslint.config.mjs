import tseslint from 'typescript-eslint'
import reactHooks from 'eslint-plugin-react-hooks'
import jsxA11y from 'eslint-plugin-jsx-a11y'

/** The rooms of src/, each with the rooms it may not look into. Arrows point one way (docs/architecture.md). */
const forbidden = {
  core: ['schemas', 'wording', 'paper', 'store', 'workers', 'app', 'features', 'ui', 'demo'],
  paper: ['schemas', 'store', 'workers', 'app', 'features', 'ui', 'demo'],
  wording: ['paper', 'schemas', 'store', 'workers', 'app', 'features', 'ui', 'demo'],
  schemas: ['wording', 'paper', 'store', 'workers', 'app', 'features', 'ui', 'demo'],
  store: ['wording', 'paper', 'workers', 'app', 'features', 'ui'],
  workers: ['wording', 'app', 'features', 'ui', 'demo'],
  ui: ['core', 'schemas', 'wording', 'paper', 'store', 'workers', 'app', 'features', 'demo'],
  features: ['app'],
}
const packages = [
  'react',
  'react-dom',
  'next',
  'dexie',
  'dexie-react-hooks',
  'joi',
  '@headlessui/react',
  'immer',
  'date-fns',
  'clsx',
  'lucide-react',
  'fflate',
  'comlink',
  'papaparse',
  'uuid',
  '@noble/hashes',
]
const packagesForbidden = {
  core: packages,
  wording: packages,
  paper: packages,
  schemas: packages.filter((name) => name !== 'joi' && name !== 'papaparse'),
  workers: ['dexie', 'react'],
  ui: ['dexie', 'joi', 'immer'],
}

const room = (name) => ({
  files: [`src/${name}/**/*.{ts,tsx}`],
  ignores: ['**/*.test.ts', '**/*.test.tsx'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            group: forbidden[name].flatMap((to) => [`@/${to}`, `@/${to}/*`, `**/../${to}/*`]),
            message: `src/${name} may not import this: arrows point one way.`,
          },
          ...(packagesForbidden[name]
            ? [
                {
                  group: packagesForbidden[name].flatMap((p) => [p, `${p}/*`]),
                  message: `src/${name} does without this package.`,
                },
              ]
            : []),
        ],
      },
    ],
  },
})

const noClock = {
  selector: "NewExpression[callee.name='Date'][arguments.length=0]",
  message: 'The core knows no clock.',
}

/** Nothing is decided by which sentence is said. */
const factsFirst = [
  'BinaryExpression[left.property.name="key"][right.value=/^[a-zA-Z-]+[.]/]',
  'BinaryExpression[left.name="key"][right.value=/^[a-zA-Z-]+[.]/]',
  'CallExpression[callee.property.name="test"] > MemberExpression[property.name="key"]',
].map((selector) => ({ selector, message: 'Decide by a fact (a field), not by the key of a sentence.' }))

export default tseslint.config(
  {
    ignores: ['.next/', 'node_modules/', 'next-env.d.ts', 'test-results/', 'reports/', 'playwright-report/', 'public/'],
  },
  ...tseslint.configs.strict,
  { files: ['**/*.tsx'], plugins: { 'react-hooks': reactHooks }, rules: reactHooks.configs.recommended.rules },
  { files: ['**/*.tsx'], ...jsxA11y.flatConfigs.recommended },
  { files: ['**/*.tsx'], rules: { 'jsx-a11y/no-autofocus': ['error', { ignoreNonDOM: true }] } },
  {
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      'max-lines-per-function': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      // What is stored is named by its shape: `interface Area extends Holds<typeof area> {}`.
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts', 'src/core/testing/tally.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'localStorage',
        'crypto',
        'fetch',
        'process',
        'console',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
      ],
      'no-restricted-syntax': ['error', noClock, ...factsFirst],
    },
  },
  // What a sentence is made of is known where sentences are made.
  { files: ['src/core/told/**'], rules: { 'no-restricted-syntax': ['error', noClock] } },
  {
    files: ['src/{app,demo,features,paper,schemas,store,workers}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', ...factsFirst] },
  },
  ...Object.keys(forbidden).map(room),
  {
    // What a case comes to is asked of its plan alone.
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts', 'src/core/plan/**', 'src/core/passes/**', 'src/core/testing/**'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['job', 'standing', 'shopping', 'program/program'].map((name) => `**/passes/${name}`),
              allowTypeImports: true,
              message: 'Ask the plan (core/plan): stations, letter and store only render it.',
            },
          ],
        },
      ],
    },
  },
)
