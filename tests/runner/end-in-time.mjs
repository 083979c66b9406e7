/**
 * What hangs fails after a while and says so: the runner of tests that share a process waits for ever. What waits is failed by a timer. A loop
 * without an end gives no timer a turn: the process ends, and where it was is told (`tell-where.mjs`).
 */
import { Worker } from 'node:worker_threads';
import { addEventHandler } from 'jest-circus';

/** Ms. */
const LIMIT = 120_000;
/** Ms that the timer has got to fail a test before its process ends. */
const GRACE = 30_000;

const watcher = new Worker(new URL('tell-where.mjs', import.meta.url));
watcher.unref();

addEventHandler((event, state) => {
  const added = { add_test: 'children', add_hook: 'hooks' }[event.name];
  if (!added) return;
  const one = state.currentDescribeBlock[added].at(-1);
  const { fn, timeout = LIMIT } = one;
  one.fn = () =>
    ended(fn, timeout, `“${event.testName ?? event.hookType}” in ${globalThis.expect.getState().testPath}`);
});

function ended(fn, limit, name) {
  let timer;
  const late = new Promise((_, reject) => {
    timer = setTimeout(() => reject(new Error(`It had not come to its end after ${limit / 1000} s.`)), limit);
  });
  watcher.postMessage({ name, within: limit + GRACE });
  return Promise.race([Promise.resolve().then(fn), late]).finally(() => {
    clearTimeout(timer);
    watcher.postMessage(null);
  });
}
