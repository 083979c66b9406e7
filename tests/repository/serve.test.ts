import { spawnSync } from 'node:child_process';

/** What the starter says to a setting that cannot be read; it ends before anything is built or opened. */
const started = (PORT: string) =>
  spawnSync(process.execPath, ['scripts/serve.mjs', 'start'], { encoding: 'utf8', env: { ...process.env, PORT } });

it.each(['abc', '70000', '0', '-1', '30 00', '3e3'])('PORT=%s is refused in words, and never announced', (port) => {
  const { status, stdout, stderr } = started(port);
  expect([status, stdout]).toEqual([1, '']);
  expect(stderr).toBe(`PORT is “${port}”: it must be a whole number from 1 to 65535.\n`);
});
