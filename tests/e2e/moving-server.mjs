/**
 * The built application as one process for many kitchens, one after the other: told of a folder (`{ folder, database }`), it leaves the one that it has,
 * forgets all that it knew, and begins its clock anew. To start a server takes four seconds of a processor, and its first pages as many more.
 */
import { createServer } from 'node:http';
import next from 'next';

const port = Number(process.argv[2]);
const app = next({ dev: false, hostname: '127.0.0.1', port });
await app.prepare();
createServer(app.getRequestHandler()).listen(port, '127.0.0.1', () => process.send('there'));

process.on('message', async ({ folder, database }) => {
  try {
    await leave();
    process.env.ZEST_DATA = folder;
    if (database) process.env.DATABASE_URL = database;
    process.send('there');
  } catch (error) {
    process.send(String(error?.stack ?? error));
  }
});

// Whoever asked for it is gone: nobody would ever stop it.
process.on('disconnect', () => process.exit());

/** All that the application holds hangs on the global object, by names of its own. */
async function leave() {
  const threads = [
    ...(globalThis.zestPlanners?.values() ?? []),
    ...['zestCalculator', 'zestRecipes', 'zestFiles'].map((n) => globalThis[n]),
  ];
  for (const thread of threads) await thread?.worker?.terminate();
  await globalThis.zestClose?.();
  for (const name of Object.keys(globalThis)) if (/^zest[A-Z]/.test(name)) delete globalThis[name];
}
