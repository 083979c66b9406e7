/**
 * Unit tests of the core, the data layer, the use cases and the pure parts of the interface. Screens are tested in a process and a page of their own
 * each; all others share two processes, so that what they import is read and compiled once: what a process holds between two files is their own to put
 * away (`serveDatabase` does it for use cases).
 */
export const alone = {
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform: {
    '^.+\\.(t|j)sx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
          // `with { type: 'json' }` says what Node.js wants to know.
          experimental: { keepImportAttributes: true },
        },
        module: { type: 'es6' },
      },
    ],
  },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
};

const screens = {
  ...alone,
  displayName: 'screens',
  roots: ['<rootDir>/src/ui'],
};

export const together = {
  ...alone,
  displayName: 'together',
  runner: '<rootDir>/tests/runner/together.mjs',
  roots: ['<rootDir>/src', '<rootDir>/cli', '<rootDir>/tests/repository'],
  testPathIgnorePatterns: ['/node_modules/', '<rootDir>/src/ui/'],
  setupFiles: ['<rootDir>/tests/runner/read-typescript.mjs'],
  setupFilesAfterEnv: ['<rootDir>/tests/runner/end-in-time.mjs'],
};

const config = {
  projects: [screens, together],
  // Every processor is for the tests: no journey and no build runs beside them.
  maxWorkers: '100%',
  // What a test file leaves in memory stays there, and slows down all that come after it: a worker that holds so much is begun anew.
  workerIdleMemoryLimit: '600MB',
  testTimeout: 120000,
};

export default config;
