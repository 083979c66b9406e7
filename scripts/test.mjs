/**
 * Everything that must hold: format, lint, types, no circles, nothing unused; unit tests, build, browser tests. With `long`, the long proofs instead, on
 * the build that is there. Installs Chromium from Debian's packages where that is possible and none is found. At its end it says how long each part took.
 */
import { spawn, spawnSync } from 'node:child_process';
import { randomInt } from 'node:crypto';
import { existsSync } from 'node:fs';
import { chromium } from '../tests/e2e/chromium.mjs';
import { staleBuild } from './stale-build.mjs';

process.env.NEXT_TELEMETRY_DISABLED = '1';
if (!existsSync('node_modules/next')) fail('The packages are not installed yet: run “npm ci” first.');
const long = process.argv[2] === 'long';
const times = [];

findChromium();
if (long) {
  if (staleBuild()) await run('Build', 'next', 'build');
  // Drawn anew each time; what fails with a seed can be had again with it.
  process.env.ZEST_SEED ??= `${randomInt(1, 1_000_000_000)}`;
  console.log(`\nWhat is left to chance: ZEST_SEED=${process.env.ZEST_SEED}`);
  await run('Tests with all their seeds, and new ones', 'jest', '--findRelatedTests', 'src/core/testing/chance.ts');
  delete process.env.ZEST_SEED;
  await run('Long proofs', 'jest', '--config', 'jest.long.config.mjs', '--runInBand', '--forceExit');
  await run('Journeys at other sizes', 'playwright', 'test', '--config', 'playwright.long.config.ts');
} else {
  // The demo that tests begin from is made beside what is only read.
  await Promise.all([
    start(['npm', 'run', '--silent', 'check'], 'Format, lint, types, circles, unused'),
    start([process.execPath, 'node_modules/tsx/dist/cli.mjs', 'scripts/make-dumps.mjs'], 'What tests begin from'),
  ]);
  await run('Unit tests', 'jest');
  if (staleBuild()) await run('Build', 'next', 'build');
  await run('Browser tests', 'playwright', 'test');
}
console.log(`\n${times.map(([name, s]) => `${name}: ${s} s`).join('\n')}`);

function findChromium() {
  try {
    if (chromium()) return;
  } catch (error) {
    fail(error.message);
  }
  if (!existsSync('/usr/bin/apt-get'))
    fail('The browser tests need Chromium or Chrome: install one, or let ZEST_CHROMIUM name it.');
  const become = process.getuid?.() === 0 ? [] : ['sudo'];
  for (const args of [['update'], ['install', '-y', '--no-install-recommends', 'chromium-headless-shell']]) {
    const [command, ...rest] = [...become, 'apt-get', ...args];
    if (spawnSync(command, rest, { stdio: 'inherit' }).status !== 0) fail('Chromium could not be installed.');
  }
}

/** Runs a package's command with Node.js itself, so that it is the same on every system. */
function run(name, command, ...args) {
  const at = {
    next: 'next/dist/bin/next',
    jest: 'jest/bin/jest.js',
    playwright: '@playwright/test/cli.js',
  }[command];
  const flags = command === 'jest' ? ['--experimental-vm-modules', '--no-warnings'] : [];
  return start([process.execPath, ...flags, `node_modules/${at}`, ...args], name);
}

function start([command, ...args], name) {
  const begun = Date.now();
  console.log(`\n— ${name}`);
  // npm is a script on Windows, which only a shell can run.
  const shell = command === 'npm' && process.platform === 'win32';
  const child = spawn(command, args, { stdio: 'inherit', shell });
  return new Promise((resolve) => {
    child.on('error', (error) => fail(`${name}: ${command} cannot be run (${error.message}).`));
    child.on('exit', (status) => {
      if (status !== 0) fail(`${name}: failed.`);
      times.push([name, Math.round((Date.now() - begun) / 1000)]);
      resolve();
    });
  });
}

function fail(message) {
  console.error(message);
  process.exit(1);
}
