/** Unit tests of the core, the data layer and the pure parts of the interface. */
const config = {
  testEnvironment: 'node',
  roots: ['<rootDir>/src', '<rootDir>/cli', '<rootDir>/tests/repository'],
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
  // Every processor is for the tests: no journey and no build runs beside them.
  maxWorkers: '100%',
  // What a test file leaves in memory stays there, and slows down all that come after it: a worker that holds so much is begun anew.
  workerIdleMemoryLimit: '600MB',
  testTimeout: 120000,
};

export default config;
