import { defineConfig } from '@playwright/test';
import { chromium } from './tests/e2e/chromium.mjs';

const browser = chromium();

export default defineConfig({
  testDir: 'tests/e2e',
  globalSetup: './tests/e2e/make-template.ts',
  // Two at once, each with a server and a kitchen of its own; the journeys of one file share theirs, and go on from each other.
  workers: 2,
  fullyParallel: false,
  // A busy machine takes several times as long; speed is measured elsewhere.
  timeout: 150_000,
  expect: { timeout: 25_000 },
  reporter: 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    timezoneId: 'UTC',
    launchOptions: { ...(browser ? { executablePath: browser } : {}), chromiumSandbox: process.getuid?.() !== 0 },
  },
});
