import { defineConfig } from '@playwright/test';

/** The morning on which all journeys take place: the demo is loaded, and pictures taken, at this moment. */
export const MORNING = '2027-05-20T09:40:00Z';
const port = 3217;

export default defineConfig({
  testDir: 'tests/e2e',
  // One kitchen, one worker: the journeys share its wall.
  workers: 1,
  fullyParallel: false,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'UTC',
    launchOptions: { executablePath: '/usr/bin/chromium', chromiumSandbox: process.getuid?.() !== 0 },
  },
  webServer: {
    command: `node tests/e2e/serve-fresh.mjs ${port}`,
    url: `http://127.0.0.1:${port}/orders`,
    timeout: 90_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    env: { ZEST_CLOCK: MORNING, TZ: 'UTC' },
  },
});
