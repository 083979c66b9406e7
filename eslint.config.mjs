import path from 'node:path';
import next from 'eslint-config-next';
import tseslint from 'typescript-eslint';

/** The architecture's import rules: `from` may not be imported by `target`. */
const zone = (target, from, message, except) => ({ target, from, message, ...(except ? { except } : {}) });

const root = import.meta.dirname;

/**
 * The storeys of the core, the lowest first, as `src/core/README.md` lists them: each imports only what stands above it in the list.
 * Tests may look up, since a test of a reader likes to have a plan.
 */
const CORE = [
  ...[
    'words',
    'time',
    'ids',
    'measure',
    'shape',
    'planning-format',
    'kinds',
    'formula',
    'records',
    'kitchen',
    'design',
    'breakdown',
    'compose',
    'batching',
    'pull-list',
  ],
  ...[
    'plan-reading',
    'store',
    'planner',
    'plan-check',
    'calculators',
    'exchange',
    'input',
    'tables',
    'floor',
    'steering',
    'situation',
    'order',
    'stored',
    'kitchen-file',
  ],
];
/** The rooms of the planner, likewise; what lies beside them (solving, writing a plan) may use all but the last two. */
const PLANNER = [
  'model',
  'table',
  'timing',
  'placing',
  'bounds',
  'shop',
  'search',
  'dispatch',
  'replanning',
  'answers',
];

/** Use cases by subject, likewise; `doors.ts` and `begin.ts` are above them all. */
const SERVER = [
  ...[
    'shared',
    'situation',
    'plan',
    'store',
    'ladder',
    'workbench',
    'builds',
    'steering',
    'orders',
    'formulas',
    'kitchen',
    'tables',
    'demo',
  ],
  ...['bench', 'steps', 'pull-list', 'search', 'wall'],
];

const storeys = (root, folders) =>
  folders.slice(0, -1).map((folder, i) => ({
    target: `./${root}/${folder}`,
    from: folders.slice(i + 1).map((above) => `./${root}/${above}`),
    message: `In ${root}, ${folder} imports only what its README lists before it.`,
  }));

/** A clone stands alone: no path in the code leads out of the repository. */
const inside = {
  meta: { type: 'problem', schema: [] },
  create: (context) => ({
    Literal({ value, ...node }) {
      if (typeof value !== 'string' || !/^(\.\.?\/)*\.\.\//.test(value)) return;
      const from = path.dirname(context.filename);
      if ([from, root].every((folder) => path.relative(root, path.resolve(folder, value)).startsWith('..')))
        context.report({ loc: node.loc, message: `“${value}” lies outside the repository.` });
    },
  }),
};

const config = [
  {
    ignores: [
      '.next/',
      'data/',
      'reports/',
      '.stryker-tmp/',
      'drizzle/',
      'next-env.d.ts',
      'test-results/',
      'playwright-report/',
    ],
  },
  ...next,
  ...tseslint.configs.recommended,
  // Node.js takes what is loaded before a program only in its older form.
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  {
    // Promises that nobody waits for, and values of no type: only the types can tell.
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: root } },
    rules: {
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/no-unsafe-argument': 'error',
      '@typescript-eslint/no-unsafe-assignment': 'error',
      '@typescript-eslint/no-unsafe-call': 'error',
      '@typescript-eslint/no-unsafe-member-access': 'error',
      '@typescript-eslint/no-unsafe-return': 'error',
    },
  },
  {
    // Jest’s matchers and a JSON that a test looks into have no type.
    files: ['**/*.test.ts', '**/*.test.tsx', 'tests/**', 'cli/testing/**', '**/testing/**'],
    rules: Object.fromEntries(
      ['argument', 'assignment', 'call', 'member-access', 'return'].map((what) => [
        `@typescript-eslint/no-unsafe-${what}`,
        'off',
      ]),
    ),
  },
  { plugins: { alone: { rules: { inside } } }, rules: { 'alone/inside': 'error' } },
  {
    // What is drawn has its seed from one place; and a test that fails says what differs.
    files: ['src/**/*.test.ts', 'src/**/*.test.tsx', 'cli/**/*.test.ts', '**/testing/**/*.ts', 'tests/**/*.ts'],
    ignores: ['src/core/testing/chance.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { paths: [{ name: 'fast-check', message: 'Its seed comes from core/testing/chance.' }] },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "CallExpression[callee.property.name='toBe'][arguments.0.value=true] > MemberExpression > CallExpression[callee.name='expect'] > CallExpression[callee.property.name=/^(some|every)$/]",
          message: 'Say what differs: expect(list.filter(…)).toEqual([]), or toContainEqual.',
        },
        {
          selector:
            "CallExpression[callee.property.name='toBe'][arguments.0.value=true] > MemberExpression > CallExpression[callee.name='expect'] > MemberExpression[property.name='ok']",
          message: 'Say why it was refused: expect(answer).toMatchObject({ ok: true }).',
        },
      ],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}', 'cli/**/*.ts'],
    rules: {
      'import/no-restricted-paths': [
        'error',
        {
          zones: [
            // Tests of the core are fed from the demo; below, the core itself is not.
            zone('./src/core', './src', 'The core imports nothing but the core.', ['./core', './data/kitchens']),
            zone('./src/data', './src/ui', 'Data knows no screens.'),
            zone('./src/data', './src/server', 'Data knows no use cases.'),
            zone('./src/server', './src/ui', 'Use cases know no screens.'),
            zone('./src/workers', './src', 'Workers wrap the core only.', ['./core', './workers']),
            zone('./src/core', './src/app', 'Nothing imports from app.'),
            zone('./src/data', './src/app', 'Nothing imports from app.'),
            zone('./src/server', './src/app', 'Nothing imports from app.'),
            zone('./src/ui', './src/app', 'Nothing imports from app.'),
            zone('./src/ui', './src/data', 'Screens reach the data through use cases.'),
            zone('./src/app', './src/core', 'Pages hold no logic: call a use case.'),
            zone('./src/app', './src/data', 'Pages hold no logic: call a use case.'),
          ],
        },
      ],
    },
  },
  {
    files: ['src/server/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    rules: {
      'import/no-restricted-paths': [
        'error',
        {
          zones: [
            zone('./src/server', './src/ui', 'Use cases know no screens.'),
            zone('./src/server', './src/app', 'Nothing imports from app.'),
            ...storeys('src/server', SERVER),
          ],
        },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    rules: {
      'import/no-restricted-paths': [
        'error',
        {
          zones: [
            zone('./src/core', './src', 'The core imports nothing but the core.', ['./core']),
            ...storeys('src/core', CORE),
            ...storeys('src/core/planner', PLANNER),
            {
              target: './src/core/plan-check',
              from: './src/core/planner',
              message: 'The checker shares nothing with the planner.',
            },
          ],
        },
      ],
      // The few pure libraries that the core names.
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.|luxon$|yup$|@sinclair/typebox)',
              message: 'The core imports only luxon, yup and typebox.',
            },
          ],
        },
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The clock comes in.' },
        { object: 'Math', property: 'random', message: 'The seed comes in.' },
      ],
    },
  },
];

export default config;
