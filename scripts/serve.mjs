/**
 * Serves Zest Ladder: `demo` (the made-up kitchen, in its own folder; `--fresh` begins it anew), `start` (your own
 * data), `dev` (the demo, rebuilt as you type). Builds first where that is needed.
 */
import { spawn } from 'node:child_process';
import { existsSync, rmSync } from 'node:fs';
import path from 'node:path';
import { staleBuild } from './stale-build.mjs';

const [mode = 'start', ...rest] = process.argv.slice(2);
const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 9)) fail(`Node.js 20.9 or newer is needed; this is ${process.version}.`);
if (!existsSync('node_modules/next')) fail('The packages are not installed yet: run “npm ci” first.');
if (!existsSync('node_modules/typescript'))
  fail('The packages that build it are missing (NODE_ENV=production leaves them out): run “NODE_ENV= npm ci”.');

const demo = mode !== 'start';
const env = {
  ...process.env,
  NEXT_TELEMETRY_DISABLED: '1',
  // The server closes its database itself before it ends.
  NEXT_MANUAL_SIG_HANDLE: 'true',
  ZEST_DATA: process.env.ZEST_DATA ?? (demo ? 'data/demo' : 'data/kitchen'),
  ...(demo ? { ZEST_DEMO: '1' } : {}),
};
if (rest.includes('--fresh')) {
  if (!demo) fail('--fresh is for the demo only: your own data is not thrown away by a flag.');
  rmSync(env.ZEST_DATA, { recursive: true, force: true });
}
const port = process.env.PORT || '3000';
// What is no port must not be announced as an address.
if (!/^\d{1,5}$/.test(port) || Number(port) < 1 || Number(port) > 65_535)
  fail(`PORT is “${port}”: it must be a whole number from 1 to 65535.`);
const host = process.env.HOST ?? '127.0.0.1';
// Programs of this machine ask it here; its pages may be asked for under other names.
env.ZEST_ADDRESS = `http://127.0.0.1:${port}`;
const next = path.join('node_modules', 'next', 'dist', 'bin', 'next');

if (mode === 'dev') await run(['dev', '-p', port, '-H', host]);
else {
  if (staleBuild()) await run(['build']);
  console.log(`\nZest Ladder is at http://localhost:${port}\n`);
  await run(['start', '-p', port, '-H', host]);
}

function run(args) {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [next, ...args], {
      stdio: 'inherit',
      env: args[0] === 'build' ? { ...env, NODE_ENV: 'production' } : env,
    });
    const pass = (signal) => child.kill(signal);
    process.on('SIGINT', pass);
    process.on('SIGTERM', pass);
    child.on('exit', (code, signal) => {
      process.off('SIGINT', pass);
      process.off('SIGTERM', pass);
      if (args[0] === 'build' && code === 0) resolve();
      else process.exit(code ?? (signal ? 1 : 0));
    });
  });
}

function fail(message) {
  console.error(message);
  process.exit(1);
}
