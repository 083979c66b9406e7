/**
 * Everything that must hold: format, lint, types, no circles, nothing unused; unit tests, build, browser tests. With `long`, the long proofs instead, on
 * the build that is there. Installs Chromium from Debian's packages where that is possible and none is found.
 */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { chromium } from '../tests/e2e/chromium.mjs';

process.env.NEXT_TELEMETRY_DISABLED = '1';
if (!existsSync('node_modules/next')) fail('The packages are not installed yet: run “npm ci” first.');
const long = process.argv[2] === 'long';

findChromium();
if (long) {
  if (!existsSync('.next/BUILD_ID')) run('Build', 'next', 'build');
  run('Long proofs', 'jest', '--config', 'jest.long.config.mjs', '--runInBand', '--forceExit');
  run('Journeys at other sizes', 'playwright', 'test', '--config', 'playwright.long.config.ts');
} else {
  start(['npm', 'run', '--silent', 'check'], 'Format, lint, types, circles, unused');
  run('Unit tests', 'jest');
  run('Build', 'next', 'build');
  run('Browser tests', 'playwright', 'test');
}

function findChromium() {
  try {
    if (chromium()) return;
  } catch (error) {
    fail(error.message);
  }
  if (!existsSync('/usr/bin/apt-get'))
    fail('The browser tests need Chromium or Chrome: install one, or let ZEST_CHROMIUM name it.');
  const become = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => start([...become, 'apt-get', ...args], 'Chromium from Debian’s packages');
  apt('update');
  apt('install', '-y', '--no-install-recommends', 'chromium');
}

/** Runs a package's command with Node.js itself, so that it is the same on every system. */
function run(name, command, ...args) {
  const at = {
    next: 'next/dist/bin/next',
    jest: 'jest/bin/jest.js',
    playwright: '@playwright/test/cli.js',
  }[command];
  const flags = command === 'jest' ? ['--experimental-vm-modules', '--no-warnings'] : [];
  start([process.execPath, ...flags, `node_modules/${at}`, ...args], name);
}

function start([command, ...args], name) {
  const begun = Date.now();
  console.log(`\n— ${name}`);
  // npm is a script on Windows, which only a shell can run.
  const shell = command === 'npm' && process.platform === 'win32';
  const { status, error } = spawnSync(command, args, { stdio: 'inherit', shell });
  if (error) fail(`${name}: ${command} cannot be run (${error.message}).`);
  if (status !== 0) fail(`${name}: failed.`);
  console.log(`— ${name}: ${Math.round((Date.now() - begun) / 1000)} s`);
}

function fail(message) {
  console.error(message);
  process.exit(1);
}
