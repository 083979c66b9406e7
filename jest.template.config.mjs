import { together } from './jest.config.mjs';

/** What the tests of use cases begin from, made by a test of its own: the demo, loaded as the program loads it. */
const config = {
  ...together,
  roots: ['<rootDir>/src/server/testing'],
  testMatch: ['**/*.template.ts'],
  maxWorkers: 1,
};

export default config;
