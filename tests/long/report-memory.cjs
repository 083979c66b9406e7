/** Loaded before a server under test: on SIGUSR2 it clears up and says on standard error how much it still needs, in MB. */
const { setFlagsFromString } = require('node:v8');
const { runInNewContext } = require('node:vm');
const { isMainThread } = require('node:worker_threads');

if (isMainThread) {
  setFlagsFromString('--expose_gc');
  const collect = runInNewContext('gc');
  process.on('SIGUSR2', () => {
    collect();
    const { heapUsed, external } = process.memoryUsage();
    process.stderr.write(`needs ${Math.round((heapUsed + external) / 1_048_576)} MB\n`);
  });
}
