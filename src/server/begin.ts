import { closeDatabase, database } from '../data/database';
import { say } from '../core/words/say';
import { readOpenOrders } from '../data/repositories/orders';
import { readPlan } from '../data/repositories/plans';
import { forgetWrites } from '../data/repositories/writes';
import { now } from './shared/clock';
import { backUpNightly } from './kitchen/backups';
import { lapseInTime } from './orders/lapse';
import { loadDemo } from './demo/load-demo';
import { readKitchens } from '../data/repositories/kitchens';
import { replan } from './plan/replan';
import { improveSoon } from './plan/improve-behind';
import { closeStreams } from './shared/live';
import { openKitchen } from './shared/open-kitchen';
import { upgradeKitchens } from './situation/upgrade';
import { log } from './shared/log';
import { readSettings } from './shared/settings';

/** After this many days nobody sends a write again. */
const DAYS_OF_KEYS = 30;
/** Time for requests under way once the server is told to end. ms. */
const GRACE = 2000;

/** Reads the settings and opens the database before the first page, and loads the demo where it was asked for. */
export async function begin(): Promise<void> {
  const { problems } = readSettings(process.env);
  for (const problem of problems) log.fatal(problem);
  if (problems.length > 0) process.exit(1);
  endGently();
  try {
    const db = await database();
    await forgetWrites(db, new Date(now().getTime() - DAYS_OF_KEYS * 86_400_000));
    await upgradeKitchens(db);
    if (process.env.ZEST_DEMO === '1' && (await readKitchens(db)).length === 0) await loadDemo();
    for (const { id } of await readKitchens(db)) {
      const kitchen = await openKitchen(id);
      if (!kitchen) continue;
      // One that came in while nothing was running has yet to be planned.
      if (!(await readPlan(kitchen)) && (await readOpenOrders(kitchen)).length > 0)
        void replan(kitchen, say`the kitchen came in`, { changed: true });
      else improveSoon(kitchen);
    }
    backUpNightly();
    lapseInTime();
  } catch (error) {
    // A server that lives on without its data would answer every page with an error.
    log.fatal({ err: error }, error instanceof Error ? error.message : String(error));
    process.exit(1);
  }
}

/**
 * Told to end, it closes the streams, gives what is under way a moment, and closes the database: left open, an embedded one would have to
 * recover at the next start, and would skip numbers. Where Next.js ends the process by itself (`NEXT_MANUAL_SIG_HANDLE` is not set) that
 * may come first.
 */
function endGently(): void {
  let ending = false;
  const end = async (signal: NodeJS.Signals) => {
    if (ending) return;
    ending = true;
    log.info({ signal }, 'ending');
    closeStreams();
    await new Promise((resolve) => setTimeout(resolve, 50));
    const late = setTimeout(() => process.exit(1), GRACE + 3000);
    try {
      await closeDatabase();
    } catch (error) {
      log.error({ err: error }, 'the database did not close');
    }
    clearTimeout(late);
    process.exit(0);
  };
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.on(signal, () => void end(signal));
}
