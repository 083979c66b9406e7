import { NO_WORK, withLogged, type WorkLog } from '../../core/records/work-log';
import { workLogCodec } from '../../core/stored/histories';
import type { Clock } from '../../core/time/clock';
import type { KitchenDb } from '../kitchen-db';
import { readLoggedSince } from './events';
import { readSnapshot, writeSnapshot } from './snapshots';

/** A snapshot is taken once so many events have come after the last one. */
const EVENTS_A_SNAPSHOT = 1000;

/** How long steps took, of all orders that ever were. */
export async function readWorkLog(db: KitchenDb, clock: Clock): Promise<WorkLog> {
  const { upTo, value } = await readSnapshot(db, workLogCodec, NO_WORK);
  const events = await readLoggedSince(db, upTo, clock);
  const log = events.reduce(withLogged, value);
  // Of two who take one at the same time either is right.
  if (events.length >= EVENTS_A_SNAPSHOT)
    await writeSnapshot(db, workLogCodec, { upTo: events.at(-1)!.id, value: log });
  return log;
}
