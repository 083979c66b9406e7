/**
 * What a change touches, in two minutes: types (only what depends on what has changed is looked at again), format and lint of the changed files, and
 * the tests near them: those of their own folders, and those that import a changed file themselves or through one other. What lies farther away is for
 * `npm test`, and is counted here. Changed is what differs from HEAD, or from the commit that `--since` names.
 */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { cruise } from 'dependency-cruiser';

/** A test that reaches a changed file through more imports than this is not near it. */
const NEAR = 2;
const TEST = /\.test\.tsx?$/;

const since = process.argv.includes('--since') ? process.argv[process.argv.indexOf('--since') + 1] : 'HEAD';
const changed = [
  ...lines('git', ['diff', '--name-only', '--diff-filter=d', since, '--']),
  ...lines('git', ['ls-files', '--others', '--exclude-standard']),
].filter((f) => existsSync(f));
if (changed.length === 0) {
  console.log(`Nothing differs from ${since}.`);
  process.exit(0);
}
const code = changed.filter((f) => /\.(ts|tsx|mjs|cjs)$/.test(f));
console.log(`${changed.length} changed files, ${code.length} of them code.`);

const bin = (name) => path.join('node_modules', name);
const failed = [];
const [near] = await Promise.all([
  testsNear(code),
  run('Types', bin('typescript/bin/tsc'), [
    ...['--noEmit', '--incremental', '--tsBuildInfoFile', 'node_modules/.cache/changed.tsbuildinfo'],
  ]),
  run('Format', bin('prettier/bin/prettier.cjs'), [
    '--check',
    '--ignore-unknown',
    '--log-level',
    'warn',
    ...changed,
  ]).then(
    () =>
      code.length > 0 &&
      run('Lint', bin('eslint/bin/eslint.js'), [
        ...['--max-warnings', '0', '--no-warn-ignored', '--cache', '--cache-location', 'node_modules/.cache/eslint/'],
        ...code,
      ]),
  ),
]);
if (near.length > 0)
  await run('Tests near the change', '--experimental-vm-modules', [
    ...['--no-warnings', bin('jest/bin/jest.js'), '--silent', '--runTestsByPath', ...near],
  ]);
if (failed.length > 0) {
  console.error(`\nFailed: ${failed.join(', ')}.`);
  process.exit(1);
}

/** Tests near the changed files, by the imports of the whole repository. */
async function testsNear(files) {
  const { output } = await cruise(['src', 'cli', 'tests'], {
    ...{ tsPreCompilationDeps: true, doNotFollow: 'node_modules', exclude: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    cache: { folder: 'node_modules/.cache/changed', strategy: 'content' },
  });
  const importers = new Map();
  for (const { source, dependencies } of output.modules)
    for (const { resolved } of dependencies) importers.set(resolved, [...(importers.get(resolved) ?? []), source]);
  const distance = new Map(files.map((f) => [f, 0]));
  for (const [file, far] of distance)
    for (const importer of importers.get(file) ?? []) if (!distance.has(importer)) distance.set(importer, far + 1);
  const rooms = new Set(files.map((f) => path.posix.dirname(f)));
  const tests = output.modules
    .map((m) => m.source)
    .filter((f) => TEST.test(f) && /^(src|cli|tests\/repository)\//.test(f));
  const reached = tests.filter((f) => distance.has(f));
  const own = (f) => (distance.get(f) ?? Infinity) <= NEAR || rooms.has(path.posix.dirname(f));
  const found = tests.filter(own);
  const farther = reached.filter((f) => !own(f)).length;
  console.log(
    `${found.length} test files are near; ${farther} more reach the change from farther away, and are left to “npm test”.`,
  );
  return found;
}

function lines(command, args) {
  const { stdout, status, stderr } = spawnSync(command, args, { encoding: 'utf8' });
  if (status !== 0) throw new Error(stderr);
  return stdout.split('\n').filter(Boolean);
}

/** Runs a package's command with Node.js itself; what it says stands together. */
function run(name, script, args) {
  const begun = Date.now();
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [script, ...args], { stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (said += text));
    child.on('exit', (status) => {
      console.log(`\n— ${name}: ${Math.round((Date.now() - begun) / 1000)} s${status === 0 ? '' : ', failed'}`);
      if (said.trim()) console.log(said.trim());
      if (status !== 0) failed.push(name);
      resolve(status);
    });
  });
}
