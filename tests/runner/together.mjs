/** Runs test files that share a process, each within a limit, also one whose import never comes to its end. */
import { setTimeout as wait } from 'node:timers/promises';
import { createRunner } from 'jest-light-runner';

/** Ms. The longest takes about two minutes with all its seeds and other work beside it. */
const LIMIT = 900_000;

export default class Together extends createRunner({ runtime: 'child_process' }) {
  _runTest(test) {
    const inTime = new AbortController();
    const late = wait(LIMIT, undefined, { signal: inTime.signal }).then(() => {
      throw new Error(`The file had not come to its end after ${LIMIT / 1000} s.`);
    });
    // One that was in time ends the waiting, which rejects.
    late.catch(() => undefined);
    return Promise.race([super._runTest(test), late]).finally(() => inTime.abort());
  }
}
