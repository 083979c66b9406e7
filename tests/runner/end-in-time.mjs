/** What hangs fails after a while and says so: the runner of tests that share a process waits for ever. */
import { addEventHandler } from 'jest-circus';

/** Ms. */
const LIMIT = 120_000;

addEventHandler((event, state) => {
  const added = { add_test: 'children', add_hook: 'hooks' }[event.name];
  if (!added) return;
  const one = state.currentDescribeBlock[added].at(-1);
  const { fn, timeout = LIMIT } = one;
  one.fn = () => ended(fn, timeout);
});

function ended(fn, limit) {
  let timer;
  const late = new Promise((_, reject) => {
    timer = setTimeout(() => reject(new Error(`It had not come to its end after ${limit / 1000} s.`)), limit);
  });
  return Promise.race([Promise.resolve().then(fn), late]).finally(() => clearTimeout(timer));
}
