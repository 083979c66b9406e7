/**
 * Changes one folder of the core in small ways, one after the other, and looks whether a test beside it notices. By hand, as it takes long:
 *
 *     MUTANTS=shape npm run mutants
 *
 * What it found out is kept in `reports/`, so that the next run asks only about what has changed.
 */
const folder = process.env.MUTANTS ?? 'measure';

const config = {
  testRunner: 'jest',
  testRunnerNodeArgs: ['--experimental-vm-modules', '--no-warnings'],
  jest: { configFile: 'jest.mutants.config.mjs', enableFindRelatedTests: false },
  coverageAnalysis: 'perTest',
  concurrency: 2,
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: `reports/${folder}.json` },
  incremental: true,
  incrementalFile: `reports/${folder}-incremental.json`,
  mutate: [`src/core/${folder}/**/*.ts`, '!**/*.test.ts', '!**/testing/**'],
  ignorePatterns: ['/.next', '/data', '/reports', '/docs/screenshots'],
};

export default config;
