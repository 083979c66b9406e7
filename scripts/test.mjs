/** Everything that must hold: format, lint, types, unit tests, build, browser tests. Installs Chromium if it is missing. */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

process.env.NEXT_TELEMETRY_DISABLED = '1';
if (!existsSync('node_modules/next')) fail('The packages are not installed yet: run “npm ci” first.');

if (!existsSync('/usr/bin/chromium')) {
  const become = process.getuid?.() === 0 ? [] : ['sudo'];
  run('Chromium from Debian’s packages', ...become, 'apt-get', 'update');
  run('Chromium from Debian’s packages', ...become, 'apt-get', 'install', '-y', '--no-install-recommends', 'chromium');
}
run('Format', 'npx', 'prettier', '--check', '--log-level', 'warn', '.');
run('Lint', 'npx', 'eslint', '.', '--max-warnings', '0');
run('Route types', 'npx', 'next', 'typegen');
run('Types', 'npx', 'tsc', '--noEmit');
run('Unit tests', 'npm', 'run', '--silent', 'test:unit');
run('Build', 'npx', 'next', 'build');
run('Browser tests', 'npx', 'playwright', 'test');

function run(name, command, ...args) {
  console.log(`\n— ${name}`);
  const { status } = spawnSync(command, args, { stdio: 'inherit' });
  if (status !== 0) fail(`${name}: failed.`);
}

function fail(message) {
  console.error(message);
  process.exit(1);
}
