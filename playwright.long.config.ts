import usual from './playwright.config';

/** The wide matrix: every main view at every size, in both themes. */
const config = { ...usual, testDir: 'tests/long', testMatch: '**/*.spec.ts' };

export default config;
